import 'server-only'
import type { z } from 'zod'
import { familyFacts, type Part } from '@/core/catalogue'
import { compareParts } from '@/core/compare'
import { isRaceway, seatKindOf } from '@/core/fit'
import { isFilledForLife } from '@/core/grease'
import { CAUSES, DAMAGE, damageOf, inspectedOf, judgeParts, setupOf, type Setup } from '@/core/inspect'
import { isTaperedSet, knownPart, resolvePart } from '@/core/part'
import { anyPart } from './anyPart'
import { arrangementFor } from './arrangements'
import { getCatalogue } from './catalogueRuntime'
import { notListed } from './notListed'
import { ServiceError } from './errors'
import type { CompareRequest, InspectRequest } from '@/contract/judgement'
import { type CompareResponse, type InspectResponse } from '@/contract/judgement'

/** Old against new, point by point. @throws ServiceError `notFound` for a number nobody knows; `impossible` with nothing to compare */
export async function comparePair({
  from,
  to,
  application,
}: z.output<typeof CompareRequest>): Promise<CompareResponse> {
  const shop = await getCatalogue()
  const { context } = shop
  const side = (name: 'from' | 'to', { designation, measured, features }: typeof from) => {
    // A text that gives sizes is compared by them; one without a figure names nothing that could be compared.
    const variant = designation === '' ? null : anyPart(designation, shop)
    if (variant || designation === '') return { variant, measured, features }
    if (/\d/.test(designation)) throw notListed(designation, context, [name, 'designation'])
    return { variant, measured, features }
  }
  const [old, next] = [side('from', from), side('to', to)]
  const compared = compareParts(old, next, application)
  if (compared.rows.length === 0)
    throw new ServiceError('impossible', 'Nothing to compare yet. Type a number or a size on both sides.')
  return compared
}

/** What its kind tells of how a part works and where what rolls runs. */
function kindRows(part: Part): Setup {
  const { rows, traits } = familyFacts(part.family)
  return {
    doubleRow: rows === 2,
    sliding: traits?.includes('sliding') ?? false,
    rodEnd: part.family === 'rod-end',
    clutch: part.family === 'one-way-clutch',
    trackRoller: part.family === 'cam-follower' || part.family === 'ball-track-roller',
    thrust: traits?.includes('thrust') ?? false,
    runsOnShaft: isRaceway(seatKindOf(part), 'inner'),
  }
}

/** How the bearing is held and closed: as its arrangement and the decided part say; what neither tells is left open. */
async function setupFor(arrangement: string | undefined, designation: string | undefined): Promise<Setup> {
  const { context, identifier } = await getCatalogue()
  const part =
    designation === undefined
      ? null
      : knownPart(resolvePart(designation, { context, shelf: identifier.shelf }))
  const sealed = part ? isFilledForLife(part) : undefined
  const rows = part ? kindRows(part.part) : {}
  if (arrangement !== undefined) return { ...setupOf(await arrangementFor(arrangement), sealed), ...rows }
  if (!part) return {}
  return {
    ...rows,
    sealed,
    separable: isTaperedSet(part) || part.part.piece === 'cone' || part.part.piece === 'cup',
  }
}

/** Findings to verdicts and causes. */
export async function inspect({
  seen,
  arrangement,
  designation,
  separable,
  ...evidence
}: z.output<typeof InspectRequest>): Promise<InspectResponse> {
  const unknown = seen.find(
    ({ damage, part }) => !DAMAGE.some((m) => m.id === damage && m.parts.includes(part)),
  )
  if (unknown)
    throw new ServiceError('unreadable', `There is no finding “${unknown.damage}” of the ${unknown.part}.`)
  const known = await setupFor(arrangement, designation)
  const setup = separable === undefined ? known : { ...known, separable }
  return {
    inspected: inspectedOf(setup),
    damage: damageOf(setup).map(({ id }) => id),
    doubleRow: setup.doubleRow === true,
    ...judgeParts(seen, { ...evidence, setup }),
  }
}

/** Every kind of damage and every cause that is told apart. */
export const damageGuide = () => ({ damage: DAMAGE, causes: CAUSES })
