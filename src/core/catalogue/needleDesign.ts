import { familyFacts, type FamilyFacts, type RollingElement } from './families'
import type { Part } from './part'

/**
 * What of a needle bearing stands under its number: a drawn cup open or closed at one end, rings with or without the inner one,
 * the cage with its needles alone, the inner ring alone.
 */
export type NeedleDesign = 'drawnCup' | 'closedCup' | 'withInner' | 'withoutInner' | 'cage' | 'innerRing'

/** Letters in front of the number, metric (ISO 3245, ISO 1206, ISO 3030) and inch (ABMA 18.2). */
const DESIGNS: readonly (readonly [RegExp, NeedleDesign])[] = [
  [/^(BK|BCE|BCH|M|MJ|MH|MJH)$/, 'closedCup'],
  [/^(HK|SCE|SCH|B|BH|J|JH|HF|HFL|RC|RCB)$/, 'drawnCup'],
  [/^K$/, 'cage'],
  [/^IR$/, 'innerRing'],
  [/^(NKI|NKIS|NA)/, 'withInner'],
]

/**
 * The design behind a series of needle bearings, roller clutches or track rollers without an inner ring; null for other families
 * and for clutches and track rollers with two rings.
 * @example needleDesign({ family: 'needle', series: 'SCE' }) // 'drawnCup'
 */
export function needleDesign({ family, series }: Pick<Part, 'family' | 'series'>): NeedleDesign | null {
  if (family === 'cam-follower') return series === 'RSTO' ? 'withoutInner' : null
  if (family !== 'needle' && family !== 'one-way-clutch') return null
  const found = DESIGNS.find(([letters]) => letters.test(series))?.[1]
  return found ?? (family === 'needle' ? 'withoutInner' : null)
}

/**
 * What rolls in a part; nothing in an inner ring that stands alone under its number.
 * @example elementOf({ family: 'needle', series: 'IR' }) // undefined
 */
export function elementOf(part: Pick<Part, 'family' | 'series'>): RollingElement | undefined {
  const { element }: FamilyFacts = familyFacts(part.family)
  return needleDesign(part) === 'innerRing' ? undefined : element
}

/**
 * Has an internal clearance before it is fitted (ISO 5753). Rings that come apart, those that are set against a second bearing
 * or come set, and rollers that run on the shaft itself get theirs when they are mounted.
 * @example hasClearance({ family: 'cylindrical', series: 'NU2' }) // true
 */
export function hasClearance(part: Pick<Part, 'family' | 'series'>): boolean {
  const { element, rows, traits = [] }: FamilyFacts = familyFacts(part.family)
  const design = needleDesign(part)
  if (element === undefined || part.family === 'one-way-clutch') return false
  if (traits.includes('separable') || traits.includes('linear')) return false
  if (design !== null && design !== 'withInner') return false
  return !traits.includes('angularContact') || (rows === 2 && !traits.includes('sealed'))
}
