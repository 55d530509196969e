import { mark as newMark } from '../support/mark'
import { spawnSync } from 'node:child_process'
import { describe, expect, it } from 'vitest'
import { call, post } from '../support/call'

interface Bearing {
  id: number
  name: string
  decision: { designation: string } | null
}
interface Job {
  id: number
  version: number
  decision: { designation: string } | null
  kit: { parts: Record<string, string> } | null
  bearings: Bearing[]
  closedAt: string | null
  unreadable: { what: string; text: string }[]
  detail?: string
}
interface Line {
  slot: string
  designation: string
  quantity: number
  state: string
  price: number | null
}
interface Machine {
  similar: { name: string; shared: string[] }[]
  id: number
  name: string
  positions: {
    id: number
    name: string
    fitted: string
    since: string | null
    parts: { slot: string; designation: string; quantity: number; jobId: number }[]
    history: { slot: string; designation: string; replacedOn: string }[]
  }[]
}
interface Refusal {
  status: number
  detail: string
  issues?: { path: string[]; message: string }[]
  current?: Job
}

/** Letters alone: figures in a name may read as the number of a part. */
const mark = newMark()
const open = async (title: string, more: object = {}): Promise<Job> =>
  (await post<Job>('/api/jobs', { title, ...more })).body
const get = async <T>(path: string): Promise<T> => (await call<T>('GET', path)).body
const patch = <T = Job>(job: Pick<Job, 'id' | 'version'>, body: object) =>
  call<T>('PATCH', `/api/jobs/${job.id}`, { version: job.version, ...body })
const decided = (designation: string) => ({ designation, base: designation, probability: null })
const linesOf = async (id: number): Promise<Line[]> =>
  (await get<{ lines: Line[] }>(`/api/jobs/${id}/kit.json`)).lines
const history = async (id: number): Promise<string[]> => {
  const server = new URL(process.env['DATABASE_URL'] ?? '')
  return sql(`select kind from job_events where job_id = ${id} order by id`, server)
}
function sql(text: string, server = new URL(process.env['DATABASE_URL'] ?? '')): string[] {
  const { status, stdout, stderr } = spawnSync(
    'mariadb',
    [
      '--no-defaults',
      `-h${server.hostname}`,
      `-P${server.port}`,
      `-u${server.username}`,
      '-N',
      server.pathname.slice(1),
    ],
    { input: text, encoding: 'utf8', env: { ...process.env, MYSQL_PWD: server.password } },
  )
  if (status !== 0) throw new Error(stderr)
  return stdout.trimEnd().split('\n').filter(Boolean)
}

describe('a job with all its bearings', () => {
  it('each has its own decision; the kit takes every one into its place, whichever is decided first', async () => {
    let job = await open(`Two sets ${mark}`)
    job = (await post<Job>(`/api/jobs/${job.id}/bearings`, { version: job.version, name: 'outer' })).body
    const [inner, outer] = job.bearings
    job = (await patch(job, { kit: { arrangement: 'A1', positions: 2, parts: {}, sizes: {} } })).body
    job = (
      await patch(job, {
        bearings: {
          [inner?.id ?? 0]: { name: 'inner', decision: decided('32007X') },
          [outer?.id ?? 0]: { decision: decided('LM11949/LM11910') },
        },
      })
    ).body
    expect(job.kit?.parts).toMatchObject({ innerBearing: '32007X', outerBearing: 'LM11949/LM11910' })
    const lines = await linesOf(job.id)
    expect(lines.find((l) => l.slot === 'innerCone')).toMatchObject({ designation: '32007X', quantity: 2 })
    expect(lines.find((l) => l.slot === 'outerCup')).toMatchObject({
      designation: 'LM11910',
      state: 'filled',
    })
    // What was decided anew follows; what somebody typed into the kit stays.
    job = (await patch(job, { bearings: { [outer?.id ?? 0]: { decision: decided('30205') } } })).body
    expect(job.kit?.parts['outerBearing']).toBe('30205')
    const parts = { ...job.kit?.parts, innerBearing: '32008X' }
    job = (await patch(job, { kit: { ...job.kit, parts } })).body
    job = (await patch(job, { bearings: { [inner?.id ?? 0]: { decision: decided('30206') } } })).body
    expect(job.kit?.parts['innerBearing']).toBe('32008X')
  })
  it('bearings that tell no place are offered in each; once one is chosen, the other stands in the one left', async () => {
    let job = await open(`Pump gear ${mark}`)
    job = (await post<Job>(`/api/jobs/${job.id}/bearings`, { version: job.version, name: 'far end' })).body
    const [first, second] = job.bearings
    job = (
      await patch(job, {
        bearings: {
          [first?.id ?? 0]: { decision: decided('6208') },
          [second?.id ?? 0]: { decision: decided('6308') },
        },
      })
    ).body
    job = (await patch(job, { kit: { arrangement: 'G1', positions: 1, parts: {}, sizes: {} } })).body
    expect(job.kit?.parts).toEqual({})
    const drawn = await post<{ lines: { slot: string; alternatives: string[] }[] }>('/api/kits/draw', {
      ...job.kit,
      job: job.id,
    })
    for (const slot of ['bearingLocating', 'bearingFloating'])
      expect(drawn.body.lines.find((l) => l.slot === slot)?.alternatives).toEqual(['6208', '6308'])
    job = (await patch(job, { kit: { ...job.kit, parts: { bearingLocating: '6308' } } })).body
    expect(job.kit?.parts).toEqual({ bearingLocating: '6308', bearingFloating: '6208' })
    expect((await linesOf(job.id)).find((l) => l.slot === 'bearingFloating')?.designation).toBe('6208')
  })
  it('of two bearings alike the second is still offered once the first has its place', async () => {
    let job = await open(`Driven hub ${mark}`)
    for (const name of ['second', 'third'])
      job = (await post<Job>(`/api/jobs/${job.id}/bearings`, { version: job.version, name })).body
    const numbers = ['6001', '6001', '6301']
    const bearings = Object.fromEntries(
      job.bearings.map(({ id }, i) => [id, { decision: decided(numbers[i] ?? '') }]),
    )
    job = (await patch(job, { bearings })).body
    const drawn = await post<{ lines: { slot: string; alternatives: string[] }[] }>('/api/kits/draw', {
      arrangement: 'B3',
      positions: 1,
      parts: { shellLeft: '6001' },
      sizes: {},
      job: job.id,
    })
    expect(drawn.body.lines.find((l) => l.slot === 'carrierOuter')?.alternatives).toEqual(['6001', '6301'])
  })
  it('what was counted while comparing is what the kit orders: three bolts a side, not four', async () => {
    let job = await open(`Counted ${mark}`)
    job = (await patch(job, { comparison: { old: { mountingBolts: '3 x M12x1.5' }, new: {} } })).body
    job = (await patch(job, { kit: { arrangement: 'E1', positions: 2, parts: {}, sizes: {} } })).body
    // What is bolted on has no seat: nothing is waited for.
    expect((await call<object>('GET', `/api/jobs/${job.id}/seats`)).body).toMatchObject({
      hasSeats: false,
      seats: [],
    })
    const lines = await linesOf(job.id)
    expect(lines.find((l) => l.slot === 'bolts')?.quantity).toBe(6)
  })
  it('what stands in the kit where something else was decided is an open point, until it is decided anew or its bearing is gone', async () => {
    let job = await open(`As decided ${mark}`)
    const off = async () =>
      (await get<{ points: { message: string }[] }>(`/api/jobs/${job.id}/open`)).points
        .map(({ message }) => message)
        .filter((message) => message.includes('not what was decided'))
    const kit = (parts: object) => ({ kit: { arrangement: 'G1', positions: 1, parts, sizes: {} } })
    job = (await post<Job>(`/api/jobs/${job.id}/bearings`, { version: job.version, name: 'floating' })).body
    const bearings = Object.fromEntries(job.bearings.map(({ id }) => [id, { decision: decided('22209') }]))
    job = (await patch(job, { bearings })).body
    job = (await patch(job, kit({ bearingLocating: '22209', bearingFloating: '22208' }))).body
    expect(await off()).toEqual([
      expect.stringMatching(/^Bearing, floating: .*22208 is not what was decided/),
    ])
    const floating = job.bearings[1]?.id ?? 0
    job = (await patch(job, { bearings: { [floating]: { decision: decided('22208') } } })).body
    expect(await off()).toEqual([])
    job = (await patch(job, { bearings: { [floating]: { decision: decided('22210') } } })).body
    job = (await patch(job, kit({ bearingLocating: '22209', bearingFloating: '22208' }))).body
    expect(await off()).toHaveLength(1)
    job = (await call<Job>('DELETE', `/api/jobs/${job.id}/bearings/${floating}?version=${job.version}`)).body
    expect(await off()).toEqual([])
  })
  it('one removed while another screen edits it: a conflict with the present job, nothing lost', async () => {
    let job = await open(`Removed ${mark}`)
    job = (await post<Job>(`/api/jobs/${job.id}/bearings`, { version: job.version, name: 'left' })).body
    const gone = job.bearings[1]?.id ?? 0
    const removed = await call<Job>('DELETE', `/api/jobs/${job.id}/bearings/${gone}?version=${job.version}`)
    expect(removed.body.bearings).toHaveLength(1)
    for (const version of [job.version, removed.body.version]) {
      const late = await patch<Refusal>(
        { id: job.id, version },
        { bearings: { [gone]: { decision: decided('6205') } } },
      )
      expect(late.status).toBe(409)
      expect(late.body.current?.bearings).toHaveLength(1)
    }
    const last = await call<Refusal>(
      'DELETE',
      `/api/jobs/${job.id}/bearings/${job.bearings[0]?.id}?version=${removed.body.version}`,
    )
    expect(last).toMatchObject({
      status: 422,
      body: { detail: expect.stringMatching(/at least one bearing/) },
    })
  })
  it('a copy for the other side has its bearings and its kit, and a history of its own', async () => {
    let job = await open(`Left wheel ${mark}`)
    job = (await patch(job, { decision: decided('6004-2RS') })).body
    job = (
      await patch(job, { kit: { arrangement: 'B1', positions: 1, parts: {}, sizes: { spacerLength: 40 } } })
    ).body
    const copy = await open(`Right wheel ${mark}`, { copyOf: job.id, intake: { side: 'right' } })
    expect(copy.decision?.designation).toBe('6004-2RS')
    expect((await linesOf(copy.id)).map((l) => l.designation)).toEqual(
      (await linesOf(job.id)).map((l) => l.designation),
    )
    expect(await history(copy.id)).toEqual(['created'])
  })
})

describe('nobody’s record is overwritten', () => {
  it('every aspect of a patch is an entry of its own; a second decision and a second sign-off stand beside the first', async () => {
    let job = await open(`Entries ${mark}`)
    const evidence = { measurements: [], stamps: [{ text: '6205' }], observed: {} }
    job = (await patch(job, { evidence, decision: decided('6205'), intake: { note: 'x' } })).body
    job = (await patch(job, { decision: decided('6305') })).body
    const signed = (who: string) => ({ fitting: { signed: { who, at: '2026-05-01T08:00' } } })
    job = (await patch(job, signed('AB'))).body
    job = (await patch(job, signed('XY'))).body
    expect(await history(job.id)).toEqual([
      'created',
      'intake',
      'evidence',
      'decision',
      'decision',
      'signed',
      'signed',
    ])
    expect(
      sql(
        `select summary from job_events where job_id = ${job.id} and kind in ('decision', 'signed') order by id`,
      ),
    ).toEqual(['Decided: 6205', 'Decided: 6305', 'Signed off by AB', 'Signed off by XY'])
  })
  it('what cannot be read is set aside and shown; other jobs and the list go on', async () => {
    const job = await open(`Torn ${mark}`)
    sql(`update bearings set decision = '{"designation":' where job_id = ${job.id}`)
    sql(`update jobs set fitting = '{"seats": 7}' where id = ${job.id}`)
    const read = await get<Job>(`/api/jobs/${job.id}`)
    expect(read.decision).toBeNull()
    expect(read.unreadable.map((u) => u.what)).toEqual(['Decision', 'Fitting'])
    expect(read.unreadable[0]?.text).toContain('designation')
    const list = await call<{ items: Job[] }>('GET', `/api/jobs?q=${encodeURIComponent(`Torn ${mark}`)}`)
    expect([list.status, list.body.items.length]).toEqual([200, 1])
  })
})

describe('a kit is a document', () => {
  it('reserving changes no line of it, also where the bins then hold something else', async () => {
    let job = await open(`Document ${mark}`)
    const sizes = { sealShaft: 35, sealHousing: 52 }
    job = (await patch(job, { kit: { arrangement: 'A1', positions: 2, parts: {}, sizes } })).body
    const before = await linesOf(job.id)
    const seal = before.find((l) => l.slot === 'seal')
    expect(seal?.state).toBe('filled')
    await post('/api/stock', {
      designation: seal?.designation,
      bin: `D${process.pid}`,
      quantity: 2,
      price: 4,
    })
    const reserved = await post<{ reserved: { designation: string }[] }>(`/api/jobs/${job.id}/reserve`, {})
    expect(reserved.body.reserved.map((r) => r.designation)).toContain(seal?.designation)
    await post(`/api/jobs/${job.id}/reserve`, {})
    const summaries = (lines: Line[]) => lines.map((l) => [l.slot, l.designation, l.quantity, l.state])
    expect(summaries(await linesOf(job.id))).toEqual(summaries(before))
    // Saved anew it still holds what was chosen, though another size lies there now.
    job = (await patch(job, { kit: { arrangement: 'A1', positions: 3, parts: {}, sizes } })).body
    expect((await linesOf(job.id)).find((l) => l.slot === 'seal')?.designation).toBe(seal?.designation)
    expect(
      (await post<{ released: number }>(`/api/jobs/${job.id}/release`, {})).body.released,
    ).toBeGreaterThan(0)
  })
  it('one amount of grease: what is typed of speed and way on the grease pane is in the kit', async () => {
    let job = await open(`Grease ${mark}`)
    const parts = { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' }
    const kit = { arrangement: 'A1', positions: 1, parts, sizes: { cavityLength: 48 } }
    job = (await patch(job, { kit })).body
    const gramsOf = async () => (await linesOf(job.id)).find((l) => l.slot === 'grease')?.quantity ?? 0
    const without = await gramsOf()
    job = (await patch(job, { fitting: { fields: { 'grease.kmh': '15', 'grease.tyre': '420' } } })).body
    const slow = await gramsOf()
    const grease = await post<{ total: { grams: number } }>('/api/grease', {
      bearings: Object.values(parts),
      cavity: { length: 48, inner: 34.989, outer: 39.237 },
      wheel: { kmh: 15, tyre: 420 },
    })
    expect(slow).toBeGreaterThan(without)
    expect(Math.abs(slow - grease.body.total.grams)).toBeLessThan(1.5)
    job = (await patch(job, { fitting: { fields: { 'grease.practice': 'bearingsThird' } } })).body
    expect(await gramsOf()).toBeLessThan(without)
  })
  it('a size half typed leaves the lines as they were and says why', async () => {
    let job = await open(`Half typed ${mark}`)
    job = (
      await patch(job, {
        kit: { arrangement: 'B1', positions: 1, parts: { bearing: '6004-2RS' }, sizes: {} },
      })
    ).body
    const before = await linesOf(job.id)
    job = (
      await patch(job, {
        kit: {
          arrangement: 'B1',
          positions: 1,
          parts: { bearing: '6004-2RS' },
          sizes: { spacerLength: '4x' },
        },
      })
    ).body
    expect(await linesOf(job.id)).toEqual(before)
    const { points } = await get<{ points: { message: string }[] }>(`/api/jobs/${job.id}/open`)
    expect(points.some(({ message }) => /does not follow what is typed/.test(message))).toBe(true)
  })
  it('only a job that exists reserves, and only it takes what it holds', async () => {
    const item = (
      await post<{ id: number }>('/api/stock', { designation: `Held ${mark}`, bin: 'H1', quantity: 5 })
    ).body
    const job = await open(`Holder ${mark}`)
    const move = (body: object) => post<Refusal>(`/api/stock/${item.id}/moves`, body)
    expect((await move({ kind: 'reserve', pieces: 1, jobId: 987654 })).status).toBe(404)
    expect((await move({ kind: 'reserve', pieces: 3, jobId: job.id })).status).toBe(201)
    const other = await open(`Other ${mark}`)
    expect((await move({ kind: 'take', pieces: 1, jobId: other.id })).status).toBe(409)
    expect((await move({ kind: 'take', pieces: 1 })).status).toBe(409)
    expect((await move({ kind: 'take', pieces: 3, jobId: job.id })).status).toBe(201)
  })
})

describe('closing', () => {
  it('lists what is open, asks for a reason, writes the register, and then nothing changes until it is opened', async () => {
    const machine = (
      await post<Machine>('/api/machines', {
        name: `Carousel ${mark}`,
        positions: [{ name: 'roller 1', quantity: 2 }],
      })
    ).body
    const close = async (bearing: string, of = machine): Promise<void> => {
      const at = { machineId: of.id, positionId: of.positions[0]?.id ?? 0 }
      let job = await open(`Roller ${bearing} ${mark}`, at)
      job = (await patch(job, { decision: decided(bearing) })).body
      const parts = { wheelSpacerLeft: 'keep', wheelSpacerRight: 'keep' }
      job = (
        await patch(job, { kit: { arrangement: 'B1', positions: 2, parts, sizes: { spacerLength: 40 } } })
      ).body
      const refused = await patch<Refusal>(job, { closed: true })
      expect(refused.status).toBe(422)
      expect(refused.body.issues?.map((i) => i.path[0])).toEqual(expect.arrayContaining(['kit', 'plan']))
      const { points } = await get<{ points: { code: string; message: string }[] }>(
        `/api/jobs/${job.id}/open`,
      )
      expect(points.map(({ code }) => code)).toEqual(
        expect.arrayContaining(['partMissing', 'stepsOpen', 'notSigned']),
      )
      expect(points.every(({ message }) => message !== '' && !/undefined|NaN/.test(message))).toBe(true)
      job = (await patch(job, { closed: true, reason: 'end of the season', who: 'AB' })).body
      expect(job.closedAt).not.toBeNull()
      const late = await patch<Refusal>(job, { decision: decided('6205') })
      expect(late).toMatchObject({ status: 409, body: { detail: expect.stringMatching(/Open it again/) } })
    }
    await close('6004-2RS')
    let now = (await get<Machine>(`/api/machines/${machine.id}`)).positions[0]
    expect(now).toMatchObject({ fitted: '6004-2RS' })
    expect(now?.parts.filter((p) => p.designation === '6004-2RS')).toHaveLength(2)
    expect(now?.since).toMatch(/^\d{4}-/)
    await close('6005-2RS')
    now = (await get<Machine>(`/api/machines/${machine.id}`)).positions[0]
    expect(now?.parts.map((p) => p.designation)).not.toContain('6004-2RS')
    expect(now?.history.map((p) => p.designation)).toContain('6004-2RS')
    const uses = await get<{ uses: { machine: string }[] }>('/api/parts/machines?designation=6005DDU')
    expect(uses.uses.map((u) => u.machine)).toContain(`Carousel ${mark}`)
    const other = (
      await post<Machine>('/api/machines', { name: `Teacups ${mark}`, positions: [{ name: 'saucer' }] })
    ).body
    const similar = async () => (await get<Machine>(`/api/machines/${other.id}`)).similar
    await close('6004DDU', other)
    expect((await similar()).map(({ name }) => name)).not.toContain(`Carousel ${mark}`)
    // The same part under another spelling.
    await close('6005DDU', other)
    expect(await similar()).toContainEqual(
      expect.objectContaining({ name: `Carousel ${mark}`, shared: expect.arrayContaining(['6005-2RS']) }),
    )
  })
})

describe('a decided bearing added to a job with a kit', () => {
  it('fills its place in the same change; what somebody typed stays', async () => {
    let job = await open(`Look-up joined ${mark}`)
    job = (await patch(job, { decision: decided('32007X') })).body
    const [first] = job.bearings
    job = (await patch(job, { bearings: { [first?.id ?? 0]: { name: 'inner' } } })).body
    const kit = { arrangement: 'A1', positions: 2, parts: { seal: '45x62x8' }, sizes: {} }
    job = (await patch(job, { kit })).body
    const added = await post<Job>(`/api/jobs/${job.id}/bearings`, {
      version: job.version,
      name: 'outer',
      decision: decided('LM11949/LM11910'),
    })
    expect(added.body.version).toBe(job.version + 1)
    expect(added.body.kit?.parts).toMatchObject({
      innerBearing: '32007X',
      outerBearing: 'LM11949/LM11910',
      seal: '45x62x8',
    })
    expect((await linesOf(job.id)).find((l) => l.slot === 'outerCone')?.designation).toBe('LM11949')
  })
})

describe('a job with several positions', () => {
  it('each has its own arrangement, kit, record and register; a copy is like its pattern, a copy of a copy belongs to the same job', async () => {
    const machine = (
      await post<Machine>('/api/machines', {
        name: `Dodgem ${mark}`,
        positions: [{ name: 'left' }, { name: 'drive' }],
      })
    ).body
    const [leftSeat, driveSeat] = machine.positions
    let left = await open(`Dodgem ${mark}`, {
      machineId: machine.id,
      positionId: leftSeat?.id,
      intake: { position: 'left', use: ['washed'] },
    })
    left = (await patch(left, { decision: decided('6003-2RS') })).body
    const parts = { wheelSpacerLeft: 'keep', wheelSpacerRight: 'keep' }
    left = (
      await patch(left, { kit: { arrangement: 'B1', positions: 2, parts, sizes: { spacerLength: 38 } } })
    ).body
    const beside = (more: object) =>
      post<Job & { partOf: number; intake: object }>('/api/jobs', { title: left.id.toString(), ...more })
    const right = (await beside({ partOf: left.id, copyOf: left.id, intake: { position: 'right' } })).body
    expect(right).toMatchObject({ partOf: left.id, intake: { position: 'right', use: ['washed'] } })
    expect(right.kit?.parts).toEqual(left.kit?.parts)
    let drive = (
      await beside({
        partOf: right.id,
        machineId: machine.id,
        positionId: driveSeat?.id,
        intake: { position: 'drive' },
      })
    ).body
    expect(drive.partOf).toBe(left.id)
    drive = { ...drive, ...(await patch(drive, { decision: decided('6205-2RS') })).body }
    drive = {
      ...drive,
      ...(await patch(drive, { kit: { arrangement: 'G1', positions: 1, parts: {}, sizes: {} } })).body,
    }
    const positions = async () =>
      (
        await get<{
          positions: { id: number; name: string; closedAt: string | null; designations: string[] }[]
        }>(`/api/jobs/${drive.id}/positions`)
      ).positions
    expect((await positions()).map(({ name, designations }) => [name, designations])).toEqual([
      ['left', ['6003-2RS']],
      ['right', ['6003-2RS']],
      ['drive', ['6205-2RS']],
    ])
    // One position is changed and closed; the others and their places in the register stay as they are.
    await patch(left, { closed: true, reason: 'fitted at the pier' })
    expect((await positions()).map(({ closedAt }) => closedAt !== null)).toEqual([true, false, false])
    const now = await get<Machine>(`/api/machines/${machine.id}`)
    expect(now.positions.map(({ name, fitted }) => [name, fitted])).toEqual([
      ['left', '6003-2RS'],
      ['drive', ''],
    ])
    expect((await linesOf(drive.id)).some((l) => l.designation === '6205-2RS')).toBe(true)
    expect((await beside({ partOf: 987654321 })).status).toBe(404)
  })
  it('has at most two dozen, told in words', async () => {
    const first = await open(`Wide ${mark}`)
    const add = () => post<Refusal>('/api/jobs', { title: 'one more', partOf: first.id })
    const added: Job[] = []
    for (let n = 2; n <= 24; n++)
      added.push((await post<Job>('/api/jobs', { title: 'one more', partOf: first.id })).body)
    expect(added.every(({ id }) => id > 0)).toBe(true)
    expect(await add()).toMatchObject({
      status: 422,
      body: { detail: expect.stringContaining('24 positions') as string },
    })
    // Off the bench again.
    for (const job of [first, ...added]) await patch(job, { closed: true, reason: 'only counted' })
  })
})

describe('what came back', () => {
  it('a closed job at the same place is offered, named, told on both; findings and seat readings are rows that follow', async () => {
    const machine = (
      await post<Machine>('/api/machines', { name: `Swings ${mark}`, positions: [{ name: 'arm pivot' }] })
    ).body
    const at = { machineId: machine.id, positionId: machine.positions[0]?.id }
    let first = await open(`Arm ${mark}`, at)
    const seen = (damage: string) => [{ part: 'bearing', damage, severity: 'marked' }]
    first = (await patch(first, { inspection: { seen: seen('corrosion') } })).body
    first = (await patch(first, { inspection: { seen: seen('spalling') } })).body
    first = (
      await patch(first, { fitting: { seats: { 'bearing:inner': { readings: '12 20.004\n6 20.001' } } } })
    ).body
    const rows = (of: string) => sql(`select ${of} where job_id = ${first.id} order by id`)
    expect(rows('damage from findings')).toEqual(['spalling'])
    expect(rows('value_mm from seat_readings').map(Number)).toEqual([20.004, 20.001])
    const found = (
      await get<{ positions: { found: { damage: string; jobId: number }[] }[] }>(
        `/api/machines/${machine.id}`,
      )
    ).positions[0]?.found
    expect(found).toMatchObject([{ damage: 'spalling', jobId: first.id }])

    let again = await open(`Arm again ${mark}`, at)
    expect((await patch<Refusal>(again, { comebackOf: first.id })).status).toBe(422)
    await patch(first, { closed: true, reason: 'end of the season' })
    expect((await patch<Refusal>(again, { comebackOf: again.id })).status).toBe(422)
    expect((await patch<Refusal>(again, { comebackOf: 987654321 })).status).toBe(404)
    const { earlier } = await get<{ earlier: { id: number }[] }>(`/api/jobs/${again.id}/returns`)
    expect(earlier.map(({ id }) => id)).toEqual([first.id])
    again = (await patch(again, { comebackOf: first.id, freeOfCharge: true })).body
    expect(again).toMatchObject({ comebackOf: first.id, freeOfCharge: true })
    expect(await get(`/api/jobs/${first.id}/returns`)).toMatchObject({ cameBackAs: [again.id] })
    expect(await history(again.id)).toContain('comeback')
    // At another machine it is no comeback of that job any more.
    again = (await patch(again, { machineId: null, positionId: null })).body
    expect(again).toMatchObject({ comebackOf: null, freeOfCharge: false })
  })
})

describe('the register of machines', () => {
  it('is written, changed, found by part of a name page by page, and joined; names that are there are refused', async () => {
    const add = (name: string, more: object = {}) =>
      post<Machine & Refusal>('/api/machines', { name, ...more })
    const a = (await add(`Ferris ${mark} a`, { positions: [{ name: 'hub', fitted: '22210' }] })).body
    const b = (await add(`Ferris ${mark} b`, { positions: [{ name: 'hub' }] })).body
    expect((await add(`ferris ${mark} A`)).status).toBe(409)
    expect((await add(' ')).status).toBe(400)
    expect(
      (await add(`Long ${mark}`, { positions: Array.from({ length: 501 }, (_, i) => ({ name: `p${i}` })) }))
        .status,
    ).toBe(400)
    const many = await add(`Wide ${mark}`, {
      positions: Array.from({ length: 500 }, (_, i) => ({ name: `p${i}` })),
    })
    expect([many.status, many.body.positions.length]).toEqual([201, 500])
    const changed = await call<Machine>('PATCH', `/api/machines/${a.id}`, {
      place: 'pier head',
      positions: [
        { id: a.positions[0]?.id, quantity: 4 },
        { name: 'drive', side: 'left' },
      ],
    })
    expect(changed.body).toMatchObject({
      place: 'pier head',
      positions: [
        { name: 'hub', quantity: 4 },
        { name: 'drive', side: 'left' },
      ],
    })
    const first = await get<{ items: Machine[]; next: string | null }>(
      `/api/machines?q=Ferris%20${mark}&limit=1`,
    )
    expect([first.items.length, first.next]).toEqual([1, first.items[0]?.name])
    const second = await get<{ items: Machine[]; next: string | null }>(
      `/api/machines?q=Ferris%20${mark}&limit=1&cursor=${encodeURIComponent(first.next ?? '')}`,
    )
    expect(second.items.map((m) => m.id)).toEqual([b.id])
    expect(second.next).toBeNull()
    const merged = await post<Machine>(`/api/machines/${b.id}/merge`, { into: a.id })
    expect(merged.body.positions.map((p) => p.name).sort()).toEqual(['drive', 'hub', 'hub (2)'])
    expect((await call('GET', `/api/machines/${b.id}`)).status).toBe(404)
  })
  it('an own name for a part is taught, stands for it in a kit, and never for a listed number', async () => {
    const name = `Maker ${mark}`
    expect((await post('/api/part-names', { name, designation: '6004-2RS' })).status).toBe(201)
    const kit = await post<{ lines: Line[] }>('/api/kits/propose', {
      arrangement: 'B1',
      parts: { bearing: name.toLowerCase() },
    })
    expect(kit.body.lines.find((l) => l.slot === 'bearingLeft')?.designation).toBe('6004-2RS')
    expect((await post('/api/part-names', { name: '6205', designation: '6004' })).status).toBe(409)
    expect((await call('DELETE', `/api/part-names/${encodeURIComponent(name)}`)).status).toBe(200)
    expect((await call('DELETE', `/api/part-names/${encodeURIComponent(name)}`)).status).toBe(404)
  })
})

it('jobs are listed page by page, and the oldest is found by its number and by what was decided', async () => {
  let job = await open(`Oldest ${mark}`)
  job = (await patch(job, { decision: decided(`X${mark}`) })).body
  for (const q of [String(job.id), `X${mark}`, `Oldest ${mark}`]) {
    const { items } = await get<{ items: Job[] }>(`/api/jobs?q=${encodeURIComponent(q)}`)
    expect(
      items.map((j) => j.id),
      q,
    ).toContain(job.id)
  }
  const seen = new Set<number>()
  for (let cursor = ''; ;) {
    const page = await get<{ items: Job[]; next: string | null }>(`/api/jobs?limit=7${cursor}`)
    for (const { id } of page.items) {
      expect(seen.has(id)).toBe(false)
      seen.add(id)
    }
    if (page.next === null) break
    cursor = `&cursor=${page.next}`
  }
  expect(seen.size).toBe(Number(sql('select count(*) from jobs')[0]))
  expect((await call('GET', '/api/jobs?limit=0')).status).toBe(400)
  expect((await call('GET', '/api/jobs?cursor=x')).status).toBe(400)
})
