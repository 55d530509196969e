import { capital, withArticle } from '../capital'
import { familyFacts, needleDesign, numberKey, type Catalogue, type Family, type Part } from '../catalogue'
import { writeInch, writeMm } from '../quantity'
import { familyTraps } from './familyTraps'
import { hardwareTraps } from './hardwareTraps'
import { inchBoreTwins } from './inchBoreTwins'
import { lookAlikeNumbers } from './lookAlikeNumbers'
import { isNearSize, isSameSize } from './sameSize'
import type { Trap } from './trap'
import { unitTraps } from './units'

/** Of the same size and another kind a few are enough; the near sizes are the ones that catch people. */
const MAX_SAME_SIZE = 4
const MAX_NEAR = 8

/** Widths a part may show: open, and closed where that differs. */
const widthsOf = ({ dimensions: d }: Part): number[] =>
  [
    d.width,
    d.closedWidth,
    d.totalWidth,
    ...(d.width || d.totalWidth ? [] : [d.coneWidth, d.cupWidth]),
  ].filter((mm) => mm !== undefined)

interface Difference {
  name: string
  a: number
  b: number
}

/** The two widths that are taken for each other most easily. */
function nearestWidths(part: Part, other: Part): Difference[] {
  const pairs = widthsOf(part).flatMap((a) => widthsOf(other).map((b) => ({ name: 'width', a, b })))
  return pairs.sort((p, q) => Math.abs(p.a - p.b) - Math.abs(q.a - q.b)).slice(0, 1)
}

function differences(part: Part, other: Part): Difference[] | null {
  for (const name of ['bore', 'outside'] as const) {
    const [a, b] = [part.dimensions[name], other.dimensions[name]]
    if (a !== undefined && b !== undefined && !isNearSize(a, b)) return null
  }
  const diameters = (['bore', 'outside'] as const).flatMap((name) => {
    const [a, b] = [part.dimensions[name], other.dimensions[name]]
    return a === undefined || b === undefined ? [] : [{ name, a, b }]
  })
  const known = [...diameters, ...nearestWidths(part, other)]
  if (diameters.length === 0 || known.some(({ a, b }) => !isNearSize(a, b))) return null
  return known.filter(({ a, b }) => !isSameSize(a, b))
}

const sizeText = ({ name, a, b }: Difference): string =>
  `${name} ${writeMm(b)} mm against ${writeMm(a)}, ${writeMm(Math.abs(b - a))} mm (${writeInch(Math.abs(b - a))} in) ${b > a ? 'larger' : 'smaller'}`

const rollsAlike = (a: Part, b: Part): boolean =>
  familyFacts(a.family).element === familyFacts(b.family).element

function why(part: Part, other: Part, found: readonly Difference[]): string {
  if (found.length === 0)
    return `Same size, but ${withArticle(familyFacts(other.family).label)}: ${other.family === 'insert' ? 'for a housing that lets it swivel' : 'made for other loads'}.`
  const sameCup = part.set && other.set && part.set.cup === other.set.cup
  const lead = sameCup ? `Same cup ${part.set?.cup}, another cone: ` : ''
  const kind = rollsAlike(part, other) ? '' : `, but ${withArticle(familyFacts(other.family).label)}`
  return `${capital(lead + found.map(sizeText).join('; '))}. Similar size${kind}; not interchangeable.`
}

/** A near size that rolls on something else is seen to be another bearing: it comes after those that look alike. */
const OTHER_ELEMENT = 0.1

const distance = (found: readonly Difference[]): number =>
  found.reduce((sum, { a, b }) => sum + Math.abs(a - b) / a, 0)

/** Kinds that are told apart at a glance from every other bearing, however near in size. */
const APART: ReadonlySet<Family> = new Set([
  'cam-follower',
  'ball-track-roller',
  'one-way-clutch',
  'spherical-plain',
  'rod-end',
  'thrust-roller',
  'thrust-spherical',
  'linear-ball',
])
/** A ring or a cage by itself is seen to be no bearing. */
const isApart = (part: Part): boolean =>
  APART.has(part.family) || ['cage', 'innerRing'].includes(needleDesign(part) ?? '')
/** What it is to the eye, among parts of one family. */
const lookOf = (part: Part): string => (isApart(part) ? (needleDesign(part) ?? '') : '')

interface Found extends Trap {
  other: Part
  distance: number
  commonness: number
}

/** Of each other kind, and of the sets with one other cup, the nearest are told: cones of one size go by many numbers. */
const MAX_OF_ANOTHER_KIND = 2
function fewOfOthers(part: Part, near: readonly Found[]): Found[] {
  const counts = new Map<string, number>()
  return near.filter(({ other }) => {
    const group = other.family === part.family ? other.set?.cup : other.family
    if (group === undefined || group === part.set?.cup) return true
    const count = counts.get(group) ?? 0
    counts.set(group, count + 1)
    return count < MAX_OF_ANOTHER_KIND
  })
}

/** A part with the width it has closed, where that is another. */
function closedForm(part: Part): Part {
  const { closedWidth } = part.dimensions
  return closedWidth === undefined
    ? part
    : { ...part, dimensions: { ...part.dimensions, width: closedWidth } }
}

/**
 * Parts that are taken for this one and are not: near in every size, or the same size and another kind.
 * @param closed compares widths with shields or seals, where they are other than open ones
 */
export function trapsOf(part: Part, catalogue: Catalogue, closed = false): Trap[] {
  if (part.piece === 'hardware') return hardwareTraps(part, catalogue)
  if (part.housing) return unitTraps(part, catalogue)
  const form = closed ? closedForm : (open: Part): Part => open
  const own = form(part)
  const found = catalogue.parts
    .filter((other) => other !== part && other.piece === part.piece)
    .filter((other) =>
      other.family === part.family ? lookOf(part) === lookOf(other) : !(isApart(part) || isApart(other)),
    )
    .flatMap((listed): Found[] => {
      const other = form(listed)
      const sharesCup = part.set && other.set && part.set.cup === other.set.cup
      const apart = sharesCup ? sharedCupDifferences(part, other) : differences(own, other)
      if (!apart || (apart.length === 0 && other.family === part.family)) return []
      const { base: designation, commonness } = other
      return [
        {
          designation,
          other,
          kind: 'size',
          why: why(own, other, apart),
          distance: sharesCup
            ? 1e-9
            : distance(apart) + (apart.length > 0 && !rollsAlike(part, other) ? OTHER_ELEMENT : 0),
          commonness,
        },
      ]
    })
  const sameSize = found.filter((f) => f.distance === 0).sort((a, b) => b.commonness - a.commonness)
  const near = fewOfOthers(
    part,
    found.filter((f) => f.distance > 0).sort((a, b) => a.distance - b.distance),
  )
  const sizes = [...near.slice(0, MAX_NEAR), ...sameSize.slice(0, MAX_SAME_SIZE)].map(
    ({ designation, kind, why: reason }) => ({ designation, kind, why: reason }),
  )
  const twins = [...inchBoreTwins(part, catalogue), ...familyTraps(part, catalogue)]
  const named = new Set([...sizes, ...twins].map((t) => numberKey(t.designation)))
  const numbers = lookAlikeNumbers(part, catalogue)
    .filter((other) => !named.has(numberKey(other.base)))
    .slice(0, MAX_NUMBERS)
    .map((other): Trap => ({ designation: other.base, kind: 'number', why: numberText(own, form(other)) }))
  const first = new Set(twins.map((t) => t.designation))
  return [...twins, ...sizes.filter((t) => !first.has(t.designation)), ...numbers]
}

/** Numbers that read alike: a few, the commonest. */
const MAX_NUMBERS = 4

function numberText(part: Part, other: Part): string {
  const sizes = ({ dimensions: d }: Part) =>
    [d.bore, d.outside, d.width ?? d.totalWidth ?? d.coneWidth ?? d.cupWidth]
      .map((mm) => (mm === undefined ? '–' : writeMm(mm)))
      .join(' × ')
  return `Reads like ${part.base} when it is worn, but is ${withArticle(familyFacts(other.family).label)} of ${sizes(other)} mm against ${sizes(part)}. Measure before you order.`
}

function sharedCupDifferences(part: Part, other: Part): Difference[] {
  const [a, b] = [part.dimensions.bore, other.dimensions.bore]
  return a === undefined || b === undefined || a === b ? [] : [{ name: 'bore', a, b }]
}
