import { glyphs, type Catalogue, type Part } from '../catalogue'
import { readAllDesignations, type Language, type Reading } from '../designation'
import type { Stamp } from './evidence'
import type { Verdict } from './weighReading'

/** One stamp, read once against the whole catalogue. */
export interface StampModel {
  stamp: Stamp
  /** parts the stamp may name, with the cheapest reading */
  readings: ReadonlyMap<Part, Reading>
  /** ln likelihood of this stamp on a part it does not name, and on a part nobody lists */
  other: number
  unlisted: number
}

/** A stamp on the wrong part (mixed boxes, house numbers) or on none we list, by how many marks were legible. */
const OTHER_PART = { perMark: 2.2, most: 15 }
const UNLISTED_PART = { perMark: 1.2, most: 8 }
/** A stamp this cheap reads clean. */
const CLEAN_COST = 1

const lost = new Set(['?', '*'])

/** A cone or cup names every set it belongs to; a stamp said to be on the cup does not name a cone. */
function partsNamed({ part }: Reading, on: Stamp['on'], catalogue: Catalogue): readonly Part[] {
  if (!part) return []
  if ((on === 'cup' && part.piece === 'cone') || (on === 'cone' && part.piece === 'cup')) return []
  return [part, ...(catalogue.setsOf.get(part.base) ?? [])]
}

export function readStamp(stamp: Stamp, language: Language): StampModel {
  const legible = glyphs(stamp.text).filter((g) => !lost.has(g.char)).length
  const readings = new Map<Part, Reading>()
  let ruleOnly = Infinity
  for (const reading of readAllDesignations(stamp.text, language)) {
    if (!reading.part) ruleOnly = Math.min(ruleOnly, reading.cost)
    for (const part of partsNamed(reading, stamp.on, language.catalogue)) {
      const held = readings.get(part)
      if (!held || reading.cost < held.cost) readings.set(part, reading)
    }
  }
  const scaled = ({ perMark, most }: typeof OTHER_PART) => -Math.min(most, perMark * legible)
  return { stamp, readings, other: scaled(OTHER_PART), unlisted: Math.max(scaled(UNLISTED_PART), -ruleOnly) }
}

export function weighStamp(
  part: Part,
  model: StampModel,
): { log: number; verdict: Verdict; reading: Reading | null } {
  const reading = model.readings.get(part)
  if (!reading || -reading.cost < model.other)
    return { log: model.other, verdict: 'contradicts', reading: null }
  return { log: -reading.cost, verdict: reading.cost <= CLEAN_COST ? 'agrees' : 'strained', reading }
}
