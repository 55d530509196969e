import { describe, expect, it } from 'vitest'
import { decode, type Reading } from '@/core/designation'
import { shipped } from '../support/shipped'

const best = (text: string): Reading => {
  const [reading] = decode(text, shipped)
  if (!reading) throw new Error(`${text} is not read`)
  return reading
}
const meanings = (text: string): string =>
  best(text)
    .tokens.map((t) => t.meaning)
    .join('; ')

// Closures by convention: common practice of the trade, no maker named.
describe('closures in every convention', () => {
  it.each([
    ['6204-2RS', 2, 'contactSeal'],
    ['6204-2RS1', 2, 'contactSeal'],
    ['6204-2RSR', 2, 'contactSeal'],
    ['6204.2RSR', 2, 'contactSeal'],
    ['6204-2RSH', 2, 'contactSeal'],
    ['6204DDU', 2, 'contactSeal'],
    ['6204LLU', 2, 'contactSeal'],
    ['6204-2NSE', 2, 'contactSeal'],
    ['6204EE', 2, 'contactSeal'],
    ['6204-2RK', 2, 'contactSeal'],
    ['6204PP', 2, 'contactSeal'],
    ['6204RS', 1, 'contactSeal'],
    ['6204-RS1', 1, 'contactSeal'],
    ['6204RSR', 1, 'contactSeal'],
    ['6204DU', 1, 'contactSeal'],
    ['6204LU', 1, 'contactSeal'],
    ['6204-2RZ', 2, 'lowFrictionSeal'],
    ['6204VV', 2, 'lowFrictionSeal'],
    ['6204LLB', 2, 'lowFrictionSeal'],
    ['6204-2NKE', 2, 'lowFrictionSeal'],
    ['6204-2RSL', 2, 'lowFrictionSeal'],
    ['6204ZZ', 2, 'shield'],
    ['6204-2Z', 2, 'shield'],
    ['6204Z', 1, 'shield'],
    ['6204ZR', 1, 'shield'],
    ['6204', 0, 'open'],
    ['2204', 0, 'open'],
    ['NU204', 0, 'open'],
  ] as const)('%s: %i × %s', (text, sides, type) => expect(best(text).closure).toEqual({ sides, type }))
})

// Clearance groups and tolerance classes: ISO 5753-1 and ISO 492; the run-together codes are common practice.
describe('clearance and precision', () => {
  it.each([
    ['6310', 'CN'],
    ['6310/C3', 'C3'],
    ['6310 C3', 'C3'],
    ['6310C4', 'C4'],
    ['6310-2RS/C2', 'C2'],
    ['6310P63', 'C3'],
    ['6310 P52', 'C2'],
    ['NU310ECP/C3', 'C3'],
    ['22310EK/C4', 'C4'],
    ['6310CM', 'CM'],
  ])('%s has clearance %s', (text, clearance) => expect(best(text).clearance).toBe(clearance))
  it.each([
    ['6205P6', 'class 6'],
    ['6205 P5', 'class 5'],
    ['7205 ABEC7', 'grade 7'],
    ['MR126ZZ #5', 'grade 5'],
  ])('%s tells %s', (text, meaning) => expect(meanings(text)).toContain(meaning))
})

// Type, series and bore code: ISO 15; five digits beginning 32 or 33 are tapered, four are double row ball.
describe('the same digits, another family', () => {
  it.each([
    ['3208', 'angular-contact-double-row', '3208'],
    ['5208', 'angular-contact-double-row', '3208'],
    ['32008', 'tapered-metric', '32008X'],
    ['32008X', 'tapered-metric', '32008X'],
    ['33008', 'tapered-metric', '33008'],
    ['32208', 'tapered-metric', '32208'],
    ['2208', 'self-aligning', '2208'],
    ['22208', 'spherical', '22208'],
    ['23218', 'spherical', '23218'],
    ['2308', 'self-aligning', '2308'],
    ['NU2208', 'cylindrical', 'NU2208'],
    ['NF208', 'cylindrical', 'NF208'],
    ['4208', 'deep-groove-double-row', '4208'],
    ['62208', 'deep-groove', '62208'],
    ['51208', 'thrust-ball', '51208'],
    ['7208', 'angular-contact', '7208'],
    ['61808', 'deep-groove', '6808'],
    ['61908', 'deep-groove', '6908'],
    ['HK1612', 'needle', 'HK1612'],
    ['UC208-24', 'insert', 'UC208-24'],
    ['R8', 'inch-ball', 'R8'],
    ['MR148', 'miniature', 'MR148'],
    ['LM67048', 'tapered-inch', 'LM67048'],
    ['25580/25520', 'tapered-inch', '25580/25520'],
  ])('%s is %s %s', (text, family, base) => expect(best(text)).toMatchObject({ family, base }))
})

// A token with two meanings in two conventions gives two readings (common practice).
describe('tokens with two meanings', () => {
  it.each([
    ['6205DD', ['contact seal', 'shield']],
    ['7205C', ['contact angle 15°']],
    ['6205V', ['non-contact seal']],
    ['NU205V', ['full complement', 'full complement']],
    ['6205P', ['polyamide cage', 'tolerance class']],
    ['6205T', ['resin cage', 'higher temperature']],
    ['MR126C', ['ceramic balls']],
  ])('%s', (text, wanted) => {
    const meaningsOf = decode(text, shipped)
      .filter((r) => r.base === best(text).base)
      .map((r) => r.tokens.map((t) => t.meaning).join('; '))
    for (const text of wanted) expect(meaningsOf.join(' | ')).toContain(text)
    expect(meaningsOf[0]).toContain(wanted[0])
  })
})

// Worn tails: a lost mark or a look-alike in a suffix (common practice).
it.each([
  ['6205-2R?', '6205-2RS'],
  ['6205-2R5', '6205-2RS'],
  ['6205-?RS', '6205-2RS'],
  ['6205Z?', '6205ZZ'],
  ['6205D?U', '6205DDU'],
  ['62O5LLU', '6205LLU'],
  ['6205 2RS C?', '6205-2RS'],
  ['6?02ZZ', '6202ZZ'],
])('%s reads as %s', (text, canonical) => expect(best(text).canonical.startsWith(canonical)).toBe(true))

// A clear number is what it says, however common its neighbour is.
it.each(['6226', '6232', '6816', '16036', '6834', '51130', 'UC205-14', 'R4A', '23124', 'NU1028'])(
  '%s, clear, is itself',
  (text) => {
    expect(best(text).base).toBe(text)
    expect(best(text).confidence).toBeGreaterThan(0.7)
  },
)

// Marks of makers, dates and places are set aside and told.
it.each([
  ['6205-2RS JAXON', 'JAXON'],
  ['6004ZZ QW71', 'QW71'],
  ['L44643 84H', '84H'],
])('%s: %s is not decoded', (text, rest) => expect(best(text).unknown.join(' ')).toBe(rest))
