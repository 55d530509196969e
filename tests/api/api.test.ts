import { mark } from '../support/mark'
import { describe, expect, it } from 'vitest'
import { ENDPOINTS, type Endpoint } from '@/contract/endpoints'
import { shipped } from '../support/shipped'
import { address as ADDRESS, call as callWith, request } from '../support/call'

const call = <T = Record<string, never>>(path: string, init: RequestInit = {}): Promise<Answer<T>> =>
  request<T>(path, init)
const send = <T>(method: string, path: string, body: unknown) => callWith<T>(method, path, body)
const post = <T = Problem>(path: string, body: unknown) => send<T>('POST', path, body)

interface Answer<T> {
  status: number
  type: string
  body: T
}

interface Problem {
  type: string
  title: string
  status: number
  detail: string
  issues?: { path: (string | number)[]; message: string }[]
}
interface Identified {
  candidates: {
    rank: number
    base: string
    designation: string
    probability: number
    dimensions: Record<string, number>
    evidence: { item: string; deviation: number | null; verdict: string; detail: string }[]
  }[]
  unlisted: { probability: number; note: string }
  next: unknown
  elapsedMs: number
}

function expectProblem({ status, type, body }: Answer<Problem>, expected: number): void {
  expect(status).toBe(expected)
  expect(type).toMatch(/application\/problem\+json/)
  expect(body).toMatchObject({
    status: expected,
    title: expect.any(String),
    detail: expect.stringMatching(/\S/),
  })
  expect(JSON.stringify(body)).not.toMatch(/node_modules|at \w+ \(|Error:/)
}

it('health tells database and catalogue', async () => {
  const { status, body } = await call('/api/health')
  expect(status).toBe(200)
  expect(body).toMatchObject({
    status: 'ok',
    database: 'ok',
    catalogue: { parts: expect.any(Number), families: expect.any(Number) },
  })
})

it('of every family a part comes through the database as the files have it', async () => {
  const parts = shipped.catalogue.parts
  for (const family of new Set(parts.map((p) => p.family))) {
    const part = parts.filter((p) => p.family === family).at(-1)
    const { body } = await call<object>(`/api/parts?designation=${encodeURIComponent(part?.base ?? '')}`)
    const { set, seal, shank, hardware, dimensions } = part ?? {}
    const stated = { base: part?.base, family, dimensions, set, seal, shank, hardware }
    expect(body, part?.base).toMatchObject(JSON.parse(JSON.stringify(stated)) as object)
  }
})

describe('POST /api/identify', () => {
  it('answers the worn wheel bearing of the documentation', async () => {
    const { status, body } = await post<Identified>('/api/identify', {
      measurements: [
        { feature: 'bore', readings: ['0.99'], unit: 'in', instrument: 'digitalCaliper', condition: 'worn' },
        { feature: 'outside', readings: ['50.28', '50.31'], unit: 'mm' },
      ],
      stamps: [{ text: 'L44?1*', on: 'cup' }],
      observed: { element: 'taperedRoller', piece: 'complete', rows: 1, closures: ['open', 'open'] },
      limit: 10,
    })
    expect(status).toBe(200)
    expect(body.candidates[0]).toMatchObject({
      rank: 1,
      base: 'L44643/L44610',
      dimensions: { bore: 25.4, outside: 50.292, totalWidth: 14.224, coneWidth: 14.732, cupWidth: 10.668 },
    })
    expect(body.candidates[0]?.probability).toBeGreaterThan(0.95)
    expect(body.candidates[0]?.evidence.find((e) => e.item === 'bore')).toMatchObject({
      deviation: -0.254,
      verdict: 'strained',
    })
    expect(body.elapsedMs).toBeGreaterThan(0)
  })
  it('takes numbers as readings and any unit mix', async () => {
    const { body } = await post<Identified>('/api/identify', {
      measurements: [
        { feature: 'bore', readings: ['.9843'] },
        { feature: 'outside', readings: [52] },
        { feature: 'width', readings: ['15,0'] },
      ],
    })
    expect(body.candidates[0]?.base).toBe('6205')
  })
  it('“not listed” leads for a size that no list holds', async () => {
    const { body } = await post<Identified>('/api/identify', {
      measurements: ['19.3', '44.4', '13.2'].map((text, i) => ({
        feature: ['bore', 'outside', 'width'][i],
        readings: [text],
      })),
    })
    expect(body.unlisted.probability).toBeGreaterThan(body.candidates[0]?.probability ?? 1)
    expect(body.unlisted.note).toMatch(/nearest/)
  })
  it.each([
    ['a length that cannot be read', { measurements: [{ feature: 'bore', readings: ['2S'] }] }, 400],
    ['an unknown feature', { measurements: [{ feature: 'girth', readings: ['2'] }] }, 400],
    ['a stamp of 300 characters', { stamps: [{ text: '6'.repeat(300) }] }, 400],
    [
      'a bore larger than the outside',
      {
        measurements: [
          { feature: 'bore', readings: ['60 mm'] },
          { feature: 'outside', readings: ['50 mm'] },
        ],
      },
      422,
    ],
    ['an empty request', {}, 422],
    [
      'only empty fields',
      { measurements: [{ feature: 'bore', readings: [''] }], stamps: [{ text: ' ' }], observed: {} },
      422,
    ],
    ['a body that is not JSON', '{"measurements": [', 400],
    ['JSON that is no object', '7', 400],
  ])('refuses %s', async (_words, body, status) => expectProblem(await post('/api/identify', body), status))
  it('says where a length cannot be read', async () => {
    const { body } = await post<Problem>('/api/identify', {
      measurements: [{ feature: 'bore', readings: ['25', '2 5'] }],
    })
    expect(body.issues?.[0]).toMatchObject({
      path: ['measurements', 0, 'readings', 1],
      message: expect.stringMatching(/more than one size/),
    })
  })
  it('refuses another content type and a body that is too large', async () => {
    expectProblem(
      await call<Problem>('/api/identify', {
        method: 'POST',
        headers: { 'content-type': 'text/plain' },
        body: '{}',
      }),
      415,
    )
    expectProblem(await post('/api/identify', { stamps: [{ text: 'x'.repeat(400_000) }] }), 413)
  })
})

describe('POST /api/identify/batch', () => {
  const batch = async (body: BodyInit, type = 'text/csv') => {
    const response = await fetch(`${ADDRESS}/api/identify/batch`, {
      method: 'POST',
      headers: { 'content-type': type },
      body,
    })
    return { status: response.status, lines: (await response.text()).trim().split('\n') }
  }
  const HEADER =
    'ref,stamp,bore,outside,width,coneWidth,cupWidth,totalWidth,unit,instrument,condition,element,closures,piece\n'
  it('answers every row in order; a bad row gets its problem, the others go on', async () => {
    const { status, lines } = await batch(
      `${HEADER}tray 1,,25,52,15,,,,,,,ball,,\ntray 2,,0.75 in,1.78 in,,,,,,,worn,taperedRoller,,\ntray 3,,2S,,,,,,,,,,,\n=1+1,6902-2RS,15,28,7,,,,,,,,,\ntray 5,,,,,,,,,,,,,\ntray 6,,1,2,9/16,,,,,,,ball,seal seal,\n`,
    )
    expect(status).toBe(200)
    expect(lines[0]).toBe('ref,base,designation,probability,unlisted,second,secondProbability,next,problem')
    expect(lines[1]).toMatch(/^tray 1,6205,6205,0\./)
    expect(lines[2]).toMatch(/^tray 2,LM11949\/LM11910,/)
    expect(lines[3]).toMatch(/^tray 3,.*not a unit/)
    expect(lines[4]).toMatch(/^'=1\+1,6902,6902-2RS,/)
    expect(lines[5]).toMatch(/^tray 5,.*Nothing to go by/)
    expect(lines[6]).toMatch(/^tray 6,1641,/)
  })
  it('tells hardware as what it is, and finds units by shaft and bolts', async () => {
    const { lines } = await batch(
      'ref,stamp,bore,boltSpacing,piece,housingKind\na,KM8,,,,\nb,,1 1/4 in,4 5/8 in,unit,oval flange\nc,F207,,,,\nd,,30,117,,hexagon\n',
    )
    expect(lines[1]).toMatch(/A lock nut\. No bearing has this number\.$/)
    expect(lines[2]).toMatch(/^b,UCFL206-20,/)
    expect(lines[3]).toMatch(/^c,UCF207,/)
    expect(lines[4]).toMatch(/^d,.*housingKind: /)
  })
  it('reads UTF-16 and Windows-1252, and refuses what is no tray', async () => {
    const utf16 = Buffer.from(`\ufeffref,bore,outside\nä,25,52\n`, 'utf16le')
    expect((await batch(utf16)).lines[1]).toMatch(/^ä,6205/)
    expect((await batch(Buffer.from('ref,bore,outside\n\xe4,25,52\n', 'latin1'))).lines[1]).toMatch(/^ä,6205/)
    expect((await batch('a,b\n1,2\n')).status).toBe(400)
    expect((await batch(HEADER, 'application/json')).status).toBe(415)
  })
})

it('decodes with tokens, closure and clearance', async () => {
  const { body } = await call<{ readings: unknown[] }>('/api/decode?text=6205-2RS%2FC3')
  expect(body.readings[0]).toMatchObject({
    canonical: '6205-2RS/C3', base: '6205', family: 'deep-groove', bore: 25, outside: 52, width: 15, clearance: 'C3',
    closure: { sides: 2, type: 'contactSeal' }, unknown: [],
  }) // prettier-ignore
  expectProblem(await call<Problem>('/api/decode'), 400)
})

it('finds a part under any of its names', async () => {
  expect((await call('/api/parts?designation=61902')).body).toMatchObject({
    base: '6902',
    dimensions: { bore: 15, outside: 28, width: 7 },
    source: expect.stringMatching(/ISO 15/),
    synonyms: ['61902'],
  })
  expect((await call('/api/parts?designation=35x52x7')).body).toMatchObject({
    base: '35x52x7',
    piece: 'seal',
  })
  expectProblem(await call<Problem>('/api/parts?designation=zzz'), 404)
})

it('interchange: a list, and one pair', async () => {
  const list = (
    await call<{ equivalents: { designation: string; verdict: string }[]; traps: { designation: string }[] }>(
      '/api/interchange?designation=6903-RS',
    )
  ).body
  expect(list.equivalents.find((e) => e.designation === '6903-2RS')?.verdict).toBe('upgrade')
  expect((await call('/api/interchange?from=6205-2RS&to=6205DDU')).body).toMatchObject({
    verdict: 'identical',
  })
  expect((await call('/api/interchange?from=R8&to=6001')).body).toMatchObject({
    verdict: 'not-interchangeable',
  })
  expectProblem(await call<Problem>('/api/interchange?from=6205&to=nothing'), 404)
})

it('tapered mates of a cone and of a cup', async () => {
  expect((await call('/api/tapered/L68149')).body).toMatchObject({
    piece: 'cone',
    series: 'L68100',
    mates: [{ designation: 'L68110', outside: 59.131, totalWidth: 15.875 }, { designation: 'L68111' }],
  })
  expect((await call('/api/tapered/L44610')).body).toMatchObject({
    piece: 'cup',
    mates: expect.arrayContaining([expect.objectContaining({ designation: 'L44649', bore: 26.988 })]),
  })
  expectProblem(await call<Problem>('/api/tapered/6205'), 404)
})

it('seals by shaft, housing and width', async () => {
  expect((await call('/api/seals?shaft=35&housing=52&width=7')).body).toMatchObject({
    seals: [expect.objectContaining({ designation: '35x52x7' })],
  })
  expect((await call('/api/seals?shaft=1.375&housing=2.0625&width=.25')).body).toMatchObject({
    shaft: expect.closeTo(34.925, 6) as number,
    housing: expect.closeTo(52.3875, 6) as number,
    width: expect.closeTo(6.35, 6) as number,
  })
  expect((await call('/api/seals?shaft=35&housing=52&width=7&unit=in')).body).toMatchObject({ shaft: 889 })
  expectProblem(await call<Problem>('/api/seals?shaft=60&housing=52'), 422)
  expectProblem(await call<Problem>('/api/seals?shaft=abc&housing=52'), 400)
})

describe('POST /api/kits/propose', () => {
  const parts = { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' }
  interface Kit {
    complete: boolean
    lines: {
      slot: string
      state: string
      quantity: number
      quantityPerPosition: number
      singleUse: boolean
      reason: string
    }[]
  }
  it('fills four wheel ends', async () => {
    const { status, body } = await post<Kit>('/api/kits/propose', {
      arrangement: 'A1',
      positions: 4,
      parts,
      sizes: { sealShaft: '42', sealHousing: '62 mm', sealWidth: 8 },
      thread: '3/4-16',
    })
    expect(status).toBe(200)
    expect(body.complete).toBe(true)
    for (const l of body.lines) expect(l.quantity).toBe(l.quantityPerPosition * 4)
  })
  it('shows a gap, and refuses a cup of another series with words', async () => {
    const { body } = await post<Kit>('/api/kits/propose', {
      arrangement: 'A1',
      positions: 4,
      parts: { ...parts, 'inner cup': 'LM11710', seal: null },
    })
    expect(body.complete).toBe(false)
    expect(body.lines.find((l) => l.slot === 'seal')?.state).toBe('gap')
  })
  it.each([
    ['half a wheel', { arrangement: 'A1', positions: 1.5 }],
    ['no wheel', { arrangement: 'A1', positions: 0 }],
    ['an arrangement that is not there', { arrangement: 'Z9', positions: 1 }],
    ['a place that is not there', { arrangement: 'A1', positions: 1, parts: { chain: '6205' } }],
    ['a size that cannot be read', { arrangement: 'A1', positions: 1, sizes: { sealShaft: 'wide' } }],
  ])('refuses %s', async (_words, body) => expectProblem(await post('/api/kits/propose', body), 400))
})

describe('jobs', () => {
  interface Job {
    id: number
    version: number
    evidence: { stamps: { text: string }[] }
    decision: { designation: string } | null
  }
  it('keep evidence as typed, count versions, and refuse a change made on an old one', async () => {
    const opened = await post<Job>('/api/jobs', { title: 'Turnstile 1, lower bearing' })
    expect(opened.status).toBe(201)
    const path = `/api/jobs/${opened.body.id}`
    const typed = {
      measurements: [{ feature: 'bore', readings: ['1 3/', ''], unit: 'auto' }],
      stamps: [{ text: '6?05' }],
      observed: {},
    }
    const saved = await send<Job>('PATCH', path, { version: 1, evidence: typed })
    expect(saved.body).toMatchObject({ version: 2, evidence: typed })
    const late = await send<Problem & { current: Job }>('PATCH', path, {
      version: 1,
      decision: { designation: '6205', base: '6205', probability: 0.4 },
    })
    expectProblem(late, 409)
    expect(late.body.current).toMatchObject({ version: 2, decision: null })
    expect((await call<Job>(path)).body.evidence.stamps[0]?.text).toBe('6?05')
  })
  it('two changes at once: one stands, the other is told', async () => {
    const { body: job } = await post<Job>('/api/jobs', { title: 'Turnstile 2' })
    const answers = await Promise.all(
      ['6205', '6206', '6207'].map((d) =>
        send('PATCH', `/api/jobs/${job.id}`, {
          version: 1,
          decision: { designation: d, base: d, probability: null },
        }),
      ),
    )
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409])
  })
  it('refuse an empty title, an unknown job, and the print of a job without a kit', async () => {
    expectProblem(await post('/api/jobs', { title: '  ' }), 400)
    expectProblem(await call<Problem>('/api/jobs/999999'), 404)
    expectProblem(await call<Problem>('/api/jobs/abc'), 404)
    const { body } = await post<Job>('/api/jobs', { title: 'No kit' })
    for (const form of ['pdf', 'csv', 'json'])
      expectProblem(await call<Problem>(`/api/jobs/${body.id}/kit.${form}`), 404)
  })
  it('a kit comes as CSV and as a versioned file that holds what was asked for', async () => {
    const kit = { arrangement: 'B1', positions: 3, parts: { bearing: '6205-2RS' } }
    const { body: job } = await post<Job>('/api/jobs', { title: '=Carousel, roller 9' })
    await send('PATCH', `/api/jobs/${job.id}`, { version: job.version, kit })
    const { body: file } = await call<{ format: string; version: number; kit: object; lines: unknown[] }>(
      `/api/jobs/${job.id}/kit.json`,
    )
    expect(file).toMatchObject({ format: 'amber-socket-kit', version: 1, kit })
    const csv = await (await fetch(`${ADDRESS}/api/jobs/${job.id}/kit.csv`)).text()
    expect(csv.split('\n').length).toBe(file.lines.length + 2)
    expect(csv).toMatch(/6205-2RS/)
  })
  it('what stands in depends on where it works', async () => {
    const verdict = async (application: string) =>
      (await call<{ verdict: string }>(`/api/interchange?from=6205&to=6205-2RS&${application}`)).body.verdict
    expect(await verdict('speed=slow&wet=true')).toBe('upgrade')
    expect(await verdict('rpm=12000')).toBe('not-interchangeable')
    expect(await verdict('')).toBe('conditional')
    expectProblem(await call<Problem>('/api/interchange?designation=6205&rpm=fast'), 400)
  })
})

it('the demo world is there: at least eight jobs in different stages', async () => {
  const { body } = await call<{ items: { title: string; stage: string }[] }>('/api/jobs?limit=200')
  expect(body.items.length).toBeGreaterThanOrEqual(8)
  expect(new Set(body.items.map((j) => j.stage)).size).toBeGreaterThanOrEqual(5)
})

/** Routes of the screens alone: shaped for drawing, free to change. */
it('describes itself as OpenAPI: all that is not for our screens alone, every documented path answering', async () => {
  const { body } = await call<{ openapi: string; paths: Record<string, Record<string, unknown>> }>(
    '/api/openapi.json',
  )
  expect(body.openapi).toMatch(/^3\.1/)
  const described = Object.entries(body.paths).flatMap(([path, calls]) =>
    Object.keys(calls).map((method) => `${method.toUpperCase()} ${path}`),
  )
  const ours = Object.entries<Endpoint>(ENDPOINTS).filter(([, { screensOnly }]) => !screensOnly)
  expect(described.sort()).toEqual(ours.map(([line]) => line).sort())
  for (const [path, methods] of Object.entries(body.paths)) {
    if (!('get' in methods)) continue
    const response = await fetch(ADDRESS + path.replace('{number}', 'L44610').replace('{id}', '209'))
    expect(response.status, path).toBeLessThan(500)
  }
})

it('what is not there is told as a problem, by every method', async () => {
  for (const method of ['GET', 'POST', 'PATCH', 'PUT', 'DELETE']) {
    const response = await fetch(`${ADDRESS}/api/nowhere/at/all`, { method })
    expect(response.headers.get('content-type')).toContain('application/problem+json')
    expect(await response.json()).toMatchObject({
      status: 404,
      detail: expect.stringContaining('/api/nowhere') as string,
    })
  }
})

describe('a look-up is exact', () => {
  interface NotFound extends Problem {
    suggestions?: { designation: string; changed: string }[]
  }
  const answerAt = (path: string) => call<NotFound>(path)
  const unlisted = '1609'
  it.each([
    ['parts', () => answerAt(`/api/parts?designation=${unlisted}`)],
    ['interchange', () => answerAt(`/api/interchange?designation=${unlisted}`)],
    ['a pair', () => answerAt(`/api/interchange?from=6205&to=${unlisted}`)],
    ['the part sheet', () => answerAt(`/api/part-sheet?designation=${unlisted}`)],
    [
      'compare',
      () => post<NotFound>('/api/compare', { from: { designation: '6205' }, to: { designation: unlisted } }),
    ],
    ['grease', () => post<NotFound>('/api/grease', { bearings: [unlisted] })],
    ['life', () => post<NotFound>('/api/life', { designation: unlisted, radialKn: 1, rpm: 100 })],
  ] as const)('%s: 404 with what may have been meant', async (_name, ask) => {
    const answer = await ask()
    expectProblem(answer, 404)
    expect(answer.body.suggestions?.map((s) => s.designation)).toContain('1601')
    expect(answer.body.suggestions?.every((s) => s.changed !== '')).toBe(true)
  })

  it.each(['from', 'to'])('a comparison says which of its numbers it is: %s', async (refused) => {
    const other = refused === 'from' ? 'to' : 'from'
    const { body } = await post<NotFound>('/api/compare', {
      [refused]: { designation: unlisted },
      [other]: { measured: { bore: '25' } },
    })
    expect(body.issues).toEqual([{ path: [refused, 'designation'], message: body.detail }])
  })

  it('a kit refuses the number and offers what may have been meant', async () => {
    const { body } = await post<{
      lines: { slot: string; state: string; reason: string; alternatives: string[] }[]
    }>('/api/kits/propose', { arrangement: 'B1', positions: 1, parts: { bearingLeft: unlisted } })
    const line = body.lines.find((l) => l.slot === 'bearingLeft')
    expect(line).toMatchObject({ state: 'gap', reason: expect.stringContaining('Did you mean') })
    expect(line?.alternatives).toContain('1601')
  })

  it('numbers by rule are unlisted parts with computed sizes, in every stage', async () => {
    const { body } = await call<{ listed: boolean; source: string; dimensions: Record<string, number> }>(
      '/api/parts?designation=62317-2RS',
    )
    expect(body).toMatchObject({ listed: false, dimensions: { bore: 85, outside: 180 } })
    expect(body.source).toBe('computed from the series, not in the catalogue')
    expect((await answerAt('/api/interchange?from=62317&to=6317')).status).toBe(200)
    const kit = await post<{ lines: { slot: string; state: string; designation: string }[] }>(
      '/api/kits/propose',
      {
        arrangement: 'B1',
        positions: 1,
        parts: { bearing: '62317-2RS' },
      },
    )
    expect(kit.body.lines.find((l) => l.slot === 'bearingLeft')).toMatchObject({
      state: 'filled',
      designation: '62317-2RS',
    })
  })

  it('a unit is listed where its insert and its housing are, with bolts and centre height; a bearing with its corner', async () => {
    const { body } = await call<Record<string, unknown>>('/api/parts?designation=UCP209-28')
    expect(body).toMatchObject({
      listed: true,
      dimensions: { bore: 44.45, outside: 85 },
      housing: { kind: 'pillow block', bolts: 2, boltSpacingMm: 146, centreHeightMm: 54 },
    })
    expect((await call<{ listed: boolean }>('/api/parts?designation=UCPH209')).body.listed).toBe(false)
    const bearing = await call<{ corner: object }>('/api/parts?designation=6212-2RS')
    expect(bearing.body.corner).toEqual({ cornerMm: 1.5, filletMm: 1.5 })
  })

  it('closed forms carry their own width, the open one beside it', async () => {
    const { body } = await call<{ dimensions: Record<string, number> }>('/api/parts?designation=R8-2RS')
    expect(body.dimensions).toMatchObject({ width: 7.938, openWidth: 6.35 })
    const decoded = await call<{ readings: { width: number; openWidth: number; repaired: unknown[] }[] }>(
      '/api/decode?text=688ZZ',
    )
    expect(decoded.body.readings[0]).toMatchObject({ width: 5, openWidth: 4, repaired: [] })
  })

  it('readings through damage say what was taken for what', async () => {
    const { body } = await call<{
      readings: { base: string; repaired: { read: string; taken: string }[] }[]
    }>('/api/decode?text=6Z05')
    expect(body.readings[0]).toMatchObject({ base: '6205', repaired: [{ at: 1, read: 'Z', taken: '2' }] })
  })
})

describe('parts of the own', () => {
  it('are kept once, found by number and sizes, and never under the number of a listed part', async () => {
    const designation = `Pier bush ${mark()}`
    const part = { designation, bore: 41.3, outside: 77.7, width: 23.9 }
    const added = await post<{ added: boolean; list: string }>('/api/parts', part)
    expect(added).toMatchObject({ status: 201, body: { added: true } })
    expect((await post<{ added: boolean }>('/api/parts', part)).body.added).toBe(false)
    const found = await call<{ base: string }>(`/api/parts?designation=${encodeURIComponent(designation)}`)
    expect(found.body.base).toBe(designation)
    expectProblem(await post('/api/parts', { ...part, designation: '6205-2RS' }), 409)
    expectProblem(await post('/api/parts', { designation: 'no size' }), 422)
    expectProblem(await post('/api/parts', { ...part, bore: 90 }), 422)
    expectProblem(await post('/api/parts', { ...part, designation: 'a\u0000b' }), 400)
  })
})

it.each(['*'.repeat(80), '?*'.repeat(40), '*1*2*3*4*5*6*7*8*9*'])('%s keeps nobody waiting', async (text) => {
  const waits = Array.from({ length: 5 }, () => post('/api/identify', { stamps: Array(10).fill({ text }) }))
  const health = await call('/api/health')
  expect(health.status).toBe(200)
  for (const answer of await Promise.all(waits)) expect(answer.status).toBeLessThan(500)
})

it.each(['62\u202E05', '62\u000005', '62\u200B05'])(
  'a hidden character in %j is refused in words',
  async (text) => {
    const answer = await post('/api/identify', { stamps: [{ text }] })
    expectProblem(answer, 400)
    expect(answer.body.detail).toContain('hidden character')
  },
)
