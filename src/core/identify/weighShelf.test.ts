import { describe, expect, it } from 'vitest'
import { seeded } from '../../../tests/support/simulation'
import { shipped } from '../../../tests/support/shipped'
import { syntheticColumns, wornNumber } from '../../../tests/support/syntheticShelf'
import { buildShelf, findOnShelf } from '../shelf'
import { buildIdentifier, withShop } from './identifier'
import { identify } from './identify'
import { logSumExp } from './logDensities'
import { readMeasurements } from './readMeasurements'
import { logMisread, logNearMiss, logReading, readingModel } from './readingModel'
import { shelfShare, weighShelf } from './weighShelf'

const COUNT = 3000
const columns = syntheticColumns(COUNT, 5)
const shelf = buildShelf(columns)
const random = seeded(3)

const models = (n: number) =>
  (['bore', 'outside', 'width'] as const).map((feature) =>
    readingModel({
      feature,
      valuesMm: [Math.round(((columns.sizes[feature][n] ?? 0) + (random() - 0.5) * 0.06) * 100) / 100],
      stepMm: 0.01,
      instrument: 'digitalCaliper',
      condition: 'used',
      unitGuessed: false,
    }),
  )

describe('a shelf of own parts', () => {
  it('finds every part by its exact number, and none that is not there', () => {
    for (let n = 0; n < COUNT; n += 7) {
      const number = columns.designations[n] ?? ''
      expect(findOnShelf(shelf, number.toLowerCase())?.base).toBe(number)
    }
    expect(findOnShelf(shelf, 'ZZ 0')).toBeUndefined()
  })

  it('weighs as a visit to every part would: the same leader, the same sum', () => {
    for (let round = 0; round < 40; round++) {
      const wanted = Math.floor(random() * COUNT)
      const readings = models(wanted).slice(0, 1 + (round % 3))
      const prior = Math.log(shelfShare(COUNT) / COUNT)
      // Near is what a reading speaks for more than a near miss would; all else counts as misread.
      const plain = Array.from({ length: COUNT }, (_, n) =>
        readings.reduce((sum, model) => {
          const size = columns.sizes[model.feature as 'bore'][n] ?? 0
          const log = logReading(model, size)
          return sum + (log > logNearMiss(model, model.meanMm) + 0.5 ? log : logMisread(model))
        }, prior),
      )
      const { candidates, total } = weighShelf(shelf, readings, [], 20)
      expect(total).toBeCloseTo(logSumExp(plain), 6)
      expect(candidates[0]?.log).toBeCloseTo(Math.max(...plain), 9)
    }
  })

  it('an own part is identified among the standard ones, by sizes and by a worn number', () => {
    const identifier = buildIdentifier(shipped, { shelf })
    let right = 0
    for (let round = 0; round < 60; round++) {
      const n = Math.floor(random() * COUNT)
      const number = columns.designations[n] ?? ''
      const found = identify(
        identifier,
        {
          measurements: models(n).map((m) => ({
            feature: m.feature,
            valuesMm: [m.meanMm],
            stepMm: 0.01,
            instrument: 'digitalCaliper',
            condition: 'used',
            unitGuessed: false,
          })),
          stamps: [{ text: wornNumber(number, random) }],
          observed: {},
        },
        5,
      )
      if (found.candidates[0]?.part.base === number) right++
      const listed = found.candidates.reduce((sum, c) => sum + c.probability, found.unlisted)
      expect(listed).toBeLessThanOrEqual(1 + 1e-9)
    }
    expect(right).toBeGreaterThanOrEqual(58)
  })

  it('what the shop stocks or has fitted is likelier, all else alike', () => {
    const share = (known: string[]) =>
      identify(
        buildIdentifier(shipped, { experience: { known: new Set(known), decided: new Map() } }),
        { measurements: [], stamps: [{ text: '6?14' }], observed: {} },
        20,
      ).candidates.find((c) => c.part.base === '6814')?.probability ?? 0
    expect(share(['6814'])).toBeGreaterThan(3 * share([]))
  })

  it('what its closed jobs had is likelier by their count; what was never there is not made up', () => {
    const bare = buildIdentifier(shipped)
    const after = (times: number) =>
      withShop(bare, {
        experience: { known: new Set(), decided: new Map(times > 0 ? [['6814', times]] : []) },
      })
    const question = { measurements: [], stamps: [{ text: '6?14' }], observed: {} }
    const shares = [0, 1, 5, 50, 5000].map((times) => {
      const found = identify(after(times), question, 40)
      const sum = found.candidates.reduce((all, c) => all + c.probability, found.unlisted)
      expect(sum).toBeLessThanOrEqual(1 + 1e-9)
      return found.candidates.find((c) => c.part.base === '6814')?.probability ?? 0
    })
    for (const [i, share] of shares.entries()) if (i > 0) expect(share).toBeGreaterThan(shares[i - 1] ?? 1)
    expect(shares[4]).toBeGreaterThan(0.9)
    // A thousand jobs with one part do not make it of another size.
    const sized = readMeasurements([{ feature: 'bore', readings: ['25'] }])
    if (!sized.ok) throw new Error('25 is a size')
    const other = identify(after(1000), { ...question, stamps: [], measurements: sized.value }, 5)
    expect(other.candidates.map((c) => c.part.base)).not.toContain('6814')
    // The catalogue weighs as much as 1000 jobs: after as many, the part has half of what complete parts share.
    const [plain, half] = [0, 1000].map((times) => {
      const identifier = after(times)
      const at = identifier.candidates.findIndex((c) => c.part.base === '6814')
      const total = identifier.candidates.reduce(
        (s, c) => s + (c.part.piece === 'complete' ? c.weight : 0),
        0,
      )
      return (identifier.candidates[at]?.weight ?? 0) / total
    })
    expect(half).toBeCloseTo((1 + (plain ?? 0)) / 2, 6)
  })
})
