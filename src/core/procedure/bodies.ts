import type { Slot } from '../kit'

/** What rings sit on or in; asked once for each what it is made of, so that its rings are treated alike. */
export const BODIES = ['shaft', 'hub', 'carrier'] as const
export type Body = (typeof BODIES)[number]

export const bodyOf = ({ carrier }: Pick<Slot, 'carrier'>, ring: 'inner' | 'outer'): Body =>
  ring === 'inner' ? 'shaft' : carrier ? 'carrier' : 'hub'
