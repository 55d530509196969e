import { writeInchFixed } from '../../quantity'
import type { FinishFacts, NutTurn, TorqueMoment } from '../steps'
import { drawnUpText } from './drivingText'
import type { TextsOf } from './textsOf'

const WRENCH = 'Torque wrench'
const NO_VALUE = 'No value is given here on purpose: it is in the manual of the machine.'

const MOMENT: Record<TorqueMoment, string> = {
  'before it is covered': ', now, before the seal or spacer covers it',
  'bolts first': ', now, crosswise and in the steps it names, before the axle nut',
  'draws home': ', now: it draws the bearing home',
  'cone held': ', while the cone or nut behind it is held; locking moves it, so feel the play again',
  'inner held': ', while the inner one is held; locking moves it, so measure the play again',
  'clamps the nut': ', then measure the play again: clamping moves the nut',
  'brake held':
    ', brake held, before the wheel carries weight: a unit that rolls on a slack nut is spoilt; the final turn on its wheels where the manual asks for it',
  'in turn': ', in turn',
  'fully tight': ', fully tight, the hub turning while it is tightened',
  crosswise: ', crosswise',
  plain: '',
}

const LOCK: Record<FinishFacts['rollersSeated']['lock'], string> = {
  slot: 'lock; if no slot lines up, loosen to the next one, never tighten',
  'second nut':
    'hold the inner nut where it stands and lock it with the outer one; locking moves it, so measure again',
  clamp: 'clamp the nut where it stands',
}

/** A cone is set by a twelfth of a turn at a time, an hour of a clock (common practice). */
const HOURS = 12

const coneText = (nut: NutTurn | null): string =>
  nut
    ? ` A twelfth of a turn of the cone is ${(nut.pitchMm / HOURS).toFixed(3)} mm, ${writeInchFixed(nut.pitchMm / HOURS)} in.`
    : ''

const targetText = (nut: NutTurn | null): string =>
  nut
    ? `${nut.target.min} to ${nut.target.max} mm (${writeInchFixed(nut.target.min)} to ${writeInchFixed(nut.target.max)} in)${nut.usual ? " as is usual; the manual's figure comes first" : ''}`
    : "the manual's figure"

function nutText(nut: NutTurn | null): string {
  if (!nut) return ''
  const { step, turn } = nut
  return step
    ? ` One slot is ${step.mm.toFixed(3)} mm, ${writeInchFixed(step.mm)} in (${Math.round(step.degrees)}°).`
    : ` That is ${Math.round(turn.min)}° to ${Math.round(turn.max)}° of this nut, back from no play.`
}

/** What a fitting fills, and where it is seen that it has (common practice). */
const PUMPED = {
  between:
    'It fills the room between the bearings before either of them, so both are packed by hand first; stop when clean grease shows at the outer bearing.',
  behindInner:
    'Cap off or its plug out: grease comes out behind the inner bearing and goes through the hub; stop when it comes clean through the outer bearing, which was packed by hand.',
  cap: 'It reaches the outer bearing alone until the whole hub is full; the inner one has what was packed by hand. Stop when it gets stiff or shows at the inner seal.',
} as const
const SLOWLY = 'pump slowly while the wheel is turned.'
const PUMPED_TOO_FAR = 'Pressure lifts or turns out the seal: grease on the brake, water in the hub.'

const TURNED: Record<FinishFacts['turned']['as'], string> = {
  'by thumb': 'Turn by hand, listen, feel: no rumble, no play across, no drag.',
  wheel:
    'Spin, listen, feel: no rumble, no drag that was not there. Rock at top and bottom. Both ends of the axle alike.',
  shaft:
    'Turn by hand, listen, feel: no rumble, no drag that was not there. After half an hour under power feel the heat of the housing.',
  joint: 'Swing the joint through its whole travel by hand: free, no play across, nothing touches.',
  roller: 'Turn the roller by hand, then along its whole rail: it turns everywhere, and nothing drags.',
  clutch: 'Turn it both ways by hand: free one way, held at once the other, the way that was marked.',
}

/** Setting, torques and putting together (common practice). */
export const FINISH_TEXTS: TextsOf<FinishFacts> = {
  torque: ({ name, moment }) => ({
    text: `${name}: torque by the manual${MOMENT[moment]}.`,
    tool: WRENCH,
    caution: NO_VALUE,
  }),
  torqueDrawsUp: ({ name, drawnUp }) => ({
    text: `${name}: the bearing on its sleeve ${drawnUpText(drawnUp)} No torque stands for it.`,
    tool: 'Hook spanner, feeler gauge',
  }),
  torqueAxle: () => ({
    text: 'Fastener of the axle: torque by the manual, wheel turning as it is tightened; stop when it binds.',
    tool: WRENCH,
    caution: NO_VALUE,
  }),
  torqueAxleFeltAgain: () => ({
    text: 'Fasteners of the axle: torque by the manual. Then feel the play again: clamping squeezes the axle, and what ran free on the bench may bind.',
    tool: WRENCH,
    caution: NO_VALUE,
  }),
  conesSet: ({ nut }) => ({
    text: `Turn the free cone in by hand until its play is almost gone, hold it and lock its nut. Locking moves it, so check again: no play at the rim, no drag when it turns.${coneText(nut)} The axle stands out alike on both sides, and at least three threads show.`,
  }),
  clampedNothingToSet: ({ by }) => ({
    text:
      by === 'spacer'
        ? 'Nothing to set: clamped over the spacer, turning one inner ring should just drag the other. If it binds, the spacer is short.'
        : 'Nothing to set by the nut: it is fully tight, and the collar with its shims leaves the play, as in the dry trial. Feel it once more now.',
  }),
  rollersSeated: ({ byFeel, lock }) => ({
    text: `${byFeel ? 'By feel' : 'Seat the rollers'}: spin the wheel while tightening to the seating torque of the manual, or until it drags; back off a quarter turn to free it, then finger-tight without a tool, ${LOCK[lock]}. The nut is not tightened again afterwards.`,
    caution:
      'The quarter turn only frees it: it is far more than the play wanted. Over-tight kills as surely as loose.',
  }),
  playMeasured: ({ nut }) => ({
    text: `Dial indicator on the hub, push and pull: end play ${targetText(nut)}.${nutText(nut)}`,
    tool: 'Dial indicator with stand',
  }),
  wheelBackIn: () => ({ text: 'Wheel into its place, straight; fasteners of its axle started by hand.' }),
  threadlockerOn: () => ({
    text: 'Threadlocker on clean, dry set screws, before they are tightened; not on oily threads.',
  }),
  cotterPinIn: ({ name }) => ({
    text: `New ${name}: through the hole, legs bent clear of the cap. Never slacken for a hole beyond the play wanted.`,
  }),
  axleNutStaked: () => ({
    text: 'Axle nut, held where it stands: a collar is staked into the groove of the axle with a rounded punch, without a crack; a split collar is a new nut. A nut that grips by itself is used once.',
    tool: 'Punch with a rounded end, hammer',
    caution: 'Eye protection. Never a chisel: its edge splits the collar.',
  }),
  nutLockOn: ({ name }) => ({
    text: `${name}: over the nut so that a gap of its teeth meets the hole, pin through both.`,
  }),
  tabWasherBent: ({ name }) => ({
    text: `${name}: one tab bent over a flat of the outer nut, last of all. A bent tab is not bent again.`,
  }),
  greasePumped: ({ name, fills }) => ({
    text: `${name}, wiped clean: ${SLOWLY} ${PUMPED[fills]}`,
    caution: PUMPED_TOO_FAR,
  }),
  capOn: ({ name }) => ({ text: `${name}: last of all, tapped on squarely round its rim.` }),
  capPumped: () => ({ text: `Through the cap: ${SLOWLY} ${PUMPED.cap}`, caution: PUMPED_TOO_FAR }),
  wheelNutsOn: ({ name }) => ({
    text: `${name}: wheel on, threads dry and clean, by hand first, then in a star pattern; final torque of the manual with the wheel on the ground.`,
    tool: WRENCH,
    caution: NO_VALUE,
  }),
  sensorIn: () => ({
    text: 'Sensor back in, gap by the manual, plug home; clear and read the fault memory.',
  }),
  turned: ({ as }) => ({ text: TURNED[as] }),
  toolsCounted: ({ wheel }) => ({
    text: wheel
      ? 'Tools counted, guards back, wheels still chocked until the first turn under power is seen by two.'
      : 'Tools counted, guards back; power stays locked off until everybody stands clear.',
  }),
}
