import { describe, expect, it } from 'vitest'
import type { BinResponse } from '@/contract/bin'
import type { Job, JobHistory, JobUndone } from '@/contract/job'
import type { Settings } from '@/contract/supply'
import { call } from '../support/call'
import { mark } from '../support/mark'

const open = async (title: string): Promise<Job> => (await call<Job>('POST', '/api/jobs', { title })).body
const get = async (id: number): Promise<Job> => (await call<Job>('GET', `/api/jobs/${id}`)).body
async function change(job: Job, patch: object): Promise<Job> {
  const { status, body } = await call<Job>('PATCH', `/api/jobs/${job.id}`, { version: job.version, ...patch })
  expect(status).toBe(200)
  return body
}
const undo = (job: Job) => call<JobUndone>('POST', `/api/jobs/${job.id}/undo`, { version: job.version })

/** What a job is beside its version and its times. */
const stateOf = (job: Job): object => ({ ...job, version: 0, updatedAt: '', stage: '' })

const decided = (designation: string) => ({
  decision: { designation, base: designation, probability: null },
})

describe('undo of the last act on a job', () => {
  it('gives back what each kind of change found, one after another, and tells it in the history', async () => {
    const job = await open(`Undo ${mark()}`)
    const [bearing] = job.bearings
    const steps = [
      { title: `Undo again ${mark()}` },
      decided('6205'),
      { bearings: { [bearing?.id ?? 0]: decided('6206') } },
      { kit: { arrangement: 'C1', positions: 1, parts: {}, sizes: {} } },
      // The kit follows the decision, and goes back with it.
      decided('6207'),
      { comparison: { from: '6205', to: '6206', old: {}, new: {}, result: null } },
      { intake: { ...job.intake, note: 'runs warm after the wash' } },
      { inspection: { seen: [], ages: '', heard: [] } },
      { freeOfCharge: true },
    ]
    const states = [job]
    for (const step of steps) {
      const { status, body } = await call<Job>('PATCH', `/api/jobs/${job.id}`, {
        version: states.at(-1)?.version,
        ...step,
      })
      // A step this build does not take is none to undo.
      if (status === 200) states.push(body)
    }
    expect(states.length).toBeGreaterThan(6)
    let now = states.at(-1) as Job
    for (const before of states.slice(0, -1).reverse()) {
      const { status, body } = await undo(now)
      expect(status).toBe(200)
      expect(stateOf(body.job)).toEqual(stateOf(before))
      now = body.job
    }
    const { status, body } = await undo(now)
    expect(status).toBe(422)
    expect(body.detail).toMatch(/Nothing was changed/)
    const history = (await call<JobHistory>('GET', `/api/jobs/${job.id}/history?limit=200`)).body.items
    expect(history.filter(({ kind }) => kind === 'undo')).toHaveLength(states.length - 1)
    expect(history.some(({ summary }) => summary === 'Undone: Decided: 6205')).toBe(true)
  })

  it('takes a word typed in several saves back at once', async () => {
    let job = await open(`Undo typed ${mark()}`)
    for (const note of ['r', 'rum', 'rumbles']) job = await change(job, { intake: { ...job.intake, note } })
    const { body } = await undo(job)
    expect(body.job.intake.note).toBe('')
  })

  it('brings a removed bearing back under its number with all it held, and takes an added one away', async () => {
    const job = await open(`Undo bearings ${mark()}`)
    const added = (
      await call<Job>('POST', `/api/jobs/${job.id}/bearings`, {
        version: job.version,
        name: 'outer',
        evidence: { measurements: [{ feature: 'bore', readings: ['25'], unit: 'mm' }], stamps: [] },
        ...decided('6205-2RS'),
      })
    ).body
    const outer = added.bearings.at(-1)
    const removed = (
      await call<Job>('DELETE', `/api/jobs/${job.id}/bearings/${outer?.id}?version=${added.version}`)
    ).body
    expect(removed.bearings).toHaveLength(1)
    const back = (await undo(removed)).body.job
    expect(back.bearings.at(-1)).toEqual(outer)
    expect((await undo(back)).body.job.bearings).toHaveLength(1)
  })

  it('refuses on an old version, on a closed job, and after signing off', async () => {
    const job = await open(`Undo refused ${mark()}`)
    const changed = await change(job, { title: `Undo refused twice ${mark()}` })
    expect((await undo(job)).status).toBe(409)
    const closed = await change(changed, { closed: true, reason: 'a test' })
    expect((await undo(closed)).status).toBe(409)
    const opened = await change(closed, { closed: false })
    const { status, body } = await undo(opened)
    expect(status).toBe(422)
    expect(body.detail).toMatch(/Job opened again.* is not undone/)
  })
})

describe('the bin', () => {
  const bin = async () => (await call<BinResponse>('GET', '/api/bin')).body
  const putBack = (kind: string, id: string | number) =>
    call<BinResponse>('POST', `/api/bin/${kind}/${encodeURIComponent(id)}`)

  it('keeps a removed job with its reservation given back; what is in it comes back with it', async () => {
    const job = await change(await open(`Binned ${mark()}`), decided('6205'))
    const gone = await call('DELETE', `/api/jobs/${job.id}?version=${job.version}`)
    expect(gone.status).toBe(200)
    expect((await call('GET', `/api/jobs/${job.id}`)).status).toBe(404)
    const found = (await call<{ items: Job[] }>('GET', `/api/jobs?q=${encodeURIComponent(job.title)}`)).body
    expect(found.items).toEqual([])
    const item = (await bin()).items.find(({ kind, id }) => kind === 'job' && id === String(job.id))
    expect(item?.label).toContain(job.title)
    expect((await putBack('job', job.id)).status).toBe(200)
    expect(stateOf(await get(job.id))).toEqual(stateOf(job))
    expect((await putBack('job', job.id)).status).toBe(404)
  })

  it('refuses a job the register speaks of, and one with further positions', async () => {
    const closed = await change(await open(`Closed once ${mark()}`), { closed: true, reason: 'a test' })
    const opened = await change(closed, { closed: false })
    const deleted = await call('DELETE', `/api/jobs/${opened.id}?version=${opened.version}`)
    expect(deleted.status).toBe(409)
    const first = await open(`First of two ${mark()}`)
    await call('POST', '/api/jobs', { title: 'the other side', partOf: first.id })
    const again = await get(first.id)
    const refused = await call('DELETE', `/api/jobs/${first.id}?version=${again.version}`)
    expect(refused.status).toBe(409)
    expect(refused.body.detail).toMatch(/further positions/)
  })

  it('keeps names of parts and arrangements; one saved anew under its name is the new one', async () => {
    const name = `pier ${mark()}`
    await call('POST', '/api/part-names', { name, designation: '6205' })
    await call('DELETE', `/api/part-names/${encodeURIComponent(name)}`)
    const item = (await bin()).items.find(({ label }) => label.includes(name))
    expect((await putBack('partName', item?.id ?? '')).status).toBe(200)
    const names = (await call<{ names: { name: string }[] }>('GET', '/api/part-names')).body.names
    expect(names.map((n) => n.name)).toContain(name)

    const code = `z${mark()
      .replace(/[^a-z]/gi, '')
      .slice(0, 8)}`
    const file = { code, title: 'with a second seal', basedOn: 'C1', slots: [] }
    await call('PUT', '/api/arrangements', file)
    await call('DELETE', `/api/arrangements/${code}`)
    await call('PUT', '/api/arrangements', { ...file, title: 'with a third seal' })
    expect((await putBack('arrangement', code)).status).toBe(404)
    const all = (await call<{ arrangements: { code: string; title: string }[] }>('GET', '/api/arrangements'))
      .body
    expect(all.arrangements.find((a) => a.code === code)?.title).toBe('with a third seal')
    await call('DELETE', `/api/arrangements/${code}`)
  })

  it('answers in words to what is none', async () => {
    expect((await putBack('job', 'x')).status).toBe(400)
    expect((await putBack('machine', 1)).status).toBe(400)
    expect((await putBack('photo', 999999999)).status).toBe(404)
  })
})

describe('who changed what', () => {
  type Changes = { items: { who: string; what: string }[]; next: string | null }
  const changesAt = async (path: string): Promise<string[]> =>
    (await call<Changes>('GET', path)).body.items.map(({ what }) => what)

  it('of a machine: its entry, its positions, what was joined to it; a refused change leaves no trace', async () => {
    const name = `Tide mill ${mark()}`
    const make = async (machine: string) =>
      (
        await call<{ id: number; positions: { id: number }[] }>('POST', '/api/machines', {
          name: machine,
          place: 'Pier head',
          positions: [{ name: 'shaft', quantity: 1 }],
        })
      ).body
    const [first, twice] = [await make(name), await make(`${name} again`)]
    const path = `/api/machines/${first.id}/history`
    const patch = (change: object) => call('PATCH', `/api/machines/${first.id}`, change)
    expect((await patch({ place: 'Boat house', positions: [{ name: 'gate', quantity: 2 }] })).status).toBe(
      200,
    )
    expect((await patch({ note: 'lost', positions: [{ name: 'shaft', quantity: 1 }] })).status).toBe(409)
    expect((await patch({ positions: [{ id: first.positions[0]?.id, quantity: 3 }] })).status).toBe(200)
    expect((await call('POST', `/api/machines/${twice.id}/merge`, { into: first.id })).status).toBe(200)
    expect(await changesAt(path)).toEqual([
      `“${name} again” joined to it`,
      'shaft, quantity: “1” → “3”',
      'Position gate added',
      'Place: “Pier head” → “Boat house”',
      'Written into the register',
    ])
    const { body } = await call<Changes>('GET', `${path}?limit=2`)
    expect(body.items[0]?.who).not.toBe('')
    expect(await changesAt(`${path}?limit=2&cursor=${body.next ?? ''}`)).toEqual([
      'Position gate added',
      'Place: “Pier head” → “Boat house”',
    ])
    expect((await call('GET', `${path}?cursor=x`)).status).toBe(400)
  })

  it('of a stock item: minimum and price; the same again is no change', async () => {
    const item = await call<{ id: number }>('POST', '/api/stock', {
      designation: `Gate pivot ${mark()}`,
      bin: 'T1',
      quantity: 2,
    })
    const path = `/api/stock/${item.body.id}`
    for (const minimum of [4, 4, 6]) expect((await call('PATCH', path, { minimum })).status).toBe(200)
    expect((await call('PATCH', path, { price: 2.5 })).status).toBe(200)
    expect(await changesAt(`${path}/history`)).toEqual([
      'Price: nothing → “2.5”',
      'Minimum: “4” → “6”',
      'Minimum: “0” → “4”',
    ])
  })

  it('of the shop: settings and toolbox; what is saved as it was is no change', async () => {
    const { body: before } = await call<Settings>('GET', '/api/settings')
    const shop = `Boat shed ${mark()}`
    const save = (value: object) => call('PUT', '/api/settings', value)
    try {
      for (let i = 0; i < 2; i++) expect((await save({ ...before, shop })).status).toBe(200)
      const { body: tools } = await call<object>('GET', '/api/toolbox')
      const last = (await changesAt('/api/audit?limit=1'))[0]
      expect((await call('PUT', '/api/toolbox', tools)).status).toBe(200)
      expect((await changesAt('/api/audit?limit=1'))[0]).toBe(last)
      const changes = (await changesAt('/api/audit?limit=20')).filter((what) => what.includes(shop))
      expect(changes).toEqual([`Settings changed, name of the shop: “${before.shop}” → “${shop}”`])
    } finally {
      await save(before)
    }
  })

  it('of own parts, names, arrangements and lists: kept, changed, removed, put back; the same again is no change', async () => {
    const [name, code] = [`QX-${mark()}`, `h${Date.now() % 1e8}`]
    const said = async () =>
      (await changesAt('/api/audit?limit=40')).filter((w) => w.includes(name) || w.includes(code))
    const part = { designation: name, bore: 21.3, outside: 49.6 }
    for (let i = 0; i < 2; i++) expect((await call('POST', '/api/parts', part)).status).toBeLessThan(300)
    const arrangement = { code, title: 'Trolley wheel', position: 'wheel', basedOn: 'B1', slots: [] }
    for (const title of ['Trolley wheel', 'Trolley wheel', 'Trolley wheel, old'])
      expect((await call('PUT', '/api/arrangements', { ...arrangement, title })).status).toBe(200)
    expect((await call('DELETE', `/api/arrangements/${code}`)).status).toBe(200)
    expect((await call('POST', `/api/bin/arrangement/${code}`)).status).toBe(200)
    expect((await call('DELETE', `/api/arrangements/${code}`)).status).toBe(200)
    const own = `gate ${name}`
    for (const designation of ['6205-2RS', '6205-2RS', '6206-2RS'])
      expect((await call('POST', '/api/part-names', { name: own, designation })).status).toBeLessThan(300)
    expect((await call('DELETE', `/api/part-names/${encodeURIComponent(own)}`)).status).toBe(200)
    expect((await said()).reverse()).toEqual([
      `Own part ${name} kept: bore 21.3 mm, outside 49.6 mm`,
      `Arrangement ${code} made`,
      `Arrangement ${code} changed`,
      `Arrangement ${code} removed`,
      expect.stringContaining(`Put back from the bin: `),
      `Arrangement ${code} removed`,
      `Own name “${own}” now means 6205-2RS`,
      `Own name “${own}” now means 6206-2RS`,
      `Own name “${own}” forgotten`,
    ])
  })

  it('of much at once: forty are told, and how many more there are', async () => {
    const axles = Array.from({ length: 45 }, (_, i) => ({ name: `axle ${i}`, quantity: 1 }))
    const { body } = await call<{ id: number; positions: { id: number }[] }>('POST', '/api/machines', {
      name: `Long train ${mark()}`,
      positions: axles,
    })
    const positions = body.positions.map(({ id }) => ({ id, quantity: 2 }))
    expect((await call('PATCH', `/api/machines/${body.id}`, { positions })).status).toBe(200)
    const lines = await changesAt(`/api/machines/${body.id}/history?limit=100`)
    expect(lines).toHaveLength(42)
    expect(lines[0]).toBe('and 5 more changes')
  })
})

describe('two who change the same thing at once, each over what stood when it was opened', () => {
  interface Refusal {
    current?: unknown
    detail?: string
  }
  const put = (path: string, value: object) => call<Refusal>('PUT', path, value)

  it('settings: each another field, both stand; one field, the second is told and sees what stands', async () => {
    const { body: over } = await call<Settings>('GET', '/api/settings')
    try {
      const [shop, other] = [`Boat shed ${mark()}`, `Net loft ${mark()}`]
      expect((await put('/api/settings', { ...over, shop, over })).status).toBe(200)
      const both = await call<Settings>('PUT', '/api/settings', { ...over, validDays: 77, over })
      expect(both.body).toMatchObject({ shop, validDays: 77 })
      const refused = await put('/api/settings', { ...over, shop: other, over })
      expect(refused.status).toBe(409)
      expect(refused.body.current).toEqual(both.body)
      expect((await call<Settings>('GET', '/api/settings')).body).toEqual(both.body)
      // Knowing what stands, it may be replaced.
      expect((await put('/api/settings', { ...both.body, shop: other, over: both.body })).status).toBe(200)
    } finally {
      await put('/api/settings', over)
    }
  })

  it('of ten at the same moment one is kept, the others are told', async () => {
    const { body: over } = await call<Settings>('GET', '/api/settings')
    try {
      const names = Array.from({ length: 10 }, (_, i) => `Boat shed ${i} ${mark()}`)
      const answers = await Promise.all(names.map((shop) => put('/api/settings', { ...over, shop, over })))
      expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array<number>(9).fill(409)])
      const winner = names[answers.findIndex(({ status }) => status === 200)]
      expect((await call<Settings>('GET', '/api/settings')).body.shop).toBe(winner)
    } finally {
      await put('/api/settings', over)
    }
  })

  it('the toolbox as a whole', async () => {
    const { body: over } = await call<{ tools: object[] }>('GET', '/api/toolbox')
    const withTool = (label: string) => ({
      tools: [...over.tools, { kind: 'sleeve', label, from: 20, to: 20 }],
      over,
    })
    try {
      expect((await put('/api/toolbox', withTool(`sleeve ${mark()}`))).status).toBe(200)
      const refused = await put('/api/toolbox', withTool(`other sleeve ${mark()}`))
      expect(refused.status).toBe(409)
      expect(refused.body.current).toEqual((await call('GET', '/api/toolbox')).body)
    } finally {
      await put('/api/toolbox', over)
    }
  })

  it('an arrangement; a new one never takes the place of another', async () => {
    const code = `t${Date.now() % 1e8}`
    const made = { code, title: 'Trolley wheel', position: 'wheel', basedOn: 'B1', slots: [] }
    expect((await put('/api/arrangements', { ...made, over: null })).status).toBe(200)
    const taken = await put('/api/arrangements', { ...made, title: 'Another wheel', over: null })
    expect(taken.status).toBe(409)
    expect(taken.body.detail).toContain('already')
    const { body } = await call<{ arrangements: { code: string; file: object }[] }>(
      'GET',
      '/api/arrangements',
    )
    const over = body.arrangements.find((a) => a.code === code)?.file ?? {}
    expect((await put('/api/arrangements', { ...over, title: 'Trolley wheel, old', over })).status).toBe(200)
    const both = await put('/api/arrangements', { ...over, position: 'roller', over })
    expect(both.body).toMatchObject({ title: 'Trolley wheel, old', position: 'roller' })
    expect((await put('/api/arrangements', { ...over, title: 'Trolley wheel, new', over })).status).toBe(409)
    expect((await call('DELETE', `/api/arrangements/${code}`)).status).toBe(200)
  })
})
