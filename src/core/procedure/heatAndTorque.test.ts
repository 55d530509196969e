import { describe, expect, it } from 'vitest'
import { A1, all, B2, D1, order, plan, stepsOf, TIGHT } from '../../../tests/support/jobCard'
import { arrangementOf, ARRANGEMENTS } from '../kit'
import { hubHeatCaution } from './attachments'
import type { Plan, PlanFacts, SeatFit } from './plan'

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
        .filter(({ id, text }) => id.startsWith('torque.') && !text.includes('No torque stands for it'))
        .map(({ id }) => id.slice(7))
      const rows = p.torques.filter(({ label }) => !/seating torque|Wheel nuts/.test(label))
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
    expect(second?.text).toContain('until the hub is cool')
    for (const step of cups({
      ...hot,
      byHeat: false,
      heatAdvice: '170 °C is more than it may have: press it.',
    }))
      expect(step?.tool).toMatch(/^Sleeve on the outer ring/)
  })

  it('a ring that will not come off is taken mildest first, and not heated beside what heat would spoil', () => {
    const textOf = (more: Partial<PlanFacts>) =>
      stepsOf(plan('A1', A1, more)).find(({ id }) => id === 'removal.stuckOnShaft')?.text ?? ''
    expect(textOf({})).toBe('')
    const stuck = { onShaft: true, inHub: false }
    expect(textOf({ stuck })).toMatch(/oil.*separator.*heat.*split/)
    expect(textOf({ stuck, hubHas: ['tyre'] })).toMatch(/no heat, with this on or near it: tyre/)
  })
  it('a bearing on its adapter sleeve is drawn up by its nut: no heat, no force, no torque', () => {
    const p = plan(
      'G1',
      { parts: { bearing: '22208EK' } },
      { fits: [{ ...TIGHT, slot: 'bearingLocating', ring: 'inner' }] },
    )
    const step = stepsOf(p).find((s) => s.id === 'mount.bearingLocating')
    expect(step).toMatchObject({ text: expect.stringContaining('Neither heated nor pressed') as string })
    expect(step?.tool).toBe('Feeler gauge, hook spanner')
    const textOf = (id: string) => stepsOf(p).find((s) => s.id === id)?.text
    expect(textOf('torque.lockNut')).toContain('No torque stands for it')
    // A bore of 40 mm: handbook values from memory.
    expect(textOf('torque.lockNut')).toContain('0.020 to 0.025 mm')
    // The floating end has no place for its nut: what is done with it stands at the bearing.
    expect(textOf('mount.bearingFloating')).toMatch(/0\.020 to 0\.025 mm .* Tab bent into a slot/)
    expect(textOf('mount.bearingLocating')).not.toContain('Tab bent')
  })
  it('a sleeve is freed against its nut before nut and bearing come off (common practice)', () => {
    const p = plan('G1', { parts: { bearing: '22208EK' } })
    const step = (id: string) => stepsOf(p).find((s) => s.id === id)
    order(p, 'removal.lockNut', 'removal.bearingLocating', 'removal.adapterSleeve')
    expect(step('removal.lockNut')?.text).toMatch(/bent back straight, then loosened .* not off/)
    expect(step('removal.tabWasher')?.text).toContain('once the sleeve is free')
    for (const id of ['removal.bearingLocating', 'removal.bearingFloating'])
      expect(step(id)?.text).toMatch(/freed by a tube .* against the nut.* off by hand/)
    expect(step('removal.bearingFloating')?.text).toContain('tab of its nut bent back')
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
    expect(heats.sort()).toEqual(['A1', 'A2', 'A3', 'A4', 'B1', 'B2', 'B3', 'B4', 'C1', 'D1', 'K2', 'M1'])
    expect(plan('G1', {}, { stuck: { onShaft: true, inHub: false } }).heats).toBe(true)
  })
  it('a self-aligning ball bearing is drawn up by feel: it must still swivel', () =>
    expect(all(plan('G1', { parts: { bearing: '2208K' } }))).toContain('still swivels freely'))

  it('an axle nut that no other part holds is staked after its torque, and lifted out of its groove before it is slackened (common practice)', () => {
    const d1 = plan('D1', D1)
    order(d1, 'torque.axleNut', 'finish.stake')
    const textOf = (id: string) => d1.sections.flatMap((s) => s.steps).find((step) => step.id === id)?.text
    expect(textOf('ground.axleNut')).toMatch(/staked collar lifted.*slacken/)
    expect(textOf('finish.stake')).toMatch(/split collar is a new nut/)
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
