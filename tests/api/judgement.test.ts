import sharp from 'sharp'
import { beforeAll, describe, expect, it } from 'vitest'
import type { PhotoAnswer } from '@/contract/judgement'
import { address, call, post } from '../support/call'
import { paperText } from '../support/paper'

interface Job {
  id: number
  version: number
  title: string
}
interface Plan {
  sections: { id: string; steps: { id: string; text: string; stop?: boolean }[] }[]
  torques: { id: string; value: string; problem: string }[]
  tools: { label: string; own: string | null }[]
  rechecks: { date: string }[]
  open: string[]
}

const demo = async (title: string): Promise<number> => {
  const { body } = await call<{ items: Job[] }>('GET', '/api/jobs?limit=200')
  const found = body.items.find((j) => j.title.includes(title))
  if (!found) throw new Error(`no demo job “${title}”`)
  return found.id
}
const open = async (title: string): Promise<Job> => (await post<Job>('/api/jobs', { title })).body
const change = (job: Job, body: object) =>
  call<Job>('PATCH', `/api/jobs/${job.id}`, { version: job.version, ...body })

describe('POST /api/compare', () => {
  it('one seal against two goes; inch against metric does not', async () => {
    const goes = await post<{ verdict: string }>('/api/compare', {
      from: { designation: '6903RS' },
      to: { designation: '6903-2RS' },
    })
    expect(goes).toMatchObject({ status: 200, body: { verdict: 'goes' } })
    const not = await post<{ verdict: string }>('/api/compare', {
      from: { measured: { bore: '1', outside: '2 in', width: '9/16' } },
      to: { designation: '6205' },
    })
    expect(not.body.verdict).toBe('doesNotGo')
  })
  it.each([
    [{ from: {}, to: {} }, 422, /Nothing to compare/],
    [{ from: { designation: 'no such thing 1' }, to: {} }, 404, /not in the catalogue/],
    [{ from: { measured: { bore: 'wide' } }, to: {} }, 400, /bore/],
    [{ from: { features: { lugs: '5' } }, to: {} }, 400, /features/],
  ])('%j: %d', async (body, status, message) => {
    const answer = await post('/api/compare', body)
    expect(answer.status).toBe(status)
    expect(answer.body.detail).toMatch(message)
  })
})

describe('/api/inspect', () => {
  it('lists what it tells apart, and judges by it', async () => {
    const guide = await call<{ damage: { id: string; parts: string[] }[] }>('GET', '/api/inspect')
    expect(guide.body.damage.length).toBeGreaterThan(25)
    const { body } = await post<{ run: string; causes: { id: string }[] }>('/api/inspect', {
      seen: [{ part: 'bearing', damage: 'fluting', severity: 'marked' }],
      tags: ['fast'],
    })
    expect(body).toMatchObject({ run: 'notUntilRepaired' })
    expect(body.causes[0]?.id).toBe('current')
  })
  it('tells where on a ring it was seen, and refuses an hour that no clock has', async () => {
    const found = (hour: number) =>
      post<{ parts: { findings: string[] }[] }>('/api/inspect', {
        seen: [{ part: 'race', damage: 'spalling', severity: 'marked', at: [6, hour] }],
      })
    expect((await found(7)).body.parts.flatMap(({ findings }) => findings)).toContain(
      'Spalling from 6 to 7 o’clock',
    )
    const { status, body } = await found(13)
    expect([status, body.detail]).toEqual([400, expect.stringContaining('An hour is 1 to 12.')])
  })
  it.each([
    [{ designation: '22208' }, true],
    [{ designation: '3207' }, true],
    [{ designation: '6207' }, false],
    [{ designation: '32207' }, false],
    [{ arrangement: 'D1' }, true],
    [{ arrangement: 'G1', designation: '2207' }, true],
    [{ arrangement: 'A1' }, false],
    [{}, false],
  ])('%j: two rows %s', async (of, doubleRow) => {
    const { body } = await post<{ doubleRow: boolean; parts: { findings: string[] }[] }>('/api/inspect', {
      ...of,
      seen: [{ part: 'bearing', damage: 'spalling', severity: 'trace', row: 'outboard', at: [6] }],
    })
    expect(body.doubleRow).toBe(doubleRow)
    expect(body.parts[0]?.findings).toEqual(['Spalling on the outboard row, at 6 o’clock'])
  })
  it('a finding nobody knows is refused in words', async () => {
    const { status, body } = await post('/api/inspect', {
      seen: [{ part: 'seal', damage: 'fluting', severity: 'marked' }],
    })
    expect(status).toBe(400)
    expect(body.detail).toContain('no finding “fluting” of the seal')
  })
})

describe('what is looked for follows the bearing that was decided', () => {
  it.each([
    ['HK2016', 'shaftTrack', 'shaftWorn'],
    ['KR35', 'treadFlat', 'shaftTrack'],
    ['51206', 'washerRubbed', 'treadFlat'],
    ['SI17ES', 'neckCracked', 'spalling'],
    ['6205-2RS', 'shaftWorn', 'washerRubbed'],
  ])('%s: %s, not %s', async (designation, looked, not) => {
    const { body } = await post<{ damage: string[] }>('/api/inspect', { seen: [], designation })
    expect(body.damage).toContain(looked)
    expect(body.damage).not.toContain(not)
  })
})

describe('fits beyond one ring', () => {
  const ask = { ring: 'inner', class: 'k5', bore: 25, outside: 52, width: 15, family: 'deep-groove' }
  it('tells the usual class, the clearance from new to warm, sleeve and rod', async () => {
    const { body } = await post<{
      recommended: { class: string }
      stages: { fresh: { min: number }; warm: { max: number } }
      tools: { sleeve: { insideMm: number } }
    }>('/api/fits/check', { ...ask, use: { rotatingRing: 'outer' }, otherClass: 'N7', innerHotterK: 10 })
    expect(body.recommended.class).toBe('g6')
    expect(body.stages.fresh.min).toBe(5)
    expect(body.stages.warm.max).toBeCloseTo(20 - 0.8 * 2 - 4.62, 1)
    expect(body.tools.sleeve.insideMm).toBe(25.5)
  })
  it('on a sleeve the nut takes the clearance, not the fit of the shaft under it', async () => {
    const sleeve = { ring: 'inner', class: 'h9', bore: 65, outside: 120, width: 31, kind: 'onSleeve' }
    const stagesOf = async (family: string) =>
      (await post<{ stages: unknown }>('/api/fits/check', { ...sleeve, family })).body.stages
    expect(await stagesOf('spherical')).toMatchObject({
      fresh: { min: 55, max: 75 },
      mounted: { min: 25, max: 35 },
      drawnUp: { min: 30, max: 40 },
    })
    expect(await stagesOf('self-aligning')).toBeNull()
  })
  it('readings in mixed units and a wild one lose nothing', async () => {
    const { body } = await post<{ seat: { verdict: string }; advice: string[] }>('/api/fits/check', {
      ring: 'outer',
      class: 'N7',
      bore: 30,
      outside: 62,
      width: 16,
      readings: [
        { at: 12, value: 61.975 },
        { at: 3, value: '2.43984 in' },
        { at: 6, value: 2.43988 },
        { at: 9, value: 16.2 },
      ],
    })
    expect(body.seat.verdict).toBe('good')
    expect(body.advice.join(' ')).toMatch(/taken as inches.*set aside/s)
  })
  it('a class of the other ring that does not exist is refused', async () => {
    const { status, body } = await post('/api/fits/check', { ...ask, otherClass: 'Q7' })
    expect(status).toBe(422)
    expect(body.detail).toContain('Q7')
  })
})

describe('spacing, grease, life', () => {
  it('a short spacer loads sideways', async () => {
    const { body } = await post<{ pair: { verdict: string }; axle: { toward: string } }>('/api/spacing', {
      pair: { shoulders: '46', spacer: '45.7 mm' },
      axle: { left: 30, right: 31 },
    })
    expect(body).toMatchObject({ pair: { verdict: 'sideLoad' }, axle: { toward: 'right' } })
  })
  it('lengths of one form are read together: an inch spacer between inch shoulders, an inch shim in an inch stack', async () => {
    const { body } = await post<{ pair: { nominalMm: number }; stack: { nominalMm: number } }>(
      '/api/spacing',
      {
        pair: { shoulders: '1.8125', spacer: '1.8085' },
        stack: [
          { sign: 1, length: '1.8125' },
          { sign: -1, length: '.012' },
        ],
      },
    )
    expect(body.pair.nominalMm).toBeCloseTo(-0.1016, 3)
    expect(body.stack.nominalMm).toBeCloseTo(45.7327, 3)
    const hollow = { ring: 'inner', class: 'k5', bore: '1.25', outside: '2.5', width: '.625' }
    const fit = await post<{ interference: { mean: number } }>('/api/fits/check', {
      ...hollow,
      hollow: '.75',
    })
    const same = await post('/api/fits/check', {
      ...hollow,
      bore: 31.75,
      outside: 63.5,
      width: 15.875,
      hollow: 19.05,
    })
    expect(fit.body).toEqual(same.body)
  })
  it('grease: a slow wheel is packed full, a sealed bearing gets none, lithium and polyurea clash', async () => {
    const { body } = await post<{
      practice: string
      bearings: { grams: number }[]
      mixing: { result: string }
    }>('/api/grease', {
      bearings: ['L44643/L44610', '6205-2RS'],
      wheel: { kmh: 10, tyre: '16 in' },
      thickeners: { old: 'lithium', new: 'polyurea' },
    })
    expect(body).toMatchObject({ practice: 'hubFull', mixing: { result: 'clash' } })
    expect(body.bearings[0]?.grams).toBeGreaterThan(3)
    expect(body.bearings[1]?.grams).toBe(0)
  })
  it('life: typical ratings are marked as such, unknown loads give the load for the life', async () => {
    const { body } = await post<{ rating: { from: string }; hours: number | null; loadForWantedKn: number }>(
      '/api/life',
      { designation: '6205', rpm: 300 },
    )
    expect(body.rating.from).toContain('typical')
    expect(body.hours).toBeNull()
    expect(body.loadForWantedKn).toBeCloseTo(2.48, 2)
  })
  it('life by kind: a thrust bearing refuses a radial load, an angular one asks for its angle', async () => {
    const answerTo = async (input: object) =>
      (
        await post<{ detail?: string; equivalentKn?: number }>('/api/life', {
          rpm: 300,
          cKn: 20,
          c0Kn: 15,
          ...input,
        })
      ).body
    expect((await answerTo({ designation: '51105', radialKn: 1, axialKn: 2 })).detail).toMatch(
      /no radial load/,
    )
    expect((await answerTo({ designation: '7205', radialKn: 1, axialKn: 2 })).detail).toMatch(/contact angle/)
    expect((await answerTo({ designation: '7205B', radialKn: 2, axialKn: 4 })).equivalentKn).toBeCloseTo(
      2.98,
      2,
    )
    expect((await answerTo({ designation: '22206', radialKn: 10, axialKn: 3 })).equivalentKn).toBeCloseTo(
      16.5,
      0,
    )
  })
  it.each([
    ['/api/life', { designation: '32005X', rpm: 300 }, 422, /No rating/],
    ['/api/life', { designation: '6205', rpm: 0 }, 400, /larger than zero/],
    ['/api/grease', { bearings: [] }, 400, /at least one bearing/],
    [
      '/api/grease',
      { bearings: ['6205'], cavity: { length: 40, inner: 60, outer: 50 } },
      422,
      /smaller outside/,
    ],
    ['/api/spacing', { pair: { shoulders: 'far', spacer: 45 } }, 400, /shoulders/],
    ['/api/adjust/endplay', { pitchMm: 0, degrees: 90, slots: 6 }, 400, /larger than zero/],
    ['/api/convert', { kind: 'bushToBall', seats: [] }, 400, /at least one end/],
    [
      '/api/convert',
      { kind: 'bushToBall', seats: [{ shaft: 30, housing: 20, width: 5 }] },
      422,
      /not smaller/,
    ],
    [
      '/api/convert',
      { kind: 'bushToBall', seats: [{ shaft: 25, housing: 52, width: 15 }], chosen: ['9'] },
      422,
      /does not fit/,
    ],
  ])('%s %j: %d', async (path, body, status, message) => {
    const answer = await post(path, body)
    expect(answer.status).toBe(status)
    expect(answer.body.detail).toMatch(message)
  })
})

describe('a conversion becomes a kit', () => {
  it('tapered to ball: B1 with the bearings that fit and the spacer', async () => {
    const { body } = await post<{ kit: object; changes: { what: string }[] }>('/api/convert', {
      kind: 'taperedToBall',
      seats: [{ shaft: 25, housing: 52, width: 16.25 }],
      shoulders: 40,
      positions: 2,
      load: { radialKn: 0.8, rpm: 150 },
    })
    expect(body.kit).toMatchObject({
      arrangement: 'B1',
      parts: { bearingLeft: '6205-2RS' },
      sizes: { spacerLength: 40 },
    })
    expect(body.changes.map((c) => c.what)).toContain('Fastener')
    const proposed = await post<{ lines: { slot: string; designation: string }[] }>(
      '/api/kits/propose',
      body.kit,
    )
    expect(proposed.body.lines.find((l) => l.slot === 'bearingRight')?.designation).toBe('6205-2RS')
  })
})

// Common practice: bearings between a spacer and a nut are B1, loose on a dead axle C1; tapered ones take the place of a pair.
it.each([
  ['bushToBall', undefined, 'C1'],
  ['bushToBall', true, 'B1'],
  ['taperedToBall', undefined, 'B1'],
  ['taperedToBall', false, 'C1'],
  ['ballToTapered', undefined, 'A1'],
])(
  '%s, clamped %s: its kit is %s, and the swap of the whole assembly stands beside it',
  async (kind, clamped, arrangement) => {
    const { body } = await post<{
      kit: object
      assembly: { parts: string[]; mustMatch: string[]; lost: string[] }
    }>('/api/convert', {
      kind,
      clamped,
      seats: [{ shaft: 25, housing: 52, width: 15 }],
      load: { radialKn: 0.4, rpm: 100 },
    })
    expect(body.kit).toMatchObject({ arrangement })
    for (const list of [body.assembly.parts, body.assembly.mustMatch, body.assembly.lost])
      expect(list.length).toBeGreaterThan(0)
  },
)

it('a tapered pair without a known load is not given up unasked', async () => {
  const { body } = await post<{ kit: object | null; seats: { chosen: string | null }[] }>('/api/convert', {
    kind: 'taperedToBall',
    seats: [{ shaft: 25, housing: 52, width: 16.25 }],
  })
  expect(body).toMatchObject({ kit: null, seats: [{ chosen: null }] })
})

describe('the plan', () => {
  it.each([
    ['coach 1', 'A1', 'mount.innerCone.pack'],
    ['cart 1', 'B2', 'mount.retainer'],
    ['hauler', 'D1', 'mount.hubUnit.hub'],
  ])('of %s (%s) holds %s and prints within the limit of pages', async (title, _, step) => {
    const id = await demo(title)
    const { status, body } = await call<Plan>('GET', `/api/jobs/${id}/plan`)
    expect(status).toBe(200)
    expect(body.sections.flatMap((s) => s.steps.map((x) => x.id))).toContain(step)
    const card = await fetch(`${address}/api/jobs/${id}/card.pdf`)
    expect(card.headers.get('content-type')).toBe('application/pdf')
    const bytes = Buffer.from(await card.arrayBuffer())
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-')
    expect((bytes.toString('latin1').match(/\/Type \/Page\b/g) ?? []).length).toBeLessThanOrEqual(4)
  })
  it('only the unit with a magnet speaks of it', async () => {
    const said = async (title: string) =>
      JSON.stringify((await call<Plan>('GET', `/api/jobs/${await demo(title)}/plan`)).body)
    expect(await said('hauler')).toContain('magnetic encoder side')
    expect(await said('coach 1')).not.toMatch(/encoder|paper clip|sensor/)
  })
  it('torque in both units, a wrong unit in words, a lost seat stops it', async () => {
    const job = await open('Pump, spare hub')
    const kit = {
      arrangement: 'D1',
      positions: 1,
      parts: { hubUnit: '39x72x37', axleNut: 'axle nut M24x1.5' },
      sizes: {},
    }
    const seats = { 'hubUnit:outer': { class: 'N7', readings: '12 72.10\n3 72.12\n6 72.10\n9 72.11' } }
    const first = await change(job, {
      kit,
      fitting: { seats, torques: { axleNut: { value: '81 lbf ft', page: '12' } } },
    })
    const plan = await call<Plan>('GET', `/api/jobs/${job.id}/plan`)
    expect(plan.body.torques).toEqual([
      expect.objectContaining({ id: 'axleNut', value: '109.8 N·m (81 lbf·ft)', problem: '' }),
    ])
    expect(plan.body.sections.flatMap((s) => s.steps).some((s) => s.stop)).toBe(true)
    expect(plan.body.open.join(' ')).toContain('repair or renew')
    await change(first.body, {
      fitting: {
        seats,
        torques: {
          axleNut: { value: '110 kg' },
          'free.1': { label: 'Brake bracket', value: '47 Nm', page: '9' },
        },
      },
    })
    const wrong = await call<Plan>('GET', `/api/jobs/${job.id}/plan`)
    // A fastener that no place of the kit holds has a row of its own.
    expect(wrong.body.torques[1]).toMatchObject({
      id: 'free.1',
      label: 'Brake bracket',
      value: expect.stringMatching(/^47 N·m/) as string,
    })
    expect(wrong.body.torques[0]).toMatchObject({
      value: '',
      problem: expect.stringContaining('no unit of torque') as string,
    })
  })
  it('what was found on a bearing that comes new is settled once the card is signed, on the card too', async () => {
    const job = await open('Gangway roller, jockey wheel')
    const run = async () => (await call<Plan & { run: string }>('GET', `/api/jobs/${job.id}/plan`)).body
    const first = await change(job, {
      kit: { arrangement: 'B4', positions: 1, parts: { bearingRight: '6201-2RS' }, sizes: {} },
      inspection: { seen: [{ part: 'bearing', damage: 'spalling', severity: 'severe' }] },
    })
    expect(first.status).toBe(200)
    expect((await run()).open.join(' ')).toContain('does not run until')
    await change(first.body, { fitting: { signed: { who: 'AB', at: '2026-05-01T08:00' } } })
    expect((await run()).run).toBe('yes')
    expect((await run()).open.join(' ')).not.toContain('does not run until')
  })
  it('what a hub is made of is asked once: all its rings follow, on the seats and on the card', async () => {
    const job = await open('Winch, spare drum end')
    const kit = {
      arrangement: 'A1',
      positions: 1,
      parts: { innerBearing: '30207', outerBearing: 'LM12749/LM12710' },
      sizes: {},
    }
    type Seats = {
      seats: { slot: string; ring: string; material: string | null; recommended: { class: string } }[]
    }
    const outer = async () =>
      (await call<Seats>('GET', `/api/jobs/${job.id}/seats`)).body.seats.filter(
        ({ ring }) => ring === 'outer',
      )
    const stored = await change(job, { kit })
    expect((await outer()).map((s) => [s.slot, s.material, s.recommended.class])).toEqual([
      ['innerCup', null, 'N7'],
      ['outerCup', null, 'N7'],
    ])
    await change(stored.body, { fitting: { materials: { hub: 'aluminium' } } })
    expect((await outer()).map((s) => [s.slot, s.material, s.recommended.class])).toEqual([
      ['innerCup', 'aluminium', 'P7'],
      ['outerCup', 'aluminium', 'P7'],
    ])
    const card = JSON.stringify((await call<Plan>('GET', `/api/jobs/${job.id}/plan`)).body)
    expect(card).not.toContain('nobody has said what it is made of')
  })
  it('grease in strokes of the own gun, once it was weighed; units are not packed', async () => {
    const before = await call<object>('GET', '/api/settings')
    const input = { bearings: ['6205', 'UC205', '34x64x37'], rpm: 300 }
    type Grease = { strokes: number | null; total: { grams: number }; bearings: { sealed: boolean }[] }
    expect((await post<Grease>('/api/grease', input)).body).toMatchObject({
      strokes: null,
      bearings: [{ sealed: false }, { sealed: true }, { sealed: true }],
    })
    try {
      await call('PUT', '/api/settings', { ...before.body, gunGrams: 0.5 })
      const { strokes, total } = (await post<Grease>('/api/grease', input)).body
      expect(strokes).toBe(Math.round(total.grams / 0.5))
    } finally {
      await call('PUT', '/api/settings', before.body)
    }
  })
  it('the shop decides between feel and dial, and its toolbox is picked from', async () => {
    const id = await demo('coach 1')
    const before = await call<object>('GET', '/api/settings')
    const has = async (step: string) =>
      (await call<Plan>('GET', `/api/jobs/${id}/plan`)).body.sections
        .flatMap((s) => s.steps)
        .some((s) => s.id === step)
    expect(await has('adjust.feel')).toBe(false)
    await call('PUT', '/api/settings', { ...before.body, practices: { adjustment: 'feel' } })
    expect(await has('adjust.feel')).toBe(true)
    await call('PUT', '/api/settings', before.body)
    const { body } = await call<Plan>('GET', `/api/jobs/${id}/plan`)
    expect(body.tools.find((t) => t.label.startsWith('Socket'))?.own).toBe('Socket 1 1/8 in')
  })
  it('a job without a kit has no plan, and says what to do', async () => {
    const job = await open('Nothing yet')
    const { status, body } = await call('GET', `/api/jobs/${job.id}/plan`)
    expect(status).toBe(404)
    expect(body.detail).toContain('Choose an arrangement first')
  })
  it('a toolbox with sizes the wrong way round is refused', async () => {
    const { status, body } = await call('PUT', '/api/toolbox', {
      tools: [{ kind: 'socket', label: 'x', from: 30, to: 20 }],
    })
    expect(status).toBe(400)
    expect(body.detail).toContain('smallest size')
  })
})

describe('photographs', () => {
  let job: Job
  beforeAll(async () => {
    job = await open('Photographs')
  })
  const send = async (bytes: Uint8Array, type = 'image/jpeg') => {
    const response = await fetch(`${address}/api/jobs/${job.id}/photos?about=bearing&name=ring.jpg`, {
      method: 'POST',
      headers: { 'content-type': type },
      body: new Uint8Array(bytes),
    })
    return {
      status: response.status,
      body: (await response.json()) as { id: number; width: number; detail: string },
    }
  }
  it('are turned upright, made smaller, and lose place and camera', async () => {
    const taken = await sharp({ create: { width: 2400, height: 1200, channels: 3, background: '#a06030' } })
      .withExif({
        IFD0: { Make: 'Pier camera', Copyright: 'somebody' },
        IFD3: { GPSLatitude: '51/1 30/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    expect((await sharp(taken).metadata()).exif).toBeDefined()
    const { status, body } = await send(taken)
    expect(status).toBe(201)
    const stored = Buffer.from(
      await (await fetch(`${address}/api/jobs/${job.id}/photos/${body.id}`)).arrayBuffer(),
    )
    const { exif, width, height, format } = await sharp(stored).metadata()
    expect(exif).toBeUndefined()
    expect([format, width, height]).toEqual(['jpeg', 800, 1600])
    expect(stored.includes('Pier camera')).toBe(false)
  })
  it.each([
    ['text that says it is a picture', Buffer.from('not a picture at all'), 'image/png', 400],
    [
      'a drawing with scripts',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'),
      'image/svg+xml',
      400,
    ],
    ['a picture sent as text', Buffer.from('x'), 'text/plain', 415],
    ['too much', Buffer.alloc(9 * 1024 * 1024), 'image/jpeg', 413],
  ])('%s is refused in words', async (_, bytes, type, status) => {
    const answer = await send(bytes, type)
    expect(answer.status).toBe(status)
    expect(answer.body.detail.length).toBeGreaterThan(10)
  })
  it('are marked; who marks on what is gone is told, and nothing is lost', async () => {
    const list = await call<{ photos: PhotoAnswer[] }>('GET', `/api/jobs/${job.id}/photos`)
    const id = list.body.photos[0]?.id ?? 0
    const path = `/api/jobs/${job.id}/photos/${id}`
    const mark = (was: object[], marks: object[], to = path) => call<PhotoAnswer>('PATCH', to, { was, marks })
    expect(list.body.photos[0]?.marks).toEqual([])
    const first = { x: 0.25, y: 1, text: 'spall in the load zone' }
    const second = { x: 0, y: 0.5, text: '' }
    expect((await mark([], [first])).body.marks).toEqual([first])
    const late = await call<{ current: PhotoAnswer }>('PATCH', path, { was: [], marks: [second] })
    expect(late.status).toBe(409)
    expect(late.body.current.marks).toEqual([first])
    expect((await mark([first], [first, second])).body.marks).toEqual([first, second])
    for (const wrong of [
      [{ ...first, x: 1.01 }],
      [{ ...first, y: -0.01 }],
      [{ ...first, text: 'x'.repeat(81) }],
      Array.from({ length: 13 }, () => first),
    ])
      expect((await mark([first, second], wrong)).status).toBe(400)
    expect((await mark([], [], `/api/jobs/${job.id}/photos/999999999`)).status).toBe(404)
    expect((await mark([], [], `/api/jobs/${job.id + 1}/photos/${id}`)).status).toBe(404)
  })
  it('are on the job card with what is pointed at', async () => {
    const version = (await call<Job>('GET', `/api/jobs/${job.id}`)).body.version
    const kit = { arrangement: 'C1', positions: 1, parts: {}, sizes: {} }
    expect((await call('PATCH', `/api/jobs/${job.id}`, { version, kit })).status).toBe(200)
    const text = await paperText(await fetch(`${address}/api/jobs/${job.id}/card.pdf`), true)
    expect(text).toContain('Photographs')
    expect(text).toContain('bearing, ring.jpg')
    expect(text).toContain('1 spall in the load zone')
    expect(text).toContain('2 marked')
  })
  it('a paper gives each figure in inches too when that is asked for', async () => {
    const list = async (units: string) =>
      (await paperText(await fetch(`${address}/api/jobs/201/kit.pdf${units}`), false)).replace(/\s+/g, ' ')
    expect(await list('')).toContain('Driver 58.6 mm for LM67010')
    expect(await list('?units=in')).toContain('Driver 58.6 mm (2.307 in) for LM67010')
    expect((await fetch(`${address}/api/jobs/201/card.pdf?units=in`)).status).toBe(200)
    for (const paper of ['card.pdf', 'kit.pdf']) {
      const refused = await fetch(`${address}/api/jobs/201/${paper}?units=cubits`)
      expect(refused.status).toBe(400)
      expect(await refused.text()).toContain('Units: give')
    }
  })
  it('belong to their job, and can be taken away', async () => {
    const list = await call<{ photos: { id: number }[] }>('GET', `/api/jobs/${job.id}/photos`)
    const id = list.body.photos[0]?.id ?? 0
    expect((await fetch(`${address}/api/jobs/${job.id + 1}/photos/${id}`)).status).toBe(404)
    expect((await call('DELETE', `/api/jobs/${job.id}/photos/${id}`)).body).toEqual({ removed: true })
    expect((await call('DELETE', `/api/jobs/${job.id}/photos/${id}`)).status).toBe(404)
  })
})

/** Bodies that are right; each test spoils one value in them. */
const RIGHT: Record<string, object> = {
  '/api/compare': {
    from: { designation: '6205', measured: { bore: 25 }, features: { lugCount: '5' } },
    to: { designation: '6205-2RS' },
    application: { rpm: 300 },
  },
  '/api/inspect': {
    seen: [{ part: 'bearing', damage: 'corrosion', severity: 'trace' }],
    tags: ['washed'],
    age: 'new',
  },
  '/api/fits/check': {
    ring: 'inner',
    class: 'k5',
    bore: 25,
    outside: 52,
    width: 15,
    readings: [{ at: 12, depth: 'front', value: 25 }],
    hollow: 10,
    use: { rotatingRing: 'inner', load: 'heavy' },
    otherClass: 'H7',
    innerHotterK: 10,
  },
  '/api/adjust/endplay': {
    pitchMm: 1.8,
    degrees: 90,
    slots: 6,
    crossHoles: 2,
    target: { min: 0.02, max: 0.2 },
    offsetDegrees: 10,
  },
  '/api/spacing': {
    pair: { shoulders: 46, spacer: 46, shouldersOff: 0.1 },
    stack: [{ label: 'a', sign: 1, length: 5, plus: 0, minus: 0 }],
    axle: { left: 3, right: 4 },
    depths: [{ what: 'cup', before: 4, after: 5 }],
  },
  '/api/grease': {
    bearings: ['6205'],
    cavity: { length: 4, inner: 5, outer: 6 },
    lips: [42],
    rpm: 300,
    practice: 'hubFull',
    thickeners: { old: 'lithium', new: 'clay' },
  },
  '/api/life': {
    designation: '6205',
    rpm: 300,
    radialKn: 1,
    axialKn: 0.5,
    wantedHours: 5000,
    reliability: 95,
  },
  '/api/convert': {
    kind: 'bushToBall',
    seats: [{ shaft: 25, housing: 52, width: 15 }],
    shoulders: 40,
    positions: 2,
  },
}
const SPOILT = [
  null,
  -1,
  0,
  1e308,
  '',
  'x'.repeat(5000),
  '25,4 parsec',
  [],
  {},
  true,
  '__proto__',
  '1/0',
  '\u0000',
]

/** Every place in a body that holds a value, as a path. */
function arrayPaths(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [path]
  return [
    path,
    ...Object.entries(value).flatMap(([key, inner]) =>
      arrayPaths(inner, [...path, Array.isArray(value) ? Number(key) : key]),
    ),
  ]
}
function spoil(value: unknown, [first, ...rest]: (string | number)[], by: unknown): unknown {
  if (first === undefined) return by
  if (Array.isArray(value))
    return value.map((inner: unknown, i) => (i === first ? spoil(inner, rest, by) : inner))
  return { ...(value as object), [first]: spoil((value as Record<string, unknown>)[first], rest, by) }
}

describe('bad input is refused in words, whatever is spoilt in it', () => {
  it.each(Object.keys(RIGHT))('%s', async (path) => {
    const right = RIGHT[path]
    expect((await post(path, right)).status, 'the right one').toBe(200)
    const bodies = arrayPaths(right).flatMap((at) => SPOILT.map((by) => spoil(right, at, by)))
    expect(bodies.length).toBeGreaterThan(50)
    for (let i = 0; i < bodies.length; i += 12) {
      const some = bodies.slice(i, i + 12)
      const answers = await Promise.all(some.map((body) => post(path, body)))
      answers.forEach(({ status, body }, k) => {
        expect(status, JSON.stringify(some[k]).slice(0, 300)).toBeLessThan(500)
        if (status >= 400)
          expect(body.detail?.length, JSON.stringify(some[k]).slice(0, 300)).toBeGreaterThan(5)
      })
    }
  })
})
