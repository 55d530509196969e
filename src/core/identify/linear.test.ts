import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { buildIdentifier, identify, nextText, readMeasurements, type Observations } from '.'

const identifier = buildIdentifier(shipped)
const sleeves = shipped.catalogue.parts.filter(({ family }) => family === 'linear-ball')

function ask(sizes: readonly [string, string, string], observed: Observations = {}) {
  const features = ['bore', 'outside', 'width'] as const
  const read = readMeasurements(features.map((feature, i) => ({ feature, readings: [sizes[i] ?? ''] })))
  if (!read.ok) throw new Error('an impossible question')
  return identify(identifier, { measurements: read.value, stamps: [], observed }, 10)
}

describe('linear ball bearings by shaft, outside and length', () => {
  it('every one leads by its sizes, or a part of the same sizes does', () => {
    const wrong = sleeves.flatMap(({ base, dimensions: d }) => {
      const [first] = ask([`${d.bore} mm`, `${d.outside} mm`, `${d.width} mm`]).candidates
      const e = first?.part.dimensions
      return e?.bore === d.bore && e?.outside === d.outside && e?.width === d.width
        ? []
        : [`${base}: ${first?.part.base}`]
    })
    expect(wrong).toEqual([])
  })
  it('a flange seen is one with a flange, without it the plain one leads', () => {
    expect(ask(['12', '21', '30']).candidates[0]?.part.base).toBe('LM12')
    expect(ask(['12', '21', '30'], { flange: true }).candidates[0]?.part.base).toBe('LMF12')
  })
  it('in the other series of the same shaft the outside decides, in the long one the length', () => {
    expect(ask(['12', '22', '32']).candidates[0]?.part.base).toBe('LME12')
    expect(ask(['12', '19', '28']).candidates[0]?.part.base).toBe('KH1228')
    expect(ask(['12', '21', '57']).candidates[0]?.part.base).toBe('LM12L')
  })
  it('nobody is asked for a clearance that they do not have', () => {
    const next = nextText(ask(['20', '32', '42']))
    expect(next?.line).toMatch(/closure/)
    expect(next?.line).not.toMatch(/clearance/)
  })
})
