import { writeInchFixed } from '../quantity'
import { isByThumb, isClamped, isSetByCones, isTapered, nameOf, partAt, placesOf, startLarge } from './facts'
import { bentTab } from './mounting'
import type { SlotRole } from '../kit'
import type { PlanFacts, PlanStep } from './plan'
import { schoolNote } from './schools'
import { clampsByAxle, takesAxleAlong, torqueSteps } from './tightening'

/** Setting, and the torques that belong to it: before the play is felt where the nut clamps, after it where it locks. */
export function adjustSteps(facts: PlanFacts): PlanStep[] {
  const torques = torqueSteps(facts, 'set').map(({ step }) => step)
  if (clampsByAxle(facts))
    torques.push({
      id: 'torque.axle',
      words:
        'Fastener of the axle: torque by the manual, wheel turning as it is tightened; stop when it binds.',
      tool: 'Torque wrench',
      caution: 'No value is given here on purpose: it is in the manual of the machine.',
      school: schoolNote('torque', facts.schools),
    })
  return (
    isClamped(facts) || clampsByAxle(facts)
      ? [...torques, ...settingSteps(facts)]
      : [...settingSteps(facts), ...torques]
  ).map(startLarge)
}

/** A tapered pair by feel and by dial, a clamped pair by its drag. */
function settingSteps(facts: PlanFacts): PlanStep[] {
  const { nut, schools } = facts
  if (isSetByCones(facts))
    return [
      {
        id: 'adjust.cones',
        words: `Run the free cone in by hand to the last play, hold it and lock its nut; locking moves it, so feel again: no play at the rim, no drag when it turns.${coneWords(nut)} The axle stands out alike on both sides, and at least three threads show.`,
      },
    ]
  if (!isTapered(facts)) {
    const clamped = placesOf(facts).some(({ slot }) => slot.role === 'spacerTube')
    return clamped && facts.arrangement.turning === 'outer'
      ? [
          {
            id: 'adjust.clamped',
            words:
              'Nothing to set: clamped over the spacer, turning one inner ring should just drag the other. If it binds, the spacer is short.',
          },
        ]
      : []
  }
  if (isClamped(facts))
    return [
      {
        id: 'adjust.clamped',
        words:
          'Nothing to set by the nut: it is fully tight, and the collar with its shims leaves the play, as in the dry trial. Feel it once more now.',
      },
    ]
  const target = nut
    ? `${nut.target.min} to ${nut.target.max} mm (${writeInchFixed(nut.target.min)} to ${writeInchFixed(nut.target.max)} in)${nut.usual ? " as is usual; the manual's figure comes first" : ''}`
    : "the manual's figure"
  const by = (role: SlotRole) => placesOf(facts).some(({ slot }) => slot.role === role)
  const lock = by('castleNut')
    ? 'lock; if no slot lines up, loosen to the next one, never tighten'
    : by('lockingRingNut')
      ? 'hold the inner nut where it stands and lock it with the outer one; locking moves it, so measure again'
      : 'clamp the nut where it stands'
  const byFeel = schools.adjustment === 'feel'
  const feel: PlanStep = {
    id: byFeel ? 'adjust.feel' : 'adjust.seat',
    words: `${byFeel ? 'By feel' : 'Seat the rollers'}: spin the wheel while tightening to the seating torque of the manual, or until it drags; back off a quarter turn to free it, then finger-tight without a tool, ${lock}. The nut is not tightened again afterwards.`,
    caution:
      'The quarter turn only frees it: it is far more than the play wanted. Over-tight kills as surely as loose.',
  }
  const measured: PlanStep = {
    id: 'adjust.measured',
    words: `Dial indicator on the hub, push and pull: end play ${target}.${nutWords(nut)}`,
    tool: 'Dial indicator with stand',
  }
  measured.school = schoolNote('adjustment', schools)
  return [feel, measured]
}

/** A cone is set by a twelfth of a turn at a time, an hour of a clock (common practice). */
const HOURS = 12

const coneWords = (nut: PlanFacts['nut']): string =>
  nut
    ? ` A twelfth of a turn of the cone is ${(nut.pitchMm / HOURS).toFixed(3)} mm, ${writeInchFixed(nut.pitchMm / HOURS)} in.`
    : ''

function nutWords(nut: PlanFacts['nut']): string {
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

/** A wheel that took its axle along, set on the bench: back into its place, and felt again, for clamping squeezes the axle. */
const wheelBackIn = (facts: PlanFacts): PlanStep[] => [
  { id: 'finish.wheel', words: 'Wheel into its place, straight; fasteners of its axle started by hand.' },
  {
    id: 'torque.axle',
    words:
      'Fasteners of the axle: torque by the manual. Then feel the play again: clamping squeezes the axle, and what ran free on the bench may bind.',
    tool: 'Torque wrench',
    caution: 'No value is given here on purpose: it is in the manual of the machine.',
    school: schoolNote('torque', facts.schools),
  },
]

/** Parts that hold a nut where it stands. */
const HOLDS_A_NUT: ReadonlySet<SlotRole> = new Set(['cotterPin', 'nutLock', 'tabWasher', 'lockWasher'])

export function finishSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const by = (role: SlotRole) => places.filter(({ slot }) => slot.role === role)
  const wheel = facts.arrangement.turning === 'outer'
  const steps: PlanStep[] = []
  if (by('threadlocker').length > 0)
    steps.push({
      id: 'finish.threadlocker',
      words: 'Threadlocker on clean, dry set screws, before they are tightened; not on oily threads.',
    })
  // What is pinned, bent over or capped is not tightened any more: every torque comes before.
  steps.push(...torqueSteps(facts, 'finish').map(({ step }) => step))
  for (const place of by('cotterPin'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `New ${nameOf(place)}: through the hole, legs bent clear of the cap. Never slacken for a hole beyond the play wanted.`,
    })
  if (by('axleNut').length > 0 && !places.some(({ slot }) => HOLDS_A_NUT.has(slot.role)))
    steps.push({
      id: 'finish.stake',
      words:
        'Axle nut, held where it stands: a collar is staked into the groove of the axle with a rounded punch, without a crack; a split collar is a new nut. A nut that grips by itself is used once.',
      tool: 'Punch with a rounded end, hammer',
      caution: 'Eye protection. Never a chisel: its edge splits the collar.',
    })
  if (isTapered(facts)) steps.push(...by('lockWasher').map(bentTab))
  for (const place of by('nutLock'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `${nameOf(place)}: over the nut so that a gap of its teeth meets the hole, pin through both.`,
    })
  for (const place of by('tabWasher'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `${nameOf(place)}: one tab bent over a flat of the outer nut, last of all. A bent tab is not bent again.`,
    })
  for (const place of by('nipple'))
    if (place.slot.fills !== undefined)
      steps.push({
        id: `finish.${place.slot.id}`,
        words: `${place.line.words}, wiped clean: ${SLOWLY} ${PUMPED[place.slot.fills]}`,
        caution: PUMPED_TOO_FAR,
      })
  for (const place of by('cap')) {
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `${nameOf(place)}: last of all, tapped on squarely round its rim.`,
    })
    const cap = partAt(facts, place.slot.id)?.part.hardware
    if (cap?.what === 'cap' && cap.kind === 'grease-fill cap')
      steps.push({
        id: `finish.${place.slot.id}.pump`,
        words: `Through the cap: ${SLOWLY} ${PUMPED.cap}`,
        caution: PUMPED_TOO_FAR,
      })
  }
  for (const place of by('wheelNuts'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `${nameOf(place)}: wheel on, threads dry and clean, by hand first, then in a star pattern; final torque of the manual with the wheel on the ground.`,
      tool: 'Torque wrench',
      caution: 'No value is given here on purpose: it is in the manual of the machine.',
    })
  if (facts.encoder === true)
    steps.push({
      id: 'finish.sensor',
      words: 'Sensor back in, gap by the manual, plug home; clear and read the fault memory.',
    })
  if (takesAxleAlong(facts)) steps.push(...wheelBackIn(facts))
  steps.push({
    id: 'finish.spin',
    words: isByThumb(facts)
      ? 'Turn by hand, listen, feel: no rumble, no play across, no drag.'
      : wheel
        ? 'Spin, listen, feel: no rumble, no drag that was not there. Rock at top and bottom. Both ends of the axle alike.'
        : 'Turn by hand, listen, feel: no rumble, no drag that was not there. After half an hour under power feel the heat of the housing.',
    ...(wheel && { school: schoolNote('sides', facts.schools) }),
  })
  steps.push({
    id: 'finish.tools',
    words: wheel
      ? 'Tools counted, guards back, wheels still chocked until the first turn under power is seen by two.'
      : 'Tools counted, guards back; power stays locked off until everybody stands clear.',
  })
  return steps.map(startLarge)
}
