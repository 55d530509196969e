import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { axialHold, isCombined, rollersStayWith } from '.'
import { ruleOfKind } from '../life'

const { parts } = shipped.catalogue
const lettersOf = (series: string): string => series.replace(/\d+$/, '')

// Flanges by type of cylindrical roller bearing (ISO 5593); needles slide, combined ones are held by their balls (common practice).
describe('how a bearing holds its shaft', () => {
  it.each([
    ['N', 'slides', 'inner'],
    ['NN', 'slides', 'inner'],
    ['NU', 'slides', 'outer'],
    ['NF', 'oneWay', 'inner'],
    ['NJ', 'oneWay', 'outer'],
    ['NCF', 'oneWay', null],
    ['NNCF', 'oneWay', null],
    ['NUP', 'bothWays', null],
  ] as const)('every %s: %s, its rollers stay with %s', (letters, hold, ring) => {
    const found = parts.filter(
      ({ family, series }) => family === 'cylindrical' && lettersOf(series) === letters,
    )
    expect(found.length).toBeGreaterThan(15)
    for (const part of found) {
      expect(axialHold(part), part.base).toBe(hold)
      expect(rollersStayWith(part), part.base).toBe(ring)
    }
  })
  it('needles let it slide, but for those with balls beside them; what does not, bears an axial load', () => {
    const needles = parts.filter(({ family }) => family === 'needle')
    const held = needles.filter((part) => axialHold(part) !== 'slides')
    expect(new Set(held.map(({ series }) => series))).toEqual(new Set(['NKIA59', 'NKX', 'NKXR']))
    for (const part of needles) expect(isCombined(part), part.base).toBe(axialHold(part) !== 'slides')
    // Each half of a combined one is rated by itself; of the others only a radial load counts.
    for (const part of needles) expect(ruleOfKind(part).ok, part.base).toBe(!isCombined(part))
  })
  // A single angular contact or tapered roller bearing takes thrust one way, a four-point bearing both ways (common practice).
  it('ball, tapered and spherical bearings hold it both ways or want a second one: none slides', () => {
    const others = parts.filter(
      ({ family, piece }) => piece === 'complete' && !/cylindrical|needle/.test(family),
    )
    expect(others.filter((part) => axialHold(part) === 'slides')).toEqual([])
    const oneWay = new Set(
      others
        .filter((part) => axialHold(part) === 'oneWay')
        .map(({ family, series }) => `${family} ${series}`),
    )
    for (const { family, series } of others) {
      const isOneRowAtAnAngle =
        /^(?:tapered-(?:inch|metric)|angular-contact)$/.test(family) && !/^QJ/.test(series)
      expect(oneWay.has(`${family} ${series}`), `${family} ${series}`).toBe(isOneRowAtAnAngle)
    }
    expect(others.filter(isCombined)).toEqual([])
  })
})
