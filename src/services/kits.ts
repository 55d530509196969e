import 'server-only'
import { bearingName, proposeKit, type Arrangement, type Kit, type KitRequest } from '@/core/kit'
import type { FillSchool } from '@/core/grease'
import type { z } from 'zod'
import { arrangementFor } from './arrangements'
import { withAvailability } from './availability'
import { ServiceError } from './errors'
import { ready } from './language'
import { resolveName } from './partNames'
import { KitProposal, type KitResponse } from './schemas/kit'
import { parse } from './schemas/parse'

const letters = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '')

/** Names that stand for several places at once. */
const spreadNames = ({ slots }: Arrangement): string[] => [
  ...slots.filter((s) => s.role === 'cone' && s.mate).map(bearingName),
  'bearing',
  'seal',
]

/** `inner cone`, `inner-cone` and `innerCone` are one place. A null part was left out on purpose. */
async function partsBySlot(
  arrangement: Arrangement,
  parts: z.output<typeof KitProposal>['parts'],
): Promise<Record<string, string>> {
  const known = [...arrangement.slots.map(({ id }) => id), ...spreadNames(arrangement)]
  const named = await Promise.all(
    Object.entries(parts).map(async ([name, designation]) => {
      const slot = known.find((id) => id === name) ?? known.find((id) => letters(id) === letters(name))
      if (slot) return [slot, designation === null ? 'out' : await resolveName(designation)] as const
      const message = `${arrangement.code} has no place called “${name}”. It has: ${[...new Set(known)].join(', ')}.`
      throw new ServiceError('unreadable', message, [{ path: ['parts', name], message }])
    }),
  )
  return Object.fromEntries(named)
}

/** A kit worked out, with the arrangement it follows. */
export interface WorkedKit {
  arrangement: Arrangement
  kit: Kit
}

/** What a kit is worked out for. */
export interface KitContext {
  /** the job whose own reservations count as there */
  jobId?: number | null
  /** slot id → designation chosen before */
  held?: Readonly<Record<string, string>>
  greaseFill?: FillSchool | undefined
}

/** Fills and checks a kit. @throws ServiceError `unreadable` for an unknown arrangement, place or size */
export async function workKit(
  input: unknown,
  { jobId = null, held = {}, greaseFill }: KitContext = {},
): Promise<WorkedKit> {
  const { arrangement: code, parts, ...rest } = parse(KitProposal, input)
  const [arrangement, { language, identifier }] = await Promise.all([arrangementFor(code), ready()])
  const request: KitRequest = { ...rest, greaseFill, parts: await partsBySlot(arrangement, parts) }
  const knowledge = { language, shelf: identifier.shelf }
  const kit = await withAvailability(jobId, (supplyOf) =>
    proposeKit(arrangement, request, knowledge, { supplyOf, held }),
  )
  return { arrangement, kit }
}

export function toKitResponse({ arrangement, kit }: WorkedKit): KitResponse {
  const { words, cautions, position, hub, thread, sizes, slots } = arrangement
  return {
    ...kit,
    words,
    position,
    hub,
    thread,
    sizes: [...sizes],
    cautions: [...cautions],
    places: slots.map(({ id, words, role, mayStay, onRequest, singleUse }) => ({
      id,
      words,
      role,
      mayStay,
      onRequest,
      singleUse,
    })),
  }
}

/** The kit, told. @throws ServiceError as `workKit` */
export const proposeKitFor = async (input: unknown): Promise<KitResponse> =>
  toKitResponse(await workKit(input))
