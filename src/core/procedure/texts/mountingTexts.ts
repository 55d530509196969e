import type { SlotRole } from '../../kit'
import { capital } from '../../capital'
import { inBoth } from '../facts'
import type { GreaseOf, MountingFacts } from '../steps'
import { drawnUpText, drivenTool, RING_PRESSED, untilCold } from './drivingText'
import type { StepText, TextsOf } from './textsOf'

/** How a part is fitted that its role says all of (common practice). */
const BY_ROLE: Partial<Record<SlotRole, string>> = {
  thrustBearing:
    'the washer with the smaller bore onto the shaft, square against its shoulder; grease, and the cage with what rolls; the other washer into the housing, clear of the shaft. Washers the wrong way round rub.',
  rodEnd:
    'screwed on by the turns that were counted, at least its thread diameter deep or past the hole that shows it.',
  trackRoller:
    'a stud through its bore by hand or a light press, the mark or hole for grease away from the load; one without a stud onto its pin, its side washers backed over their whole face. Force never goes through the roller.',
  boltOnUnit: 'against a clean, flat face.',
  bolts: 'start by hand, then tighten lightly in a cross pattern.',
  housing:
    'onto a clean, flat face at its marks; bolts by hand until the shaft has turned and the insert has lined up, the same figure on each side, then crosswise.',
  retainer: 'fully seated against the bearing before it.',
  adjustingCone: 'by hand until the play is gone, not tighter.',
  axle: 'in before the side that would block it.',
  pin: 'through by hand; its notch to the set screw.',
  shims: 'each on the side it came from, counted.',
  studs: 'drawn in square, splines in line.',
  clampNut: 'start by hand.',
  clampScrew: 'start by hand.',
  ringNut: 'on by hand over its whole thread.',
  lockingRingNut: 'on by hand; it locks the inner one after setting.',
  jamNut: 'start by hand.',
  axleNut: 'start by hand.',
  tabWasher: 'onto the spindle, its nose in the keyway.',
  setScrews: 'start by hand.',
}

/** What follows a colon begins small; a name or a number stays as it is. */
const startSmall = (text: string): string =>
  /^[A-Z][a-z]/.test(text) ? `${text.charAt(0).toLowerCase()}${text.slice(1)}` : text

const WHEN: Record<MountingFacts['bearingIn']['when'], string> = {
  stacked: ', against the one before it.',
  first: ' first, the side with the locating shoulder: it fixes the position.',
  'over spacer': ', with the spacer already in.',
  next: '.',
}

function apartText(apart: MountingFacts['bearingIn']['apart']): string {
  if (!apart) return ''
  const rollers = (ring: 'inner' | 'outer'): string => (apart.rollers === ring ? ' with its rollers' : '')
  return ` Its rings come apart: the inner ring${rollers('inner')} goes on the shaft, the outer ring${rollers('outer')} into the ${apart.hub}, through itself; oiled, they are joined square and turning, so that no roller scores a ring.`
}

/** How much of which grease, and why. */
function greaseText({ amount, reason, thickener, note }: GreaseOf): string {
  const strokes = amount?.strokes ?? null
  const gun = strokes === null ? '' : `, ${strokes} strokes of the gun,`
  const fill = amount
    ? `About ${amount.grams} g${gun} of ${amount.grease.toLowerCase()} in all${amount.forEach === null ? '' : ` for each ${amount.forEach}`}.`
    : ''
  return [fill, reason, thickener === '' ? '' : `Thickener: ${thickener}.`, note].filter(Boolean).join(' ')
}

const START: Record<'full' | 'again', string> = {
  full: 'Start square; if it tilts, stop and straighten it. Seated when the pitch of the blows changes or the force rises suddenly: stop.',
  again: 'Start square and stop when it is seated, as before.',
}

/** How a ring is started and when it is home: said after what the step says. */
export const started = (text: StepText, start: 'full' | 'again'): StepText => ({
  ...text,
  text: `${text.text} ${START[start]}`,
})

/** Fitting (common practice). */
export const MOUNTING_TEXTS: TextsOf<MountingFacts> = {
  wearSleeveOn: ({ name }) => ({
    text: `${name}: over the grooved journal, flange cut off if it is in the way. Film of sealant.`,
  }),
  bearingByThumb: ({ name, hub }) => ({
    text: `${name}: into the ${hub} by thumb. No press, no heat, no hammer; one that will not go in is the wrong one, or the bore has a burr.`,
  }),
  bearingOnSleeve: ({ name, drawnUp }) => ({
    text: `${name}: its radial clearance measured and written down, then onto its sleeve, the large end of the bore first, dry; by hand until it touches. Neither heated nor pressed: its nut draws it up. Marking outward.${
      drawnUp === null
        ? ''
        : ` Washer and nut of the sleeve on, then ${drawnUpText(drawnUp)} Tab bent into a slot, tightening to the next one, never back.`
    }`,
    tool: 'Feeler gauge, hook spanner',
  }),
  bearingIn: ({ name, into, when, pressed, apart, closedOneSide, note, driven }) => ({
    text: `${name}: ${into === null ? 'onto the shaft' : `into the ${into}`}${WHEN[when]} ${RING_PRESSED[pressed]}${note === '' ? ' Marking outward.' : ''}${apartText(apart)}${
      closedOneSide ? ' Closed side outward; back the open side with grease.' : ''
    }${note === '' ? '' : ` ${note}`}${untilCold(driven)}`,
    tool: drivenTool(driven),
    caution: 'Eye protection; gloves for hot parts; never stand in line with the press.',
  }),
  cupIn: ({ name, hub, driven }) => ({
    text: `${name}: into the ${hub}, wide opening outward, fully seated against the shoulder.${untilCold(driven)}`,
    tool: drivenTool(driven),
    caution: `Eye protection; gloves for a hot ${hub}. The old cup, ground 0.5 mm smaller outside, makes a drift for the press; a hardened ring is never struck with steel.`,
  }),
  coneOn: ({ name }) => ({
    text: `${name}: packed, onto the spindle by hand. It slides; if it does not, clean the spindle.`,
  }),
  conesPacked: ({ grease }) => ({
    text: `Pack both cones by hand until grease comes through the cage all round; film on the cup faces. ${greaseText(grease)}`,
  }),
  coneIn: ({ name }) => ({ text: `${name}: into its cup, before the seal.` }),
  insertOn: ({ name, inHousing }) => ({
    text: `${name}: ${inHousing ? 'in its housing already; it swivels by hand' : 'through the loading slots of the housing, turned straight'}; lubrication holes in line. Onto the shaft by hand; where the shaft has a key, that in before it is home.`,
    caution: 'Never hammer on the insert: the shaft is made to fit.',
  }),
  hubUnitIn: ({ name, hub, encoder, driven }) => ({
    text: `${name}: into the ${hub}. Press only on the outer ring.${
      encoder
        ? ' The magnetic encoder side goes toward the sensor: a paper clip tells it. Keep steel dust and magnets away.'
        : ''
    }${untilCold(driven)}`,
    tool: drivenTool(driven),
    caution: 'Press guarded, eye protection, never stand in line.',
  }),
  hubIntoUnit: ({ driven }) => ({
    text: 'Hub into the fitted unit: support the inner ring from below, never the outer one, or the balls dent.',
    tool: drivenTool(driven),
    caution: 'Press guarded, eye protection.',
  }),
  spacerIn: ({ name, carrierNote }) => ({
    text:
      carrierNote === null
        ? `${name}: in now, centred, before the second bearing. Afterwards it cannot go in.`
        : `${name}: in its place now. ${carrierNote}`,
  }),
  snapRingIn: ({ name, encoder }) => ({
    text: `${name}: into its groove, seen all round.${encoder ? ' Gap clear of the sensor.' : ''}`,
    tool: 'Snap ring pliers',
    caution: 'Eye protection: snap rings fly.',
  }),
  sealIn: ({ name, filmOnly, outsideMm }) => ({
    text: `${name}: grease the lip and its journal, drive in square and flush, spring side toward ${
      filmOnly
        ? 'what is kept in, as the old one sat; where water from outside is the worse enemy some turn it round'
        : 'the bearing'
    }. A dry lip tears at the first turn.`,
    tool: `Flat driver a little smaller than ${outsideMm === null ? 'its outside' : inBoth(outsideMm - 0.5)}`,
  }),
  wheelSpacerIn: ({ name }) => ({ text: `${name}: in, smooth side to the lip, a film of grease on it.` }),
  washerOn: ({ name }) => ({ text: `${name}: tab in the keyway, curved side away from the bearing.` }),
  castleNutOn: ({ name }) => ({ text: `${name}: on by hand over its whole thread.` }),
  lockWasherOn: ({ name }) => ({ text: `${name}: inner tab in the keyway.` }),
  lockNutOn: ({ name }) => ({
    text: `${name}: on by hand, then tightened lightly; it draws the bearing onto its seat and is locked under the finish.`,
  }),
  ballsIn: ({ name, count }) => ({
    text: `${name}: ${count > 0 ? `${count} balls` : 'balls'}, all of one new batch, set into the grease of the cup.`,
  }),
  looked: ({ name, note }) => ({ text: `${name}: ${note}` }),
  encoderFound: ({ name }) => ({
    text: `${name}: hold a paper clip to both faces. If one is magnetic, it goes toward the sensor.`,
  }),
  greaseIn: ({ grease }) => ({ text: `Grease: ${greaseText(grease)}` }),
  collarOn: ({ name, note }) => ({
    text: `${name}: onto the spindle, its shims as they were. ${note}`,
  }),
  sleeveOn: ({ name }) => ({
    text: `${name}: onto the clean shaft where the old one stood, thread toward its nut, eased open by a wedge; no grease between.`,
  }),
  fitted: ({ name, role, note }) => {
    const how = BY_ROLE[role]
    return { text: how === undefined ? `${name}: ${startSmall(note)}` : `${name}: ${how} ${note}` }
  },
  trial: () => ({
    text: 'Trial, dry, before any grease: cones in their cups with a film of oil, hub on the spindle, collar with its shims, outer cone, nut fully tight. Rock and turn: it turns freely, with play just felt. Too large: a shim of the difference out; none: one in. Apart again.',
    tool: 'Dial indicator with stand, feeler gauge',
    caution: 'A preloaded pair runs hot within the hour: when in doubt one shim more.',
  }),
  hubOn: ({ hub, onto }) => ({
    text:
      onto === 'spindle'
        ? `${capital(hub)} onto the spindle, straight, so that the lip is not turned over.`
        : `${capital(hub)} onto its axle by hand; it turns freely without drag.`,
  }),
  wheelIn: ({ axle }) => ({
    text:
      axle === 'through'
        ? 'Wheel into its place, axle through by hand. Wheel, disc and chain line where they were; start every thread by hand.'
        : 'Wheel into its place, disc and chain line where they were; the fastener of the axle started by hand.',
  }),
  carrierOn: () => ({
    text: 'Carrier onto the hub shell: pawls held in, turned gently against its drive until they are caught; every pawl and spring counted. It drives one way and clicks the other.',
  }),
  shaftIn: () => ({
    text: 'Shaft with its bearings into the housing; the floating bearing keeps room to move endways. Keys before the shaft is finally home.',
  }),
  tabBent: () => ({ text: 'Bend one tab of the washer into a slot of the nut.' }),
}
