/**
 * Identifications over HTTP at twenty a second, beside the health call on the same server. Needs a running ./start;
 * loopback only, stops by itself. Run with `npm run bench:http`.
 */
import autocannon from 'autocannon'

const ADDRESS = process.env['AMBER_URL'] ?? 'http://127.0.0.1:3000'
const SECONDS = 20
const RATE = 20

const size = (feature: string, text: string) => ({ feature, readings: [text] })
const BODIES = [
  { measurements: [size('bore', '25'), size('outside', '52'), size('width', '15')] },
  {
    measurements: [size('bore', '0.74 in'), size('outside', '1.78 in')],
    observed: { element: 'taperedRoller' },
  },
  { stamps: [{ text: '62?5-2R5' }] },
  { measurements: [size('bore', '15'), size('outside', '28')], stamps: [{ text: '69O2' }] },
].map((body) => JSON.stringify(body))

async function run(label: string, requests: autocannon.Request[]): Promise<void> {
  const { latency, non2xx, errors } = await autocannon({
    url: ADDRESS,
    connections: 4,
    duration: SECONDS,
    overallRate: RATE,
    requests,
  })
  console.log(
    `${label.padEnd(22)}median ${latency.p50} ms, p97.5 ${latency.p97_5} ms, p99 ${latency.p99} ms, refused ${non2xx + errors}`,
  )
}

const identify = BODIES.map((body) => ({
  method: 'POST' as const,
  path: '/api/identify',
  headers: { 'content-type': 'application/json' },
  body,
}))
await run('identify, first run', identify)
await run('identify, warm', identify)
const KIT = {
  arrangement: 'A1',
  positions: 4,
  parts: { innerBearing: 'L68149/L68110', outerBearing: 'LM12749/LM12710' },
  sizes: { sealShaft: 35, sealHousing: 52, hubMouth: 45.24, cavityLength: 48 },
}
await run('kits/draw', [
  {
    method: 'POST',
    path: '/api/kits/draw',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(KIT),
  },
])
const opened = (await (
  await fetch(`${ADDRESS}/api/jobs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ title: 'Saving a line, timed' }),
  })
).json()) as { id: number; version: number }
const SAVES = 60
const times: number[] = []
let { version } = opened
for (let i = 0; i < SAVES; i++) {
  const begun = performance.now()
  const saved = (await (
    await fetch(`${ADDRESS}/api/jobs/${opened.id}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ version, kit: { ...KIT, positions: 1 + (i % 4) } }),
    })
  ).json()) as { version: number }
  version = saved.version
  times.push(performance.now() - begun)
}
times.sort((a, b) => a - b)
console.log(
  `${'saving a kit line'.padEnd(22)}median ${Math.round(times[SAVES / 2] ?? 0)} ms, worst ${Math.round(times.at(-1) ?? 0)} ms`,
)
await run('health (yardstick)', [{ method: 'GET', path: '/api/health' }])
