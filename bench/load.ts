/**
 * Mixed work over HTTP, 200 requests a second for a minute, beside the bare health call at the same rate. It writes: run it on a
 * shop that may be thrown away (bench/scale.ts fills one), with AMBER_SCALE=yes and AMBER_URL of that shop,
 * AMBER_WEB_PID to be told the memory of its web process. Loopback only.
 */
import { execFileSync } from 'node:child_process'
import autocannon from 'autocannon'

const ADDRESS = process.env['AMBER_URL'] ?? ''
const PID = process.env['AMBER_WEB_PID']
if (process.env['AMBER_SCALE'] !== 'yes' || !/^http:\/\/127\.0\.0\.1:/.test(ADDRESS))
  throw new Error('Set AMBER_SCALE=yes and AMBER_URL of a shop on 127.0.0.1 that may be thrown away.')

const SECONDS = Number(process.env['AMBER_LOAD_SECONDS'] ?? 60)
const RATE = Number(process.env['AMBER_LOAD_RATE'] ?? 200)
const CONNECTIONS = 20

/** Jobs nobody saves at the moment: a save takes one and gives it back; where there is none it opens one, as many as there are connections. */
const free: { id: number; version: number }[] = []

const json = { 'content-type': 'application/json' }
const get = (path: string): autocannon.Request => ({ method: 'GET', path })
const post = (path: string, body: unknown): autocannon.Request => ({
  method: 'POST',
  path,
  headers: json,
  body: JSON.stringify(body),
})

const listed = (await (await fetch(`${ADDRESS}/api/jobs?limit=50`)).json()) as { items: { id: number }[] }
const stock = (await (await fetch(`${ADDRESS}/api/stock`)).json()) as { items: { id: number }[] }
const [item] = stock.items
if (!item || listed.items.length === 0) throw new Error('The shop is empty: fill it with bench/scale.ts.')

let nth = 0
const aJob: autocannon.Request = {
  method: 'GET',
  setupRequest: (request) => ({
    ...request,
    path: `/api/jobs/${listed.items[nth++ % listed.items.length]?.id}`,
  }),
}
const save: autocannon.Request = {
  setupRequest: (request) => {
    const job = free.pop()
    return job
      ? {
          ...request,
          method: 'PATCH',
          path: `/api/jobs/${job.id}`,
          headers: json,
          body: JSON.stringify({
            version: job.version,
            evidence: { stamps: [{ text: `6205-2RS ${nth++}` }] },
          }),
        }
      : { ...request, ...post('/api/jobs', { title: 'Load' }) }
  },
  onResponse: (status, body) => {
    if (status >= 300) throw new Error(`${status} ${body}`)
    const { id, version } = JSON.parse(body) as { id: number; version: number }
    free.push({ id, version })
  },
}
const sizes = ['25', '52', '15'].map((text, i) => ({
  feature: ['bore', 'outside', 'width'][i],
  readings: [text],
}))

/** Of twenty requests: mostly jobs read and saved, some lists, a search, an identification, a move. */
const MIX: autocannon.Request[] = [
  ...Array.from({ length: 9 }, () => aJob),
  save,
  get('/api/jobs'),
  save,
  get('/api/search?text=22208EK'),
  post('/api/identify', { measurements: sizes }),
  save,
  get('/api/stock?q=22208EK'),
  post(`/api/stock/${item.id}/moves`, { kind: 'receive', pieces: 1 }),
  save,
  get('/api/parts?designation=6205-2RS'),
  post('/api/identify', { stamps: [{ text: '62?5-2R5' }] }),
]

async function run(label: string, requests: autocannon.Request[], seconds: number): Promise<void> {
  const {
    latency,
    non2xx,
    errors,
    requests: done,
  } = await autocannon({
    url: ADDRESS,
    connections: CONNECTIONS,
    duration: seconds,
    overallRate: RATE,
    requests,
  })
  console.log(
    `${label.padEnd(22)}${done.average.toFixed(0)} a second, median ${latency.p50} ms, p97.5 ${latency.p97_5} ms, p99 ${latency.p99} ms, refused ${non2xx + errors}`,
  )
}

const memory = (): string =>
  PID ? `${Math.round(Number(execFileSync('ps', ['-o', 'rss=', '-p', PID]).toString()) / 1024)} MB` : ''

await run('health (yardstick)', [get('/api/health')], SECONDS / 3)
await run('mixed', MIX, SECONDS)
console.log('memory of the web process', memory())
