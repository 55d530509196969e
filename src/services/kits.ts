import 'server-only'
import {
  explodedView,
  proposeKit,
  type Arrangement,
  type ExplodedView,
  type Kit,
  type KitRequest,
} from '@/core/kit'
import { arrangementFor } from './arrangements'
import { ServiceError } from './errors'
import { ready } from './language'
import { KitProposal, type KitResponse } from './schemas/kit'
import { parse } from './schemas/parse'
import { supply } from './stock'
import type { z } from 'zod'

const letters = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '')

/** Names that stand for several places at once. */
const spreadNames = ({ slots }: Arrangement): string[] => [
  ...slots.filter((s) => s.role === 'cone' && s.mate).map((s) => s.id.replace(/Cone$/, 'Bearing')),
  'bearing',
]

/** `inner cone`, `inner-cone` and `innerCone` are one place. A null part was left out on purpose. */
function partsBySlot(
  arrangement: Arrangement,
  parts: z.output<typeof KitProposal>['parts'],
): Record<string, string> {
  const known = [...arrangement.slots.map(({ id }) => id), ...spreadNames(arrangement)]
  return Object.fromEntries(
    Object.entries(parts).map(([name, designation]) => {
      const slot = known.find((id) => id === name) ?? known.find((id) => letters(id) === letters(name))
      if (slot) return [slot, designation ?? 'out']
      const message = `${arrangement.code} has no place called “${name}”. It has: ${known.join(', ')}.`
      throw new ServiceError('unreadable', message, [{ path: ['parts', name], message }])
    }),
  )
}

/** A kit worked out, with the arrangement it follows. */
export interface WorkedKit {
  arrangement: Arrangement
  kit: Kit
}

/** Fills and checks a kit. @throws ServiceError `unreadable` for an unknown arrangement, place or size */
export async function workKit(input: unknown): Promise<WorkedKit> {
  const { arrangement: code, parts, ...rest } = parse(KitProposal, input)
  const [arrangement, { language }, supplyOf] = await Promise.all([arrangementFor(code), ready(), supply()])
  const request: KitRequest = { ...rest, parts: partsBySlot(arrangement, parts) }
  return { arrangement, kit: proposeKit(arrangement, request, language, supplyOf) }
}

function told({ arrangement, kit }: WorkedKit): KitResponse {
  const { words, cautions, position, hub, thread, sizes, slots } = arrangement
  return {
    ...kit,
    words,
    position,
    hub,
    thread,
    sizes: [...sizes],
    cautions: [...cautions],
    places: slots.map(({ id, words, role, mayStay, onRequest }) => ({ id, words, role, mayStay, onRequest })),
  }
}

/** The kit, told. @throws ServiceError as `workKit` */
export const proposeKitFor = async (input: unknown): Promise<KitResponse> => told(await workKit(input))

/** The same with its exploded view, for the screen. */
export async function drawnKitFor(input: unknown): Promise<KitResponse & { view: ExplodedView }> {
  const worked = await workKit(input)
  const { language } = await ready()
  return { ...told(worked), view: explodedView(worked.arrangement, worked.kit, language) }
}
