import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from '../catalogue'
import { snapGrooveOf } from '.'

/** Groove diameter, its width, outside and thickness of the ring by number, mm: handbook tables after ISO 464, from memory, typed apart from the rows of the code. */
const BY_NUMBER = `
6200 28.17 1.35 34.7 1.12 6201 30.15 1.35 36.7 1.12 6202 33.17 1.35 39.7 1.12 6203 38.1 1.35 44.6 1.12 6204 44.6 1.35 52.7 1.12 6205 49.73 1.35 57.9 1.12
6206 59.61 1.9 67.7 1.7 6207 68.81 1.9 78.6 1.7 6208 76.81 1.9 86.6 1.7 6209 81.81 1.9 91.6 1.7 6210 86.79 2.7 96.5 2.46 6211 96.8 2.7 106.5 2.46
6212 106.81 2.7 116.6 2.46 6213 115.21 3.1 129.7 2.82 6214 120.22 3.1 134.7 2.82 6215 125.22 3.1 139.7 2.82 6216 135.23 3.1 149.7 2.82
6217 145.24 3.1 159.7 2.82 6218 155.22 3.1 169.7 2.82 6219 163.65 3.5 182.9 3.1 6220 173.66 3.5 192.9 3.1
6301 34.77 1.35 41.3 1.12 6302 39.75 1.35 46.3 1.12 6303 44.6 1.35 52.7 1.12 6304 49.73 1.35 57.9 1.12 6305 59.61 1.9 67.7 1.7
6306 68.81 1.9 78.6 1.7 6307 76.81 1.9 86.6 1.7 6308 86.79 2.7 96.5 2.46 6309 96.8 2.7 106.5 2.46 6310 106.81 2.7 116.6 2.46
6311 115.21 3.1 129.7 2.82 6312 125.22 3.1 139.7 2.82 6313 135.23 3.1 149.7 2.82 6314 145.24 3.1 159.7 2.82
6005 44.6 1.35 52.7 1.12 6006 52.6 1.35 60.7 1.12 6007 59.61 1.9 67.7 1.7 6008 64.82 1.9 74.6 1.7 6009 71.83 1.9 81.6 1.7 6010 76.81 1.9 86.6 1.7
6011 86.79 2.7 96.5 2.46 6012 91.82 2.7 101.6 2.46 6013 96.8 2.7 106.5 2.46 6014 106.81 2.7 116.6 2.46 6015 111.81 2.7 121.6 2.46
6016 120.22 3.1 134.7 2.82 6017 125.22 3.1 139.7 2.82 6018 135.23 3.1 149.7 2.82`

it('the snap ring groove and its ring are those of the handbooks (ISO 464)', () => {
  const rows = [...BY_NUMBER.matchAll(/(\d{4}) ([\d.]+) ([\d.]+) ([\d.]+) ([\d.]+)/g)]
  expect(rows.length).toBeGreaterThan(45)
  for (const [, base = '', ...sizes] of rows) {
    const part = findPart(shipped.catalogue, base)
    const groove = part && snapGrooveOf(part)
    const found = groove && [groove.grooveMm, groove.widthMm, groove.ringOutsideMm, groove.ringThickMm]
    expect(found, base).toEqual(sizes.map(Number))
  }
})

it('a groove is shallower than the ring, its snap ring stands over the outside and goes into it', () => {
  const grooved = shipped.catalogue.parts.flatMap((part) => {
    const groove = snapGrooveOf(part)
    return groove ? [{ ...groove, ...part.dimensions }] : []
  })
  expect(grooved.length).toBeGreaterThan(150)
  for (const { outside = 0, bore = 0, grooveMm, widthMm, ringOutsideMm, ringThickMm } of grooved) {
    expect(outside - grooveMm).toBeGreaterThan(1.5)
    expect(outside - grooveMm).toBeLessThan((outside - bore) / 3)
    expect(ringOutsideMm - outside).toBeGreaterThan(4)
    expect(ringOutsideMm - outside).toBeLessThan(13)
    expect(ringThickMm).toBeLessThan(widthMm)
  }
})

it.each(['6803', '6903', 'UC205', '51205', '32205'])('%s: no table of it is here', (base) => {
  const part = findPart(shipped.catalogue, base)
  expect(part && snapGrooveOf(part)).toBeNull()
})
