import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { variantOf } from '../interchange'
import { compareParts, type PartSide } from './compareParts'
import { compareFeatures } from './compareFeatures'
import { UNIT_FEATURES, type UnitFeature } from './unitFeatures'

const side = (designation: string, more: Partial<PartSide> = {}): PartSide => ({
  variant: designation === '' ? null : variantOf(designation, shipped),
  measured: {},
  features: {},
  ...more,
})

describe('old against new', () => {
  it('one seal against two goes, and says what the second is for', () => {
    const { verdict, rows, attempts } = compareParts(side('6903RS'), side('6903-2RS'), { wet: true })
    expect(verdict).toBe('goes')
    const closure = rows.find((r) => r.feature === 'closure')
    expect(closure?.old).toBe('contact seal on one side')
    expect(closure?.meaning).toContain('from the hub side')
    expect(attempts.join(' ')).toContain('Note which side')
  })
  // Never interchangeable though close (common practice): 12.7 × 28.575 against 12 × 28; 25 against 25.4.
  it.each([
    ['R8', '6001'],
    ['6205', '1641'],
  ])('%s against %s does not go', (a, b) => expect(compareParts(side(a), side(b)).verdict).toBe('doesNotGo'))
  it('a worn old bearing as measured goes with its own number', () => {
    const old = side('', { measured: { bore: 25.02, outside: 51.96, width: 15 } })
    expect(compareParts(old, side('6205')).verdict).toBe('goes')
    expect(compareParts({ ...old, measured: { ...old.measured, bore: 25.4 } }, side('6205')).verdict).toBe(
      'doesNotGo',
    )
  })
  it('a wider closed miniature is looked at again: 688 is 4 open, 5 shielded', () => {
    const row = compareParts(side('688'), side('688ZZ')).rows.find((r) => r.feature === 'width')
    expect(row?.difference).toBe('1 mm larger')
    expect(row?.result).toBe('look')
  })
  it('a nut is tried on its thread, a bearing laid on the old one', () => {
    const attempts = (a: string, b: string) => compareParts(side(a), side(b)).attempts.join(' ')
    expect(attempts('KM5', 'N05')).toMatch(/over the whole thread/)
    expect(attempts('KM5', 'N05')).not.toMatch(/Hold the new one/)
    expect(attempts('6205', '6205ZZ')).toMatch(/Hold the new one/)
    expect(attempts('6205', '6205ZZ')).not.toMatch(/thread/)
    expect(attempts('30x47x7', 'TC 30x47x7')).toBe('')
  })
  it('what is the same of nuts is told as the same, and what differs by both', () => {
    const { rows, message } = compareParts(side('KM5'), side('KM6'))
    expect(rows.map(({ label: name, old, new: now }) => [name, old, now])).toEqual([
      ['Thread', 'M25x1.5', 'M30x1.5'],
      ['Outside', expect.stringContaining('38 mm'), expect.stringContaining('45 mm')],
      ['Height', '7 mm (0.2756 in)', '7 mm (0.2756 in)'],
    ])
    expect(message).toBe('Does not go: thread.')
  })
  it('says whether all agrees, or what differs does not speak against it', () => {
    expect(compareParts(side('6205-2RS'), side('6205LLU')).message).toBe('Goes: everything compared agrees.')
    expect(compareParts(side('6205RS'), side('6205-2RS')).message).toMatch(/nothing that differs/)
  })
  it('hub units: what is written differently but means the same agrees; another stud does not go', () => {
    const features = { lugCount: '5', studThread: 'M12 x 1,5', pilot: '57.1' }
    const other = { lugCount: '5', studThread: 'M12×1.5', pilot: '57.0' }
    expect(compareParts(side('', { features }), side('', { features: other })).verdict).toBe('goes')
    const wrong = { ...other, studThread: 'M14x1.5' }
    const { verdict, message } = compareParts(side('', { features }), side('', { features: wrong }))
    expect(verdict).toBe('doesNotGo')
    expect(message).toContain('stud thread')
  })
  it('a feature looked at on one only is asked for, with what to do', () => {
    for (const feature of UNIT_FEATURES) {
      const { rows, attempts } = compareParts(side('', { features: { [feature]: '5' } }), side(''))
      expect(rows[0]?.result, feature).toBe('unknown')
      expect(attempts[0], feature).toBe(rows[0]?.meaning)
    }
  })
  // What is typed of hub units means the same however it is written; in doubt it says look (common practice).
  it.each([
    ['spline', '28', '28 teeth', 'same'],
    ['boltCircle', '114.3', '4.5 in', 'same'],
    ['boltCircle', '4.5', '114.3 mm', 'same'],
    ['boltCircle', '100', '114.3', 'no'],
    ['boltCircle', '5x114.3', '5 x 4.5 in', 'same'],
    ['boltCircle', '5x4.5', '114.3', 'same'],
    ['boltCircle', '5x100', '5x112', 'no'],
    ['boltCircle', '4x100', '5x100', 'no'],
    ['pilot', '57.1', '57.1 mm', 'same'],
    ['pilot', '77.8', '78.09', 'look'],
    ['pilot', '57.1', '66.6', 'no'],
    ['mountingBolts', '4', '4 x M10', 'look'],
    ['mountingBolts', '4 x M10', '4xM10', 'same'],
    ['mountingBolts', '3 x M10', '4 x M10', 'no'],
    ['mountingBolts', '4 x M10x1.25x30', '4 x M10x1.25x40', 'look'],
    ['studThread', 'M12x1.5', '12x1.5', 'same'],
    ['studThread', 'M12x1.5', 'M12', 'look'],
    ['studThread', 'M12x1.5', 'M12x1.25', 'no'],
    ['studThread', '1/2-20', 'M12x1.5', 'no'],
    ['studThread', '1/2-20', '1/2"-20 UNF', 'same'],
    ['studThread', '1/2-20 UNF-2A', '1/2-13 UNC', 'no'],
    ['studThread', '9/16-18', '1-14', 'no'],
    ['studThread', '1 1/8-12', '1-1/8-12', 'same'],
    ['mountingBolts', '4 x 1/2-13 x 1 1/2', '4 x 1/2-13 UNC x 1.5', 'same'],
    ['mountingBolts', '4 x 1/2-13 x 1 1/2', '4 x 1/2-13 x 2', 'look'],
    ['mountingBolts', '4 x 1/2-13 x 1 1/2', '4 x 1/2-13 x 38.1 mm', 'same'],
    ['mountingBolts', '3 x 1/2-13', '4 x 1/2-13', 'no'],
    ['connector', 'none', 'no', 'same'],
    ['connector', 'none', '2 pins', 'no'],
    ['connector', '2 pins, clip', 'two pins', 'look'],
    ['lugCount', '5', '5 lugs', 'same'],
    ['lugCount', '5', '4', 'no'],
    ['cornerRadius', '1', '1.0 mm', 'same'],
  ] as const)('%s: %s against %s is %s', (feature, a, b, result) => {
    const { rows } = compareParts(
      side('', { features: { [feature]: a } }),
      side('', { features: { [feature]: b } }),
    )
    expect(rows[0]?.result).toBe(result)
  })
  // One line, one value, in every way it is written on parts, in lists and by hand (common practice; UNF and UNC ASME B1.1,
  // tolerances ISO 965-1); two lines of one feature are two values.
  const WRITTEN: Partial<Record<UnitFeature, string[][]>> = {
    lugCount: [
      ['5', 'five', '5 lug', '5-lug', '5 studs', '5x', 'lugs: 5', '5x114.3'],
      ['4', 'four', '4 lugs'],
    ],
    studThread: [
      ['M12x1.5', 'm12 × 1,5', '12x1.5', 'M12-1.5', 'M12 1.5', 'M12x1.50', 'M12x1.5-6g', 'M12x1.5 10.9'],
      ['1/2-20', '1/2"-20 UNF-2A', '1/2 x 20', '0.5-20', '1/2 UNF', '1/2 in UNF', '1/2-20 grade 8'],
      ['1/2-13', '1/2 UNC'],
      ['M12x1.5 LH', 'M12x1.5 left-hand', 'M12x1.5L', 'M12-1.5-LH'],
      ['1/2-20 LH', '1/2 UNF left'],
      ['7/16-20', '7/16 UNF'],
      ['M12x1.25'],
    ],
    boltCircle: [
      ['114.3', '4.5', '4 1/2', '4-1/2"', '5x4.5', '5/114.3', '5-114.3', 'PCD 114.3', 'ø114,3', '11.43 cm'],
      ['112', '5x112', '5/112', '112 PCD'],
      ['6x139.7', '6/5.5', '6 x 5 1/2'],
      ['4x139.7', '4-139.7'],
    ],
    pilot: [['57.1', 'ø57,1', '2.248', 'CB 57.1 mm'], ['66.6']],
    flangeOffset: [
      ['42', '+42', 'ET42', 'offset 42 mm'],
      ['-5', 'ET-5', '- 5'],
      ['0', 'none', 'ET0', 'flush'],
    ],
    mountingBolts: [
      ['4 x M10', '4xM10', '4 M10', 'M10 x 4', 'four bolts M10', '4 off M10', 'M10 (4)', '4 x M10 8.8'],
      ['3 x M10', '3 M10'],
      ['4 x M12x1.25', '4 bolts M12x1.25', 'M12x1.25 x 4', 'M12-1.25 (4 off)'],
      ['4 x M10x1.25x40', '4 x M10-1.25 x 40 mm'],
      ['4 x M10x40', '4 M10 x 40'],
      ['4 x 7/16-14', '4 x 7/16 UNC', 'four 7/16-14'],
    ],
    spline: [
      ['27', '27 teeth', '27T', 'z27', '27 splines'],
      ['25', '25T'],
      ['none', '0', 'n/a', 'no splines'],
    ],
    connector: [
      ['2 pins', '2-pin', 'two pins', '2 way'],
      ['4 pins', '4-pole'],
      ['none', 'n/a', 'no sensor', '-'],
    ],
    sensorSide: [
      ['magnet', 'magnetic ring', 'encoder'],
      ['toothed ring', 'tone ring', 'reluctor'],
      ['none', 'no magnet'],
    ],
    cornerRadius: [
      ['1', '1.0 mm', 'R1', 'r 1'],
      ['1.5', 'R1.5', 'radius 1,5'],
    ],
  }
  it.each(Object.entries(WRITTEN) as [UnitFeature, string[][]][])(
    '%s: one value is the same however it is written, two are not',
    (feature, values) => {
      const all = values.flatMap((texts, value) => texts.map((text) => ({ text, value })))
      for (const a of all)
        for (const b of all) {
          const { result } = compareFeatures(feature, a.text, b.text)
          expect(result === 'same', `${a.text} against ${b.text}: ${result}`).toBe(a.value === b.value)
        }
    },
  )
  it.each([
    ['spline', 'twenty-seven', '27', 'look'],
    ['mountingBolts', 'pressed in', 'none', 'look'],
    ['connector', 'yes', 'none', 'look'],
    ['connector', '2 pins, clip', '4 pins', 'no'],
    ['sensorSide', 'magnet, inner face', 'magnet outboard', 'no'],
    ['sensorSide', 'inner', 'towards the car', 'look'],
    ['sensorSide', 'magnet', 'toothed ring, loose', 'no'],
    ['studThread', 'M12', 'M14', 'no'],
    ['studThread', '1 1/2 whitworth', '1.5 whitworth', 'look'],
    ['studThread', '7/16 whitworth', '1/2 whitworth', 'look'],
    ['flangeOffset', '5', '-5', 'look'],
    // Strengths of ISO 898-1 and SAE J429: neither is known to do where the other stood.
    ['mountingBolts', '4 x M10 8.8', '4 x M10 10.9', 'look'],
    ['studThread', 'M12x1.5-6g class 10.9', 'M12x1.5 12.9', 'look'],
    ['studThread', '1/2-20 gr 5', '1/2-20 grade 8', 'look'],
    ['studThread', 'M12x1.5-6g 10.9', 'M12x1.5 class 10.9', 'same'],
    ['studThread', '1/2-20 gr8', '1/2 UNF grade 8', 'same'],
  ] as const)('%s: %s against %s is %s', (feature, a, b, result) => {
    expect(compareFeatures(feature, a, b).result).toBe(result)
    expect(compareFeatures(feature, b, a).result).toBe(result)
  })
  it('longer bolts of one thread are ordered longer', () => {
    const of = (bolts: string) => side('', { features: { mountingBolts: bolts } })
    expect(compareParts(of('4 x M10x1.25x30'), of('4 x M10x1.25x40')).rows[0]?.meaning).toContain(
      'order longer',
    )
  })
  it('the caliper beside a number counts: what is not its size is asked for, wear is not', () => {
    const worn = compareParts(side('6205', { measured: { outside: 51.9 } }), side('6205'))
    expect(worn.verdict).toBe('goes')
    const { rows, verdict } = compareParts(side('6205', { measured: { bore: 27 } }), side('6205'))
    expect(verdict).toBe('look')
    expect(rows.find((r) => r.feature === 'bore')?.difference).toContain('measured 2 mm larger')
  })
})
