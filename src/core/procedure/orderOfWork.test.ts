import { describe, expect, it } from 'vitest'
import { A1, B2, D1, all, order, plan, stepsOf } from '../../../tests/support/jobCard'
import { ARRANGEMENTS } from '../kit'

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
    expect(second?.text).toContain('against the one before it')
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
    expect(p.torques.map((t) => t.label)).toEqual(['Nut, fully tight'])
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
        text: expect.stringContaining('by thumb'),
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
      for (const { text } of steps) expect(text).toMatch(/^[A-Z0-9“]/)
      expect(steps.some((s) => s.caution)).toBe(true)
    },
  )
})

it.each([
  ['fittingHub', /room between the bearings .* outer bearing/],
  ['fittingSpindle', /behind the inner bearing .* clean through the outer bearing/],
])('%s is pumped before the cap, with what it fills said', (place, text) => {
  const p = plan('A1', { ...A1, parts: { ...A1.parts, [place]: 'keep' } })
  const step = stepsOf(p).find(({ id }) => id === `finish.${place}`)
  expect(step?.text).toMatch(text)
  expect(step?.caution).toContain('seal')
  order(p, `finish.${place}`, 'finish.cap')
  expect(stepsOf(p).map(({ id }) => id)).not.toContain(`mount.${place}`)
})
it('a grease-fill cap says which bearing it does not reach', () => {
  const p = plan('A1', { ...A1, parts: { ...A1.parts, cap: 'grease-fill cap 1.781 in' } })
  expect(stepsOf(p).find(({ id }) => id === 'finish.cap.pump')?.text).toMatch(/outer bearing alone/)
  expect(stepsOf(plan('A1', A1)).map(({ id }) => id)).not.toContain('finish.cap.pump')
})

describe('a bearing of a kind of its own (common practice)', () => {
  const card = {
    J1: plan('J1', { parts: { thrustBearing: '81107', lockNut: 'KM7', tabWasher: 'MB7' } }),
    K1: plan('K1', { parts: { rodEnd: 'PHS10', jamNut: 'keep', pin: 'keep', nut: 'nut M10' } }),
    K2: plan('K2', { parts: { joint: 'GE25ES', pin: 'keep' } }),
    L1: plan('L1', { parts: { roller: 'NATR20', washer: 'keep', nut: 'keep' } }),
    M1: plan('M1', { parts: { clutch: 'HFL2530', shaft: 'keep' } }),
  }
  it('on and off in the order in which one part holds the next', () => {
    order(
      card.J1,
      'mount.thrustBearing',
      'mount.tabWasher',
      'mount.lockNut',
      'torque.lockNut',
      'lock.tabWasher',
    )
    order(card.K1, 'removal.nut', 'removal.pin', 'removal.rodEnd', 'removal.jamNut')
    order(card.K1, 'mount.jamNut', 'mount.rodEnd', 'mount.pin', 'mount.nut', 'torque.jamNut', 'finish.spin')
    order(card.K2, 'removal.pin', 'removal.snapRingLeft', 'removal.joint')
    order(card.K2, 'mount.joint', 'mount.snapRingRight', 'mount.pin')
    order(card.L1, 'removal.nut', 'removal.washer', 'removal.roller')
    order(card.L1, 'mount.roller', 'mount.washer', 'mount.nut', 'torque.nut')
    order(card.M1, 'removal.shaft', 'removal.clutch')
    order(card.M1, 'mount.clutch', 'mount.direction', 'mount.shaft')
  })
  it.each([
    ['J1', /smaller bore onto the shaft/, /carries along the shaft only/],
    ['K1', /by the turns that were counted/, /Swing the joint/],
    ['K2', /split of its outer ring at right angles to the load/, /length from this joint/],
    ['L1', /away from the load/, /along its whole rail/],
    ['M1', /which way it locks, marked on the hub/, /free one way, held at once the other/],
  ] as const)('%s says what its kind wants', (code, ...said) => {
    for (const words of said) expect(all(card[code])).toMatch(words)
    // Neither a wheel nor an axle of two ends.
    expect(all(card[code])).not.toMatch(/wheels still chocked|both ends of the axle|packed full/i)
  })
  it('a roller and a rod end go in by hand: nothing is pulled, heated or pressed', () => {
    for (const code of ['K1', 'L1'] as const) {
      expect(card[code].heats).toBe(false)
      expect(card[code].tools.map(({ kind }) => kind)).not.toContain('puller')
    }
  })
})
