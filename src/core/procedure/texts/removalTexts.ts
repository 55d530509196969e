import { capital } from '../../capital'
import { HUB_ATTACHMENT_LABELS, type HubAttachment } from '../attachments'
import { blindPullerText, driftText } from './toolText'
import type { OutBy, RemovalFacts } from '../steps'
import type { TextsOf } from './textsOf'

const ON_STANDS = 'Power locked off, wheels chocked. Never under a machine that stands on a jack alone.'
const BRAKE = 'A brake in the way comes off first and hangs on a hook, not on its hose.'
const NOT_IN_LINE = 'Eye protection; never stand in line with the press.'
const SEIZED =
  'Eye protection and gloves: hardened rings shatter. Nobody in line with the puller. No flame near oil or degreaser: toxic gas.'

const RECORDED: Record<RemovalFacts['record']['of'], (hub: string) => string> = {
  unit: () => 'how the unit, its shield and the lead of the sensor lie, marks over unit and knuckle',
  'loose balls': () => 'how far the axle stands out on each side, which cone is locked',
  cones: (hub) =>
    `how far the axle stands out on each side, which cone is locked, depth of each bearing from the face of the ${hub}`,
  housing: () => 'where the housing and the collar stand on the shaft, marks round the bolt holes',
  cups: (hub) => `depth of each cup from the face of the ${hub}, shims and where they lie`,
  bearings: (hub) => `depth of each bearing from the face of the ${hub}, shims and where they lie`,
  joint: (hub) => `length from this joint to the next, how the ${hub} stands, spacers and their sides`,
  roller: (hub) => `how the roller stands to its rail, its mark, washers and their sides in the ${hub}`,
  clutch: (hub) => `which way it locks, marked on the ${hub}, and its depth from the face`,
}

const FREED: Record<RemovalFacts['bearingFreed']['kind'], string> = {
  thrustBearing:
    "taken apart as it comes; which washer stood on the shaft and which in the housing noted. The one with the smaller bore is the shaft's.",
  rodEnd:
    'its jam nut slackened, then off; its turns counted, and its hand of thread: they set the length of the rod.',
  trackRoller:
    'out, where its mark or hole for grease pointed noted. A tight stud is pressed out by its end, never by blows on the roller.',
}

const tab = (first: boolean): string => (first ? 'the tab of the washer bent back straight, then ' : '')

const puller = (by: Extract<OutBy, { puller: unknown }>): string =>
  by.puller === 'any' ? 'Puller' : blindPullerText(by.puller.boreMm)

/** Puller, separator or press, or a drift. */
const outBy = (by: OutBy): string =>
  'drift' in by ? `${driftText(by.drift)} and hammer, evenly` : `${puller(by)}, separator or press`

const heatFor = (what: string, spoilt: readonly HubAttachment[]): string =>
  spoilt.length === 0
    ? `(3) even heat round the ${what}, hot air or induction, gloves, oil and degreaser wiped off first`
    : `(3) no heat, with this on or near it: ${spoilt.map((a) => HUB_ATTACHMENT_LABELS[a]).join(', ')}`

/** Before the machine is lifted, and dismantling (common practice). */
export const REMOVAL_TEXTS: TextsOf<RemovalFacts> = {
  caution: ({ text }) => ({ text, caution: 'Safety' }),
  wheelNutsCracked: () => ({
    text: 'Still on its wheels: crack the wheel nuts loose; off only when the machine is on its stands.',
    caution: ON_STANDS,
  }),
  axleNutSlackened: ({ capFirst }) => ({
    text: `Still on its wheels, brake held: ${capFirst ? 'cap off, ' : ''}a staked collar lifted out of its groove, or it takes the thread along; slacken the axle nut; off only when the machine is on its stands.`,
    caution: ON_STANDS,
  }),
  record: ({ of, hub, recorded }) => ({
    text: `Record first: ${RECORDED[of](hub)}, which side each part came from.${recorded.length > 0 ? ` Recorded: ${recorded.join('; ')}.` : ''}`,
    tool: 'Depth gauge, marker, photograph',
  }),
  wheelOut: ({ fasteners }) => ({
    text: `Weight off, ${fasteners === 'one' ? 'fastener' : 'fasteners'} of the axle loose, wheel out of its place.`,
    caution: BRAKE,
  }),
  sensorOut: () => ({ text: 'Take the sensor out first, and mark which side is magnetic.' }),
  aside: ({ name }) => ({ text: `${name}: off, kept with its side.` }),
  capOff: ({ name }) => ({ text: `${name}: off, prised a little at a time round its rim.` }),
  pinOut: ({ name }) => ({ text: `${name}: straightened and out; never used again.` }),
  nutLockOff: ({ name }) => ({ text: `${name}: off the nut.` }),
  wheelOff: ({ name }) => ({ text: `${name}: off, wheel off.` }),
  nutOff: ({ name, tabFirst, slackened }) => ({
    text: `${name}: ${tab(tabFirst)}off, kept with its side: left-hand threads exist. ${
      slackened ? 'It was slackened on the ground.' : 'Note how many turns it was on.'
    }`,
  }),
  nutLoosened: ({ name, tabFirst }) => ({
    text: `${name}: ${tab(tabFirst)}loosened three or four turns, not off: it takes the blows that free the sleeve.`,
    tool: 'Hook spanner',
  }),
  bentWasherOff: ({ name, withNut }) => ({
    text: `${name}: ${withNut ? 'off with its nut, once the sleeve is free' : 'off'}; a bent tab is not bent again.`,
  }),
  jamNutOff: ({ name }) => ({
    text: `${name}: loosened against its cone or end piece, off; kept with its side.`,
  }),
  clampScrewLoose: ({ name }) => ({ text: `${name}: loose, before the nut is turned.` }),
  setScrewsLoose: ({ name, onInsert }) => ({
    text: onInsert
      ? `${name}: loose, an eccentric collar against the direction of rotation; shaft clean and free of burrs.`
      : `${name}: loose.`,
  }),
  retainerOut: ({ name }) => ({
    text: `${name}: out before the bearings behind it. Left-hand threads exist: try gently both ways.`,
  }),
  boltsOut: ({ name }) => ({ text: `${name}: plug of the sensor off first, then out in a cross pattern.` }),
  coneOut: ({ name, caught }) => ({
    text: caught
      ? `${name}: out of the hub, now that its seal is out.`
      : `${name}: out by hand, or caught in a cloth as the hub comes off.`,
  }),
  cupOut: ({ name, by }) => ({
    text: `${name}: drive out at several clock positions in turn, so that it stays square.`,
    tool: 'drift' in by ? `${driftText(by.drift)} and hammer` : `${puller(by)} or press from behind`,
    caution:
      'Eye protection: hardened rings shatter under a steel hammer. Support the hub on wood, never on rotor or studs.',
  }),
  bearingPushedOut: ({ name }) => ({
    text: `${name}: pushed out from behind by thumb or with a wooden dowel.`,
  }),
  bearingOffSleeve: ({ name, ownNut }) => ({
    text: `${name}: ${ownNut ? '' : 'tab of its nut bent back, the nut loosened three or four turns; '}its sleeve freed by a tube over the shaft against the nut, firm blows all round, until it gives; nut and washer off, the bearing off by hand.`,
    tool: 'Tube that fits over the shaft, hammer',
    caution: 'Eye protection. Never strike the bearing itself.',
  }),
  bearingOutWithAxle: ({ name }) => ({
    text: `${name}: out with the axle. A nut run flush with its far end, a soft hammer on that: the step of the axle takes the bearing along. A straight axle is drawn out first.`,
    tool: 'Soft hammer',
    caution: 'Eye protection; never a steel hammer on the thread.',
  }),
  hubUnitOut: ({ name, hub }) => ({
    text: `${name}: out of the ${hub}, pressed on its outer ring or drawn through a receiving cup.`,
    tool: 'Press, or a draw bolt with a plate and a receiving cup',
    caution: NOT_IN_LINE,
  }),
  bearingOffShaft: ({ name, outerStaysIn, by }) => ({
    text: `${name}: off the shaft with a puller that takes the inner ring; a seized ring is split or pulled with a separator.${outerStaysIn === null ? '' : ` Its outer ring stays in the ${outerStaysIn}: out from behind, evenly all round.`}`,
    tool: outBy(by),
    caution: NOT_IN_LINE,
  }),
  bearingOut: ({ name, from, tiltSpacer, ringMayStay, by }) => ({
    text: `${name}: out of the ${from}, evenly all round, from the other side.${
      tiltSpacer ? ' Tilt the spacer aside inside, so that drift or puller catches the edge of the ring.' : ''
    }${ringMayStay ? ' A ring left on the shaft is pulled with a separator.' : ''}`,
    tool: outBy(by),
    caution: NOT_IN_LINE,
  }),
  insertOut: ({ name }) => ({ text: `${name}: swivelled square and out through the loading slots.` }),
  bearingFreed: ({ name, kind }) => ({ text: `${name}: ${FREED[kind]}` }),
  boltOnUnitOff: ({ name }) => ({
    text: `${name}: off. A seized one: jack screws in the threaded holes of its flange, a quarter turn each in turn; without such holes its bolts, backed out a few turns and tapped in turn. Never a hammer on the flange.`,
    caution: 'The brake hangs on a hook, not on its hose.',
  }),
  ballsOut: ({ name }) => ({ text: `${name}: over a cloth; count those of each side and measure one.` }),
  adjustingConeOff: ({ name }) => ({
    text: `${name}: off. It may be stuck in its bearing: look before anything is pressed.`,
  }),
  sealOut: ({ name }) => ({
    text: `${name}: levered out without touching bore or journal; kept to compare.`,
  }),
  snapRingOut: ({ name }) => ({
    text: `${name}: out before anything is pressed; look for a second one.`,
    tool: 'Snap ring pliers',
    caution: 'Eye protection: snap rings fly.',
  }),
  spacerOut: ({ name }) => ({ text: `${name}: out; faces and length are measured later.` }),
  collarAside: ({ name }) => ({ text: `${name}: aside, which way round it stood noted.` }),
  shimsAside: ({ name }) => ({ text: `${name}: aside, counted, each with its side.` }),
  axleOut: ({ name }) => ({
    text: `${name}: out, the way its step allows; how far it stood out is noted.`,
  }),
  pivotPinOut: ({ name }) => ({ text: `${name}: out by hand; which way its notch lay noted.` }),
  housingOff: ({ name }) => ({
    text: `${name}: bolts out, off the shaft with its insert; its holes are marked.`,
  }),
  sleeveOff: ({ name }) => ({
    text: `${name}: off the shaft, eased open by a wedge where it grips; the shaft under it looked at for rust.`,
  }),
  plainOff: ({ name }) => ({ text: `${name}: off, which way round noted.` }),
  hubOff: ({ tapered, axle, hub }) => ({
    text: tapered
      ? `${capital(hub)} straight off the spindle, the outer cone caught before it falls.`
      : `Weight off, ${axle === 'fastened' ? `fastener of the axle loose, axle out or ${hub} off it` : `${hub} off its axle`}.`,
    caution: BRAKE,
  }),
  shaftOut: () => ({ text: 'Shaft with its bearings out of the housing, the floating end first.' }),
  carrierOff: () => ({
    text: 'Carrier off the hub shell over a cloth: count pawls and springs, note how they lay.',
  }),
  hubOutOfUnit: () => ({
    text: 'Hub pressed or drawn out of the unit, which is spoilt by it. Half of the inner ring stays on the hub: off with a separator.',
    tool: 'Slide hammer or press, separator',
    caution: `${NOT_IN_LINE} ${BRAKE}`,
  }),
  stuckOnShaft: ({ spoilt }) => ({
    text: `Ring seized on the shaft, mildest first: (1) penetrating oil, and time; (2) separator behind the ring, puller under load, a tap on its screw; ${heatFor('ring', spoilt)}; (4) last, ground nearly through along its width and split with a chisel, never into the shaft. That ring is not fitted again.`,
    tool: 'Separator, puller; grinder for the last way',
    caution: SEIZED,
  }),
  stuckInHub: ({ hub, spoilt }) => ({
    text: `Ring left in the ${hub}, mildest first: (1) drift behind its edge at several clock positions; (2) blind puller and slide hammer; ${heatFor(hub, spoilt)}; (4) last, split with a grinder, or shrunk by a bead of weld round its track, never into the bore.`,
    tool: 'Blind puller, slide hammer; grinder for the last way',
    caution: SEIZED,
  }),
}
