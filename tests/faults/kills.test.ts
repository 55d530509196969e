import { randomUUID } from 'node:crypto'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Site } from './site'

// What was answered is there, what was not is there whole or not at all. `kill -9` is not a power cut, the page cache survives it: see powerCut.test.ts.

/** Kills of the application and of the database, each; 100 by ./test --long. */
const ROUNDS = Number(process.env['AMBER_FAULT_ROUNDS'] ?? 2)
/** How long 50 editors type, seconds; 60 by ./test --long. */
const EDIT_SECONDS = Number(process.env['AMBER_FAULT_SECONDS'] ?? 5)
const WRITERS = 8
const EDITORS = 50
/** So much is answered in a round before something is killed. */
const MIN_ANSWERED = 10

const site = new Site()
beforeAll(() => site.begin())
afterAll(() => site.end())

interface Reply {
  /** 0 = no answer came */
  status: number
  body: { id?: number; version?: number; positions?: { id: number }[] } | null
}

async function send(method: string, path: string, body: unknown, key?: string): Promise<Reply> {
  try {
    const response = await fetch(site.address + path, {
      method,
      headers: { 'content-type': 'application/json', ...(key && { 'idempotency-key': key }) },
      body: JSON.stringify(body),
    })
    return { status: response.status, body: (await response.json()) as Reply['body'] }
  } catch {
    return { status: 0, body: null }
  }
}

const isGood = ({ status }: Reply): boolean => status >= 200 && status < 300
/** Nobody knows whether it was done. */
const isUnknown = ({ status }: Reply): boolean => status === 0 || status >= 500

/** What was said to be done, and what nobody knows. */
interface Book {
  titles: Map<number, string>
  moves: string[]
  unknownMoves: { item: number; key: string; note: string }[]
  jobs: string[]
  closed: number[]
}
const book: Book = { titles: new Map(), moves: [], unknownMoves: [], jobs: [], closed: [] }

const answered = (): number => book.moves.length + book.jobs.length + book.closed.length

const move = (note: string) => ({ kind: 'receive', pieces: 1, note, who: 'faults' })

/** One of the things a shop writes, one after another, until it is told to stop. */
async function write(
  item: number,
  position: { machine: number; id: number },
  until: () => boolean,
): Promise<void> {
  const own = await send('POST', '/api/jobs', { title: `edited ${randomUUID()}` })
  let version = own.body?.version ?? 0
  const id = own.body?.id ?? 0
  for (let i = 0; !until(); i++) {
    if (i % 4 === 0 && id > 0 && version > 0) {
      const title = `edited ${randomUUID()}`
      const reply = await send('PATCH', `/api/jobs/${id}`, { version, title })
      if (isGood(reply)) book.titles.set(id, title)
      // Whether it was done is seen by the version, at the next look.
      version = isGood(reply) ? (reply.body?.version ?? 0) : 0
    } else if (i % 4 === 1) {
      const [note, key] = [randomUUID(), randomUUID()]
      const reply = await send('POST', `/api/stock/${item}/moves`, move(note), key)
      if (isGood(reply)) book.moves.push(note)
      else if (isUnknown(reply)) book.unknownMoves.push({ item, key, note })
    } else if (i % 4 === 2) {
      const title = `opened ${randomUUID()}`
      if (isGood(await send('POST', '/api/jobs', { title }))) book.jobs.push(title)
    } else {
      const made = await send('POST', '/api/jobs', {
        title: `closed ${randomUUID()}`,
        machineId: position.machine,
        positionId: position.id,
      })
      if (!isGood(made)) continue
      const kitted = await send('PATCH', `/api/jobs/${made.body?.id}`, {
        version: made.body?.version,
        decision: { designation: '6206-2RS', base: '6206', probability: null },
        kit: { arrangement: 'B1', positions: 1, parts: {}, sizes: {} },
      })
      if (!isGood(kitted)) continue
      const closed = await send('PATCH', `/api/jobs/${made.body?.id}`, {
        version: kitted.body?.version,
        closed: true,
        reason: 'a fault test',
      })
      if (isGood(closed) && made.body?.id) book.closed.push(made.body.id)
    }
  }
}

const list = (values: readonly string[]): string => values.map((v) => `'${v}'`).join(',') || "''"
const ids = (rows: string[][]): number[] => rows.map(([id]) => Number(id))

function nothingIsLostOrHalfDone(): void {
  const titles = new Map(
    site
      .sql(`select id, title from jobs where id in (${[0, ...book.titles.keys()].join(',')})`)
      .map(([id, t]) => [Number(id), t]),
  )
  expect([...book.titles.keys()].filter((id) => !titles.has(id))).toEqual([])
  const found = site.sql(`select note from stock_moves where note in (${list(book.moves)})`).flat()
  expect(found.sort()).toEqual([...book.moves].sort())
  expect(site.sql(`select title from jobs where title in (${list(book.jobs)})`).length).toBe(book.jobs.length)
  // Stock is the sum of its moves; every job has its first entry; no job is closed without its entry, its register and its rechecks.
  expect(
    ids(
      site.sql(
        'select i.id from stock_items i left join stock_moves m on m.item_id = i.id group by i.id having max(i.quantity) <> coalesce(sum(m.change_quantity), 0)',
      ),
    ),
  ).toEqual([])
  const withoutEntry = (kind: string, where: string) =>
    ids(
      site.sql(
        `select j.id from jobs j where (${where}) and not exists (select 1 from job_events e where e.job_id = j.id and e.kind = '${kind}')`,
      ),
    )
  expect(withoutEntry('created', "j.title like 'edited %' or j.title like 'opened %'")).toEqual([])
  const ours = "j.title like 'closed %' and j.closed_at is not null"
  expect(withoutEntry('closed', ours)).toEqual([])
  for (const table of ['fitted_parts', 'rechecks'])
    expect(
      ids(
        site.sql(
          `select j.id from jobs j where ${ours} and not exists (select 1 from ${table} x where x.job_id = j.id)`,
        ),
      ),
    ).toEqual([])
  const half = "j.title like 'closed %' and j.closed_at is null"
  for (const table of ['fitted_parts', 'rechecks'])
    expect(
      ids(
        site.sql(
          `select j.id from jobs j where ${half} and exists (select 1 from ${table} x where x.job_id = j.id)`,
        ),
      ),
    ).toEqual([])
  const closed = ids(
    site.sql(`select id from jobs where closed_at is not null and id in (${[0, ...book.closed].join(',')})`),
  )
  expect(closed.length).toBe(book.closed.length)
}

/** What nobody knew is asked again with its key: it is there once. */
async function askAgain(): Promise<void> {
  for (const { item, key, note } of book.unknownMoves.splice(0)) {
    const reply = await send('POST', `/api/stock/${item}/moves`, move(note), key)
    expect(reply.status, note).toBeLessThan(300)
    book.moves.push(note)
  }
  const twice = site.sql(
    `select note, count(*) from stock_moves where note in (${list(book.moves)}) group by note having count(*) <> 1`,
  )
  expect(twice).toEqual([])
}

describe.each([
  ['application', () => site.killApp()],
  ['database', () => site.killDatabase()],
] as const)('the %s killed while eight write', (_, kill) => {
  it(
    `${ROUNDS} times: all that was answered is there, nothing is half done, what was unknown happens once`,
    async () => {
      const stock = await send('POST', '/api/stock', {
        designation: `faults ${randomUUID().replace(/\d/g, 'x')}`,
        bin: 'F1',
      })
      const machine = await send('POST', '/api/machines', {
        name: `Fault wheel ${randomUUID()}`,
        positions: Array.from({ length: WRITERS }, (__, i) => ({
          name: `seat ${String.fromCharCode(97 + i)}`,
        })),
      })
      expect([stock.status, machine.status]).toEqual([201, 201])
      for (let round = 0; round < ROUNDS; round++) {
        let isOver = false
        const writers = Array.from({ length: WRITERS }, (__, i) =>
          write(
            stock.body?.id ?? 0,
            { machine: machine.body?.id ?? 0, id: machine.body?.positions?.[i]?.id ?? 0 },
            () => isOver,
          ),
        )
        // In the middle of work, however slow the machine is, at a moment that differs from round to round, without chance.
        const before = answered()
        while (answered() - before < MIN_ANSWERED) await pause(20)
        await pause((round * 397) % 900)
        const restarted = kill()
        isOver = true
        await Promise.all(writers)
        await restarted
        nothingIsLostOrHalfDone()
        await askAgain()
      }
    },
    ROUNDS * 60_000,
  )
})

it(
  `${EDITORS} editors on one job and on many: nothing lost, nothing refused without a reason, no fault`,
  async () => {
    const shared = await send('POST', '/api/jobs', { title: 'everybody edits this' })
    const statuses = new Map<number, number>()
    let saved = 0
    const end = Date.now() + EDIT_SECONDS * 1000
    const edit = async (n: number): Promise<void> => {
      const own = await send('POST', '/api/jobs', { title: `editor ${n}` })
      let mine = own.body?.version ?? 0
      let common = shared.body?.version ?? 0
      for (let i = 0; Date.now() < end; i++) {
        const onShared = i % 2 === 0
        const reply = await send('PATCH', `/api/jobs/${onShared ? shared.body?.id : own.body?.id}`, {
          version: onShared ? common : mine,
          title: `editor ${n}, ${i}`,
        })
        statuses.set(reply.status, (statuses.get(reply.status) ?? 0) + 1)
        if (onShared && isGood(reply)) saved++
        if (onShared)
          common =
            reply.body?.version ??
            (reply.body as { current?: Reply['body'] } | null)?.current?.version ??
            common
        else mine = reply.body?.version ?? mine
      }
    }
    await Promise.all(Array.from({ length: EDITORS }, (_, n) => edit(n)))
    expect([...statuses.keys()].filter((status) => status !== 200 && status !== 409)).toEqual([])
    const [[version] = []] = site.sql(`select version from jobs where id = ${shared.body?.id}`)
    expect(Number(version)).toBe((shared.body?.version ?? 0) + saved)
    expect(saved).toBeGreaterThan(0)
  },
  EDIT_SECONDS * 1000 + 60_000,
)
