import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CAUSES, DAMAGE, PART_VERDICTS, SEVERITIES } from './findings'
import { judgeParts, type Seen } from './judgeParts'

/** Main groups of ISO 15243:2017 and the terms that belong to them (from memory). */
const GROUPS: Record<string, RegExp> = {
  '5.1': /fatigue/,
  '5.2': /wear|damage/,
  '5.3': /corrosion|brinelling|fretting/,
  '5.4': /erosion/,
  '5.5': /deformation|indentations/,
  '5.6': /fracture/,
}

describe('the guide', () => {
  it('holds the failure modes of every group of ISO 15243', () => {
    for (const [group, terms] of Object.entries(GROUPS)) {
      const own = DAMAGE.filter((mode) => mode.group.startsWith(group))
      expect(own.length, group).toBeGreaterThan(0)
      for (const mode of own) expect(mode.term, mode.id).toMatch(terms)
    }
  })
  it('names only causes it knows, and every cause is named by some damage', () => {
    const known = new Set(CAUSES.map((c) => c.id))
    const named = new Set(DAMAGE.flatMap((mode) => Object.keys(mode.causes)))
    expect([...named].filter((id) => !known.has(id))).toEqual([])
    expect([...known].filter((id) => !named.has(id))).toEqual([])
  })
  it('worse never has the better verdict', () => {
    for (const { id, verdicts } of DAMAGE)
      verdicts.forEach((verdict, i) => {
        const before = verdicts[i - 1]
        if (before)
          expect(PART_VERDICTS.indexOf(verdict), id).toBeGreaterThanOrEqual(PART_VERDICTS.indexOf(before))
      })
  })
})

const seen = fc.constantFrom(...DAMAGE).chain((mode) =>
  fc.record({
    part: fc.constantFrom(...mode.parts),
    damage: fc.constant(mode.id),
    severity: fc.constantFrom(...SEVERITIES),
  }),
)

describe('judgement', () => {
  it('shares add up, and one more finding never makes a part better', () =>
    fc.assert(
      fc.property(fc.array(seen, { minLength: 1, maxLength: 6 }), seen, (some, more) => {
        const [before, after] = [judgeParts(some, { tags: [] }), judgeParts([...some, more], { tags: [] })]
        expect(before.causes.reduce((sum, c) => sum + c.share, 0)).toBeCloseTo(1, 9)
        for (const { part, verdict } of before.parts) {
          const now = after.parts.find((p) => p.part === part)?.verdict ?? 'good'
          expect(PART_VERDICTS.indexOf(now)).toBeGreaterThanOrEqual(PART_VERDICTS.indexOf(verdict))
        }
      }),
    ))
  // Nobody dissents: a cup and cone wear in together (common practice).
  it('a spalled cup condemns its cone', () => {
    const { parts } = judgeParts([{ part: 'race', damage: 'spalling', severity: 'trace' }], { tags: [] })
    expect(parts.map((p) => [p.part, p.verdict])).toEqual([
      ['bearing', 'replace'],
      ['race', 'replace'],
    ])
  })
  it('a whole ball bearing has no mate to go with it', () => {
    const rust: Seen[] = [{ part: 'bearing', damage: 'corrosion', severity: 'severe' }]
    const parts = (separable: boolean) => judgeParts(rust, { tags: [], separable }).parts.map((p) => p.part)
    expect(parts(true)).toEqual(['bearing', 'race'])
    expect(parts(false)).toEqual(['bearing'])
  })
  it('washed and milky: water leads; fast and hot: lubrication or preload', () => {
    const wet: Seen[] = [{ part: 'grease', damage: 'greaseMilky', severity: 'marked' }]
    expect(judgeParts(wet, { tags: ['washed', 'salt air'] }).causes[0]?.id).toBe('water')
    const hot: Seen[] = [{ part: 'bearing', damage: 'heatColour', severity: 'marked' }]
    const [first] = judgeParts(hot, { tags: ['heat'], age: 'new' }).causes
    expect(first?.id).toBe('overTight')
    expect(first?.because).toContain('had run for weeks only')
  })
  it('a grooved journal and a worn spindle add their parts to the kit', () => {
    const { kit, run } = judgeParts(
      [
        { part: 'shaft', damage: 'shaftGrooved', severity: 'marked' },
        { part: 'shaft', damage: 'shaftWorn', severity: 'severe' },
      ],
      { tags: [] },
    )
    expect(kit).toEqual(['journalGrooved', 'spindleWorn'])
    expect(run).toBe('notUntilRepaired')
  })
  it('damage of another part is passed over', () =>
    expect(
      judgeParts([{ part: 'seal', damage: 'spalling', severity: 'severe' }], { tags: [] }).parts,
    ).toEqual([]))
})
