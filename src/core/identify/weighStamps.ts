import { findPart, glyphs, type Catalogue, type Part } from '../catalogue'
import {
  kindOfUnlisted,
  readAgainst,
  readAllDesignations,
  type DesignationContext,
  type Reading,
} from '../designation'
import type { Shelf } from '../shelf'
import type { Stamp } from './evidence'
import { logSumExp } from './logDensities'
import type { Verdict } from './weighReading'

/** One stamp, read once against the whole catalogue. */
export interface StampModel {
  stamp: Stamp
  /** parts the stamp may name, with the cheapest reading */
  readings: ReadonlyMap<Part, Reading>
  /** among them those that no row holds, named by the rule of their series */
  computed: readonly Part[]
  /** of a kind that no list here holds, as far as its form tells */
  isOfUnlistedKind: boolean
  /** places on the shelf of own parts that it may name, with their ln likelihood */
  onShelf: ReadonlyMap<number, number>
  /** ln likelihood of this stamp on a part it does not name, and on a part nobody lists */
  other: number
  unlisted: number
}

/** One stamp in fifty is on another part than it names: mixed boxes, second-hand rings, house numbers (estimate). */
const WRONG_STAMP = 0.02
/** … and of those on a box or a bag one in a hundred is that of a nut or a sleeve beside it (estimate). */
const WRONG_HARDWARE = WRONG_STAMP * 0.01
/** However many marks were read, a stamp never rules a part out for good, ln. */
const NEVER_RULED_OUT = -16
/**
 * A number of a part nobody lists: about one of a dozen marks in each place, up to a whole word, ln. A clear number that
 * names nothing is more often one of these than a misread one; one of which every mark is explained hardly ever is. What is
 * listed as hardware is no bearing.
 */
const UNLISTED_PART = { perMark: 2.5, most: 12, mostClear: 9, explained: 16, hardware: 1, ofKind: 5.3 }
/** A stamp this cheap reads clean. */
const CLEAN_COST = 1

const lost = new Set(['?', '*'])

/** Marks that nothing explains behind a cone or cup, as many as a number has: of no set it belongs to are they the other ring, ln. */
const OTHER_MATE = { marks: 4, cost: 2.5 }

const otherMate = ({ unknown }: Reading): number =>
  glyphs(unknown.join('')).length >= OTHER_MATE.marks ? OTHER_MATE.cost : 0

/** A cone or cup names every set it belongs to; a stamp said to be on the cup does not name a cone. */
function partsNamed({ part }: Reading, on: Stamp['on'], catalogue: Catalogue): readonly Part[] {
  if ((on === 'cup' && part.piece === 'cone') || (on === 'cone' && part.piece === 'cup')) return []
  return [part, ...(catalogue.setsOf.get(part.base) ?? [])]
}

/** Parts of a shelf that a stamp may name: their place on the shelf beside the reading. */
function shelfReadings(
  text: string,
  context: DesignationContext,
  shelf: Shelf,
): { n: number; reading: Reading }[] {
  const indexOfPart = new Map<Part, number>()
  const named = (n: number) => {
    const part = shelf.part(n)
    indexOfPart.set(part, n)
    return { part, names: 1 }
  }
  return readAgainst(text, context, { index: shelf.numbers, named }).flatMap((reading) => {
    const n = indexOfPart.get(reading.part)
    return n === undefined ? [] : [{ n, reading }]
  })
}

/** The nut, sleeve, ring or housing whose number stands there as it is listed; undefined where there is none. */
export const hardwareNamed = ({ text }: Stamp, { catalogue }: DesignationContext): Part | undefined =>
  findPart(catalogue, text, 'hardware')

/** Nothing legible: the stamp is the same on every part. */
const sayingNothing = (stamp: Stamp): StampModel => ({
  stamp,
  readings: new Map(),
  computed: [],
  onShelf: new Map(),
  other: 0,
  unlisted: 0,
  isOfUnlistedKind: false,
})

/**
 * Reads a stamp once against the whole catalogue and the shop's own lists.
 * @param logPrior ln prior of a part: a stamp on the wrong part names some other part, a common one more likely
 * @param own the shelf of own and imported parts with the ln prior of one of them; null when there is none
 */
export function readStamp(
  stamp: Stamp,
  context: DesignationContext,
  logPrior: (part: Part) => number,
  own: { shelf: Shelf; logPrior: number } | null,
): StampModel {
  const marks = glyphs(stamp.text)
  const legible = marks.filter((g) => !lost.has(g.char)).length
  if (legible === 0) return sayingNothing(stamp)
  const readings = new Map<Part, Reading>()
  const computed: Part[] = []
  for (const reading of readAllDesignations(stamp.text, context)) {
    if (reading.part.computed) computed.push(reading.part)
    for (const part of partsNamed(reading, stamp.on, context.catalogue)) {
      const named = part === reading.part ? reading : { ...reading, cost: reading.cost + otherMate(reading) }
      const known = readings.get(part)
      if (!known || named.cost < known.cost) readings.set(part, named)
    }
  }
  const listed = logSumExp([...readings].map(([part, reading]) => logPrior(part) - reading.cost))
  const onShelf = new Map<number, number>()
  if (own)
    for (const { n, reading } of shelfReadings(stamp.text, context, own.shelf)) {
      onShelf.set(n, -reading.cost)
      readings.set(reading.part, reading)
    }
  const owned = logSumExp([...onShelf.values()].map((log) => (own?.logPrior ?? 0) + log))
  const clear = legible === marks.length
  const explained = [...readings.values()].some((reading) => reading.exact)
  const hardware = hardwareNamed(stamp, context) !== undefined
  const cap = explained ? UNLISTED_PART.explained : clear ? UNLISTED_PART.mostClear : UNLISTED_PART.most
  // Of a kind that no list here holds: one of some two hundred such numbers.
  const isOwned = [...onShelf.values()].some((log) => -log < CLEAN_COST)
  const isOfUnlistedKind = !explained && !isOwned && kindOfUnlisted(stamp.text, context.catalogue) !== null
  const unlistedCost = hardware
    ? UNLISTED_PART.hardware
    : Math.min(isOfUnlistedKind ? UNLISTED_PART.ofKind : cap, UNLISTED_PART.perMark * legible)
  const least = hardware ? Math.log(WRONG_HARDWARE) : NEVER_RULED_OUT
  return {
    stamp,
    readings,
    onShelf,
    other: Math.max(least, Math.log(WRONG_STAMP) + logSumExp([listed, owned])),
    unlisted: -unlistedCost,
    computed,
    isOfUnlistedKind,
  }
}

export function weighStamp(
  part: Part,
  model: StampModel,
): { log: number; verdict: Verdict; reading: Reading | null } {
  const reading = model.readings.get(part)
  if (model.other === 0 && model.readings.size === 0) return { log: 0, verdict: 'agrees', reading: null }
  if (!reading || -reading.cost < model.other)
    return { log: model.other, verdict: 'contradicts', reading: null }
  return { log: -reading.cost, verdict: reading.cost <= CLEAN_COST ? 'agrees' : 'strained', reading }
}
