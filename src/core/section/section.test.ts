import { expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { partSection, turned, type Shape } from '.'

const points = (shape: Shape): readonly (readonly [number, number])[] =>
  shape.kind === 'circle' ? [[shape.at[0] - shape.radius, shape.at[1] - shape.radius], [shape.at[0] + shape.radius, shape.at[1] + shape.radius]] : shape.points // prettier-ignore

it('every bearing and seal is drawn inside its boundary dimensions', () => {
  const drawn = shipped.catalogue.parts.filter((p) => p.piece !== 'hardware')
  expect(drawn.length).toBeGreaterThan(300)
  for (const part of drawn)
    for (const sides of [0, 2] as const) {
      const section = partSection(part, { sides, type: sides ? 'shield' : 'open' })
      expect(section, part.base).not.toBeNull()
      if (!section) continue
      const outlines = section.shapes.filter((s) => s.kind !== 'axisLine').flatMap(points)
      const inner = part.series === 'BK' ? 0 : (part.dimensions.bore ?? 0) / 2
      expect(Math.max(...outlines.map(([, r]) => r)), part.base).toBeLessThanOrEqual(section.radius + 1e-9)
      expect(Math.min(...outlines.map(([, r]) => r)), part.base).toBeGreaterThanOrEqual(inner - 1e-9)
      expect(Math.min(...outlines.map(([a]) => a)), part.base).toBeGreaterThanOrEqual(-1e-9)
      expect(Math.max(...outlines.map(([a]) => a)), part.base).toBeLessThanOrEqual(section.length + 1e-9)
      if (part.dimensions.outside) expect(section.radius * 2).toBeCloseTo(part.dimensions.outside, 9)
      expect(turned(turned(section)).shapes.flatMap(points).flat()).toEqual(
        section.shapes
          .flatMap(points)
          .flat()
          .map((n) => expect.closeTo(n, 9)),
      )
    }
})
