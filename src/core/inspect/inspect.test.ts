import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { arrangementOf, ARRANGEMENTS, type KitLine, type SlotRole } from '../kit'
import { Cause, DamageMode } from './findingRows'
import { INSPECTED, PART_VERDICTS, SEVERITIES } from './findingKinds'
import { CAUSES, DAMAGE } from './findings'
import { damageOf, inspectedOf } from './inspectedOf'
import { AGES, judgeParts, type Seen } from './judgeParts'
import { runsOnceFitted } from './runsOnceFitted'
import { mayHold, setupOf, SETUP_TRAITS, type Setup } from './setup'

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
  it('is made of rows as they are described, with nothing beside', () => {
    expect(z.array(DamageMode).parse(DAMAGE)).toEqual(DAMAGE)
    expect(z.array(Cause).parse(CAUSES)).toEqual(CAUSES)
  })
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
    const parts = (separable: boolean) =>
      judgeParts(rust, { tags: [], setup: { separable } }).parts.map((p) => p.part)
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
  // What hurts a bearing within weeks is how it was fitted (common practice).
  it.each([
    ['A1', ['overTight', 'overTorque', 'shortSpacer']],
    ['B1', ['overTorque', 'shortSpacer', 'wrongClearance']],
    ['D1', ['overTorque', 'tightFit', 'hammered']],
  ])('%s, blue within weeks: fitting comes first, age and water last', (code, fitting) => {
    const hot: Seen[] = [
      { part: 'bearing', damage: 'heatColour', severity: 'severe' },
      { part: 'bearing', damage: 'spalling', severity: 'marked' },
      { part: 'bearing', damage: 'crack', severity: 'trace' },
    ]
    const { causes } = judgeParts(hot, { tags: [], age: 'new', setup: setupOf(arrangementOf(code)) })
    expect(fitting).toContain(causes[0]?.id)
    expect(['age', 'water']).not.toContain(causes[1]?.id)
  })
  // What the running track tells (common practice; path patterns of any guide to bearing damage).
  it.each([
    ['trackOpposite', 'A1', ['pinched']],
    ['trackOpposite', 'D1', ['pinched']],
    ['trackAllRound', 'B1', ['wrongClearance', 'overTorque', 'tightFit']],
    ['trackAllRound', 'A1', ['overTight', 'overTorque', 'looseFit']],
    ['trackOneEdge', 'B1', ['shortSpacer']],
    ['skewTrack', 'A1', ['misalignment']],
  ])('%s in %s: first of the causes is one of %j', (damage, code, causes) => {
    const [first] = judgeParts([{ part: 'bearing', damage, severity: 'marked' }], {
      tags: [],
      setup: setupOf(arrangementOf(code)),
    }).causes
    expect(causes).toContain(first?.id)
  })
  it('damage of another part is passed over', () =>
    expect(
      judgeParts([{ part: 'seal', damage: 'spalling', severity: 'severe' }], { tags: [] }).parts,
    ).toEqual([]))
})

it.each([
  ['A1', 'bearing race shaft housing seal thread grease sensor'],
  ['A3', 'bearing race shaft housing seal collar thread grease'],
  ['B1', 'bearing shaft housing seal collar thread grease'],
  ['D1', 'bearing shaft housing seal thread grease sensor'],
  ['F1', 'bearing shaft housing seal thread grease'],
])('of %s are looked at: %s', (code, parts) =>
  expect(inspectedOf(setupOf(arrangementOf(code))).join(' ')).toBe(parts),
)
it('every part may be looked at while nothing is known', () => expect(inspectedOf({})).toEqual(INSPECTED))

const CODES = [...ARRANGEMENTS.keys()]
/** Words of remedies and checks that name a part, and the roles without one of which an arrangement has no such part. */
const NAMES: [RegExp, readonly SlotRole[]][] = [
  [/\bpin\b/i, ['cotterPin', 'nutLock', 'lockWasher', 'tabWasher']],
  [/\bspacer\b/i, ['spacerTube', 'collar']],
  [/\bnew seals?\b|seal lip|\bthe seal\b/i, ['seal']],
  [/\bend play\b|dial indicator|set (it )?again/i, ['cone', 'adjustingCone', 'balls', 'ballCone']],
  [/\bsnap ring\b/i, ['snapRing']],
  [/\bbolts\b/i, ['bolts']],
  [/\bcone and cup\b|cup and cone/i, ['cone', 'balls', 'ballCone']],
]

describe('by arrangement', () => {
  const seenOf = (modes: readonly DamageMode[]) =>
    modes.flatMap((mode) => mode.parts.map((part): Seen => ({ part, damage: mode.id, severity: 'marked' })))
  const all = seenOf(DAMAGE)
  it.each(CODES)('%s: no remedy and no check names a part it cannot have', (code) => {
    const here = arrangementOf(code)
    for (const sealed of [true, false]) {
      for (const age of AGES) {
        const setup = setupOf(here, sealed)
        const inspection = judgeParts(seenOf(damageOf(setup)), { tags: [], age, setup })
        const lines = [
          ...inspection.causes.map((c) => c.remedy),
          ...inspection.checkNext,
          ...inspection.replaceWith,
        ]
        for (const [label, roles] of NAMES)
          if (!here.slots.some(({ role }) => roles.includes(role)))
            for (const line of lines) expect(line, `${code} ${String(label)}`).not.toMatch(label)
      }
    }
  })
  it.each(CODES)('%s: damage is looked for that its kind of bearing can have', (code) => {
    const looked = damageOf(setupOf(arrangementOf(code))).map(({ id }) => id)
    const [slides, holds] = [code.startsWith('K'), code === 'M1']
    for (const rolling of ['spalling', 'falseBrinelling', 'cage', 'rough', 'trackOneEdge'])
      expect(looked.includes(rolling), rolling).toBe(!slides)
    for (const sliding of ['ballStiff', 'liningWorn', 'slidingRust'])
      expect(looked.includes(sliding), sliding).toBe(slides)
    expect(looked.includes('neckCracked')).toBe(code === 'K1')
    for (const clutch of ['clutchSlips', 'clutchDrags', 'clutchWrongWay'])
      expect(looked.includes(clutch), clutch).toBe(holds)
    for (const onARail of ['treadFlat', 'treadEdge', 'studCracked'])
      expect(looked.includes(onARail), onARail).toBe(code === 'L1')
    for (const inAHousing of ['ringSlipped', 'ballSeatStuck'])
      expect(looked.includes(inAHousing), inAHousing).toBe(code === 'F1')
    expect(looked.includes('washerRubbed')).toBe(code === 'J1')
    for (const any of ['play', 'crack', 'abrasion', 'seatFretting']) expect(looked, any).toContain(any)
  })
  it('a shaft that is the raceway is looked at as one, and has no ring that creeps on it', () => {
    const looked = (setup: Setup) => damageOf(setup).map(({ id }) => id)
    expect(looked({ runsOnShaft: true })).toContain('shaftTrack')
    expect(looked({ runsOnShaft: true })).not.toContain('shaftWorn')
    expect(looked({ runsOnShaft: false })).not.toContain('shaftTrack')
    expect(looked({ runsOnShaft: false })).toContain('shaftWorn')
  })
  it('of a bearing nobody has named yet, what rolling ones have', () => {
    expect(damageOf({}).map(({ id }) => id)).toContain('spalling')
    expect(damageOf({}).some(({ only }) => only !== undefined)).toBe(false)
  })
  it.each(CODES)('%s: a nut that sets backs off, one that clamps comes loose, never both', (code) => {
    const causes = judgeParts(all, { tags: [], setup: setupOf(arrangementOf(code)) }).causes.map((c) => c.id)
    expect(causes.includes('overTight') && causes.includes('overTorque')).toBe(false)
    expect(causes.includes('loose')).toBe(causes.includes('overTight'))
  })
  it('a sealed bearing is never washed out, filled or packed', () => {
    for (const code of ['B1', 'D1', 'E1', 'F1', 'C1']) {
      const inspection = judgeParts(all, { tags: [], setup: setupOf(arrangementOf(code), true) })
      for (const line of [
        ...inspection.causes.map((c) => c.remedy),
        ...inspection.checkNext,
        ...inspection.replaceWith,
      ])
        expect(line, code).not.toMatch(/^(wash it out|all the grease|fill |fill by|interval)/i)
    }
  })
  it('every cause has a remedy that holds everywhere, and its conditions name traits', () => {
    for (const { remedy, id } of CAUSES) {
      expect(remedy.at(-1)?.in, id).toBeUndefined()
      expect(remedy.at(-1)?.unless, id).toBeUndefined()
    }
    expect(mayHold({}, SETUP_TRAITS.slice(0, 1))).toBe(true)
    expect(mayHold({ setByNut: false }, ['setByNut'])).toBe(false)
  })
})

describe('once the kit is in', () => {
  const line = (role: SlotRole, more = {}) => ({ role, state: 'filled', stays: false, ...more }) as KitLine
  const rust: Seen = { part: 'bearing', damage: 'corrosion', severity: 'marked' }
  it('what was found on parts that come new no longer counts; what stays, is missing or is of the machine does', () => {
    const kit = { lines: [line('cone'), line('cup'), line('seal')] }
    expect(runsOnceFitted([rust], kit)).toBe('yes')
    expect(runsOnceFitted([{ ...rust, part: 'race' }], kit)).toBe('yes')
    expect(runsOnceFitted([rust], { lines: [line('cone'), line('cone', { stays: true })] })).toBe(
      'notUntilRepaired',
    )
    expect(runsOnceFitted([rust], { lines: [line('cone', { state: 'gap' })] })).toBe('notUntilRepaired')
    expect(runsOnceFitted([rust], { lines: [] })).toBe('notUntilRepaired')
    expect(runsOnceFitted([{ part: 'shaft', damage: 'shaftWorn', severity: 'marked' }], kit)).toBe(
      'notUntilRepaired',
    )
    expect(runsOnceFitted([rust], { lines: [line('ballBearing')] })).toBe('yes')
  })
})
