import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import type { Part } from '../catalogue'
import { compareVariants, variantOf, type Variant } from '.'

/** Meanings that are one of the part, said otherwise or by another convention (common practice): what is usual anyway first. */
const SAME: readonly (readonly string[])[] = [
  [
    'normal clearance',
    'Normal tolerance class',
    'inch precision grade 1',
    'pressed steel cage',
    'pressed brass cage',
    'pressed steel cage, riveted',
    'pressed steel cage with windows',
    'pressed steel cages of both rows',
    "pressed steel cage, a maker's design",
  ],
  ['contact seal on both sides', 'contact seal on both sides, coloured seal'],
  ['contact seal on both sides, low torque', 'low-torque contact seal on both sides'],
  ['non-contact or low-friction seal on one side', 'non-contact seal on one side'],
  ['tolerance class 6, closer than Normal', 'inch precision grade 3'],
  ['tolerance class 5, closer than class 6', 'inch precision grade 5'],
  ['tolerance class 4, closer than class 5', 'inch precision grade 7'],
  ['tolerance class 2, the closest', 'inch precision grade 9'],
  ['size to class 4, running closer than class 4', 'size to class 4, running to class 2'],
  [
    'machined brass cage',
    'machined brass cage with pockets',
    'machined brass cage, guided on the rollers',
    'machined brass cage with windows, one piece',
  ],
  [
    'machined brass cage, guided on the outer ring',
    'machined brass cage with pockets, guided on the outer ring',
  ],
  ['cage of fabric-reinforced resin', 'fabric or resin cage'],
  ['contact angle 25°', 'contact angle 25° in one convention'],
  ['contact angle 40°', 'contact angle 40°, pressed steel cage'],
  ["a maker's improved inner design, angle 30°", 'changed inner construction'],
  [
    'reinforced design with larger rollers',
    'reinforced inner design',
    'reinforced design without a centre rib',
    'reinforced design, pressed steel cage',
    'reinforced design, pressed steel cages',
    'high-load design with larger rollers',
    "a maker's improved inner design",
  ],
  [
    'reinforced design, brass cage',
    'reinforced design, machined brass cage',
    'brass cage with windows, larger rollers',
  ],
  ['electric-motor quality', 'pressed steel cage, electric-motor quality'],
  ['made for regreasing', 'lubrication hole and groove, for regreasing'],
  ['for high axial load, steep angle', 'steep angle, dimensions to ISO 355'],
]
const isSame = (a: string, b: string): boolean =>
  a === b || SAME.some((group) => group.includes(a) && group.includes(b))

const commonest = new Map<string, Part>()
for (const part of shipped.catalogue.parts) {
  const known = commonest.get(part.family)
  if (part.piece === 'complete' && (!known || part.commonness > known.commonness))
    commonest.set(part.family, part)
}

/** The part with each suffix that it may carry, by what that means. */
function carrying({ family, base }: Part): { meaning: string; variant: Variant }[] {
  return shipped.tokens.flatMap(({ text, where, families, meaning, kind }) => {
    if (where !== 'suffix' || !families.includes(family)) return []
    const separator = kind === 'clearance' ? '/' : /^\d/.test(text) ? '-' : ''
    const variant = variantOf(base + separator + text, shipped)
    const [option, ...more] = variant?.written.options ?? []
    return variant && option?.meaning === meaning && more.length === 0 ? [{ meaning, variant }] : []
  })
}

it.each([...commonest.values()].map((part) => [part.family, part] as const))(
  '%s: two letters that mean different things are never called identical',
  (_family, part) => {
    const all = carrying(part)
    const wrong = all.flatMap((a) =>
      all
        .filter((b) => !isSame(a.meaning, b.meaning))
        .filter((b) => compareVariants(a.variant, b.variant).verdict === 'identical')
        .map((b) => `${a.variant.designation} → ${b.variant.designation}`),
    )
    expect(wrong).toEqual([])
  },
)

it('seals of other rubber stand more warmth than those of nitrile', () => {
  const plain = variantOf('22210', shipped)
  const atWork = (to: string) => {
    const variant = variantOf(to, shipped)
    const checks = plain && variant && compareVariants(plain, variant, { temperatureC: 110 }).checks
    return checks?.find(({ check }) => check === 'temperature')?.result
  }
  expect(['22210-2RS', '22210-2CS5', '22210-2CS2'].map(atWork)).toEqual(['warn', 'pass', 'pass'])
})

it.each([
  ['6205P63', '6205/C3', 'conditional'],
  ['6205/C3', '6205P63', 'upgrade'],
  ['6205P63', '6205P6/C3', 'identical'],
  ['6205ZNR', '6205Z', 'not-interchangeable'],
  ['6205-2RD', '6205LLH', 'identical'],
  ['22210-2CS2', '22210-2CS5', 'conditional'],
  ['22220MAC4F4', '22220M/C4', 'conditional'],
  ['22210W20', '22210W33', 'upgrade'],
  ['22210W33', '22210W20', 'conditional'],
] as const)('%s → %s: %s', (from, to, verdict) => {
  const [a, b] = [variantOf(from, shipped), variantOf(to, shipped)]
  expect(a && b && compareVariants(a, b).verdict).toBe(verdict)
})
