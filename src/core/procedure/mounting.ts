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
  stepAt,
  type Placed,
} from './facts'
import { holdsWheel, looked, orderOf, otherPart } from './mountRest'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'
import { endOf, firstEnd, unitHub } from './relations'
import type { MountingFacts, NamedCode, Step } from './steps'

/** What a place is fitted by. @param before places fitted before this one */
type OnBy = (facts: PlanFacts, place: Placed, before: readonly Placed[]) => Ordered[]

/** The tab of a lock washer, once its nut is home. */
export const bentTab = (place: Placed): Step => ({ ...stepAt('lock', place), code: 'tabBent', data: {} })

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
  const { hub, rotatingRing } = facts.arrangement
  const order = isFirst(facts, place) ? 30 : 50
  const name = nameOf(place)
  if (slot.byThumb) return [{ ...stepAt('mount', place), order, code: 'bearingByThumb', data: { name, hub } }]
  if (isOnSleeve(facts, slot.id)) {
    const drawnUp = hasOwnNut(facts, slot.id) ? null : drawnUpOf(facts, slot.id)
    return [{ ...stepAt('mount', place), order, code: 'bearingOnSleeve', data: { name, drawnUp } }]
  }
  const onShaft = rotatingRing === 'inner'
  const outer = fitOf(facts, slot.id, 'outer')
  const driven = driving(facts, place, isTight(outer) ? outer : fitOf(facts, slot.id, 'inner'), before)
  const rollers = onShaft ? rollersAt(facts, place) : null
  return [
    {
      ...stepAt('mount', place),
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
      ...stepAt('mount', place),
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
    ? [{ ...stepAt('mount', place), order: 80, code: 'coneOn', data: { name: nameOf(place) } }]
    : [
        {
          ...stepAt('mount', place, '.pack'),
          order: 58,
          code: 'conesPacked',
          data: { grease: facts.grease },
          practice: 'grease',
        },
        { ...stepAt('mount', place), order: 60, code: 'coneIn', data: { name: nameOf(place) } },
      ]

const hubUnit: OnBy = (facts, place, before) => {
  const { slot } = place
  const unit = driving(facts, place, fitOf(facts, slot.id, 'outer'), before)
  // The hub goes into a unit full of grease: never by heat.
  const cold = { ...facts, practices: { ...facts.practices, heat: 'cold' as const } }
  return [
    {
      ...stepAt('mount', place),
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
      ...stepAt('mount', place, '.hub'),
      node: unitHub(slot.id),
      order: 56,
      code: 'hubIntoUnit',
      data: { driven: driving(cold, place, fitOf(facts, slot.id, 'inner'), before) },
    },
  ]
}

const seal: OnBy = (facts, place) => [
  {
    ...stepAt('mount', place),
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
    ...stepAt('mount', place),
    order: place.slot.side === 'inner' ? 20 : holdsWheel(facts, place) ? 71 : 55,
    code: 'snapRingIn',
    data: { name: nameOf(place), encoder: facts.encoder === true },
  },
]

const spacerTube: OnBy = (facts, place) => {
  const { slot, line } = place
  return [
    {
      ...stepAt('mount', place),
      order: slot.carrier ? inCarrier(facts, place) : 45,
      code: 'spacerIn',
      data: { name: nameOf(place), carrierNote: slot.carrier ? line.note : null },
    },
  ]
}

const balls: OnBy = (_, place) => [
  {
    ...stepAt('mount', place),
    order: 50,
    code: 'ballsIn',
    data: { name: place.line.label, count: place.line.quantityPerPosition },
  },
]

const grease: OnBy = (facts, place) =>
  isTapered(facts) || facts.arrangement.filmOnly
    ? []
    : [
        {
          ...stepAt('mount', place),
          order: isInsert(facts) ? 89 : hasBalls(facts) ? 45 : 64,
          code: 'greaseIn',
          data: { grease: facts.grease },
          practice: 'grease',
        },
      ]

const nothing: OnBy = () => []

/** A part that is fitted in one way only. */
const simply =
  (code: NamedCode<MountingFacts>, order?: number): OnBy =>
  (facts, place) => [
    {
      ...stepAt('mount', place),
      order: order ?? orderOf(facts, place.slot),
      code,
      data: { name: nameOf(place) },
    },
  ]

/** A part that its role says all of. */
const other: OnBy = (facts, place) => [otherPart(facts, place)]

/** Fitting, by role (common practice). */
const ON: Readonly<Record<SlotRole, OnBy>> = {
  wearSleeve: simply('wearSleeveOn', 10),
  cup,
  cone,
  ballBearing: bearing,
  bearing,
  insert: (facts, place) => [
    {
      ...stepAt('mount', place),
      order: 40,
      code: 'insertOn',
      data: { name: nameOf(place), inHousing: comesInHousing(facts, place) },
    },
  ],
  hubUnit,
  spacerTube,
  snapRing,
  seal,
  wheelSpacer: simply('wheelSpacerIn'),
  washer: simply('washerOn'),
  castleNut: simply('castleNutOn'),
  lockWasher: simply('lockWasherOn'),
  lockNut: simply('lockNutOn'),
  balls,
  check: looked,
  grease,
  collar: (facts, place) => [
    {
      ...stepAt('mount', place),
      order: orderOf(facts, place.slot),
      code: 'collarOn',
      data: { name: nameOf(place), note: place.line.note },
    },
  ],
  adapterSleeve: simply('sleeveOn', 29),
  // One that stays where it is is pumped at the end.
  nipple: (facts, place) =>
    place.slot.fills !== undefined && place.line.stays ? [] : [otherPart(facts, place)],
  // These come with setting and finishing.
  cotterPin: nothing,
  nutLock: nothing,
  wheelNuts: nothing,
  cap: nothing,
  threadlocker: nothing,
  consumable: nothing,
  housing: other,
  boltOnUnit: other,
  bolts: other,
  retainer: other,
  ballCup: other,
  ballCone: other,
  adjustingCone: other,
  dustCover: other,
  cover: other,
  shield: other,
  axle: other,
  pin: other,
  hubBody: other,
  shims: other,
  studs: other,
  plainWasher: other,
  clampNut: other,
  clampScrew: other,
  ringNut: other,
  lockingRingNut: other,
  jamNut: other,
  axleNut: other,
  tabWasher: other,
  setScrews: other,
  plain: other,
}

/** Steps that fit what stands in a place. */
export const stepsFor: OnBy = (facts, place, before) => ON[place.slot.role](facts, place, before)
