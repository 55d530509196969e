import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Job } from '@/contract/job'
import { withAdded } from './withAdded'

const kit = (parts: Record<string, string>, sizes: Record<string, string> = {}) => ({
  arrangement: 'A1',
  positions: 1,
  parts,
  sizes,
})
const job = (stored: ReturnType<typeof kit> | null) => ({ kit: stored }) as unknown as Job

describe('a change made while another was on its way', () => {
  it('keeps what the server put beside the one before it', () => {
    const later = withAdded(
      { kit: kit({ outerCone: 'LM12749' }) },
      { kit: kit({}) },
      job(kit({ innerBearing: 'L68149/L68110' }, { shaft: '34.9' })),
    )
    expect(later.kit).toMatchObject({
      parts: { innerBearing: 'L68149/L68110', outerCone: 'LM12749' },
      sizes: { shaft: '34.9' },
    })
  })
  it('does not bring back what was taken out meanwhile, nor overwrite what was typed', () => {
    const sent = { kit: kit({ seal: '42x62x8', cap: 'a' }) }
    const stored = job(kit({ seal: '42x62x8', cap: 'a', innerBearing: '6205' }))
    expect(withAdded({ kit: kit({ cap: 'b' }) }, sent, stored).kit?.parts).toEqual({
      cap: 'b',
      innerBearing: '6205',
    })
  })
  it('leaves another arrangement, a removed kit and changes of other things alone', () => {
    const stored = job(kit({ innerBearing: '6205' }))
    for (const pending of [{ kit: { ...kit({}), arrangement: 'B1' } }, { kit: null }, { title: 'another' }])
      expect(withAdded(pending, { kit: kit({}) }, stored)).toEqual(pending)
    expect(withAdded({ kit: kit({}) }, {}, stored)).toEqual({ kit: kit({}) })
    expect(withAdded({ kit: kit({}) }, { kit: kit({}) }, job(null))).toEqual({ kit: kit({}) })
  })
  it('never loses an entry of ours', () => {
    const entries = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.constantFrom('x', 'y'))
    fc.assert(
      fc.property(entries, entries, entries, (mine, sent, stored) => {
        const later = withAdded({ kit: kit(mine) }, { kit: kit(sent) }, job(kit(stored)))
        expect(later.kit?.parts).toMatchObject(mine)
      }),
    )
  })
})
