/**
 * A shop's whole history: fills the database of a running ./start with 100 000 jobs over ten years, 1 000 000 history entries, 1 000 000 moves,
 * 20 000 stock items, 10 000 machines and 5 000 orders, then times lists, searches and writes over HTTP beside the plain SQL of
 * the same question. For a shop that may be thrown away: run it on a clone of its own with `AMBER_SCALE=yes npm run bench:scale`,
 * with AMBER_URL and DATABASE_URL of that clone. Loopback only; the rows stay.
 */
import { performance } from 'node:perf_hooks'
import { createConnection, type Connection } from 'mariadb'

const ADDRESS = process.env['AMBER_URL'] ?? ''
const DATABASE = process.env['DATABASE_URL'] ?? ''
if (process.env['AMBER_SCALE'] !== 'yes' || !ADDRESS || !/@127\.0\.0\.1:/.test(DATABASE))
  throw new Error(
    'Set AMBER_SCALE=yes, AMBER_URL and DATABASE_URL of a shop on 127.0.0.1 that may be thrown away.',
  )

const ROUNDS = 20
const NUMBERS = "elt(1 + seq % 6, '6205-2RS', '6004ZZ', '30206', 'LM11949', '22208EK', 'UC205')"
/** A hundred thousand jobs over ten years. */
const NOW = 'now(3) - interval seq * 52 minute'

/** Rows made by the server itself from its sequence tables. */
const FILL: readonly [string, string][] = [
  [
    'machines',
    `insert ignore into machines (name, place, note, created_at, updated_at)
     select concat('Scale machine ', lpad(seq, 5, '0')), concat('Pier ', seq % 40), '', now(3), now(3) from seq_1_to_10000`,
  ],
  [
    'positions',
    `insert ignore into positions (machine_id, name, fitted, created_at, updated_at)
     select m.id, concat('wheel ', s.seq), '', now(3), now(3) from machines m join seq_1_to_4 s where m.name like 'Scale machine %'`,
  ],
  [
    'jobs',
    `insert into jobs (title, machine_id, stage, intake, closed_at, created_at, updated_at)
     select concat('Scale job ', lpad(seq, 6, '0')), (select min(id) from machines where name like 'Scale machine %') + seq % 10000,
       elt(1 + seq % 4, 'identify', 'kit', 'plan', 'record'), '{}', if(seq % 20 = 0, null, ${NOW}), ${NOW}, ${NOW} from seq_1_to_100000`,
  ],
  [
    'bearings',
    `insert into bearings (job_id, evidence, designation, part_key, decision, created_at, updated_at)
     select j.id, '{"measurements":[],"stamps":[],"observed":{}}', ${NUMBERS.replaceAll('seq', 'j.id')}, null,
       concat('{"probability":0.', 60 + j.id % 40, ',"base":"', ${NUMBERS.replaceAll('seq', 'j.id')}, '"}'), now(3), now(3)
     from jobs j where j.title like 'Scale job %'`,
  ],
  [
    'history',
    `insert into job_events (job_id, kind, summary, content, created_at, updated_at)
     select j.id, if(s.seq = 1, 'decision', 'evidence'), concat('Entry ', s.seq),
       if(s.seq = 1, concat('{"probability":0.', 60 + j.id % 40, ',"base":"', ${NUMBERS.replaceAll('seq', '(j.id + (j.id % 9 = 0))')}, '"}'), '{}'),
       now(3), now(3) from jobs j join seq_1_to_10 s where j.title like 'Scale job %'`,
  ],
  [
    'findings',
    `insert into findings (job_id, bearing_id, damage, created_at, updated_at)
     select b.job_id, b.id, elt(1 + b.id % 5, 'spalling', 'corrosion', 'creep', 'discolouration', 'sealWear'), now(3), now(3)
     from bearings b join jobs j on j.id = b.job_id and j.title like 'Scale job %' where b.id % 3 = 0`,
  ],
  [
    'fitted parts',
    `insert into fitted_parts (position_id, job_id, slot, designation, quantity, fitted_on, replaced_on, created_at, updated_at)
     select p.id, j.id, 'bearing', ${NUMBERS.replaceAll('seq', 'j.id')}, 1, date(j.created_at),
       if(j.id % 3 = 0, null, date(j.created_at) + interval (30 + j.id % 900) day), now(3), now(3)
     from jobs j join positions p on p.machine_id = j.machine_id and p.name = 'wheel 1' where j.title like 'Scale job %'`,
  ],
  [
    'stock',
    `insert ignore into stock_items (part_key, designation, bin, quantity, minimum, created_at, updated_at)
     select concat('scale ', seq), concat(${NUMBERS}, ' S', seq), concat('R', seq % 400), seq % 30, 4, now(3), now(3) from seq_1_to_20000`,
  ],
  [
    'moves',
    `insert into stock_moves (item_id, kind, change_quantity, change_reserved, quantity_after, reserved_after, job_id, created_at)
     select i.id, 'receive', 1, 0, 5, 0, null, now(3) from stock_items i join seq_1_to_50 s where i.part_key like 'scale %'`,
  ],
  [
    'orders',
    `insert ignore into orders (supplier, supplier_name, idempotency_key, state, subtotal, freight, created_at, updated_at)
     select 'gullwing', 'Scale supplier', concat('scale-order-', seq), 'received', 10, 2, now(3), now(3) from seq_1_to_5000`,
  ],
  [
    'order lines',
    `insert into order_lines (order_id, designation, quantity, received, price)
     select o.id, ${NUMBERS.replaceAll('seq', '(o.id + s.seq)')}, 4, 4, 2.5 from orders o join seq_1_to_3 s where o.supplier_name = 'Scale supplier'`,
  ],
]

async function fill(connection: Connection): Promise<void> {
  const [there] = await connection.query<{ n: bigint }[]>(
    "select count(*) n from jobs where title like 'Scale job %'",
  )
  if (Number(there?.n) > 0) return console.log('The shop is full already.')
  for (const [label, sql] of FILL) {
    const began = performance.now()
    await connection.query(sql)
    console.log(`filled ${label.padEnd(12)} ${Math.round(performance.now() - began)} ms`)
  }
  await connection.query(
    'analyze table jobs, bearings, findings, fitted_parts, job_events, machines, positions, stock_items, stock_moves, orders, order_lines',
  )
}

const quantile = (times: readonly number[], share: number): string =>
  ([...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))] ?? 0).toFixed(0).padStart(5)

async function rounds(work: (round: number) => Promise<unknown>): Promise<number[]> {
  await work(0)
  const times: number[] = []
  for (let i = 1; i <= ROUNDS; i++) {
    const began = performance.now()
    await work(i)
    times.push(performance.now() - began)
  }
  return times
}

async function get(path: string): Promise<number> {
  const response = await fetch(ADDRESS + path)
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
  return (await response.arrayBuffer()).byteLength
}

const post = async (path: string, body: unknown): Promise<unknown> => {
  const response = await fetch(ADDRESS + path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
  return response.json()
}

const url = new URL(DATABASE)
const connection = await createConnection({
  host: '127.0.0.1',
  port: Number(url.port),
  user: url.username,
  password: decodeURIComponent(url.password),
  database: url.pathname.slice(1),
})
try {
  await fill(connection)
  const [job] = await connection.query<{ id: number }[]>(
    "select id from jobs where title = 'Scale job 050000'",
  )
  const [item] = await connection.query<{ id: number }[]>(
    "select id from stock_items where part_key = 'scale 10000'",
  )
  if (!job || !item) throw new Error('The rows of the bench are not there.')
  /** What is asked, over HTTP, and the plain SQL of the same question. */
  const questions: [string, string, string | null][] = [
    ['page: jobs', '/', null],
    ['page: a job', `/jobs/${job.id}`, null],
    ['page: its record', `/jobs/${job.id}/record`, null],
    ['page: store', '/store', null],
    ['page: orders', '/orders', null],
    ['page: machines', '/machines', null],
    [
      'jobs, first page',
      '/api/jobs',
      'select id, title from jobs order by updated_at desc, id desc limit 51',
    ],
    [
      'jobs, open only',
      '/api/jobs?open=true',
      'select id, title from jobs where closed_at is null order by updated_at desc, id desc limit 51',
    ],
    [
      'jobs, by title',
      '/api/jobs?q=job%20099999',
      "select id, title from jobs where title like '%job 099999%' order by updated_at desc limit 51",
    ],
    [
      'jobs, by part',
      '/api/jobs?q=22208EK',
      "select job_id from bearings where designation like '%22208EK%' order by id desc limit 51",
    ],
    ...['failures', 'service', 'closures', 'cost', 'identification', 'seats'].flatMap(
      (view): [string, string, null][] => [
        [`logbook: ${view}`, `/api/logbook/${view}`, null],
        ['  over all ten years', `/api/logbook/${view}?months=600`, null],
      ],
    ),
    ['search (palette)', '/api/search?text=Scale%20job%20012345', null],
    ['stock, first page', '/api/stock', 'select * from stock_items order by bin, designation, id limit 101'],
    [
      'stock, a keystroke',
      '/api/stock?q=22208EK',
      "select * from stock_items where designation like '%22208EK%' or bin like '%22208EK%' order by bin, designation, id limit 101",
    ],
    [
      'stock, below minimum',
      '/api/stock?low=true',
      'select * from stock_items where quantity - reserved < minimum order by bin, designation, id limit 101',
    ],
    [
      'an item with its moves',
      `/api/stock/${item.id}`,
      `select * from stock_moves where item_id = ${item.id} order by id desc limit 51`,
    ],
    ['orders, by part', '/api/orders?q=22208EK', null],
    [
      'machines, by name',
      '/api/machines?q=machine%2009999',
      "select * from machines where name like '%machine 09999%'",
    ],
    ['machines with a part', '/api/parts/machines?designation=22208EK', null],
    ['label sheet of 1000', '/api/stock-labels.pdf?q=S1', null],
  ]
  for (const [label, path, sql] of questions) {
    if (label.startsWith('label')) {
      const ids = await connection.query<{ id: number }[]>(
        "select id from stock_items where part_key like 'scale %' limit 1000",
      )
      const began = performance.now()
      await get(`/api/stock-labels.pdf?ids=${ids.map(({ id }) => id).join(',')}`)
      console.log(`${label.padEnd(24)} ${(performance.now() - began).toFixed(0)} ms`)
      continue
    }
    const bytes = await get(path)
    const http = await rounds(() => get(path))
    const plain = sql === null ? null : await rounds(() => connection.query(sql))
    console.log(
      `${label.padEnd(24)} median ${quantile(http, 0.5)}, p95 ${quantile(http, 0.95)} ms, ${Math.round(bytes / 1024)} kB` +
        (plain ? `   SQL median ${quantile(plain, 0.5)}, p95 ${quantile(plain, 0.95)} ms` : ''),
    )
  }
  const move = await rounds(() => post(`/api/stock/${item.id}/moves`, { kind: 'receive', pieces: 1 }))
  console.log(`${'a move'.padEnd(24)} median ${quantile(move, 0.5)}, p95 ${quantile(move, 0.95)} ms`)
  const kit = {
    arrangement: 'B1',
    positions: 2,
    parts: { bearing: '6205-2RS' },
    sizes: { shaft: 25, housing: 52 },
  }
  const kits = Array.from({ length: 100 }, (_, i) => ({ name: `Kit ${i}`, kit, times: 1 }))
  const campaign = await rounds(() => post('/api/campaign', { kits }))
  console.log(
    `${'a list of 100 kits'.padEnd(24)} median ${quantile(campaign, 0.5)}, p95 ${quantile(campaign, 0.95)} ms`,
  )
  const made = (await post('/api/jobs', { title: 'Scale reserve', kit })) as { id: number; version: number }
  await fetch(`${ADDRESS}/api/jobs/${made.id}`, {
    method: 'PATCH',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version: made.version, kit }),
  })
  const reserve = await rounds(() => post(`/api/jobs/${made.id}/reserve`, {}))
  console.log(`${'reserve'.padEnd(24)} median ${quantile(reserve, 0.5)}, p95 ${quantile(reserve, 0.95)} ms`)
  const csv = performance.now()
  const csvBytes = await get('/api/stock.csv')
  console.log(
    `${'stock as CSV'.padEnd(24)} ${(performance.now() - csv).toFixed(0)} ms, ${Math.round(csvBytes / 1024)} kB`,
  )
  const rows = Array.from({ length: 20_000 }, (_, i) => `Scale list ${i},L${i % 300},${i % 9}`).join('\n')
  const list = performance.now()
  const response = await fetch(`${ADDRESS}/api/stock.csv`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv' },
    body: `designation,bin,quantity\n${rows}\n`,
  })
  console.log(
    `${'20 000 rows counted in'.padEnd(24)} ${(performance.now() - list).toFixed(0)} ms, ${response.status}`,
  )
  const health = await rounds(() => get('/api/health'))
  console.log(
    `${'health (yardstick)'.padEnd(24)} median ${quantile(health, 0.5)}, p95 ${quantile(health, 0.95)} ms`,
  )
} finally {
  await connection.end()
}
