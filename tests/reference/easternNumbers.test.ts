import { describe, expect, it } from 'vitest'
import { decode, readExact, suggestionsFor } from '@/core/designation'
import { shipped } from '../support/shipped'

/** Number in the old eastern style (GOST 3189, from memory), the standard one, and its sizes in handbooks, mm. */
const TABLE = [
  ['205', '6205', 25, 52, 15],
  ['1000903', '6903', 17, 30, 7],
  ['1000805', '6805', 25, 37, 7],
  ['7000105', '16005', 25, 47, 8],
  ['1506', '2206', 30, 62, 20],
  ['1606', '2306', 30, 72, 27],
  ['111208', '1208K', 40, 80, 18],
  ['12208', 'NF208', 40, 80, 18],
  ['32610', 'NU2310', 50, 110, 40],
  ['32110', 'NU1010', 50, 80, 16],
  ['42305', 'NJ305', 25, 62, 17],
  ['92205', 'NUP205', 25, 52, 15],
  ['3182120', 'NN3020K', 100, 150, 37],
  ['3608', '22308', 40, 90, 33],
  ['53510', '22210', 50, 90, 23],
  ['113610', '22310K', 50, 110, 40],
  ['3003132', '23032', 160, 240, 60],
  ['3003732', '23132', 160, 270, 86],
  ['4074905', 'NA4905', 25, 42, 17],
  ['36205', '7205C', 25, 52, 15],
  ['46308', '7308AC', 40, 90, 23],
  ['66408', '7408B', 40, 110, 27],
  ['176208', 'QJ208', 40, 80, 18],
  ['3056206', '3206', 30, 62, 23.8],
  ['7508', '32208', 40, 80, 24.75],
  ['7508A', '32208', 40, 80, 24.75],
  ['7305', '30305', 25, 62, 18.25],
  ['7608', '32308', 40, 90, 35.25],
  ['27308', '31308', 40, 90, 25.25],
  ['2007108', '32008X', 40, 68, 19],
  ['2007908', '32908', 40, 62, 15],
  ['8205', '51205', 25, 47, 15],
  ['8108', '51108', 40, 60, 13],
  ['38206', '52206', 25, 52, 29],
  ['9039420', '29420', 100, 210, 67],
  ['105', '6005', 25, 47, 12],
  ['305', '6305', 25, 62, 17],
  ['405', '6405', 25, 80, 21],
  ['1607', '2307', 35, 80, 31],
  ['111308', '1308K', 40, 90, 23],
  ['111508', '2208K', 40, 80, 23],
  ['111608', '2308K', 40, 90, 33],
  ['12310', 'NF310', 50, 110, 27],
  ['32507', 'NU2207', 35, 72, 23],
  ['32208', 'NU208', 40, 80, 18],
  ['32308', 'NU308', 40, 90, 23],
  ['32408', 'NU408', 40, 110, 27],
  ['42507', 'NJ2207', 35, 72, 23],
  ['42610', 'NJ2310', 50, 110, 40],
  ['92310', 'NUP310', 50, 110, 27],
  ['3282120', 'NN3020', 100, 150, 37],
  ['3113120', '23020K', 100, 150, 37],
  ['3153732', '23132K', 160, 270, 86],
  ['53608', '22308', 40, 90, 33],
  ['153508', '22208K', 40, 80, 23],
  ['36105', '7005C', 25, 47, 12],
  ['46205', '7205AC', 25, 52, 15],
  ['66308', '7308B', 40, 90, 23],
  ['176308', 'QJ308', 40, 90, 23],
  ['3056306', '3306', 30, 72, 30.2],
  ['7208', '30208', 40, 80, 19.75],
  ['8306', '51306', 30, 60, 21],
  ['8408', '51408', 40, 90, 36],
  ['38306', '52306', 25, 60, 38],
  ['9039320', '29320', 100, 170, 42],
  ['256706', '30x60x37', 30, 60, 37],
  ['256907', '34x64x37', 34, 64, 37],
] as const

describe('old eastern numbers', () => {
  it.each(TABLE)('%s is guessed to be %s', (text, standard, bore, outside, width) => {
    const reading = decode(text, shipped).find(({ canonical }) => canonical === standard)
    expect(reading?.exact).toBe(false)
    const { dimensions } = reading ?? {}
    expect([dimensions?.bore, dimensions?.outside, dimensions?.totalWidth ?? dimensions?.width]).toEqual([
      bore,
      outside,
      width,
    ])
  })

  it.each(TABLE.filter(([text]) => !readExact(text, shipped).ok))(
    '%s is offered as %s in words, never taken',
    (text, standard) => {
      const offered = suggestionsFor(text, shipped).find(({ designation }) => designation === standard)
      expect(offered?.changed).toMatch(/^\d+A? in the old (eastern|short) style/)
    },
  )

  it('of four and five figures are unsure by themselves, longer ones are not', () => {
    const sure = (text: string) => decode(text, shipped)[0]?.confidence ?? 0
    for (const text of ['7508', '36205', '42305']) expect(sure(text), text).toBeLessThan(0.5)
    for (const text of ['1000903', '2007108', '205']) expect(sure(text), text).toBeGreaterThan(0.5)
  })

  // `7305` is angular contact, `32110` follows no rule: a number of its own comes first.
  it('stand behind numbers of their own', () => {
    expect(decode('7305', shipped)[0]).toMatchObject({ base: '7305', exact: true })
    expect(decode('1205', shipped)[0]?.canonical).toBe('1205')
  })
})
