import { randomUUID } from 'node:crypto'
import { spawnSync } from 'node:child_process'
import { readFileSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, expect, it } from 'vitest'

// Three database nodes that hold the same, a web process on each: what one of them acknowledged is on all, whichever dies.

/** How often each node is killed and cut off in turn; 6 by ./test --long. */
const ROUNDS = Number(process.env['AMBER_CLUSTER_ROUNDS'] ?? 1)
/** Galera gives a member up after five silent seconds; until then nobody can commit. */
const GIVEN_UP_MS = 8000
const WRITERS = 9

const folder = resolve('.local/fault-cluster')
const nodes = [1, 2, 3] as const
type Node = (typeof nodes)[number]

function script(...args: string[]): void {
  const done = spawnSync('bash', ['scripts/cluster.sh', ...args, folder], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: '', LOG_LEVEL: 'silent' },
  })
  if (done.status !== 0) throw new Error(done.stdout + done.stderr)
}

const ports = (): Map<string, number> =>
  new Map(
    readFileSync(`${folder}/ports`, 'utf8')
      .trim()
      .split('\n')
      .map((line) => line.split('='))
      .map(([name = '', port]) => [name, Number(port)]),
  )

function client(node: Node, program: 'mariadb' | 'mariadb-dump', args: string[], user = 'amber'): string {
  const password = readFileSync(`${folder}/password`, 'utf8')
  const at =
    user === 'root' ? ['-S', `${folder}/n${node}/s.sock`] : ['-h127.0.0.1', `-P${ports().get(`sql${node}`)}`]
  const done = spawnSync(program, ['--no-defaults', `-u${user}`, ...at, ...args], {
    encoding: 'utf8',
    env: { ...process.env, MYSQL_PWD: password },
    maxBuffer: 1 << 28,
  })
  if (done.status !== 0) throw new Error(done.stderr)
  return done.stdout
}
const sql = (node: Node, question: string): string[] =>
  client(node, 'mariadb', ['-N', 'amber', '-e', question]).split('\n').filter(Boolean)
const dump = (node: Node): string =>
  client(node, 'mariadb-dump', [
    '--skip-comments',
    '--hex-blob',
    '--order-by-primary',
    '--skip-lock-tables',
    'amber',
  ])
    // The next number of a table is the node's own.
    .replace(/ AUTO_INCREMENT=\d+/g, '')

const address = (node: Node): string => `http://127.0.0.1:${ports().get(`web${node}`)}`

async function send(node: Node, method: string, path: string, body: unknown, key: string = randomUUID()) {
  try {
    const response = await fetch(address(node) + path, {
      method,
      headers: { 'content-type': 'application/json', 'idempotency-key': key },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(30_000),
    })
    return { status: response.status, body: (await response.json()) as { id?: number; version?: number } }
  } catch {
    return { status: 0, body: {} }
  }
}

const health = (node: Node): Promise<number> =>
  fetch(`${address(node)}/api/health`, { signal: AbortSignal.timeout(5000) }).then(
    ({ status }) => status,
    () => 0,
  )
async function until(node: Node, status: number): Promise<void> {
  for (let i = 0; i < 240; i++) {
    if ((await health(node)) === status) return
    await pause(250)
  }
  throw new Error(`Node ${node} does not come to ${status}.`)
}

beforeAll(() => {
  rmSync(folder, { recursive: true, force: true })
  script('up')
}, 240_000)
afterAll(() => {
  script('down')
  rmSync(folder, { recursive: true, force: true })
})

it('nothing that was acknowledged is lost when a node dies or is cut off; all nodes end alike', async () => {
  const acknowledged: string[] = []
  const titles = new Map<number, string>()
  const strange = new Set<number>()
  let ends = false
  const [item] = sql(1, 'select id from stock_items order by id limit 1')
  const write = async (nth: number): Promise<void> => {
    let own: { id?: number; version?: number } = {}
    for (let i = 0; !ends; i++) {
      const node = nodes[(nth + i) % nodes.length] ?? 1
      if (i % 2 === 0) {
        // All of them on one item, from three sides: who comes second is done again.
        const note = randomUUID()
        const moved = await send(node, 'POST', `/api/stock/${item}/moves`, {
          kind: 'receive',
          pieces: 1,
          note,
        })
        if (moved.status === 201 || moved.status === 200) acknowledged.push(note)
        else if (moved.status !== 0 && moved.status !== 503) strange.add(moved.status)
      } else {
        const title = `kept ${randomUUID()}`
        const saved = own.version
          ? await send(node, 'PATCH', `/api/jobs/${own.id}`, { version: own.version, title })
          : await send(node, 'POST', '/api/jobs', { title })
        const done = saved.status === 200 || saved.status === 201
        own = done ? saved.body : {}
        if (done && saved.body.id) titles.set(saved.body.id, title)
        else if (saved.status !== 0 && saved.status !== 503) strange.add(saved.status)
      }
      await pause(20)
    }
  }
  const writers = Array.from({ length: WRITERS }, (_, nth) => write(nth))
  await pause(2000)
  for (let round = 0; round < ROUNDS; round++) {
    const [killed, cut, other] = [0, 1, 2].map((i) => nodes[(round + i) % nodes.length] ?? 1) as [
      Node,
      Node,
      Node,
    ]
    process.kill(Number(readFileSync(`${folder}/n${killed}/pid`, 'utf8')), 'SIGKILL')
    await until(killed, 503)
    await pause(GIVEN_UP_MS)
    const before = acknowledged.length
    await pause(2000)
    expect(acknowledged.length, 'two nodes go on without the third').toBeGreaterThan(before)
    script('node', String(killed))
    await until(killed, 200)
    const isolate = (on: 0 | 1) =>
      client(cut, 'mariadb', ['-e', `set global wsrep_provider_options = 'gmcast.isolate=${on}'`], 'root')
    isolate(1)
    await until(cut, 503)
    expect((await fetch(`${address(cut)}/api/jobs?limit=1`)).status, 'a node that is cut off says so').toBe(
      503,
    )
    await until(other, 200)
    isolate(0)
    await until(cut, 200)
    await pause(1000)
  }
  ends = true
  await Promise.all(writers)
  expect([...strange], 'answers that are none of done, away, changed in between').toEqual(
    [...strange].filter((status) => status === 409),
  )
  expect(acknowledged.length).toBeGreaterThan(20)
  for (const node of nodes) {
    const list = acknowledged.map((note) => `'${note}'`).join(',')
    expect(sql(node, `select note from stock_moves where note in (${list})`).sort()).toEqual(
      [...acknowledged].sort(),
    )
    const sums = sql(
      node,
      'select i.id from stock_items i left join stock_moves m on m.item_id = i.id group by i.id having max(i.quantity) <> coalesce(sum(m.change_quantity), 0)',
    )
    expect(sums, 'stock is the sum of its moves').toEqual([])
    const storedTitles = new Map(
      sql(node, `select id, title from jobs where title like 'kept %'`)
        .map((row) => row.split('\t'))
        .map(([id, title]) => [Number(id), title]),
    )
    expect([...titles.keys()].filter((id) => !storedTitles.has(id))).toEqual([])
  }
  expect(dump(2)).toBe(dump(1))
  expect(dump(3)).toBe(dump(1))
}, 300_000)
