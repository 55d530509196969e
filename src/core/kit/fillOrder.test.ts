import { describe, expect, it } from 'vitest'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, proposeKit } from '.'
import { ROLES, type SlotRole } from './roles'

describe('what is filled first', () => {
  it('bearings, then what sits on the same spindle, then what depends on the nut, grease last', () => {
    const order = (role: SlotRole) => ROLES[role].order
    for (const role of ['cone', 'cup', 'bearing', 'insert', 'hubUnit'] as const)
      expect(order(role), role).toBe(0)
    for (const [first, then] of [
      ['cone', 'castleNut'],
      ['castleNut', 'cotterPin'],
      ['lockNut', 'lockWasher'],
      ['bearing', 'snapRing'],
    ] as const)
      expect(order(first), `${first} before ${then}`).toBeLessThan(order(then))
    const last = Math.max(...Object.values(ROLES).map((facts) => facts.order))
    expect(Object.entries(ROLES).flatMap(([role, facts]) => (facts.order === last ? [role] : []))).toEqual([
      'grease',
    ])
  })
  it('a number nobody lists is told with the three that are nearest', () => {
    const { lines } = proposeKit(
      arrangementOf('B1'),
      { positions: 1, parts: { bearingLeft: '6X05' }, sizes: {} },
      shippedKnowledge,
    )
    const gap = lines.find(({ slot }) => slot === 'bearingLeft')
    const meant = /Did you mean (.*)\?$/.exec(gap?.reason ?? '')?.[1]?.split(', ') ?? []
    expect(gap?.state).toBe('gap')
    expect(meant).toEqual(gap?.alternatives.slice(0, 3))
    expect(meant).toHaveLength(3)
  })
})
