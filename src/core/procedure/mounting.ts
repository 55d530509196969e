import type { SlotRole } from '../kit'
import { drawnUpOf, hasOwnNut, isOnSleeve } from './drawnUp'
import { driving, ringPressed } from './driving'
import {
  aloneIn,
  comesInHousing,
  fitOf,
  hasBalls,
  isInsert,
  isTapered,
  isTight,
  nameOf,
  partAt,
  slotLinesOf,
  rollersAt,
  stepAt,
  type SlotLine,
} from './facts'
import { holdsWheel, looked, orderOf, otherPart } from './mountRest'
import type { Ordered } from './ordered'
import type { PlanFacts } from './plan'
import { endOf, firstEnd, unitHub } from './relations'
import type { MountingFacts, NamedCode, Step } from './steps'

/** What a place is fitted by. @param before places fitted before this one */
type OnBy = (facts: PlanFacts, slotLine: SlotLine, before: readonly SlotLine[]) => Ordered[]

/** The tab of a lock washer, once its nut is home. */
export const bentTab = (slotLine: SlotLine): Step => ({
  ...stepAt('lock', slotLine),
  code: 'tabBent',
  data: {},
})

/** Which end goes in first: the one with the locating shoulder; it fixes the position of the wheel. */
const isFirst = (facts: PlanFacts, { slot }: SlotLine): boolean =>
  (endOf(slot) ?? firstEnd(facts)) === firstEnd(facts)

/** What belongs to the carrier goes in after the shell, in the order it stands there. */
const CARRIER = 51
const inCarrier = ({ arrangement }: PlanFacts, { slot }: SlotLine): number =>
  CARRIER + arrangement.slots.indexOf(slot) / 100

/** Why a bearing goes in now. */
function whenIn(facts: PlanFacts, slotLine: SlotLine): MountingFacts['bearingIn']['when'] {
  const { slot } = slotLine
  if (slot.stacked) return 'stacked'
  if (aloneIn(facts)) return 'next'
  if (isFirst(facts, slotLine)) return 'first'
  const overSpacer = slotLinesOf(facts).some((p) => p.slot.role === 'spacerTube' && !p.slot.carrier)
  return overSpacer && !slot.carrier ? 'over spacer' : 'next'
}

const bearing: OnBy = (facts, slotLine, before) => {
  const { slot } = slotLine
  const { hub, rotatingRing } = facts.arrangement
  const order = isFirst(facts, slotLine) ? 30 : 50
  const name = nameOf(slotLine)
  if (slot.byThumb)
    return [{ ...stepAt('mount', slotLine), order, code: 'bearingByThumb', data: { name, hub } }]
  if (isOnSleeve(facts, slot.id)) {
    const drawnUp = hasOwnNut(facts, slot.id) ? null : drawnUpOf(facts, slot.id)
    return [{ ...stepAt('mount', slotLine), order, code: 'bearingOnSleeve', data: { name, drawnUp } }]
  }
  const onShaft = rotatingRing === 'inner'
  const outer = fitOf(facts, slot.id, 'outer')
  const driven = driving(facts, slotLine, isTight(outer) ? outer : fitOf(facts, slot.id, 'inner'), before)
  const rollers = onShaft ? rollersAt(facts, slotLine) : null
  return [
    {
      ...stepAt('mount', slotLine),
      order: slot.carrier ? inCarrier(facts, slotLine) : order,
      driven: true,
      heated: driven.how === 'heated',
      code: 'bearingIn',
      data: {
        name,
        into: onShaft ? null : slot.carrier ? 'carrier' : hub,
        when: whenIn(facts, slotLine),
        pressed: ringPressed(facts, slot.id),
        apart: rollers && { rollers, hub },
        closedOneSide: partAt(facts, slot.id)?.closure?.sides === 1,
        note: aloneIn(facts) ? slotLine.line.note : '',
        driven,
      },
    },
  ]
}

const cup: OnBy = (facts, slotLine, before) => {
  const driven = driving(facts, slotLine, fitOf(facts, slotLine.slot.id, 'outer'), before)
  const { side } = slotLine.slot
  return [
    {
      ...stepAt('mount', slotLine),
      order: side === 'outer' || side === 'right' ? 31 : 30,
      driven: true,
      heated: driven.how === 'heated',
      code: 'cupIn',
      data: { name: nameOf(slotLine), hub: facts.arrangement.hub, driven },
    },
  ]
}

const cone: OnBy = (facts, slotLine) =>
  slotLine.slot.side === 'outer'
    ? [{ ...stepAt('mount', slotLine), order: 80, code: 'coneOn', data: { name: nameOf(slotLine) } }]
    : [
        {
          ...stepAt('mount', slotLine, '.pack'),
          order: 58,
          code: 'conesPacked',
          data: { grease: facts.grease },
          practice: 'grease',
        },
        { ...stepAt('mount', slotLine), order: 60, code: 'coneIn', data: { name: nameOf(slotLine) } },
      ]

const hubUnit: OnBy = (facts, slotLine, before) => {
  const { slot } = slotLine
  const unit = driving(facts, slotLine, fitOf(facts, slot.id, 'outer'), before)
  // The hub goes into a unit full of grease: never by heat.
  const cold = { ...facts, practices: { ...facts.practices, heat: 'cold' as const } }
  return [
    {
      ...stepAt('mount', slotLine),
      order: 40,
      driven: true,
      heated: unit.how === 'heated',
      code: 'hubUnitIn',
      data: {
        name: nameOf(slotLine),
        hub: facts.arrangement.hub,
        encoder: facts.encoder === true,
        driven: unit,
      },
    },
    {
      ...stepAt('mount', slotLine, '.hub'),
      node: unitHub(slot.id),
      order: 56,
      code: 'hubIntoUnit',
      data: { driven: driving(cold, slotLine, fitOf(facts, slot.id, 'inner'), before) },
    },
  ]
}

const seal: OnBy = (facts, slotLine) => [
  {
    ...stepAt('mount', slotLine),
    order: isTapered(facts) ? 65 : 66,
    code: 'sealIn',
    data: {
      name: nameOf(slotLine),
      filmOnly: facts.arrangement.filmOnly,
      outsideMm: partAt(facts, slotLine.slot.id)?.part.dimensions.outside ?? null,
    },
  },
]

const snapRing: OnBy = (facts, slotLine) => [
  {
    ...stepAt('mount', slotLine),
    order: slotLine.slot.side === 'inner' ? 20 : holdsWheel(facts, slotLine) ? 71 : 55,
    code: 'snapRingIn',
    data: { name: nameOf(slotLine), encoder: facts.encoder === true },
  },
]

const spacerTube: OnBy = (facts, slotLine) => {
  const { slot, line } = slotLine
  return [
    {
      ...stepAt('mount', slotLine),
      order: slot.carrier ? inCarrier(facts, slotLine) : 45,
      code: 'spacerIn',
      data: { name: nameOf(slotLine), carrierNote: slot.carrier ? line.note : null },
    },
  ]
}

const balls: OnBy = (_, slotLine) => [
  {
    ...stepAt('mount', slotLine),
    order: 50,
    code: 'ballsIn',
    data: { name: slotLine.line.label, count: slotLine.line.quantityPerPosition },
  },
]

const grease: OnBy = (facts, slotLine) =>
  isTapered(facts) || facts.arrangement.filmOnly
    ? []
    : [
        {
          ...stepAt('mount', slotLine),
          order: isInsert(facts) ? 89 : hasBalls(facts) ? 45 : 64,
          code: 'greaseIn',
          data: { grease: facts.grease },
          ...(aloneIn(facts) === null && { practice: 'grease' as const }),
        },
      ]

const nothing: OnBy = () => []

/** A part that is fitted in one way only. */
const simply =
  (code: NamedCode<MountingFacts>, order?: number): OnBy =>
  (facts, slotLine) => [
    {
      ...stepAt('mount', slotLine),
      order: order ?? orderOf(facts, slotLine.slot),
      code,
      data: { name: nameOf(slotLine) },
    },
  ]

/** A part that its role says all of. */
const other: OnBy = (facts, slotLine) => [otherPart(facts, slotLine)]

/** Fitting, by role (common practice). */
const ON: Readonly<Record<SlotRole, OnBy>> = {
  wearSleeve: simply('wearSleeveOn', 10),
  cup,
  cone,
  ballBearing: bearing,
  bearing,
  sphericalPlain: bearing,
  clutch: bearing,
  thrustBearing: other,
  rodEnd: other,
  trackRoller: other,
  insert: (facts, slotLine) => [
    {
      ...stepAt('mount', slotLine),
      order: 40,
      code: 'insertOn',
      data: { name: nameOf(slotLine), inHousing: comesInHousing(facts, slotLine) },
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
  collar: (facts, slotLine) => [
    {
      ...stepAt('mount', slotLine),
      order: orderOf(facts, slotLine.slot),
      code: 'collarOn',
      data: { name: nameOf(slotLine), note: slotLine.line.note },
    },
  ],
  adapterSleeve: simply('sleeveOn', 29),
  // One that stays where it is is pumped at the end.
  nipple: (facts, slotLine) =>
    slotLine.slot.fills !== undefined && slotLine.line.stays ? [] : [otherPart(facts, slotLine)],
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
export const stepsFor: OnBy = (facts, slotLine, before) => ON[slotLine.slot.role](facts, slotLine, before)
