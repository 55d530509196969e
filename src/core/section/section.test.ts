import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { needleDesign, type Part } from '../catalogue'
import { partSection, turned, type Shape } from '.'

const points = (shape: Shape): readonly (readonly [number, number])[] =>
  shape.kind === 'circle' ? [[shape.at[0] - shape.radius, shape.at[1] - shape.radius], [shape.at[0] + shape.radius, shape.at[1] + shape.radius]] : shape.points // prettier-ignore

/** What is wrong with a drawing; empty when it stays inside the boundary dimensions and turns back into itself. */
function faults(part: Part, sides: 0 | 2): string[] {
  const section = partSection(part, { sides, type: sides ? 'shield' : 'open' })
  if (!section) return ['not drawn']
  const all = section.shapes.flatMap(points).flat()
  const outlines = section.shapes.filter((s) => s.kind !== 'axisLine').flatMap(points)
  const along = outlines.map(([a]) => a)
  const across = outlines.map(([, r]) => r)
  const inner = needleDesign(part) === 'closedCup' ? 0 : (part.dimensions.bore ?? 0) / 2
  const back = turned(turned(section)).shapes.flatMap(points).flat()
  return [
    ...(Math.max(...across) > section.radius + 1e-9 ? ['beyond the outside'] : []),
    ...(Math.min(...across) < inner - 1e-9 ? ['inside the bore'] : []),
    ...(Math.min(...along) < -1e-9 || Math.max(...along) > section.length + (section.beyond ?? 0) + 1e-9
      ? ['beyond a face']
      : []),
    ...(part.dimensions.outside &&
    Math.abs(section.radius * 2 - (part.dimensions.flangeOutside ?? part.dimensions.outside)) > 1e-9
      ? ['not to scale']
      : []),
    ...(back.some((n, i) => Math.abs(n - (all[i] ?? NaN)) > 1e-9) ? ['turns into another'] : []),
  ]
}

it('every bearing and seal is drawn inside its boundary dimensions', () => {
  const drawn = shipped.catalogue.parts.filter((p) => p.piece !== 'hardware')
  expect(drawn.length).toBeGreaterThan(300)
  const wrong = drawn.flatMap((part) =>
    ([0, 2] as const).flatMap((sides) => faults(part, sides).map((fault) => `${part.base}: ${fault}`)),
  )
  expect(wrong).toEqual([])
})

it('an outer ring that is narrower is drawn so, midway: 36 mm with a ring of 33', () => {
  const part: Part = {
    ...(shipped.catalogue.parts.find(({ base }) => base === '38x74x36') as Part),
    dimensions: { bore: 38, outside: 74.02, width: 36, outerRingWidth: 33 },
  }
  const section = partSection(part, { sides: 0, type: 'open' })
  const atOutside = (section?.shapes ?? [])
    .filter(({ kind }) => kind !== 'axisLine')
    .flatMap(points)
    .flatMap(([along, across]) => (Math.abs(across - 37.01) < 1e-9 ? [along] : []))
  expect([Math.min(...atOutside), Math.max(...atOutside), section?.length]).toEqual([1.5, 34.5, 36])
  expect(faults(part, 2)).toEqual([])
})
