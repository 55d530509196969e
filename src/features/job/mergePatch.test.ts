import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Job } from '@/contract/job'
import { mergePatch } from './mergePatch'
import type { JobPatch } from './withPatch'

const base = {
  id: 7,
  title: 'Kiosk 5',
  intake: { note: '', side: '', heard: ['rumble'] },
  kit: { arrangement: 'A1', positions: 1, parts: { cap: 'a' }, sizes: {} },
  fitting: null,
  closedAt: null,
  bearings: [
    { id: 1, name: 'inner', decision: null, evidence: { stamps: [] } },
    { id: 2, name: 'outer', decision: null, evidence: { stamps: [] } },
  ],
} as unknown as Job
const theirs = (change: object): Job => ({ ...base, ...change })
const patch = (change: object) => change as JobPatch

describe('two windows on one job', () => {
  it('different things are both kept', () => {
    const mine = patch({ intake: { ...base.intake, note: 'drags' } })
    expect(mergePatch(base, mine, theirs({ title: 'Kiosk 5, shutter' }))).toEqual(mine)
  })
  it('different fields of one thing are both kept', () => {
    const mine = patch({ intake: { ...base.intake, note: 'drags' } })
    const merged = mergePatch(base, mine, theirs({ intake: { ...base.intake, side: 'left' } }))
    expect(merged?.intake).toMatchObject({ note: 'drags', side: 'left', heard: ['rumble'] })
  })
  it('a part put in by one and a part taken out by the other', () => {
    const mine = patch({ kit: { ...base.kit, parts: { cap: 'a', seal: '42x62x8' } } })
    const merged = mergePatch(base, mine, theirs({ kit: { ...base.kit, parts: {} } }))
    expect(merged?.kit?.parts).toEqual({ seal: '42x62x8' })
  })
  it('changes of two bearings, or of two things of one', () => {
    const decision = { designation: '6205', base: '6205', probability: null }
    const [inner, outer] = base.bearings
    const mine = patch({ bearings: { 1: { decision } } })
    const other = theirs({
      bearings: [
        { ...inner, name: 'left' },
        { ...outer, decision },
      ],
    })
    expect(mergePatch(base, mine, other)).toEqual(mine)
  })
  it('our own change that was stored with what the server added, and another one on top of it', () => {
    const before = theirs({ kit: null })
    const stored = theirs({ kit: { ...base.kit, parts: { cap: 'a', bearing: '6205' }, quantities: {} } })
    const mine = patch({ kit: base.kit, intake: { ...base.intake, note: 'drags' } })
    const merged = mergePatch(before, mine, stored)
    expect(merged?.kit).toEqual(stored.kit)
    expect(merged?.intake).toMatchObject({ note: 'drags' })
  })
  it.each([
    [
      'two kits made anew',
      patch({ kit: { ...base.kit, arrangement: 'B3' } }),
      theirs({ kit: { ...base.kit, arrangement: 'C1' } }),
    ],
    ['one title', patch({ title: 'Kiosk 6' }), theirs({ title: 'Kiosk 7' })],
    [
      'one list',
      patch({ intake: { ...base.intake, heard: [] } }),
      theirs({ intake: { ...base.intake, heard: ['heat'] } }),
    ],
    [
      'a bearing that is gone',
      patch({ bearings: { 2: { name: 'right' } } }),
      theirs({ bearings: [base.bearings[0]] }),
    ],
    ['closing', patch({ closed: true }), theirs({ title: 'Kiosk 7' })],
    ['a job closed meanwhile', patch({ title: 'Kiosk 6' }), theirs({ closedAt: '2026-01-01T00:00:00Z' })],
    ['a kit removed meanwhile', patch({ kit: { ...base.kit, positions: 2 } }), theirs({ kit: null })],
  ])('%s has to be chosen', (_, mine, other) => {
    expect(mergePatch(base, mine, other)).toBeNull()
  })
  it('never loses what only one of them changed', () => {
    const parts = fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('x', 'y'), {
      noNullPrototype: true,
    })
    fc.assert(
      fc.property(parts, parts, parts, (was, mine, other) => {
        const of = (p: object) => ({ ...base.kit, parts: p })
        const merged = mergePatch(
          theirs({ kit: of(was) }),
          patch({ kit: of(mine) }),
          theirs({ kit: of(other) }),
        )?.kit?.parts
        if (!merged) return
        for (const name of ['a', 'b', 'c']) {
          if (mine[name] !== was[name]) expect(merged[name]).toBe(mine[name])
          else if (other[name] !== was[name]) expect(merged[name]).toBe(other[name])
        }
      }),
    )
  })
})
