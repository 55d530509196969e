import { describe, expect, it } from 'vitest'
import {
  ClosuresResponse,
  CostResponse,
  FailuresResponse,
  IdentificationResponse,
  LOGBOOK_VIEWS,
  SeatsTrendResponse,
  ServiceResponse,
  type Recheck,
} from '@/contract/logbook'
import type { BenchResponse } from '@/contract/bench'
import type { Job, JobHistory } from '@/contract/job'
import { address, call, post } from '../support/call'
import { paperText } from '../support/paper'
import type { IdentifyResponse } from '@/contract/evidence'
import { mark } from '../support/mark'

const get = async <T>(path: string): Promise<T> => (await call<T>('GET', path)).body
const rechecksOf = async (job: number, open = true): Promise<Recheck[]> =>
  (await get<{ items: Recheck[] }>(`/api/rechecks?job=${job}&open=${open}`)).items
const benchJob = async (id: number) =>
  (await get<BenchResponse>('/api/bench')).jobs.find((job) => job.id === id)

/** A job with a kit, at a machine of its own, fitted on a day. */
async function fittedJob(name: string): Promise<Job> {
  const machine = (
    await post<{ id: number; positions: { id: number }[] }>('/api/machines', {
      name: `Winch ${name}`,
      positions: [{ name: 'idler' }],
    })
  ).body
  const made = (
    await post<Job>('/api/jobs', {
      title: `Idler ${name}`,
      machineId: machine.id,
      positionId: machine.positions[0]?.id,
    })
  ).body
  const change = async (job: Job, patch: object): Promise<Job> =>
    (await call<Job>('PATCH', `/api/jobs/${job.id}`, { version: job.version, ...patch })).body
  expect(await benchJob(made.id)).toMatchObject({ waits: 'you', stage: 'identify' })
  const decided = await change(made, {
    decision: { designation: '6206-2RS', base: '6206', probability: null },
    inspection: { seen: [{ part: 'bearing', damage: 'fluting', severity: 'marked' }], good: [] },
  })
  expect(await benchJob(made.id)).toMatchObject({ next: 'Choose the arrangement', stage: 'kit' })
  return change(decided, {
    kit: { arrangement: 'B1', positions: 1, parts: {}, sizes: {} },
    fitting: { fittedOn: '2026-03-02' },
  })
}

const close = (job: Job, closed = true) =>
  call<Job>('PATCH', `/api/jobs/${job.id}`, { version: job.version, closed, reason: 'end of the season' })

describe('rechecks', () => {
  it('are set when a job is closed, answered once, and stay answered when it is opened and closed again', async () => {
    const job = await fittedJob(mark())
    const bench = await benchJob(job.id)
    expect([bench?.waits, bench?.stage, bench?.next]).toEqual([
      'you',
      'kit',
      expect.stringMatching(/missing/),
    ])
    const closed = (await close(job)).body
    expect(await benchJob(job.id)).toBeUndefined()
    const [first, season] = await rechecksOf(job.id)
    expect([first?.dueOn, season?.dueOn]).toEqual(['2026-03-03', '2026-08-29'])
    const said = { outcome: 'held', note: 'no play', who: 'AB' }
    const answered = await call<Recheck>('PATCH', `/api/rechecks/${first?.id}`, said)
    expect(answered.body).toMatchObject({ outcome: 'held', note: 'no play', who: 'AB' })
    const again = await call('PATCH', `/api/rechecks/${first?.id}`, { outcome: 'cameBack' })
    expect([again.status, again.body.detail]).toEqual([409, expect.stringMatching(/answered before/)])
    const reopened = (await close(closed, false)).body
    await close(reopened)
    expect((await rechecksOf(job.id, false)).map(({ dueOn, outcome }) => [dueOn, outcome])).toEqual([
      ['2026-03-03', 'held'],
      ['2026-08-29', null],
    ])
    const { items } = await get<JobHistory>(`/api/jobs/${job.id}/history`)
    expect(items.find(({ kind }) => kind === 'recheck')).toMatchObject({ who: 'AB' })
  })

  it('can be set by distance, hours or days, and stand in the calendar until they are done', async () => {
    const job = await fittedJob(mark())
    await close(job)
    const input = { amount: 200, meter: 'km', perDay: 40, what: 'Play at the rim' }
    const added = await post<Recheck>(`/api/jobs/${job.id}/rechecks`, input)
    expect([added.status, added.body.dueOn]).toEqual([201, '2026-03-07'])
    const calendar = await call<string>('GET', '/api/rechecks.ics')
    expect(calendar.type).toMatch(/^text\/calendar/)
    const event = String(calendar.body)
      .split('BEGIN:VEVENT')
      .find((text) => text.includes(`UID:recheck-${added.body.id}@`))
    // RFC 5545: a whole day is a DATE, commas in text are escaped, lines end with CR LF.
    expect(event).toContain('DTSTART;VALUE=DATE:20260307\r\n')
    expect(event).toMatch(/LOCATION:Winch \w+\\, idler\r\n/)
    await call('PATCH', `/api/rechecks/${added.body.id}`, { outcome: 'adjusted' })
    expect(String((await call<string>('GET', '/api/rechecks.ics')).body)).not.toContain(
      `UID:recheck-${added.body.id}@`,
    )
  })

  it('say what to change', async () => {
    const job = await fittedJob(mark())
    for (const [body, at] of [
      [{ amount: 0, meter: 'km', perDay: 1, what: 'play' }, 'amount'],
      [{ amount: 5, meter: 'miles', what: 'play' }, 'meter'],
      [{ amount: 5, meter: 'km', perDay: 0, what: 'play' }, 'perDay'],
      [{ amount: 5, meter: 'days', what: ' ' }, 'what'],
    ] as const) {
      const refused = await post(`/api/jobs/${job.id}/rechecks`, body)
      expect([refused.status, refused.body.issues?.[0]?.path[0]]).toEqual([400, at])
    }
    expect((await post('/api/jobs/987654321/rechecks', { amount: 1, meter: 'days', what: 'x' })).status).toBe(
      404,
    )
    expect((await call('PATCH', '/api/rechecks/987654321', { outcome: 'held' })).status).toBe(404)
    expect((await call('PATCH', '/api/rechecks/1', { outcome: 'fine' })).status).toBe(400)
    expect((await call('GET', '/api/rechecks?cursor=nonsense')).status).toBe(400)
  })
})

describe('what the history says', () => {
  it('counts a finding once it is noted, and not outside the time or at another machine', async () => {
    const before = FailuresResponse.parse(await get('/api/logbook/failures?months=1'))
    const job = await fittedJob(mark())
    const after = FailuresResponse.parse(await get('/api/logbook/failures?months=1'))
    const count = ({ findings }: FailuresResponse) => findings.find(({ id }) => id === 'fluting')?.count ?? 0
    expect(count(after)).toBe(count(before) + 1)
    const own = FailuresResponse.parse(await get(`/api/logbook/failures?machine=${job.machineId}`))
    expect(own.findings.map(({ id, count: n }) => [id, n])).toEqual([['fluting', 1]])
    expect(own.causes[0]?.id).toBe('current')
    // In the bin it is not counted, restored it is, corrected as it stands then.
    const now = async () => count(FailuresResponse.parse(await get('/api/logbook/failures?months=1')))
    await call('DELETE', `/api/jobs/${job.id}?version=${job.version}`)
    expect(await now()).toBe(count(before))
    await post(`/api/bin/job/${job.id}`, {})
    expect(await now()).toBe(count(after))
    const { body: restored } = await call<Job>('GET', `/api/jobs/${job.id}`)
    await call('PATCH', `/api/jobs/${job.id}`, {
      version: restored.version,
      inspection: { seen: [{ part: 'bearing', damage: 'creep', severity: 'marked' }], good: [] },
    })
    expect(await now()).toBe(count(before))
  })

  it('tells fifty machines and says how many there are; the file has them all', async () => {
    const name = mark()
    for (let n = 0; n < 52; n++) {
      const { body } = await post<{ id: number }>('/api/machines', {
        name: `Buoy ${name} ${n}`,
        positions: [],
      })
      await post('/api/jobs', { title: `Swivel ${n}`, machineId: body.id })
    }
    const answer = FailuresResponse.parse(await get('/api/logbook/failures?months=1'))
    expect(answer.machines).toHaveLength(50)
    expect(answer.all.machines).toBeGreaterThan(52)
    expect(answer.all.jobs).toBe(answer.months.reduce((sum, { jobs }) => sum + jobs, 0))
    const { body: csv } = await call<string>('GET', '/api/logbook/failures.csv?months=1')
    const rows = String(csv)
      .split('\n')
      .filter((row) => row.startsWith('machine,'))
    expect(rows).toHaveLength(answer.all.machines)
    expect(rows.filter((row) => row.includes(name))).toHaveLength(52)
  })

  it('follows a fitted part from the register until it is replaced', async () => {
    const job = await fittedJob(mark())
    await close(job)
    const own = async () => ServiceResponse.parse(await get(`/api/logbook/service?machine=${job.machineId}`))
    expect((await own()).groups).toMatchObject([{ id: 'twoSeals', ended: 0, steps: [] }])
    const next = (
      await post<Job>('/api/jobs', {
        title: 'the next',
        machineId: job.machineId,
        positionId: job.positionId,
      })
    ).body
    const kitted = (
      await call<Job>('PATCH', `/api/jobs/${next.id}`, {
        version: next.version,
        decision: { designation: '6206-2RS', base: '6206', probability: null },
        kit: { arrangement: 'B1', positions: 1, parts: {}, sizes: {} },
        fitting: { fittedOn: '2026-05-01' },
      })
    ).body
    await close(kitted)
    const [group] = (await own()).groups
    expect(group?.ended).toBeGreaterThan(0)
    // 2 March to 1 May: 60 days.
    expect(group?.steps.map(({ days }) => days)).toEqual([60])
    // What was replaced is not looked at again.
    expect(await rechecksOf(job.id)).toEqual([])
    expect((await rechecksOf(next.id)).length).toBe(2)
  })

  it('a part that identification named counts as right when its job is closed, as wrong when another took its place', async () => {
    const job = await fittedJob(mark())
    const own = async () =>
      IdentificationResponse.parse(await get(`/api/logbook/identification?machine=${job.machineId}`))
    const decide = async (from: Job, designation: string, probability: number | null) =>
      (
        await call<Job>('PATCH', `/api/jobs/${job.id}`, {
          version: from.version,
          decision: { designation, base: designation, probability },
        })
      ).body
    const first = await decide(job, '62202', 0.9)
    expect(await own()).toMatchObject({ answered: 0, open: 1, bands: [] })
    // The same part with another closure is the same answer.
    const closed = await decide(first, '62202', 0.91)
    const second = await decide(closed, '6303', 0.97)
    expect(await own()).toMatchObject({ answered: 1, open: 1, share: null })
    const here = async () =>
      (await post<IdentifyResponse>('/api/identify', { stamps: [{ text: '6303' }] })).body.candidates.find(
        ({ base }) => base === '6303',
      )
    const before = await here()
    await close(second)
    const answer = await own()
    expect(answer.open).toBe(0)
    expect(answer.bands.map(({ from, count, right }) => [from, count, right])).toEqual([
      [0.8, 1, 0],
      [0.95, 1, 1],
    ])
    // What was decided is expected more often from then on, and says why; opened again, no longer.
    const after = await here()
    expect(after?.here).toMatch(/closed jobs? had it/)
    expect(after?.here).not.toBe(before?.here)
    await call('PATCH', `/api/jobs/${job.id}`, { version: second.version + 1, closed: false })
    expect((await here())?.here).toBe(before?.here)
  })

  it('answers every view as its schema says, as CSV with the same rows, and refuses what is none', async () => {
    const closures = ClosuresResponse.parse(await get('/api/logbook/closures'))
    expect(closures.pairs.length).toBeGreaterThan(0)
    for (const { ratio, lower, upper, ended, otherEnded } of closures.pairs)
      if (ratio === null) expect(Math.min(ended, otherEnded)).toBeLessThan(5)
      else expect([lower !== null && lower < ratio, upper !== null && upper > ratio]).toEqual([true, true])
    CostResponse.parse(await get('/api/logbook/cost'))
    SeatsTrendResponse.parse(await get('/api/logbook/seats'))
    for (const view of LOGBOOK_VIEWS) {
      const csv = await call<string>('GET', `/api/logbook/${view}.csv`)
      expect([csv.status, csv.type.split(';')[0]]).toEqual([200, 'text/csv'])
      const [head = '', ...rows] = String(csv.body).trim().split('\n')
      expect(rows.every((row) => row.split(',').length >= head.split(',').length)).toBe(true)
    }
    expect((await call('GET', '/api/logbook/gossip')).status).toBe(404)
    expect((await call('GET', '/api/logbook/cost?months=0')).status).toBe(400)
    expect((await call('GET', '/api/logbook/cost?machine=x')).status).toBe(400)
  })
})

it('a machine has a sheet of labels, one for it and one for each position, with a code that opens its page', async () => {
  const name = `Capstan ${mark()}`
  const { body } = await post<{ id: number }>('/api/machines', {
    name,
    positions: [{ name: 'drum end' }, { name: 'motor end' }],
  })
  const response = await fetch(`${address}/api/machines/${body.id}/labels.pdf`)
  expect([response.status, response.headers.get('content-type')]).toEqual([200, 'application/pdf'])
  const text = (await paperText(response)).replace(/\s/g, '')
  expect(text.split(name.replace(/\s/g, '')).length - 1).toBe(3)
  expect(text).toContain('drumend')
  expect((await fetch(`${address}/api/machines/987654321/labels.pdf`)).status).toBe(404)
})
