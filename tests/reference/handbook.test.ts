import { describe, expect, it } from 'vitest'
import { findPart } from '@/core/catalogue'
import { shipped } from '../support/shipped'

/**
 * Rows of handbooks, from memory, typed a second time apart from data/. The same person typed both: this guards against slips
 * of the pen, not against a wrong memory.
 */
const sizes = (base: string) => findPart(shipped.catalogue, base)?.dimensions

// Inch tapered, ABMA 19.2 tables: bore, outside, total width, cone width, cup width in mm.
describe('inch tapered sets', () => {
  it.each([
    ['LM72849/LM72810', 22.606, 47, 15.5, 15.5, 12],
    ['15578/15520', 25.4, 57.15, 17.462, 17.462, 13.495],
    ['2687/2631', 25.4, 66.421, 23.812, 25.433, 19.05],
    ['2580/2523', 31.75, 69.85, 23.812, 25.357, 19.05],
    ['25580/25523', 44.45, 82.931, 26.988, 25.4, 22.225],
    ['15101/15250', 25.4, 63.5, 20.638, 20.638, 15.875],
    ['3490/3420', 38.1, 79.375, 29.37, 29.771, 23.812],
    ['3877/3820', 41.275, 85.725, 30.162, 30.162, 23.812],
    ['39590/39520', 66.675, 112.712, 30.162, 30.162, 23.812],
    ['49585/49520', 50.8, 101.6, 31.75, 31.75, 25.4],
    ['59200/59412', 50.8, 104.775, 36.512, 36.512, 28.575],
    ['6461/6420', 76.2, 149.225, 53.975, 54.229, 44.45],
    ['72212/72487', 53.975, 123.825, 36.512, 32.791, 25.4],
    ['71450/71750', 114.3, 190.5, 47.625, 49.212, 34.925],
    ['74550/74850', 139.7, 215.9, 47.625, 47.625, 34.925],
    ['95500/95925', 127, 234.95, 63.5, 63.5, 49.212],
    ['HM903249/HM903210', 44.45, 95.25, 30.958, 28.575, 22.225],
    ['HM926740/HM926710', 114.3, 228.6, 53.975, 49.428, 38.1],
    ['JLM813049/JLM813010', 70, 110, 26, 25, 20.5],
    ['JM822049/JM822010', 110, 165, 35, 35, 26.5],
    ['JL819349/JL819310', 95, 135, 20, 20, 14],
    ['28985/28921', 60.325, 100, 25.4, 25.4, 19.845],
    ['18200/18337', 50.8, 85.725, 19.05, 18.263, 12.7],
    ['27687/27620', 82.55, 125.412, 25.4, 25.4, 19.845],
  ])('%s', (base, bore, outside, totalWidth, coneWidth, cupWidth) => {
    expect(sizes(base)).toEqual({ bore, outside, totalWidth, coneWidth, cupWidth })
  })
  it('at least 250 pairs with cone, cup and total width', () => {
    const whole = shipped.catalogue.parts.filter(
      ({ set, dimensions: d }) => set && d.totalWidth && d.coneWidth && d.cupWidth,
    )
    expect(whole.length).toBeGreaterThanOrEqual(250)
  })
})

// Metric: bore, outside, width. ISO 15 plan; widths of tapered bearings by ISO 355 handbook rows.
it.each([
  ['6026', 130, 200, 33],
  ['6230', 150, 270, 45],
  ['6326', 130, 280, 58],
  ['6840', 200, 250, 24],
  ['6936', 180, 250, 33],
  ['16032', 160, 240, 25],
  ['NU1030', 150, 225, 35],
  ['NJ228', 140, 250, 42],
  ['NU2232', 160, 290, 80],
  ['NF305', 25, 62, 17],
  ['7026', 130, 200, 33],
  ['7236', 180, 320, 52],
  ['22228', 140, 250, 68],
  ['22330', 150, 320, 108],
  ['23034', 170, 260, 67],
  ['23132', 160, 270, 86],
  ['23228', 140, 250, 88],
  ['51136', 180, 225, 34],
  ['51226', 130, 190, 45],
  ['ER206-20', 31.75, 62, 38.1],
])('%s is %d × %d × %d', (base, bore, outside, width) =>
  expect(sizes(base)).toMatchObject({ bore, outside, width }),
)
it.each([
  ['32026X', 130, 200, 45, 45, 34],
  ['32032X', 160, 240, 51, 51, 38],
  ['30228', 140, 250, 45.75, 42, 36],
  ['32230', 150, 270, 77, 73, 60],
  ['32924', 120, 165, 29, 29, 23],
  ['30324', 120, 260, 59.5, 55, 46],
])('%s is %d × %d × %d, cone %d, cup %d', (base, bore, outside, totalWidth, coneWidth, cupWidth) =>
  expect(sizes(base)).toEqual({ bore, outside, totalWidth, coneWidth, cupWidth }),
)

describe('hardware', () => {
  const hardware = (base: string) => findPart(shipped.catalogue, base)?.hardware
  // ISO 2982-2: thread, outside, width.
  it.each([
    ['KM4', 20, 1, 32, 6],
    ['KM5', 25, 1.5, 38, 7],
    ['KM10', 50, 1.5, 70, 11],
    ['KM12', 60, 2, 80, 11],
    ['KM20', 100, 2, 130, 18],
  ])('%s', (base, threadMm, pitchMm, outsideMm, heightMm) =>
    expect(hardware(base)).toMatchObject({ threadMm, pitchMm, outsideMm, heightMm }),
  )
  it('every lock nut has its tab washer, a little larger than the nut', () => {
    const nuts = shipped.catalogue.parts.filter((p) => p.family === 'lock-nut' && p.base.startsWith('KM'))
    expect(nuts.length).toBe(32)
    for (const { base, hardware: nut } of nuts) {
      const washer = hardware(base.replace('KM', 'MB'))
      if (nut?.what !== 'lockNut' || washer?.what !== 'lockWasher') throw new Error(base)
      expect(washer.boreMm, base).toBe(nut.threadMm)
      expect(washer.outsideMm, base).toBeGreaterThan(nut.outsideMm)
    }
  })
  it('an inch lock nut goes on the shaft of the bore code in its number, its thread a little under it (ABMA 8.2)', () => {
    const nuts = shipped.catalogue.parts.filter((p) => p.family === 'lock-nut' && /^A?N/.test(p.base))
    expect(nuts.length).toBe(21)
    const outsides = nuts.map(({ base, hardware: nut }) => {
      if (nut?.what !== 'lockNut') throw new Error(base)
      const code = Number(base.replace(/^A?N/, ''))
      const bore = [10, 12, 15, 17][code] ?? code * 5
      expect(bore - nut.threadMm, base).toBeGreaterThan(-0.15)
      expect(bore - nut.threadMm, base).toBeLessThan(0.65)
      expect(nut.pitchMm, base).toBeCloseTo(25.4 / Number(nut.thread.split('-')[1]), 3)
      return nut.outsideMm
    })
    expect(outsides).toEqual(outsides.toSorted((a, b) => a - b))
  })
  // DIN 471, DIN 472: thickness and groove.
  it.each([
    ['shaft snap ring 17x1', 16.2],
    ['shaft snap ring 32x1.5', 30.3],
    ['shaft snap ring 80x2.5', 76.5],
    ['bore snap ring 28x1.2', 29.4],
    ['bore snap ring 47x1.75', 49.5],
    ['bore snap ring 68x2.5', 71],
    ['bore snap ring 100x3', 103.5],
  ])('%s has its groove at %d', (base, grooveMm) => expect(hardware(base)).toMatchObject({ grooveMm }))
  // ISO 6194-1 nominal sizes.
  it.each(['20x35x7', '25x47x7', '30x52x7', '40x62x8', '50x72x8', '65x90x10', '80x100x10', '100x125x12'])(
    'seal %s is there as a standard size',
    (base) => expect(findPart(shipped.catalogue, base)?.provenance.kind).toBe('standard'),
  )
  it('no seal is twice the same but for its lip, and every one leaves room for a lip', () => {
    const seals = shipped.catalogue.parts.filter((p) => p.piece === 'seal')
    expect(seals.length).toBeGreaterThan(220)
    for (const { base, dimensions: d } of seals)
      expect((d.outside ?? 0) - (d.bore ?? 0), base).toBeGreaterThanOrEqual(7)
  })
})

it('three thousand boundary parts, each row with a source', () => {
  expect(shipped.catalogue.parts.length).toBeGreaterThanOrEqual(3000)
})
