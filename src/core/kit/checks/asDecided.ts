import { compareVariants, plainVariant, variantOf, type Comparison, type Variant } from '../../interchange'
import { knownPart } from '../../part'
import { bearingSlots, type BearingSlot } from '../bearingPlaces'
import { slotsFor, suits } from '../bearingSlots'
import { taperedSets, type FillContext } from '../fill'
import type { KitRule } from './check'
import type { CheckFinding } from './facts'

/** What a place for a bearing holds, new: the bearing, or the set of its rings; null = nothing that is known. */
function heldAt({ id, takes, rings }: BearingSlot, fillContext: FillContext): Variant | null {
  if (takes === 'set') {
    const found = taperedSets(fillContext).find(({ slot }) => slot.id === rings[0])
    return found ? plainVariant(found.set) : null
  }
  const filled = fillContext.filled.get(id)
  const known = filled && !filled.stays ? knownPart(filled.value) : null
  return known && (variantOf(known.designation, fillContext.context) ?? plainVariant(known.part))
}

/** The places of the bearings of a job; the last place nobody names is that of the last bearing. */
function placesOf({ arrangement, request, ...knowledge }: FillContext): (string | null)[] {
  const bearings = request.bearings ?? []
  const places = slotsFor(arrangement, bearings, request.parts, knowledge)
  const free = bearingSlots(arrangement).filter(({ id }) => !places.includes(id))
  const silent = places.filter((place) => place === null)
  return places.map(
    (place) => place ?? (free.length === 1 && silent.length === 1 ? (free[0]?.id ?? null) : null),
  )
}

/** Whether nothing has to be asked: an arrangement that wants seals takes the closed form of what was decided open. */
const standsIn = ({ verdict, checks }: Comparison, wantsSeals: boolean): boolean =>
  verdict === 'identical' ||
  verdict === 'upgrade' ||
  (verdict === 'conditional' &&
    wantsSeals &&
    checks.every(({ check, result }) => result === 'pass' || check === 'speed'))

/** What was decided for the job stands in the kit, or something that stands in for it. */
export const asDecided: KitRule = (fillContext) => {
  const places = placesOf(fillContext)
  return (fillContext.request.bearings ?? []).flatMap(({ designation }, i): CheckFinding[] => {
    const decided = designation === null ? null : variantOf(designation, fillContext.context)
    const at = bearingSlots(fillContext.arrangement).filter(
      // Where nothing decided can stand, as after a change to another kind of bearing, nothing is compared.
      ({ id }) =>
        (id === places[i] || places[i] === 'bearing') &&
        designation !== null &&
        suits(fillContext.arrangement, id, designation, fillContext),
    )
    const held = at.flatMap((place) => {
      const variant = heldAt(place, fillContext)
      return variant ? [{ variant, slots: [place.id, ...place.rings] }] : []
    })
    if (!decided || held.length === 0) return []
    const judged = held.map((one) => ({ ...one, ...compareVariants(decided, one.variant) }))
    if (judged.some((one) => standsIn(one, fillContext.arrangement.closure === 'seals'))) return []
    const [first] = judged
    const result = judged.every(({ verdict }) => verdict === 'not-interchangeable') ? 'fail' : 'warn'
    const why = (first?.checks ?? []).filter((check) => check.result === result).map(({ detail }) => detail)
    const data = {
      decided: decided.designation,
      holds: first?.variant.designation ?? '',
      why: why.slice(0, 2),
    }
    return [{ code: 'otherThanDecided', result, data, slots: judged.flatMap(({ slots }) => slots) }]
  })
}
