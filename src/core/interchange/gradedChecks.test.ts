import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { SEAL_MATERIALS } from '../seals'
import { precision } from './checks/precision'
import { compareVariants, speedLimit, trapsOf, variantOf } from '.'

const variant = (text: string) => {
  const found = variantOf(text, shipped)
  if (!found) throw new Error(`${text} is not known`)
  return found
}

// Common practice: a shield keeps out less than a seal that does not touch, that less than one that does.
it('closures in order of what they keep out: up is no loss, down is', () => {
  const order = ['6205', '6205ZZ', '6205VV', '6205-2RS']
  const result = (from: string, to: string) =>
    compareVariants(variant(from), variant(to)).checks.find(({ check }) => check === 'closure')?.result
  order.forEach((from, i) =>
    order.forEach((to, j) => expect(result(from, to), `${from} ${to}`).toBe(j < i ? 'warn' : 'pass')),
  )
})

it('parts that are put together round the shaft have no closure to compare', () => {
  const checks = (from: string, to: string) =>
    compareVariants(variant(from), variant(to)).checks.map(({ check }) => check)
  expect(checks('30205', '32205')).not.toContain('closure')
  expect(checks('6205', '6305')).toContain('closure')
})

describe('sizes that differ by a closure, or by more', () => {
  const sizes = (from: string, to: string) =>
    compareVariants(variant(from), variant(to)).checks.find(({ check }) => check === 'dimensions')
  it.each([
    ['R6', 'R6ZZ'],
    ['R6', 'R6Z'],
    ['R6Z', 'R6'],
  ])('%s and %s: the wider closed form', (from, to) => {
    expect(sizes(from, to)).toMatchObject({ result: 'warn' })
    expect(sizes(from, to)?.detail).toMatch(/^Same bore and outside, but width/)
  })
  it('closed alike there is nothing to say of', () => expect(sizes('R6Z', 'R6ZZ')?.result).toBe('pass'))
  it.each([
    ['20x35x7', '20x35x10', 'warn'],
    ['20x35x7', '20x37x7', 'fail'],
    ['20x35x7', '20x37x10', 'fail'],
    ['20x35x7', '22x35x7', 'fail'],
  ])('seals %s and %s: %s', (from, to, result) =>
    expect(sizes(`TC ${from}`, `TC ${to}`)?.result).toBe(result),
  )
})

// ISO 492 beside ABMA 20: the same closeness under two names, each row closer than the one before.
it('classes of tolerance: alike across the two standards, closer is no loss', () => {
  const order = [
    [null, 'P0', 'ABEC 1'],
    ['P6', 'ABEC 3'],
    ['P5', 'ABEC 5'],
    ['P4', 'ABEC 7'],
    ['P2', 'ABEC 9'],
  ]
  const all = order.flatMap((names, rank) => names.map((name) => ({ name, rank })))
  const ring = variant('6205')
  for (const from of all)
    for (const to of all) {
      const outcome = precision({ ...ring, precision: from.name }, { ...ring, precision: to.name }, {})
      const result = outcome === null ? null : 'result' in outcome ? outcome.result : undefined
      expect(result, `${from.name} ${to.name}`).toBe(
        to.rank === from.rank ? null : to.rank > from.rank ? 'pass' : 'warn',
      )
    }
})

it('stainless carries about four fifths: said with the figure, gained and lost', () => {
  const verdictOf = (from: string, to: string) =>
    compareVariants(variant(from), variant(to)).checks.find(({ check }) => check === 'material')?.detail
  expect(verdictOf('6205', 'S6205')).toContain('carries about 0.8 of the load')
  expect(verdictOf('S6205', '6205')).toContain('carries about a quarter more')
})

// Inserts of one outside for several shafts: 35 mm and 1 1/4 to 1 7/16 in (common practice).
it('a unit for an inch shaft is told those of the same housing for every near shaft, and the other housings', () => {
  const named = trapsOf(variant('UCP207-20').part, shipped.catalogue)
  const shafts = named.filter(({ why }) => why.startsWith('The same housing'))
  expect(shafts.map(({ designation }) => designation).sort()).toEqual(['UCP207', 'UCP207-21', 'UCP207-22'])
  expect(shafts.find(({ designation }) => designation === 'UCP207-22')?.why).toContain(
    'for a shaft of 1 3/8 in, not',
  )
  expect(named.find(({ why }) => why.startsWith('The same insert in'))?.designation).toMatch(
    /^UC[A-Z]+207-20$/,
  )
})

it('two classes that nobody can read are not told apart', () => {
  const ring = variant('6205')
  expect(precision({ ...ring, precision: '' }, { ...ring, precision: '' }, {})).toBeNull()
  expect(precision({ ...ring, precision: '' }, ring, {})).toMatchObject({ result: 'warn' })
})

it.each(['6205-2RS', '6304', '22210', 'R12-2RS', '30205'])(
  'the speed limit of %s is told to the nearest hundred',
  (text) => {
    const ring = variant(text)
    const checks = compareVariants(ring, ring, { rpm: 60_000 }).checks
    const detail = checks.find(({ check }) => check === 'speed')?.detail ?? ''
    const told = Number(/^([\d\s]*00) a minute is about/.exec(detail)?.[1]?.replace(/\s/g, ''))
    expect(Math.abs(told - (speedLimit(ring) ?? NaN))).toBeLessThanOrEqual(50)
  },
)

// Heat stabilised rings S0 to S3: 150, 200, 250, 300 °C (handbook values from memory).
it.each([
  ['S0', 150],
  ['S1', 200],
  ['S2', 250],
  ['S3', 300],
])('rings stabilised %s keep their size up to %i °C', (heat, celsius) => {
  const ring = variant(`22210 ${heat}`)
  const at = (temperatureC: number) =>
    compareVariants(ring, ring, { temperatureC }).checks.find(({ check }) => check === 'temperature')?.result
  expect([at(celsius), at(celsius + 1)]).toEqual(['pass', 'warn'])
})

it('a lip of another rubber passes only where it stands as much in every way', () => {
  for (const from of SEAL_MATERIALS)
    for (const to of SEAL_MATERIALS) {
      if (from === to) continue
      const [a, b] = [from, to].map(({ code }) => variant(`TC 35x52x7 ${code}`))
      const checks = a && b ? compareVariants(a, b).checks : []
      const { result } = checks.find(({ check }) => check === 'material') ?? {}
      const isWorse = to.maxC < from.maxC || to.minC > from.minC || to.maxSpeed < from.maxSpeed
      if (isWorse) expect(result, `${from.code} ${to.code}`).toBe('warn')
    }
})
