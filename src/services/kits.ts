import 'server-only'
import { ARRANGEMENTS, explodedView, proposeKit, type ExplodedView, type KitRequest } from '@/core/kit'
import { ServiceError } from './errors'
import { ready } from './language'
import { KitProposal, type KitResponse } from './schemas/kit'
import { parse } from './schemas/parse'
import type { z } from 'zod'

/** Names that stand for two places at once. */
const SPREAD = ['innerBearing', 'outerBearing', 'bearing']

const letters = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '')

/** `inner cone`, `inner-cone` and `innerCone` are one place. A null part was left out on purpose. */
function partsBySlot({ arrangement, parts }: z.output<typeof KitProposal>): Record<string, string> {
  const known = [...ARRANGEMENTS[arrangement].slots.map(({ id }) => id), ...SPREAD]
  return Object.fromEntries(
    Object.entries(parts).map(([name, designation]) => {
      const slot = known.find((id) => letters(id) === letters(name))
      if (slot) return [slot, designation ?? 'out']
      const message = `${arrangement} has no place called “${name}”. It has: ${known.join(', ')}.`
      throw new ServiceError('unreadable', message, [{ path: ['parts', name], message }])
    }),
  )
}

export const kitRequest = (input: unknown): KitRequest => {
  const proposal = parse(KitProposal, input)
  return { ...proposal, parts: partsBySlot(proposal) }
}

/** Fills and checks a kit. @throws ServiceError `unreadable` for an unknown place or a size that cannot be read */
export async function proposeKitFor(input: unknown): Promise<KitResponse> {
  const request = kitRequest(input)
  const { language } = await ready()
  const { words, cautions } = ARRANGEMENTS[request.arrangement]
  return { ...proposeKit(request, language), words, cautions: [...cautions] }
}

/** The same with its exploded view, for the screen. */
export async function drawnKitFor(input: unknown): Promise<KitResponse & { view: ExplodedView }> {
  const kit = await proposeKitFor(input)
  const { language } = await ready()
  return { ...kit, view: explodedView(kit, language) }
}
