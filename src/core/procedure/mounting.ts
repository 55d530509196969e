import type { SlotRole } from '../kit'
import { drawnUpOf, hasOwnNut, isOnSleeve } from './drawnUp'
import { driving, ringPressed } from './driving'
import {
  comesInHousing,
  fitOf,
  hasBalls,
  isInsert,
  isTapered,
  isTight,
  nameOf,
  partAt,
  placesOf,
  rollersAt,
  type Placed,
} from './facts'
import { holdsWheel, looked, otherPart } from './mountRest'
import { at, type Ordered } from './ordered'
import type { PlanFacts } from './plan'
import { endOf, firstEnd, unitHub } from './relations'
import type { MountingFacts, NamedCode, Step } from './steps'

/** What a place is fitted by. @param before places fitted before this one */
type OnBy = (facts: PlanFacts, place: Placed, before: readonly Placed[]) => Ordered[]

/** The tab of a lock washer, once its nut is home. */
export const bentTab = ({ slot }: Placed): Step => ({
  id: `lock.${slot.id}`,
  place: slot.id,
  code: 'tabBent',
  data: {},
})

/** Which end goes in first: the one with the locating shoulder; it fixes the position of the wheel. */
const isFirst = (facts: PlanFacts, { slot }: Placed): boolean =>
  (endOf(slot) ?? firstEnd(facts)) === firstEnd(facts)

/** What belongs to the carrier goes in after the shell, in the order it stands there. */
const CARRIER = 51
const inCarrier = ({ arrangement }: PlanFacts, { slot }: Placed): number =>
  CARRIER + arrangement.slots.indexOf(slot) / 100

/** Why a bearing goes in now. */
function whenIn(facts: PlanFacts, place: Placed): MountingFacts['bearingIn']['when'] {
  const { slot } = place
  if (slot.stacked) return 'stacked'
  if (isFirst(facts, place)) return 'first'
  const overSpacer = placesOf(facts).some((p) => p.slot.role === 'spacerTube' && !p.slot.carrier)
  return overSpacer && !slot.carrier ? 'over spacer' : 'next'
}

const bearing: OnBy = (facts, place, before) => {
  const { slot } = place
  const { hub, turning } = facts.arrangement
  const order = isFirst(facts, place) ? 30 : 50
  const name = nameOf(place)
  if (slot.byThumb) return [{ ...at(place), order, code: 'bearingByThumb', data: { name, hub } }]
  if (isOnSleeve(facts, slot.id)) {
    const drawnUp = hasOwnNut(facts, slot.id) ? null : drawnUpOf(facts, slot.id)
    return [{ ...at(place), order, code: 'bearingOnSleeve', data: { name, drawnUp } }]
  }
  const onShaft = turning === 'inner'
  const outer = fitOf(facts, slot.id, 'outer')
  const driven = driving(facts, place, isTight(outer) ? outer : fitOf(facts, slot.id, 'inner'), before)
  const rollers = onShaft ? rollersAt(facts, place) : null
  return [
    {
      ...at(place),
      order: slot.carrier ? inCarrier(facts, place) : order,
      driven: true,
      heated: driven.how === 'heated',
      code: 'bearingIn',
      data: {
        name,
        into: onShaft ? null : slot.carrier ? 'carrier' : hub,
        when: whenIn(facts, place),
        pressed: ringPressed(facts, slot.id),
        apart: rollers && { rollers, hub },
        closedOneSide: partAt(facts, slot.id)?.closure?.sides === 1,
        driven,
      },
    },
  ]
}

const cup: OnBy = (facts, place, before) => {
  const driven = driving(facts, place, fitOf(facts, place.slot.id, 'outer'), before)
  const { side } = place.slot
  return [
    {
      ...at(place),
      order: side === 'outer' || side === 'right' ? 31 : 30,
      driven: true,
      heated: driven.how === 'heated',
      code: 'cupIn',
      data: { name: nameOf(place), hub: facts.arrangement.hub, driven },
    },
  ]
}

const cone: OnBy = (facts, place) =>
  place.slot.side === 'outer'
    ? [{ ...at(place), order: 80, code: 'coneOn', data: { name: nameOf(place) } }]
    : [
        {
          ...at(place, '.pack'),
          order: 58,
          code: 'conesPacked',
          data: { grease: facts.grease },
          school: 'grease',
        },
        { ...at(place), order: 60, code: 'coneIn', data: { name: nameOf(place) } },
      ]

const hubUnit: OnBy = (facts, place, before) => {
  const { slot } = place
  const unit = driving(facts, place, fitOf(facts, slot.id, 'outer'), before)
  // The hub goes into a unit full of grease: never by heat.
  const cold = { ...facts, schools: { ...facts.schools, heat: 'cold' as const } }
  return [
    {
      ...at(place),
      order: 40,
      driven: true,
      heated: unit.how === 'heated',
      code: 'hubUnitIn',
      data: {
        name: nameOf(place),
        hub: facts.arrangement.hub,
        encoder: facts.encoder === true,
        driven: unit,
      },
    },
    {
      ...at(place, '.hub'),
      node: unitHub(slot.id),
      order: 56,
      code: 'hubIntoUnit',
      data: { driven: driving(cold, place, fitOf(facts, slot.id, 'inner'), before) },
    },
  ]
}

const seal: OnBy = (facts, place) => [
  {
    ...at(place),
    order: isTapered(facts) ? 65 : 66,
    code: 'sealIn',
    data: {
      name: nameOf(place),
      filmOnly: facts.arrangement.filmOnly,
      outsideMm: partAt(facts, place.slot.id)?.part.dimensions.outside ?? null,
    },
  },
]

const snapRing: OnBy = (facts, place) => [
  {
    ...at(place),
    order: place.slot.side === 'inner' ? 20 : holdsWheel(facts, place) ? 71 : 55,
    code: 'snapRingIn',
    data: { name: nameOf(place), encoder: facts.encoder === true },
  },
]

const spacerTube: OnBy = (facts, place) => {
  const { slot, line } = place
  return [
    {
      ...at(place),
      order: slot.carrier ? inCarrier(facts, place) : 45,
      code: 'spacerIn',
      data: { name: nameOf(place), carrierNote: slot.carrier ? line.note : null },
    },
  ]
}

const balls: OnBy = (_, place) => [
  {
    ...at(place),
    order: 50,
    code: 'ballsIn',
    data: { name: place.line.words, count: place.line.quantityPerPosition },
  },
]

const grease: OnBy = (facts, place) =>
  isTapered(facts) || facts.arrangement.filmOnly
    ? []
    : [
        {
          ...at(place),
          order: isInsert(facts) ? 89 : hasBalls(facts) ? 45 : 64,
          code: 'greaseIn',
          data: { grease: facts.grease },
          school: 'grease',
        },
      ]

const nothing: OnBy = () => []

/** A part that is fitted in one way only. */
const simply =
  (order: number, code: NamedCode<MountingFacts>): OnBy =>
  (_, place) => [{ ...at(place), order, code, data: { name: nameOf(place) } }]

/** Fitting, by role; what is not here is fitted as `mountRest.ts` says (common practice). */
const ON: Partial<Record<SlotRole, OnBy>> = {
  wearSleeve: simply(10, 'wearSleeveOn'),
  cup,
  cone,
  ballBearing: bearing,
  bearing,
  insert: (facts, place) => [
    {
      ...at(place),
      order: 40,
      code: 'insertOn',
      data: { name: nameOf(place), inHousing: comesInHousing(facts, place) },
    },
  ],
  hubUnit,
  spacerTube,
  snapRing,
  seal,
  wheelSpacer: simply(72, 'wheelSpacerIn'),
  washer: simply(82, 'washerOn'),
  castleNut: simply(84, 'castleNutOn'),
  lockWasher: simply(52, 'lockWasherOn'),
  lockNut: simply(53, 'lockNutOn'),
  balls,
  check: looked,
  grease,
  collar: (_, place) => [
    {
      ...at(place),
      order: 77,
      code: 'collarOn',
      data: { name: nameOf(place), note: place.line.note },
    },
  ],
  adapterSleeve: simply(29, 'sleeveOn'),
  // One that stays where it is is pumped at the end.
  nipple: (facts, place) =>
    place.slot.fills !== undefined && place.line.stays ? [] : [otherPart(facts, place)],
  cotterPin: nothing,
  nutLock: nothing,
  wheelNuts: nothing,
  cap: nothing,
  threadlocker: nothing,
  consumable: nothing,
}

/** Steps that fit what stands in a place. */
export const stepsFor: OnBy = (facts, place, before) =>
  (ON[place.slot.role] ?? ((f, p) => [otherPart(f, p)]))(facts, place, before)
