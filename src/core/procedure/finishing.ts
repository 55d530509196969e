import { hasBalls, isFastener, isTapered, nameOf, placesOf, startLarge } from './facts'
import type { PlanFacts, PlanStep } from './plan'
import { schoolNote } from './schools'

/** Setting: a tapered pair by feel and by dial, a clamped pair by its drag. */
export function adjustSteps(facts: PlanFacts): PlanStep[] {
  const { nut, schools } = facts
  if (hasBalls(facts))
    return [
      {
        id: 'adjust.cones',
        words:
          'Run the free cone in by hand to the last play, hold it and lock its nut; locking moves it, so feel again: no play at the rim, no drag when it turns.',
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
  const target = nut ? `${nut.target.min} to ${nut.target.max} mm` : "the manual's figure"
  const slotted = placesOf(facts).some(({ slot }) => slot.role === 'castleNut')
  const lock = slotted ? 'lock at the nearest slot loosened' : 'clamp the nut where it stands'
  const feel: PlanStep = {
    id: 'adjust.feel',
    words: `By feel: spin the wheel while tightening until it drags, back off a quarter turn to free it, re-snug by fingers, ${lock}.`,
    caution:
      'The quarter turn only frees it: it is far more than the play wanted. Over-tight kills as surely as loose.',
  }
  const measured: PlanStep = {
    id: 'adjust.measured',
    words: `Dial indicator on the hub, push and pull: end play ${target}.${nut ? ` One slot is ${nut.stepMm.toFixed(3)} mm (${Math.round(nut.stepDegrees)}°).` : ''}`,
    tool: 'Dial indicator with stand',
  }
  const mine =
    schools.adjustment === 'feel'
      ? [feel, measured]
      : [
          { ...feel, id: 'adjust.seat', words: feel.words.replace(/^By feel: s/, 'Seat the rollers: s') },
          measured,
        ]
  const last = mine.at(-1)
  if (last) last.school = schoolNote('adjustment', schools)
  return mine
}

export function finishSteps(facts: PlanFacts): PlanStep[] {
  const places = placesOf(facts)
  const by = (role: string) => places.filter(({ slot }) => slot.role === role)
  const fasteners = places.filter(isFastener)
  const wheel = facts.arrangement.turning === 'outer'
  const steps: PlanStep[] = []
  for (const place of by('cotterPin'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `New ${nameOf(place)}: through the hole, legs bent clear of the cap. Never slacken for a hole beyond the play wanted.`,
    })
  for (const place of by('lockWasher'))
    steps.push({ id: `finish.${place.slot.id}`, words: 'Bend one tab of the washer into a slot of the nut.' })
  if (places.some(({ line }) => /clamp screw/i.test(line.words)))
    steps.push({
      id: 'finish.clamp',
      words: 'Tighten the clamp screw, then measure the play again: clamping moves the nut.',
    })
  if (fasteners.length > 0)
    steps.push({
      id: 'finish.torque',
      words: `Torque by the manual: ${fasteners.map(({ line }) => line.words.toLowerCase()).join(', ')}. Cross pattern where there are several.`,
      tool: 'Torque wrench',
      caution: 'No value is given here on purpose: it is in the manual of the machine.',
      school: schoolNote('torque', facts.schools),
    })
  if (places.some(({ slot, line }) => slot.role === 'consumable' && /thread/i.test(line.words)))
    steps.push({
      id: 'finish.threadlocker',
      words: 'Threadlocker on clean, dry set screws; not on oily threads.',
    })
  for (const place of by('cap'))
    steps.push({
      id: `finish.${place.slot.id}`,
      words: `${nameOf(place)}: last of all, tapped on squarely round its rim.`,
    })
  if (facts.encoder === true)
    steps.push({
      id: 'finish.sensor',
      words: 'Sensor back in, gap by the manual, plug home; clear and read the fault memory.',
    })
  steps.push({
    id: 'finish.spin',
    words: wheel
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
