import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { eventsOf } from './eventsOf'
import { FittingDraft } from '@/contract/plan'
import { lastAct } from './lastAct'
import { seatReadings } from './seatReadings'
import { toJob } from './toJob'

type Stored = Parameters<typeof toJob>[0]

const stored = (more: Partial<Stored> = {}): Stored => ({
  id: 1,
  title: 'Carousel, roller 7',
  machineId: null,
  positionId: null,
  stage: 'identify',
  intake: { ok: true, value: {} },
  kit: { ok: true, value: null },
  fitting: { ok: true, value: null },
  bearings: [
    {
      id: 5,
      ordinal: 1,
      name: '',
      slot: '',
      evidence: { ok: true, value: {} },
      decision: { ok: true, value: null },
      comparison: { ok: true, value: null },
      inspection: { ok: true, value: null },
    },
  ],
  partOf: null,
  comebackOf: null,
  freeOfCharge: false,
  version: 1,
  closedAt: null,
  createdAt: new Date('2026-05-01'),
  updatedAt: new Date('2026-05-01'),
  ...more,
})

/** Substitutes a column: any JSON, or a text that is none. */
const column = fc.oneof(
  fc.json().map((text) => ({ ok: true as const, value: JSON.parse(text) as unknown })),
  fc.string().map((text) => ({ ok: false as const, text })),
)

describe('any stored job is readable or set aside', () => {
  it('whatever stands in its columns', () => {
    fc.assert(
      fc.property(fc.array(column, { minLength: 7, maxLength: 7 }), (columns) => {
        const [intake, kit, fitting, evidence, decision, comparison, inspection] = columns
        if (!intake || !kit || !fitting || !evidence || !decision || !comparison || !inspection) return
        const [bearing] = stored().bearings
        if (!bearing) return
        const job = toJob(
          stored({
            intake,
            kit,
            fitting,
            bearings: [{ ...bearing, evidence, decision, comparison, inspection }],
          }),
        )
        const aside = job.unreadable.map(({ what }) => what)
        for (const [name, given] of [
          ['Intake', intake],
          ['Kit', kit],
          ['Decision', decision],
        ] as const)
          if (!given.ok) expect(aside).toContain(name)
        expect(job.bearings).toHaveLength(1)
        expect(job.evidence.stamps).toBeInstanceOf(Array)
      }),
      { numRuns: 400 },
    )
  })
  it('a job without any bearing is readable too', () =>
    expect(toJob(stored({ bearings: [] }))).toMatchObject({ bearings: [], decision: null }))
})

describe('history', () => {
  const before = toJob(stored())
  const decision = { designation: '6205', base: '6205', probability: null }
  const ASPECTS = {
    intake: { title: 'Another title' },
    place: { positionId: 3 },
    evidence: { bearings: { 5: { evidence: { measurements: [] } } } },
    decision: { bearings: { 5: { decision } } },
    comparison: { bearings: { 5: { comparison: { from: '6205' } } } },
    inspection: { bearings: { 5: { inspection: { seen: [] } } } },
    bearing: { bearings: { 5: { name: 'outer' } } },
    kit: { kit: { arrangement: 'B1', positions: 2, parts: {}, sizes: {} } },
    fitting: { fitting: { fittedOn: '2026-05-01' } },
    stage: { stage: 'plan' },
  } satisfies Record<string, object>
  type Aspect = keyof typeof ASPECTS
  const patchOf = (aspect: Aspect): object => ASPECTS[aspect]
  const bearingOf = (aspect: Aspect): object | undefined => {
    const patch = patchOf(aspect)
    return 'bearings' in patch ? (patch.bearings as Record<number, object>)[5] : undefined
  }

  it('every aspect of a patch is an entry, none is there twice, nobody’s name is lost', () => {
    fc.assert(
      fc.property(fc.subarray(Object.keys(ASPECTS) as Aspect[], { minLength: 1 }), (aspects) => {
        const bearing: object = Object.assign({}, ...aspects.map((a) => bearingOf(a) ?? {}))
        const rest: object = Object.assign({}, ...aspects.map((a) => (bearingOf(a) ? {} : patchOf(a))))
        const events = eventsOf(
          { ...rest, ...(Object.keys(bearing).length > 0 && { bearings: { 5: bearing } }) },
          before,
          'AB',
        )
        expect(events.map(({ kind }) => kind).sort()).toEqual([...aspects].sort())
        for (const event of events) expect(event.who).toBe('AB')
      }),
    )
  })
  it('a sign-off, another one, and one taken back are three entries; the same one again is none of its own', () => {
    const signed = (who: string) => ({ who, at: '2026-05-01T08:00' })
    const kinds = (was: object | null, is: object | null) =>
      eventsOf(
        { fitting: { signed: is } as never },
        { ...before, fitting: { signed: was } as never },
        '',
      ).map(({ summary }) => summary)
    expect(kinds(null, signed('AB'))).toEqual(['Signed off by AB'])
    expect(kinds(signed('AB'), signed('XY'))).toEqual(['Signed off by XY'])
    expect(kinds(null, { ...signed('AB'), why: 'unit renewed' })).toEqual(['Signed off by AB: unit renewed'])
    expect(kinds(signed('AB'), null)).toEqual(['Sign-off of AB taken back'])
    expect(kinds(signed('AB'), signed('AB'))).toEqual(['Fits, setting or plan changed'])
  })
})

describe('seat readings as rows', () => {
  it('one a line, in millimetres, with its place; what is no length keeps its place', () => {
    const fitting = FittingDraft.parse({
      seats: { 'bearing:inner': { readings: '12 30.004 front\n3 1.1812 in\n6 worn' }, 'bearing:outer': {} },
    })
    expect(seatReadings(fitting)).toEqual([
      { seat: 'bearing:inner', at: '12', depth: 'front', mm: 30.004 },
      { seat: 'bearing:inner', at: '3', depth: '', mm: expect.closeTo(30.00248, 5) as number },
      { seat: 'bearing:inner', at: '6', depth: '', mm: null },
    ])
    expect(seatReadings(null)).toEqual([])
  })
})

describe('one act to its user', () => {
  const typed = (version: number, ms: number, field = 'title') => ({
    version,
    summary: `${field} ${version}`,
    undo: JSON.stringify({ change: { [field]: field === 'title' ? `was ${version}` : {} } }),
    at: new Date(1_700_000_000_000 + ms),
  })

  it('is what was typed in one field with no more than ten seconds between', () => {
    expect(lastAct([typed(4, 20_000), typed(3, 10_000), typed(2, 0)])).toMatchObject({
      versions: [4, 3, 2],
      undo: { change: { title: 'was 2' } },
    })
    expect(lastAct([typed(4, 20_001), typed(3, 10_000)])?.versions).toEqual([4])
  })

  it('is each of two fields, and each change that is not typed', () => {
    expect(lastAct([typed(4, 2000), typed(3, 1000, 'intake')])?.versions).toEqual([4])
    expect(lastAct([typed(4, 2000, 'fitting'), typed(3, 1000, 'fitting')])?.versions).toEqual([4])
  })

  it('is none before anything was changed', () => expect(lastAct([])).toBeNull())
})
