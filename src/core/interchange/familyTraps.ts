import type { Catalogue, Family, Part, Shank } from '../catalogue'
import { isSameSize } from './sameSize'
import { sizeTrap, type Trap } from './trap'
import { insertAlone } from './units'

/** As threads are written that screw on to the left. */
const LEFT_HAND = ' LH'

const same = (a: number | undefined, b: number | undefined): boolean =>
  a !== undefined && b !== undefined && isSameSize(a, b)

const sameRings = (a: Pick<Part, 'dimensions'>, b: Pick<Part, 'dimensions'>): boolean =>
  same(a.dimensions.bore, b.dimensions.bore) && same(a.dimensions.outside, b.dimensions.outside)

/** An insert and the bearing of its shell: same bore and outside, another outside shape and ring. */
function insertAndShell(part: Part, catalogue: Catalogue): Trap[] {
  const insert = part.family === 'insert'
  if (!insert && part.family !== 'deep-groove') return []
  const others = catalogue.parts.filter(
    (other) => other.family === (insert ? 'deep-groove' : 'insert') && sameRings(part, other),
  )
  return others
    .slice(0, insert ? 2 : 1)
    .map(({ base }) =>
      sizeTrap(
        base,
        insert
          ? 'Same bore and outside, but a straight outside and a short inner ring without screws: it does not swivel in the housing and nothing holds it on the shaft.'
          : 'Same bore and outside, but an insert: round outside and a long inner ring with screws or a collar, for a housing that lets it swivel.',
      ),
    )
}

/** Hub units of one size are made with and without a magnetic encoder, and with it on either side. */
const encoderSide = ({ family, base }: Part): Trap[] =>
  family === 'hub-unit'
    ? [
        sizeTrap(
          base,
          'The same size with a magnetic encoder ring, or without one: without it, or turned round, the speed sensor reads nothing. A paper clip finds the magnetic side.',
        ),
      ]
    : []

const FOUR_POINT =
  'Same size, but its balls touch in four points: it holds the shaft both ways and wants load along it.'
const ONE_WAY =
  'Same size, but it holds the shaft one way only: it takes a second one against it, and must face the right way.'
const TWIN_SERIES: readonly (readonly [from: RegExp, to: string, why: string])[] = [
  [/^QJ(?=[23]\d\d$)/, '7', ONE_WAY],
  [/^7(?=[23]\d\d$)/, 'QJ', FOUR_POINT],
  [/^HK/, 'BK', 'Same size with a closed end: the shaft cannot pass through it.'],
  [/^BK/, 'HK', 'Same size open at both ends: it does not close off the bore.'],
  [/^SCE/, 'BCE', 'Same size with a closed end: the shaft cannot pass through it.'],
  [/^BCE/, 'SCE', 'Same size open at both ends: it does not close off the bore.'],
  [/^NA/, 'RNA', 'The same without its inner ring: it runs on a hardened shaft of another size.'],
  [/^RNA/, 'NA', 'The same with an inner ring: for a smaller shaft.'],
]

/** Families whose designs differ by the letters in front of one number: an end, an inner ring, the points of contact. */
const LETTERED: ReadonlySet<Family> = new Set(['needle', 'angular-contact'])

function letteredTwins({ family, base }: Part, catalogue: Catalogue): Trap[] {
  if (!LETTERED.has(family)) return []
  return TWIN_SERIES.flatMap(([from, to, why]) => {
    const twin = from.test(base) ? base.replace(from, to) : undefined
    return twin !== undefined && catalogue.parts.some((p) => p.family === family && p.base === twin)
      ? [sizeTrap(twin, why)]
      : []
  })
}

/** Thrust ball bearings by one number that hold the shaft one way, 51208, and both ways, 52208: the bores differ. */
function thrustTwin({ family, base, dimensions }: Part, catalogue: Catalogue): Trap[] {
  const single = family === 'thrust-ball'
  if (!single && family !== 'thrust-ball-double') return []
  const twin = catalogue.parts.find(
    (p) =>
      p.family === (single ? 'thrust-ball-double' : 'thrust-ball') &&
      p.base === `5${single ? 2 : 1}${base.slice(2)}`,
  )
  if (!twin) return []
  const bores = otherThan('the bore of its shaft washer', twin.dimensions.bore, dimensions.bore)
  return [
    sizeTrap(
      twin.base,
      `${single ? 'Holds the shaft both ways, with two rows of balls' : 'Holds the shaft one way only, with one row of balls'}; ${bores}. Same outside.`,
    ),
  ]
}

/** One thing of two parts as it differs; empty where it is the same or not known of both. */
function otherThan(what: string, now: string | number | undefined, was: string | number | undefined): string {
  if (now === undefined || was === undefined || now === was) return ''
  const unit = typeof now === 'number' ? ' mm' : ''
  return `${what} is ${now}${unit}, not ${was}${unit}`
}

/** Bores of rod ends that are taken for each other, mm: 5/16 in goes on a pin of 8 mm nearly, 1/2 in on 12 mm with play. */
const NEAR_PIN_MM = 0.8

/** Rod ends that differ by their thread, by head and ball on the same bore, or by an inch bore near a metric one. */
function rodEndTwins({ family, base, series, dimensions, shank }: Part, catalogue: Catalogue): Trap[] {
  const { bore } = dimensions
  if (family !== 'rod-end' || !shank || bore === undefined) return []
  const others = catalogue.parts.filter(
    (other) =>
      other.family === 'rod-end' &&
      other.base !== base &&
      Math.abs((other.dimensions.bore ?? Infinity) - bore) < NEAR_PIN_MM,
  )
  const handOf = ({ thread }: Shank): boolean => thread.endsWith(LEFT_HAND)
  return others.flatMap((other) => {
    if (!other.shank) return []
    const [sameKind, sameHand] = [other.shank.kind === shank.kind, handOf(other.shank) === handOf(shank)]
    if (!same(other.dimensions.bore, bore))
      return sameKind && sameHand
        ? [
            sizeTrap(
              other.base,
              `Near in size, but another pin: ${[
                otherThan('the bore', other.dimensions.bore, bore),
                otherThan('the thread', other.shank.thread, shank.thread),
              ].join(', ')}.`,
            ),
          ]
        : []
    if (other.series !== series)
      return sameKind && sameHand
        ? [
            sizeTrap(
              other.base,
              `Same bore, another series: ${[
                otherThan('the ball', other.dimensions.width, dimensions.width),
                otherThan('the head', other.dimensions.outside, dimensions.outside),
                otherThan('the thread', other.shank.thread, shank.thread),
              ]
                .filter((text) => text !== '')
                .join(', ')}.`,
            ),
          ]
        : []
    if (sameKind)
      return [
        sizeTrap(
          other.base,
          `The same with a ${handOf(other.shank) ? 'left' : 'right'}-hand thread: it does not screw on. A rod that is turned to set its length has one of each.`,
        ),
      ]
    return sameHand
      ? [
          sizeTrap(
            other.base,
            `The same with ${other.shank.kind === 'male' ? 'a threaded shank' : 'a threaded hole'}: it goes on the other kind of rod.`,
          ),
        ]
      : []
  })
}

/** Outsides of track rollers that are taken for each other, mm: 1 1/4 in is 0.25 mm less than 32 mm. */
const NEAR_ROLLER_MM = 0.8

/** Track rollers that differ by a washer, an inner ring, or a quarter of a millimetre and the stud that goes with it. */
function trackRollerTwins({ family, base, dimensions: d }: Part, catalogue: Catalogue): Trap[] {
  if (family !== 'cam-follower') return []
  return catalogue.parts.flatMap((other) => {
    const e = other.dimensions
    if (other.family !== 'cam-follower' || other.base === base || !d.outside || !e.outside) return []
    if (Math.abs(d.outside - e.outside) > NEAR_ROLLER_MM || (d.bore === undefined) !== (e.bore === undefined))
      return []
    if (d.bore === undefined)
      return same(d.outside, e.outside)
        ? []
        : [
            sizeTrap(
              other.base,
              `The roller is ${e.outside} mm, not ${d.outside} mm; its stud and thread are others.`,
            ),
          ]
    if (same(d.outside, e.outside) && other.base === `R${base}`)
      return [
        sizeTrap(other.base, `The same without its inner ring: it runs on a hardened pin of ${e.bore} mm.`),
      ]
    if (same(d.outside, e.outside) && base === `R${other.base}`)
      return [sizeTrap(other.base, `The same with an inner ring, for a pin of ${e.bore} mm.`)]
    if (!sameRings({ dimensions: d }, other)) return []
    const washers =
      other.series === 'STO'
        ? 'without washers: what it is fitted between must guide it'
        : same(d.width, e.width)
          ? 'but made differently inside: check load and speed'
          : `${e.width} mm over its washers, not ${d.width} mm`
    return [sizeTrap(other.base, `Same bore and outside, ${washers}.`)]
  })
}

/** Bearings that a one-way clutch looks like from outside: a ball bearing, a drawn cup of needles. */
const LIKE_CLUTCHES: ReadonlySet<Family> = new Set(['deep-groove', 'needle'])

/** A one-way clutch and the bearing of the same bore and outside. */
function clutchAndBearing(part: Part, catalogue: Catalogue): Trap[] {
  const isClutch = part.family === 'one-way-clutch'
  if (!isClutch && !LIKE_CLUTCHES.has(part.family)) return []
  return catalogue.parts
    .filter(({ family }) => (isClutch ? LIKE_CLUTCHES.has(family) : family === 'one-way-clutch'))
    .filter((other) => sameRings(part, other))
    .slice(0, 2)
    .map(({ base }) =>
      sizeTrap(
        base,
        isClutch
          ? 'Same bore and outside, but a bearing: it turns both ways and holds nothing back.'
          : 'Same bore and outside, but a one-way clutch: it turns one way and locks the other.',
      ),
    )
}

/** Linear ball bearings of one shaft that are taken for each other: longer, shorter, of another series, with a flange. */
function linearOfOneShaft(part: Part, catalogue: Catalogue): Trap[] {
  if (part.family !== 'linear-ball') return []
  const { bore, outside, width, flangeOutside } = part.dimensions
  return catalogue.parts
    .filter(
      (other) =>
        other.family === 'linear-ball' && other.base !== part.base && same(other.dimensions.bore, bore),
    )
    .flatMap(({ base, dimensions: d }) => {
      const differences = [
        otherThan('the outside', d.outside, outside),
        otherThan('the length', d.width, width),
        d.flangeOutside === flangeOutside ? '' : d.flangeOutside ? 'with a flange' : 'without a flange',
      ].filter((text) => text !== '')
      return differences.length === 0
        ? []
        : [sizeTrap(base, `For the same shaft, but ${differences.join(', ')}.`)]
    })
}

/** Traps that go with the kind of bearing, not with near sizes (common practice). */
export const familyTraps = (part: Part, catalogue: Catalogue): Trap[] => [
  ...insertAlone(part),
  ...insertAndShell(part, catalogue),
  ...encoderSide(part),
  ...letteredTwins(part, catalogue),
  ...thrustTwin(part, catalogue),
  ...clutchAndBearing(part, catalogue),
  ...rodEndTwins(part, catalogue),
  ...trackRollerTwins(part, catalogue),
  ...linearOfOneShaft(part, catalogue),
]
