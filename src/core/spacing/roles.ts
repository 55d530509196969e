import type { FormRole } from '../quantity'

/** What the lengths of each form are lengths of: those of one form are read together. */
export const PAIR_ROLES = { shoulders: 'length', spacer: 'length' } as const satisfies Record<
  string,
  FormRole
>
export const AXLE_ROLES = { left: 'length', right: 'length' } as const satisfies Record<string, FormRole>
export const CLAMP_ROLES = {
  tubeBore: 'bore',
  tubeOutside: 'outside',
  length: 'length',
} as const satisfies Record<string, FormRole>
export const DEPTH_ROLES = { before: 'depth', after: 'depth' } as const satisfies Record<string, FormRole>
