import { describe, expect, it } from 'vitest'
import { NOTHING_SAID } from '../../../tests/support/planFacts'
import { shippedKnowledge } from '../../../tests/support/shipped'
import { arrangementOf, ARRANGEMENTS, proposeKit, type KitRequest } from '../kit'
import { hubHeatCaution } from './attachments'
import { makePlan } from './makePlan'
import type { Plan, PlanFacts, SeatFit } from './plan'
import { driftThrough } from './reach'
import { CAREFUL, SCHOOL_NAMES, schoolNote, SCHOOLS } from './schools'
import { pickTools, type WantedTool } from './tools'

const TIGHT: SeatFit = {
  slot: '',
  ring: 'outer',
  class: 'N7',
  min: -4,
  max: 39,
  celsius: 98,
  byHeat: true,
  heatAdvice:
    'Heat the hub to about 100 °C by hot air, plate or induction, never with a flame; at most 150 °C.',
  forceKn: 12,
  sleeve: { insideMm: 54, outsideMm: 61.5 },
  rod: { thread: 'M16', overMm: 62 },
}

function plan(code: string, request: Partial<KitRequest> = {}, more: Partial<PlanFacts> = {}): Plan {
  const arrangement = arrangementOf(code)
  const kit = proposeKit(arrangement, { positions: 2, parts: {}, sizes: {}, ...request }, shippedKnowledge)
  return makePlan({
    arrangement,
    kit,
    ...NOTHING_SAID,
    encoder: false,
    ...more,
  })
}

const A1: Partial<KitRequest> = {
  parts: { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' },
  sizes: { sealShaft: 42, sealHousing: 62, sealWidth: 8, cavityLength: 48, hubMouth: 45.24 },
  thread: '3/4-16',
}
const B2: Partial<KitRequest> = { parts: { bearing: '6004-2RS' }, sizes: { spacerLength: 38 } }
const D1: Partial<KitRequest> = { parts: { hubUnit: '39x72x37', axleNut: 'axle nut M24x1.5' } }

const stepsOf = ({ sections }: Plan) => sections.flatMap((s) => s.steps)
const order = (p: Plan, ...ids: string[]) => {
  const places = ids.map((id) => stepsOf(p).findIndex((step) => step.id === id))
  expect(places, ids.join(' < ')).not.toContain(-1)
  expect(places, ids.join(' < ')).toEqual([...places].sort((a, b) => a - b))
}
const all = (p: Plan) =>
  stepsOf(p)
    .map((s) => `${s.words} ${s.tool ?? ''} ${s.caution ?? ''}`)
    .join('\n')

const C2: Partial<KitRequest> = { parts: { bearingRear: '629-2RS', bearingFront: '628-2RS' } }

describe('what goes in by thumb (common practice)', () => {
  const TYPED_TIGHT = ['bearingRear', 'bearingFront'].map((slot) => ({ ...TIGHT, slot }))
  it('wants nothing that presses, heats or pulls, whatever class was typed', () => {
    for (const driving of ['press', 'hammer'] as const) {
      const { tools } = plan('C2', C2, { fits: TYPED_TIGHT, schools: { ...CAREFUL, driving } })
      const kinds = tools.map(({ kind }) => kind)
      for (const kind of ['sleeve', 'press', 'heater', 'puller', 'blindPuller', 'brassDrift', 'receiver'])
        expect(kinds).not.toContain(kind)
      expect(tools.find(({ kind }) => kind === 'boreGauge')?.improvise).toContain('must slide in by hand')
    }
    const wheel = plan('B2', B2, { fits: [{ ...TIGHT, slot: 'bearingLeft' }] }).tools
    expect(wheel.find(({ kind }) => kind === 'boreGauge')?.improvise).toContain('must not drop in by hand')
  })
  it('is no driver in the kit either; the same bearings in a wheel want one', () => {
    const tools = (code: string, request: Partial<KitRequest>) =>
      proposeKit(arrangementOf(code), { positions: 1, parts: {}, sizes: {}, ...request }, shippedKnowledge)
        .tools
    expect(tools('C2', C2).filter((tool) => tool.startsWith('Driver'))).toEqual([])
    expect(tools('F1', { parts: { insert: 'UC205' } }).filter((t) => t.startsWith('Driver'))).toEqual([])
    expect(tools('C1', { parts: { bearing: '629-2RS' } }).join()).toContain('Driver 25.5 mm for 629')
  })
})

it('a press is half as strong again as the ring wants, none for a ring of one kilonewton', () => {
  const presses = (forceKn: number) =>
    plan('B2', B2, { fits: [{ ...TIGHT, slot: 'bearingLeft', forceKn }] })
      .tools.filter(({ kind }) => kind === 'press')
      .map(({ words }) => words)
  expect(presses(12)).toEqual(['Press, at least 18 kN'])
  expect(presses(1.01)).toEqual(['Press, at least 2 kN'])
  expect(presses(1)).toEqual([])
})

it('five things to look at next are named, not more', () => {
  const step = stepsOf(plan('B2', B2, { checkNext: ['A.', 'B.', 'C.', 'D.', 'E.', 'F.'] }))
  expect(step.find(({ code }) => code === 'lookAlso')?.words).toBe('Look also: A. B. C. D. E.')
})

/** Runs of three words that stand twice in a text, small letters and marks aside. */
function saidTwice(text: string): string[] {
  const words = text.toLowerCase().match(/[a-z]+/g) ?? []
  const runs = words.slice(2).map((_, i) => words.slice(i, i + 3).join(' '))
  return runs.filter((run, i) => runs.indexOf(run) !== i)
}

it.each([...ARRANGEMENTS.keys()])('%s: no step says the same twice', (code) => {
  const twice = stepsOf(plan(code)).flatMap(({ id, words }) => saidTwice(words).map((run) => [id, run]))
  expect(twice).toEqual([])
})

describe('order of work (common practice)', () => {
  it('A1: record first, cups before cones, inner bearing before its seal, nut, play, pin, cap last of the parts', () => {
    order(
      plan('A1', A1),
      'removal.record',
      'clean.parts',
      'mount.innerCup',
      'mount.innerCone.pack',
      'mount.innerCone',
      'mount.seal',
      'mount.hub',
      'mount.outerCone',
      'mount.washer',
      'mount.castleNut',
      'adjust.measured',
      'finish.cotterPin',
      'finish.cap',
      'finish.spin',
    )
  })
  it('B2: spacer before the second side, both bearings of it before the retainer', () => {
    const p = plan('B2', B2)
    order(
      p,
      'mount.bearingLeft',
      'mount.spacerTube',
      'mount.bearingRight',
      'mount.bearingRightSecond',
      'mount.retainer',
    )
    order(p, 'removal.retainer', 'removal.bearingLeft')
    const second = stepsOf(p).find((s) => s.id === 'mount.bearingRightSecond')
    expect(second?.words).toContain('against the one before it')
  })
  it('A3: the dry trial before the grease, nothing set by the nut, which is fully tight', () => {
    const p = plan('A3', { ...A1, parts: { innerBearing: '30206', outerBearing: '30205' } })
    order(
      p,
      'mount.outerCup',
      'mount.trial',
      'mount.innerCone.pack',
      'mount.collar',
      'mount.outerCone',
      'torque.clampingNut',
      'adjust.clamped',
      'finish.cap',
    )
    expect(p.torques.map((t) => t.words)).toEqual(['Nut, fully tight'])
  })
  it('A4: wheel nuts cracked first and tightened last, the inner nut set and not tightened, the tab bent after the outer one', () => {
    const p = plan('A4', { ...A1, parts: { innerBearing: '32007X', outerBearing: 'LM67048/LM67010' } })
    order(
      p,
      'ground.wheelNuts',
      'removal.wheelNuts',
      'removal.outerRingNut',
      'removal.innerRingNut',
      'mount.innerRingNut',
      'mount.tabWasher',
      'adjust.measured',
      'torque.outerRingNut',
      'finish.tabWasher',
      'finish.wheelNuts',
    )
    expect(stepsOf(p).some((s) => s.id === 'torque.innerRingNut')).toBe(false)
  })
  it('C2: by thumb, no press and no heat; the pin after both', () => {
    const p = plan('C2', { parts: { bearingRear: '6000-2RS', bearingFront: '688ZZ' } })
    order(p, 'mount.bearingRear', 'mount.bearingFront', 'mount.pin')
    for (const id of ['mount.bearingRear', 'mount.bearingFront'])
      expect(stepsOf(p).find((s) => s.id === id)).toMatchObject({
        id,
        words: expect.stringContaining('by thumb'),
        place: id.slice(6),
      })
  })
  it('B4: the axle before the second bearing, set by its cone', () => {
    const p = plan('B4', { parts: { bearing: '6001-2RS' } })
    order(
      p,
      'mount.bearingLeft',
      'mount.axle',
      'mount.bearingRight',
      'mount.endRight',
      'mount.lockNutRight',
      'adjust.cones',
    )
  })
  it('the side with the locating shoulder goes first, whichever it is', () => {
    order(
      plan('B1', B2, { firstSide: 'right' }),
      'mount.bearingRight',
      'mount.spacerTube',
      'mount.bearingLeft',
    )
    order(
      plan('B1', B2, { firstSide: 'left' }),
      'mount.bearingLeft',
      'mount.spacerTube',
      'mount.bearingRight',
    )
  })
  it('D1: unit, snap ring, hub with the inner ring supported, axle nut', () => {
    const p = plan('D1', D1)
    order(p, 'mount.hubUnit', 'mount.snapRing', 'mount.hubUnit.hub', 'mount.axleNut')
    expect(all(p)).toContain('support the inner ring')
  })
})

describe('what is there is mentioned, what is not is not', () => {
  it('a magnetic encoder: its side; none: no word of it; nobody looked: a look', () => {
    expect(all(plan('D1', D1, { encoder: true }))).toMatch(/magnetic encoder side goes toward the sensor/)
    expect(all(plan('D1', D1, { encoder: true }))).toMatch(/Gap clear of the sensor/)
    expect(all(plan('D1', D1, { encoder: false }))).not.toMatch(/magnet|sensor/i)
    expect(all(plan('D1', D1, { encoder: null }))).toMatch(/paper clip/)
  })
  it('one closed side faces outward and is backed with grease; two closed sides have no such word', () => {
    expect(all(plan('B1', { ...B2, parts: { bearing: '6004RS' } }))).toContain(
      'Closed side outward; back the open side',
    )
    expect(all(plan('B1', B2))).not.toContain('back the open side')
  })
  it('a hub is called what it is, its seal sits as the old one sat, a brake hangs on a hook', () => {
    const fits = [{ ...TIGHT, slot: 'hubUnit' }]
    expect(all(plan('D1', D1, { fits }))).toContain('until the knuckle is cool')
    expect(all(plan('D1', D1, { fits }))).not.toMatch(/until the hub is cool/)
    for (const code of ['B1', 'B2']) {
      const seals = stepsOf(plan(code, B2)).filter(({ id }) => id.startsWith('mount.seal'))
      expect(seals.length, code).toBe(2)
      for (const { words } of seals)
        expect(words).toMatch(/spring side toward what is kept in, as the old one sat/)
    }
    for (const [code, request] of [
      ['A1', A1],
      ['B1', B2],
      ['D1', D1],
    ] as const)
      expect(all(plan(code, request)), code).toContain('hangs on a hook, not on its hose')
  })
  it.each([
    ['NU207', 'the outer ring with its rollers into the housing'],
    ['NJ207', 'the outer ring with its rollers into the housing'],
    ['N207', 'the inner ring with its rollers goes on the shaft'],
  ])('%s comes apart: %s', (bearing, words) => {
    const p = plan('G1', { parts: { bearingLocating: '6207/C3', bearingFloating: bearing } })
    expect(all(p)).toContain(words)
    expect(all(p)).toContain('Its outer ring stays in the housing')
  })
  it.each(['NUP207', '6207'])('%s does not come apart', (bearing) =>
    expect(
      all(plan('G1', { parts: { bearingLocating: '6207/C3', bearingFloating: bearing } })),
    ).not.toContain('come apart'),
  )
  it('a part written by hand with its name is named once', () => {
    expect(all(plan('D1', D1))).toContain('Axle nut M24x1.5')
    expect(all(plan('D1', D1)).toLowerCase()).not.toContain('axle nut axle nut')
    for (const code of ARRANGEMENTS.keys()) {
      const card = all(plan(code, { thread: 'M24x2 LH' })).toLowerCase()
      expect(card, code).not.toMatch(/nut(, fully tight)? (\w+ )?nut m24/)
    }
  })
  it('an insert: marks, key, lined up before the bolts, screws before grease', () => {
    const p = plan('F1', { parts: { insert: 'UC205' } })
    expect(all(p)).toMatch(/marks round the bolt holes/)
    expect(all(p)).toMatch(/where the shaft has a key, that in before it is home/)
    expect(all(p)).toMatch(
      /until the shaft has turned and the insert has lined up, the same figure on each side/,
    )
    order(p, 'mount.insert', 'mount.housing', 'mount.lockScrews', 'mount.grease', 'torque.lockScrews')
    const unit = plan('F1', { parts: { insert: 'UCP205' } })
    order(unit, 'removal.housing', 'mount.insert', 'mount.housing', 'torque.lockScrews')
    expect(all(p)).toMatch(/loading slots/)
    expect(all(unit)).not.toMatch(/loading slots/)
    expect([unit.heats, plan('A1', A1).heats, plan('E1').heats]).toEqual([false, true, false])
    expect(all(p)).not.toMatch(/Heat the|up to about .* kN/)
  })
  it('what is clamped by its axle turns freely after the torque, not before', () => {
    for (const code of ['B1', 'B2', 'B3'])
      order(plan(code, B2), 'torque.axle', 'adjust.clamped', 'finish.spin')
    // Loosened first, taken out at last.
    order(plan('B3', B2), 'removal.wheel', 'removal.carrier', 'mount.carrier', 'mount.wheel')
  })
  it('a bent tab is straightened before its nut is turned', () => {
    const words = (code: string, id: string, request: Partial<KitRequest>) =>
      stepsOf(plan(code, request)).find((s) => s.id === id)?.words
    expect(words('A4', 'removal.outerRingNut', A1)).toContain('bent back straight, then off')
    expect(words('G1', 'removal.lockNut', { parts: { bearing: '6208' } })).toContain(
      'bent back straight, then off',
    )
    expect(words('A1', 'removal.castleNut', A1)).not.toContain('bent back')
  })
  it('only a tapered pair is set', () => {
    expect(stepsOf(plan('D1', D1)).some((s) => s.id.startsWith('adjust'))).toBe(false)
    expect(stepsOf(plan('B1', B2)).find((s) => s.id === 'adjust.clamped')?.words).toContain(
      'just drag the other',
    )
  })
  it('a lost seat stops the work and is to be settled first', () => {
    const fit: SeatFit = { ...TIGHT, slot: 'innerCup', seat: { verdict: 'replace', why: 'Worn 40 µm.' } }
    const p = plan('A1', A1, { fits: [fit] })
    expect(
      stepsOf(p)
        .filter((s) => s.stop)
        .map((s) => s.id),
    ).toEqual(['check.seat.innerCup.outer'])
    expect(p.open.join(' ')).toContain('repair or renew')
  })
  it('gaps of the kit are to be settled first', () =>
    expect(plan('A1', { ...A1, sizes: {} }).open.join(' ')).toContain('Seal: missing'))
})

describe('every shipped arrangement', () => {
  it.each([...ARRANGEMENTS.keys()])(
    '%s gives a plan with cautions, no invented torque, each step once',
    (code) => {
      const p = plan(
        code,
        code === 'A1' || code === 'A2' ? A1 : code === 'D1' ? D1 : { parts: { bearing: '6205' } },
      )
      const steps = stepsOf(p)
      expect(p.sections.map((s) => s.id).slice(0, 2)).toEqual(['before', 'removal'])
      expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length)
      expect(all(p)).not.toMatch(/\d\s*(N·m|Nm|lbf|ft-lb)/)
      for (const { words } of steps) expect(words).toMatch(/^[A-Z0-9“]/)
      expect(steps.some((s) => s.caution)).toBe(true)
    },
  )
})

describe('nothing is torqued too late, and no hub is heated that must not be (common practice)', () => {
  const plans = (more: Partial<PlanFacts> = {}) =>
    [...ARRANGEMENTS.keys()].map((code) => {
      const arrangement = arrangementOf(code)
      const sets = arrangement.slots.some(({ role }) => role === 'cone')
      const fits = arrangement.slots.map(({ id }) => ({ ...TIGHT, slot: id, celsius: 110 }))
      const request = sets ? A1 : code === 'D1' ? D1 : code === 'G1' ? { parts: { bearing: '22208EK' } } : B2
      return { code, arrangement, p: plan(code, request, { fits, ...more }) }
    })
  const at = (p: Plan, id: string): number => stepsOf(p).findIndex((s) => s.id === id)

  it('a fastener is torqued after it is on, and before it is pinned, bent over, covered or capped', () => {
    let seen = 0
    for (const { code, arrangement, p } of plans())
      for (const { id, role, side } of arrangement.slots) {
        const torque = at(p, `torque.${id}`)
        if (torque < 0) continue
        seen++
        expect(torque, `${code} ${id}`).toBeGreaterThan(at(p, `mount.${id}`))
        for (const other of arrangement.slots) {
          const later = ['cotterPin', 'nutLock', 'tabWasher', 'cap'].includes(other.role)
            ? at(p, `finish.${other.id}`)
            : other.role === 'lockWasher'
              ? at(p, `lock.${other.id}`)
              : other.role === 'seal' && role === 'retainer' && other.side === side
                ? at(p, `mount.${other.id}`)
                : -1
          if (later >= 0) expect(torque, `${code}: ${id} before ${other.id}`).toBeLessThan(later)
        }
        expect(torque, code).toBeLessThan(at(p, 'finish.spin'))
      }
    expect(seen).toBeGreaterThan(10)
  })

  it('every fastener of the kit but a nut that sets the play has its torque, once', () => {
    for (const { code, p } of plans()) {
      const torqued = stepsOf(p)
        .filter(({ id, words }) => id.startsWith('torque.') && !words.includes('No torque stands for it'))
        .map(({ id }) => id.slice(7))
      const rows = p.torques.filter(({ words }) => !/seating torque|Wheel nuts/.test(words))
      expect(torqued.sort(), code).toEqual(rows.map(({ id }) => id).sort())
    }
  })

  it.each(['tyre', 'plastic', 'paint', 'carbon', 'magnet'] as const)(
    'a hub with %s on it is not heated',
    (what) => {
      for (const { code, p } of plans({ hubHas: [what] })) {
        expect(all(p), code).not.toMatch(/Heat the hub|In the same heat/)
      }
    },
  )

  it('beside the advice of a fit stands the same: bare while unasked, not at all with a tyre on it', () => {
    expect(hubHeatCaution(null)).toMatch(/no tyre/)
    expect(hubHeatCaution([])).toBe('')
    expect(hubHeatCaution(['tyre', 'magnet'])).toMatch(/^Not with this .*: tyre, magnet ring\. Press it/)
  })

  it('a bare hub is heated; while nobody has said, the card says what must not be on it', () => {
    expect(all(plan('A1', A1, { fits: [{ ...TIGHT, slot: 'innerCup' }], hubHas: [] }))).not.toContain(
      'The hub bare',
    )
    expect(all(plan('A1', A1, { fits: [{ ...TIGHT, slot: 'innerCup' }] }))).toContain('The hub bare: no tyre')
  })

  it('with a sealed bearing in the hub already the next is pressed, unless its grease bears the heat', () => {
    const second = (celsius: number) => {
      const fits = ['bearingLeft', 'bearingRight'].map((slot) => ({ ...TIGHT, slot, celsius }))
      return stepsOf(plan('B1', B2, { fits })).find((s) => s.id === 'mount.bearingRight')?.tool
    }
    expect(second(81)).toMatch(/^No heat, a bearing is in this hub already/)
    expect(second(80)).toMatch(/^In the same heat/)
  })

  it('cups of one hub are treated alike: in one heat as hot as the tightest wants, or all pressed', () => {
    const hot = { ...TIGHT, slot: 'outerCup', celsius: 120, heatAdvice: 'Heat the hub to about 120 °C.' }
    const cups = (outer: SeatFit) => {
      const steps = stepsOf(plan('A1', A1, { fits: [{ ...TIGHT, slot: 'innerCup' }, outer] }))
      return ['mount.innerCup', 'mount.outerCup'].map((id) => steps.find((s) => s.id === id))
    }
    const [first, second] = cups(hot)
    expect(first?.tool).toMatch(/^Heat the hub to about 120/)
    expect(second?.tool).toMatch(/^In the same heat/)
    expect(second?.words).toContain('until the hub is cool')
    for (const step of cups({
      ...hot,
      byHeat: false,
      heatAdvice: '170 °C is more than it may have: press it.',
    }))
      expect(step?.tool).toMatch(/^Sleeve on the outer ring/)
  })

  it('a ring that will not come off is taken mildest first, and not heated beside what heat would spoil', () => {
    const words = (more: Partial<PlanFacts>) =>
      stepsOf(plan('A1', A1, more)).find(({ id }) => id === 'removal.stuckOnShaft')?.words ?? ''
    expect(words({})).toBe('')
    const stuck = { onShaft: true, inHub: false }
    expect(words({ stuck })).toMatch(/oil.*separator.*heat.*split/)
    expect(words({ stuck, hubHas: ['tyre'] })).toMatch(/no heat, with this on or near it: tyre/)
  })
  it('a bearing on its adapter sleeve is drawn up by its nut: no heat, no force, no torque', () => {
    const p = plan(
      'G1',
      { parts: { bearing: '22208EK' } },
      { fits: [{ ...TIGHT, slot: 'bearingLocating', ring: 'inner' }] },
    )
    const step = stepsOf(p).find((s) => s.id === 'mount.bearingLocating')
    expect(step).toMatchObject({ words: expect.stringContaining('Neither heated nor pressed') as string })
    expect(step?.tool).toBe('Feeler gauge, hook spanner')
    const words = (id: string) => stepsOf(p).find((s) => s.id === id)?.words
    expect(words('torque.lockNut')).toContain('No torque stands for it')
    // A bore of 40 mm: handbook values from memory.
    expect(words('torque.lockNut')).toContain('0.020 to 0.025 mm')
    // The floating end has no place for its nut: what is done with it stands at the bearing.
    expect(words('mount.bearingFloating')).toMatch(/0\.020 to 0\.025 mm .* Tab bent into a slot/)
    expect(words('mount.bearingLocating')).not.toContain('Tab bent')
  })
  it('a sleeve is freed against its nut before nut and bearing come off (common practice)', () => {
    const p = plan('G1', { parts: { bearing: '22208EK' } })
    const step = (id: string) => stepsOf(p).find((s) => s.id === id)
    order(p, 'removal.lockNut', 'removal.bearingLocating', 'removal.adapterSleeve')
    expect(step('removal.lockNut')?.words).toMatch(/bent back straight, then loosened .* not off/)
    expect(step('removal.tabWasher')?.words).toContain('once the sleeve is free')
    for (const id of ['removal.bearingLocating', 'removal.bearingFloating'])
      expect(step(id)?.words).toMatch(/freed by a tube .* against the nut.* off by hand/)
    expect(step('removal.bearingFloating')?.words).toContain('tab of its nut bent back')
    expect(all(plan('G1', { parts: { bearing: '6208' } }))).not.toMatch(/sleeve freed|taper/)
  })
  it('a nut that draws up has no torque to write down; what is heated is asked only where a hub may be', () => {
    const torques = (bearing: string) => plan('G1', { parts: { bearing } }).torques.map(({ id }) => id)
    expect(torques('22208EK')).toEqual([])
    expect(torques('6208')).toEqual(['lockNut'])
    const kinds = (bearing: string) => plan('G1', { parts: { bearing } }).tools.map(({ kind }) => kind)
    expect(kinds('22208EK')).not.toContain('torqueWrench')
    expect(kinds('22208EK')).not.toContain('puller')
    expect(kinds('6208')).toEqual(expect.arrayContaining(['torqueWrench', 'puller']))
    const heats = [...ARRANGEMENTS.keys()].filter((code) => plan(code).heats)
    expect(heats.sort()).toEqual(['A1', 'A2', 'A3', 'A4', 'B1', 'B2', 'B3', 'B4', 'C1', 'D1'])
    expect(plan('G1', {}, { stuck: { onShaft: true, inHub: false } }).heats).toBe(true)
  })
  it('a self-aligning ball bearing is drawn up by feel: it must still swivel', () =>
    expect(all(plan('G1', { parts: { bearing: '2208K' } }))).toContain('still swivels freely'))

  it('an axle nut that no other part holds is staked after its torque, and lifted out of its groove before it is slackened (common practice)', () => {
    const d1 = plan('D1', D1)
    order(d1, 'torque.axleNut', 'finish.stake')
    const words = (id: string) => d1.sections.flatMap((s) => s.steps).find((step) => step.id === id)?.words
    expect(words('ground.axleNut')).toMatch(/staked collar lifted.*slacken/)
    expect(words('finish.stake')).toMatch(/split collar is a new nut/)
    // A castle nut has its pin.
    expect(
      plan('A1')
        .sections.flatMap((s) => s.steps)
        .map(({ id }) => id),
    ).not.toContain('finish.stake')
  })
  it('what is in the way comes off first: cap, lock and nut, hub with its outer cone, then seal and cups', () => {
    order(
      plan('A1', A1),
      'removal.cap',
      'removal.cotterPin',
      'removal.castleNut',
      'removal.outerCone',
      'removal.hub',
      'removal.seal',
      'removal.innerCone',
      'removal.innerCup',
    )
    order(plan('B1', B2), 'removal.hub', 'removal.sealLeft', 'removal.bearingLeft')
    // The single bearing first, the spacer aside, then the stack behind its retainer.
    order(
      plan('B2', B2),
      'removal.retainer',
      'removal.bearingLeft',
      'removal.spacerTube',
      'removal.bearingRightSecond',
    )
    // The hub leaves the unit before the unit leaves its knuckle.
    order(plan('D1', D1), 'removal.hubUnit.hub', 'removal.snapRing', 'removal.hubUnit')
    // What the wheels must hold is loosened before the machine is lifted.
    order(plan('D1', D1), 'ground.axleNut', 'before.0', 'removal.axleNut', 'removal.hubUnit')
    order(plan('D1', D1, { encoder: true }), 'removal.record', 'removal.encoder', 'removal.snapRing')
    order(plan('A4', A1), 'ground.wheelNuts', 'before.0', 'removal.wheelNuts', 'removal.cap')
    order(plan('G1', { parts: { bearing: 'NU208' } }), 'removal.shaft', 'removal.bearingLocating')
  })
})

describe('schools', () => {
  it('each has its way noted with when the others are right', () => {
    for (const name of SCHOOL_NAMES) {
      const note = schoolNote(name, CAREFUL)
      expect(note.mine, name).not.toBe('')
      expect(note.others.length, name).toBe(Object.keys(SCHOOLS[name].ways).length - 1)
    }
  })
  it('feel or dial: both are on the card, the chosen one last; press or hammer change the tools', () => {
    expect(
      stepsOf(plan('A1', A1, { schools: { ...CAREFUL, adjustment: 'feel' } })).map((s) => s.id),
    ).toContain('adjust.feel')
    expect(stepsOf(plan('A1', A1)).map((s) => s.id)).not.toContain('adjust.feel')
    const kinds = (driving: 'press' | 'hammer') =>
      plan('A1', A1, { schools: { ...CAREFUL, driving } }).tools.map((t) => t.kind)
    expect(kinds('press')).toContain('puller')
    expect(kinds('hammer')).toContain('brassDrift')
  })
  it('cold: no heat on the card', () => {
    const fits = [{ ...TIGHT, slot: 'innerCup' }]
    expect(all(plan('A1', A1, { fits }))).toContain('Heat the hub')
    expect(all(plan('A1', A1, { fits, schools: { ...CAREFUL, heat: 'cold' } }))).not.toContain('Heat the hub')
  })
})

describe('tools', () => {
  const sleeve: WantedTool = {
    kind: 'sleeve',
    words: 'Sleeve 61.5',
    from: 60,
    to: 61.5,
    improvise: 'old ring',
  }
  it.each([
    [{ kind: 'sleeve' as const, words: 'set', from: 20, to: 62 }, 'set'],
    [{ kind: 'sleeve' as const, words: 'one', from: 61, to: 61 }, 'one'],
    [{ kind: 'sleeve' as const, words: 'too large', from: 63, to: 63 }, null],
    [{ kind: 'socket' as const, words: 'socket', from: 61, to: 61 }, null],
  ])('%j serves for 60 to 61.5 mm: %s', (own, words) =>
    expect(pickTools([sleeve], [own])[0]?.own).toBe(words),
  )
  // Drives the outer ring of 6205 (52 outside): clear of the seal inside, no wider than the ring.
  it.each([
    [{ insideMm: 47, outsideMm: 51.5, depthMm: 40 }, true],
    [{ insideMm: 44, outsideMm: 51.5, depthMm: 40 }, false],
    [{ insideMm: 47, outsideMm: 52.2, depthMm: 40 }, false],
    [{ insideMm: 47, outsideMm: 49, depthMm: 40 }, false],
  ])('a socket %j drives the outer ring: %s', (size, serves) => {
    const wanted: WantedTool = {
      ...sleeve,
      tube: { insideFrom: 46.6, outsideFrom: 50, outsideTo: 51.5 },
    }
    const own = { kind: 'socket' as const, words: '46 mm socket', ...size }
    expect(pickTools([wanted], [own])[0]?.own).toBe(serves ? '46 mm socket' : null)
  })
  it('what receives a ring that is pressed out is wider than it, and deeper', () => {
    const tools = (own: object) =>
      plan('B1', B2, { toolbox: [{ kind: 'receiver' as const, words: 'tube', ...own }] }).tools.find(
        ({ kind }) => kind === 'receiver',
      )
    expect(tools({})?.words).toMatch(/inside over 43 mm \(1.693 in\), deeper than 12 mm \(0.472 in\)/)
    expect(tools({ insideMm: 44, outsideMm: 60, depthMm: 20 })?.own).toBe('tube')
    expect(tools({ insideMm: 42, outsideMm: 60, depthMm: 20 })?.own).toBeNull()
    expect(tools({ insideMm: 44, outsideMm: 60, depthMm: 10 })?.own).toBeNull()
  })
  it('a drift leans through the bearing that is still in onto the edge of the one behind it (geometry)', () => {
    // tan θ = 1 / 60: 17 cos θ − 12 sin θ = 16.80 mm.
    const way = { boreMm: 17, guideMm: 12, gapMm: 60, edgeMm: 17 }
    expect(driftThrough(way)?.thinnerThan).toBeCloseTo(16.8, 1)
    expect(driftThrough(way)?.longerThan).toBe(112)
    // A larger ring behind: 2 mm further out to either side of a short gap.
    expect(driftThrough({ ...way, edgeMm: 21 })?.thinnerThan).toBeCloseTo(16.38, 1)
    expect(driftThrough({ ...way, boreMm: 8, guideMm: 20, gapMm: 6 })).toBeNull()
    expect(driftThrough({ ...way, gapMm: 0 })).toBeNull()
  })
  it('a drift of the shop serves when it is long and thin enough; one without sizes is taken as it is', () => {
    const drift = (own: object) =>
      plan('B1', B2, {
        schools: { ...CAREFUL, driving: 'hammer' },
        toolbox: [{ kind: 'brassDrift' as const, words: 'our drift', ...own }],
      }).tools.find(({ kind }) => kind === 'brassDrift')
    // 6004-2RS either side of a spacer of 38: 12 + 38 + 40 held.
    expect(drift({})).toMatchObject({ bar: { longerThan: 90 }, own: 'our drift' })
    expect(drift({ depthMm: 89 })?.own).toBeNull()
    expect(drift({ depthMm: 120, outsideMm: 16 })?.own).toBe('our drift')
    expect(drift({ depthMm: 120, outsideMm: 20 })?.own).toBeNull()
  })
  it('a cup is reached through the other one, where the room between is known', () => {
    const tool = (more: Partial<PlanFacts>) =>
      stepsOf(plan('A1', A1, { schools: { ...CAREFUL, driving: 'hammer' }, ...more })).find(
        ({ id }) => id === 'removal.outerCup',
      )?.tool
    expect(tool({})).toBe('Brass drift and hammer')
    expect(tool({ betweenMm: 48 })).toMatch(/^Brass drift longer than 99\.9 mm/)
  })
  it('an axle that stands in its hub: nothing goes through the bearing, in or out', () => {
    const fits = ['bearingLeft', 'bearingRight'].map((slot) => ({ ...TIGHT, slot, byHeat: false }))
    const p = plan('B4', { parts: { bearingRight: '6001-2RS' } }, { fits })
    const step = (id: string) => stepsOf(p).find((s) => s.id === id)
    expect(step('mount.bearingLeft')?.tool).toContain('M16 rod')
    expect(step('mount.bearingRight')?.tool).toMatch(/over the axle that is in/)
    expect(step('mount.bearingRight')?.tool).not.toContain('rod')
    expect(step('removal.bearingRight')?.words).toContain('out with the axle')
    expect(step('removal.bearingLeft')?.tool).toMatch(/Blind hole puller for a bore of 12 mm/)
  })
  it('a press serves for less than its force', () => {
    const press: WantedTool = { kind: 'press', words: 'Press 18', from: 18, to: Infinity, improvise: '' }
    expect(pickTools([press], [{ kind: 'press', words: 'arbor', to: 20 }])[0]?.own).toBe('arbor')
    expect(pickTools([press], [{ kind: 'press', words: 'small', to: 10 }])[0]?.own).toBeNull()
  })
  it('the socket is that of the nut, 1 1/8 in across flats for 3/4-16', () =>
    expect(plan('A1', A1).tools.find((t) => t.kind === 'socket')?.words).toContain('28.6'))
})

it.each([
  ['fittingHub', /room between the bearings .* outer bearing/],
  ['fittingSpindle', /behind the inner bearing .* clean through the outer bearing/],
])('%s is pumped before the cap, with what it fills said', (place, words) => {
  const p = plan('A1', { ...A1, parts: { ...A1.parts, [place]: 'keep' } })
  const step = stepsOf(p).find(({ id }) => id === `finish.${place}`)
  expect(step?.words).toMatch(words)
  expect(step?.caution).toContain('seal')
  order(p, `finish.${place}`, 'finish.cap')
  expect(stepsOf(p).map(({ id }) => id)).not.toContain(`mount.${place}`)
})
it('a grease-fill cap says which bearing it does not reach', () => {
  const p = plan('A1', { ...A1, parts: { ...A1.parts, cap: 'grease-fill cap 1.781 in' } })
  expect(stepsOf(p).find(({ id }) => id === 'finish.cap.pump')?.words).toMatch(/outer bearing alone/)
  expect(stepsOf(plan('A1', A1)).map(({ id }) => id)).not.toContain('finish.cap.pump')
})
it('read line by line: what stood wrong on a card stays right (common practice)', () => {
  const step = (code: string, id: string, request: Partial<KitRequest> = {}) =>
    stepsOf(plan(code, request)).find((s) => s.id === id)
  // A wheel with cones is set on the bench, put back, and felt again once its axle is clamped.
  for (const code of ['B4', 'H1']) {
    expect(
      stepsOf(plan(code))
        .map(({ id }) => id)
        .indexOf('removal.wheel'),
      code,
    ).toBe(
      stepsOf(plan(code))
        .map(({ id }) => id)
        .indexOf('removal.record') + 1,
    )
    order(plan(code), 'adjust.cones', 'finish.wheel', 'torque.axle', 'finish.spin')
    expect(plan(code).torques.map(({ id }) => id)).toContain('axle')
    expect(step(code, 'removal.record')?.words).toContain('axle stands out')
  }
  // The tab is bent back for the nut over it, not again for the one behind.
  expect(step('A4', 'removal.outerRingNut')?.words).toContain('bent back')
  expect(step('A4', 'removal.innerRingNut')?.words).not.toContain('bent back')
  expect(step('D1', 'removal.hubUnit', D1)?.tool).not.toMatch(/blind/i)
  expect(step('C2', 'finish.spin')?.words).not.toContain('axle')
  expect(step('E1', 'mount.unit', { parts: { unit: 'hub unit 5 x 114.3' } })?.words).toMatch(
    /^Bolt-on hub unit 5 x/,
  )
  expect(step('C1', 'mount.washerOuter', { parts: { washerOuter: 'keep' } })?.words).toBe(
    'Washer, outer: curved side away from the bearing.',
  )
})
it('cones: how far a twelfth of a turn moves them, from their thread', () => {
  const nut = {
    step: null,
    target: { min: 0.01, max: 0.05 },
    turn: { min: 4, max: 18 },
    usual: true,
    pitchMm: 1,
  }
  const words = (more: Partial<PlanFacts>) =>
    stepsOf(plan('B4', { parts: { bearingRight: '6001-2RS' } }, more)).find(({ id }) => id === 'adjust.cones')
      ?.words
  expect(words({ nut })).toContain('0.083 mm')
  expect(words({})).not.toContain('twelfth')
})

it('looks again on the day after and by season, sooner where it is washed', () => {
  expect(plan('A1', A1).rechecks.map((r) => r.date)).toEqual(['2026-05-02', '2026-10-28'])
  expect(plan('A1', A1, { wet: true }).rechecks.map((r) => r.date)).toEqual(['2026-05-02', '2026-07-30'])
})
