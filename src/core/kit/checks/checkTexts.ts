import { capital } from '../../capital'
import { PRACTICE_LABELS } from '../../grease'
import { writeInch, writeMm } from '../../quantity'
import { FINDING_LABELS } from '../findings'
import type { CheckCode, CheckFacts, CheckFinding } from './facts'

interface CheckText {
  title: string
  detail: string
}

const behind = (end: string): string => (end ? `, ${end}` : '')

const TEXTS: { [C in CheckCode]: (data: CheckFacts[C]) => CheckText } = {
  coneRuns: ({ end, cone, cup, series }) => ({
    title: `The ${end} cone runs with its cup`,
    detail: `${cone} and ${cup}, series ${series}`,
  }),
  coneDoesNotRun: ({ cone, cup, coneSeries, cupSeries }) => ({
    title: `${cup} does not run with ${cone}`,
    detail: `The cup is of series ${cupSeries}, the cone of series ${coneSeries}: another angle and other rollers, never mixed. Take a cup of ${coneSeries}.`,
  }),
  partOffSeat: ({ part, on, sizeMm, measuredMm }) => ({
    title: `${part} does not fit the ${on === 'shaft' ? 'shaft' : 'bore it sits in'}`,
    detail: `${writeMm(sizeMm)} mm against ${writeMm(measuredMm)} mm measured (${writeInch(sizeMm)} and ${writeInch(measuredMm)} in). Measure again, or take the part for that size.`,
  }),
  setsAlike: () => ({
    title: 'Same set inside and outside',
    detail: 'Often right, often assumed. Measure both ends of the hub.',
  }),
  setsDiffer: () => ({ title: 'Inner and outer sets differ', detail: 'Keep them apart while fitting.' }),
  setsSwapped: ({ inner, outer, innerMm, outerMm }) => ({
    title: 'Inner and outer sets are mixed up',
    detail: `The outer cone ${outer} (${writeMm(outerMm)} mm) is larger than the inner cone ${inner} (${writeMm(innerMm)} mm): the inner one could not pass over the spindle.`,
  }),
  sealFits: ({ end, answer }) => ({
    title: `Seal fits journal and counterbore${behind(end)}`,
    detail: answer,
  }),
  sealOff: ({ seal, end, answer }) => ({
    title: `${seal} does not fit here${behind(end)}`,
    detail: answer ?? 'Journal or counterbore is of quite another size.',
  }),
  sealUnderCone: ({ seal, shaftMm, coneMm }) => ({
    title: `${seal} is too small for the spindle`,
    detail: `Its shaft size is ${writeMm(shaftMm)} mm, the cone before it has a bore of ${writeMm(coneMm)} mm.`,
  }),
  sealUnderCup: ({ housingMm, cupMm }) => ({
    title: 'Seal smaller than the cup behind it',
    detail: `Housing ${writeMm(housingMm)} mm, cup ${writeMm(cupMm)} mm: right only where the seal sits in a ring of its own. Measure the counterbore.`,
  }),
  nutOverCone: ({ cone, thread, threadMm, boreMm }) => ({
    title: `${cone} does not pass over ${thread}`,
    detail: `The thread is ${writeMm(threadMm)} mm, the bore of the cone ${writeMm(boreMm)} mm.`,
  }),
  nutOffThread: ({ nut, typed }) => ({
    title: `A nut ${nut} does not run on this spindle`,
    detail: `Its thread was measured as ${typed}. Measure again, or take the nut for it.`,
  }),
  writtenNutOff: ({ nut, of, thread }) => ({
    title: `“${nut}” is of another thread`,
    detail: `${of === '' ? 'The spindle was measured as' : `${of} has`} ${thread}. Look at pitch and hand, and write the nut with its whole thread.`,
  }),
  lockNutOff: ({ nut, threadMm, bearing, boreMm }) => ({
    title: `${nut} does not hold ${bearing}`,
    detail:
      threadMm > boreMm
        ? `Its thread is ${writeMm(threadMm)} mm, the bore of the bearing ${writeMm(boreMm)} mm: the bearing does not pass over the thread.`
        : `The bore of the bearing is ${writeMm(boreMm)} mm: the nut goes into it and does not reach its ring.`,
  }),
  lockNutSmall: ({ nut, threadMm, bearing, boreMm }) => ({
    title: `${nut} is smaller than usual for ${bearing}`,
    detail: `Thread ${writeMm(threadMm)} mm beside a bore of ${writeMm(boreMm)} mm: right only where the shaft is stepped down. Measure the thread, and that the nut reaches the inner ring.`,
  }),
  nutOffSleeve: ({ nut, sleeve, own }) => ({
    title: `${nut} is not the nut of ${sleeve}`,
    detail: `The sleeve comes with ${own}: another does not run on it.`,
  }),
  lockWasherOff: ({ washer, washerMm, nut, threadMm }) => ({
    title: `${washer} does not go with ${nut}`,
    detail: `Tab washer for ${writeMm(washerMm)} mm, nut ${writeMm(threadMm)} mm.`,
  }),
  sleeveUnderCylinder: ({ sleeve, bearing }) => ({
    title: `${bearing} takes no sleeve`,
    detail: `${sleeve} needs a bearing with a bore of taper 1:12 (K). Take that one, or leave the sleeve out.`,
  }),
  sleeveOff: ({ sleeve, sleeveMm, bearing, boreMm }) => ({
    title: `${sleeve} does not fit ${bearing}`,
    detail: `The sleeve is for a bore of ${writeMm(sleeveMm)} mm, the bearing has ${writeMm(boreMm)} mm.`,
  }),
  sleeveOfOtherSeries: ({ sleeve, usual, bearing }) => ({
    title: `${sleeve} is of another length than usual for ${bearing}`,
    detail: `Usual: ${usual}. Too short, and the nut has no thread; too long, and it bottoms before the bearing is tight.`,
  }),
  snapRingOff: ({ ring, seat, seatMm }) => ({
    title: `${ring} does not sit here`,
    detail: `Its groove is in a ${seat}${seatMm === null ? '' : ` of ${writeMm(seatMm)} mm`}. Measure the groove, and take the ring of that size.`,
  }),
  washerOffNut: ({ washerMm, thread }) => ({
    title: 'Washer and nut are of two spindles',
    detail: `Washer for ${writeMm(washerMm)} mm, nut ${thread}.`,
  }),
  pinOffNut: ({ pinMm, overMm, toMm }) => ({
    title: 'Cotter pin of another size than usual',
    detail: `ISO 1234 gives a ${pinMm} mm pin for bolts over ${overMm} to ${toMm} mm. Try it in the hole.`,
  }),
  slotStep: ({ stepMm, wide, assumedSlots }) => ({
    title: `One slot of the nut moves the hub ${stepMm.toFixed(2)} mm`,
    detail: `${
      wide
        ? 'Wider than the usual play: set the play by fingers, then take the nearest slot loosened. The manual rules.'
        : "Lock at the nearest slot loosened; the machine's manual rules."
    }${assumedSlots === null ? '' : ` With ${assumedSlots} slots: count them.`}`,
  }),
  housingHolds: ({ housing, insert }) => ({
    title: 'Housing holds its insert',
    detail: `${insert} swivels in ${housing}. Count and spacing of the bolts as on the old one.`,
  }),
  housingOff: ({ housing, seatMm, insert, outsideMm }) => ({
    title: 'Housing does not hold the insert',
    detail: `${housing} has a seat of ${writeMm(seatMm)} mm, ${insert} ${outsideMm === null ? 'another outside' : `an outside of ${writeMm(outsideMm)} mm`}. Take both of one size.`,
  }),
  capFits: ({ mouthMm }) => ({
    title: 'Cap fits the hub mouth',
    detail: `${writeMm(mouthMm)} mm (${writeInch(mouthMm)} in)`,
  }),
  capOff: ({ capMm, mouthMm }) => ({
    title: 'Cap does not fit the hub mouth',
    detail: `Cap for ${writeMm(capMm)} mm, hub mouth ${writeMm(mouthMm)} mm.`,
  }),
  capFill: ({ cap, practice }) => ({
    title: practice === 'hubFull' ? `${cap}: the hub is packed full` : `${cap} needs a hub packed full`,
    detail:
      practice === 'hubFull'
        ? 'Pack both bearings by hand first: what is pumped in reaches the outer bearing before the inner one. Turn the wheel, stop when it shows at the inner seal.'
        : `The hub is filled otherwise (${PRACTICE_LABELS[practice].name}): grease pumped through the cap then feeds the outer bearing only and the inner one runs dry. Choose “${PRACTICE_LABELS.hubFull.name}” under Fits and setting, Grease, or take a dust cap.`,
  }),
  fittingFill: ({ place, fills, practice }) => ({
    title: practice === 'hubFull' ? `${place}: the hub is packed full` : `${place} needs a hub packed full`,
    detail:
      practice === 'hubFull'
        ? fills === 'between'
          ? 'The room between the bearings fills first: pack both bearings by hand, or they wait for theirs.'
          : 'Grease comes out behind the inner bearing and reaches the outer one last: pack that by hand.'
        : `The hub is filled otherwise (${PRACTICE_LABELS[practice].name}), and a fitting cannot do that: what is pumped in fills ${fills === 'between' ? 'the room before either bearing' : 'the inner bearing and the room before the outer one'}. Choose “${PRACTICE_LABELS.hubFull.name}” under Fits and setting, Grease, or leave the fitting closed and pack by hand.`,
  }),
  bearingOpen: ({ designations }) => ({
    title: 'A bearing is not closed on both sides',
    detail: `${designations.join(' and ')}: this arrangement keeps no grease around it. Take the type with two contact seals.`,
  }),
  bearingsDiffer: ({ pair }) => ({
    title: pair ? 'Left and right bearings differ' : 'Bearings that are usually alike differ',
    detail: 'Seen on driven and stepped axles. Keep each with its side.',
  }),
  closuresDiffer: ({ designations }) => ({
    title: 'Left and right bearings are closed differently',
    detail: `${designations.join(' and ')}: the same size. Take the better closed one for both, unless one side is meant to be open.`,
  }),
  bearingsAlike: ({ count, sizes, closed }) => ({
    title:
      count === 2 ? `Both bearings alike${closed ? ' and closed' : ''}` : `${count} bearings in one position`,
    detail: `${sizes.map(({ designation, count: n }) => `${n} × ${designation}`).join(', ')}. All of one position are replaced together.`,
  }),
  ballsTooMany: ({ count, balls, most }) => ({
    title: 'More balls than go round',
    detail: `${count} × ${balls}, and ${most} fill the circle: one less runs free. Measure the ball and the circle again.`,
  }),
  otherThanDecided: ({ decided, holds, why }) => ({
    title: `${holds} is not what was decided`,
    detail: [
      `Decided for this job: ${decided}.`,
      ...why.map(capital),
      'Put that one in, or decide anew.',
    ].join(' '),
  }),
  carriesNoShaft: ({ part }) => ({
    title: `${part} is a thrust bearing`,
    detail:
      'It does not carry the shaft by itself. Put a radial bearing here; the thrust bearing goes beside it, as a place of its own.',
  }),
  cannotLocate: ({ part }) => ({
    title: `${part} cannot locate the shaft`,
    detail:
      'It has no flanges to hold it along the axis. Put it at the floating end and a bearing that holds both ways here.',
  }),
  locatesOneWay: ({ part, wantsMate }) => ({
    title: `${part} holds the shaft one way only`,
    detail: wantsMate
      ? 'It runs set against a second one: take two of a pair here, or a type that holds both ways.'
      : 'Turn its flange against the thrust, or take a type that holds both ways.',
  }),
  locatesAndFloats: ({ floating, within }) => ({
    title: 'One bearing locates, the other floats',
    detail: within
      ? `${floating} floats within itself: both its rings are held.`
      : `${floating} must slide in its housing: leave room beside its outer ring.`,
  }),
  taperedBore: ({ designation, sleeve, leftOut }) => ({
    title: `${designation} has a tapered bore`,
    detail: leftOut
      ? 'Its sleeve is left out: right only where the shaft itself has the same taper, 1:12.'
      : sleeve
        ? `It goes on the adapter sleeve ${sleeve.base}, for a shaft of ${writeMm(sleeve.shaftMm)} mm. Where the shaft itself is tapered, leave the sleeve out.`
        : 'It goes on a sleeve or a tapered shaft; no sleeve for it is listed.',
  }),
  spacerMissing: ({ place }) => ({
    title: `${place} missing`,
    detail: 'Without it the inner rings are drawn together and the bearings run loaded sideways.',
  }),
  spacerFirst: ({ place }) => ({
    title: `${place} goes in before the second bearing`,
    detail: 'Afterwards there is no way in.',
  }),
  collarPlay: ({ playMm, collarMm, seatsMm, coneMm: [b1, b2], setMm: [t1, t2], rangeMm: { min, max } }) => {
    const good = playMm >= min && playMm <= max
    const deviation = playMm - (min + max) / 2
    const remedy = good
      ? ''
      : ` A shim of about ${Math.abs(deviation).toFixed(2)} mm ${deviation > 0 ? 'out' : 'in'} brings it to the middle of ${min} to ${max} mm.`
    return {
      title:
        playMm < 0
          ? `The collar is short: ${(-playMm).toFixed(2)} mm of preload`
          : `The collar leaves ${playMm.toFixed(2)} mm of play${good ? '' : ', not the usual'}`,
      detail: `Cones ${writeMm(b1)} + ${writeMm(b2)} and collar ${writeMm(collarMm)}, against seats ${writeMm(seatsMm)} and sets ${writeMm(t1)} + ${writeMm(t2)} mm.${remedy} Worked from nominal widths: the dry rock test decides.`,
    }
  },
  found: ({ finding, adds }) => ({
    title: `Found: ${FINDING_LABELS[finding]}`,
    detail:
      adds.length > 0
        ? `Adds: ${adds.map((label) => label.toLowerCase()).join(', ')}.`
        : 'No place of this arrangement answers it. Repair or replace the worn piece.',
  }),
}

/** The text of a finding. */
export function checkText(finding: CheckFinding): CheckText {
  const text = TEXTS[finding.code] as (data: CheckFinding['data']) => CheckText
  return text(finding.data)
}
