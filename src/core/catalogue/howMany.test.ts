import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { findPart } from './catalogue'
import { howMany, withoutHowMany } from './howMany'

const read = (text: string): string => withoutHowMany(text).trim()

describe('how many are wanted is no part of the number', () => {
  it.each([
    '4x #',
    '12 x #',
    '2 pcs #',
    '3 pieces #',
    '10 off #',
    '6 ea #',
    'qty 4 #',
    'Qty: 12 #',
    '# x 4',
    '# x4',
    '# 2x',
    '# (4 pcs)',
    '# qty 100',
    'a pair #',
    '2 pairs of #',
    '1 set #',
    'a dozen #',
    '10no #',
    '2 no. #',
  ])('%s', (written) => {
    for (const number of [
      '6205-2RS',
      '6205',
      '608',
      '32008X',
      'UC205-16',
      '6205-2RS/C3',
      '6205 2RS C3',
      'LM48548/LM48510',
      'TC 35x52x7',
    ])
      expect(read(written.replace('#', number)), number).toBe(number)
  })

  it.each([
    'bearings 6205',
    'wheel bearings 30206',
    'deep groove bearings 6205',
    'oil seals 35x52x7',
    'nuts M24',
  ])('in front of what there are several of: 4 %s', (several) => expect(read(`4 ${several}`)).toBe(several))

  it.each([
    '30 x 52 x 7',
    '25 x 52',
    '17 x 26 x 5 mm',
    'M20 x 2',
    'castle nut M20 x 2',
    'split pin 4 x 40',
    'M12 x 1.5 x 60',
    '100 x 120 x 12',
    '6205 16',
    'DAC 35 72',
    '52 snap rings',
    '608 bearings',
    '608 bearings 8x22x7',
    'set 4',
    '',
  ])('%s is a size', (text) => expect(withoutHowMany(text)).toBe(text))
})

it('hardware called by its words is found with a count beside it', () => {
  const nut = findPart(shipped.catalogue, 'M20x1.5 castle nut')
  expect(nut?.piece).toBe('hardware')
  expect(findPart(shipped.catalogue, '2x M20x1.5 castle nut')).toBe(nut)
  expect(findPart(shipped.catalogue, 'M20x1.5 castle nut, 2 pcs')).toBe(nut)
  expect(findPart(shipped.catalogue, '2 castle nuts M20x1.5')).toBe(nut)
  expect(withoutHowMany('52 snap rings x 4').trim()).toBe('52 snap rings')
})

it('no number of the catalogue loses a mark, with letters behind it or spaces in it', () => {
  for (const { base } of shipped.catalogue.parts)
    for (const behind of ['', ' EA', ' X', ' PC', ' C3']) {
      expect(withoutHowMany(base + behind)).toBe(base + behind)
      const spaced = base.replace(/^([A-Z]+)(?=\d)/, '$1 ') + behind
      expect(withoutHowMany(spaced)).toBe(spaced)
    }
})

it.each([
  ['4 x M12x1.25x45', 4, 'M12x1.25x45'],
  ['4 x M12x1.25x45 10.9', 4, 'M12x1.25x45 10.9'],
  ['three bolts M12x35, new', 3, 'bolts M12x35, new'],
  ['2 pcs KM8', 2, 'KM8'],
  ['KM8 2 off', 2, 'KM8'],
  ['a pair of KM8', 2, 'KM8'],
  ['2 dozen 51100', 24, '51100'],
  ['bolts M12x35 qty 6', 6, 'bolts M12x35'],
])('%s: %d of %s', (text, count, rest) => expect(howMany(text)).toEqual({ count, rest }))

it.each([
  'M12 x 40',
  'M12x1.25',
  'castle nut 3/4-16',
  'KM8',
  'a set of 51100',
  'split pin 4 x 40',
  'four',
  '',
])('%s says no number', (text) => expect(howMany(text)).toBeNull())
