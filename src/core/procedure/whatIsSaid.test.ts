import { describe, expect, it } from 'vitest'
import { A1, all, B2, D1, order, plan, stepsOf, TIGHT } from '../../../tests/support/jobCard'
import { ARRANGEMENTS, type KitRequest } from '../kit'
import type { PlanFacts, SeatFit } from './plan'
import { DEFAULT_PRACTICES, PRACTICE_NAMES, practiceNote, PRACTICES } from './practices'

it('five things to look at next are named, not more', () => {
  const step = stepsOf(plan('B2', B2, { checkNext: ['A.', 'B.', 'C.', 'D.', 'E.', 'F.'] }))
  expect(step.find(({ code }) => code === 'lookAlso')?.text).toBe('Look also: A. B. C. D. E.')
})

it('the fillets a ring sits against are told where it is pressed to a shoulder, not on a sleeve, not by thumb', () => {
  const fillets = (code: string, parts: Record<string, string>) =>
    stepsOf(plan(code, { positions: 1, parts, sizes: {} })).find((step) => step.code === 'fillets')?.text
  expect(fillets('G1', { bearingLocating: '22310', bearingFloating: '6209' })).toMatch(
    /at most 2 mm .* for 22310, at most 1 mm .* for 6209/,
  )
  expect(fillets('G1', { bearingLocating: '22310K', bearingFloating: 'NU209' })).toBeUndefined()
  expect(fillets('B1', { bearing: '6001-2RS' })).toMatch(/at most 0.3 mm/)
  expect(fillets('C2', { bearing: '6001-2RS' })).toBeUndefined()
})

it('the snap ring of a bearing with a groove is told with the room it takes', () => {
  const said = (bearing: string) =>
    stepsOf(plan('B1', { positions: 1, parts: { bearing }, sizes: {} })).find(
      (step) => step.code === 'snapRings',
    )?.text
  expect(said('6205-2ZNR')).toMatch(/6205-2ZNR, 57\.9 mm .* outside at most/)
  expect(said('6205N')).toMatch(/57\.9 mm/)
  expect(said('6803NR')).toMatch(/outer rings: 6803NR\. /)
  expect(said('6205-2Z')).toBeUndefined()
})

/** Runs of three words that stand twice in a text, small letters and marks aside. */
function saidTwice(text: string): string[] {
  const words = text.toLowerCase().match(/[a-z]+/g) ?? []
  const runs = words.slice(2).map((_, i) => words.slice(i, i + 3).join(' '))
  return runs.filter((run, i) => runs.indexOf(run) !== i)
}

it.each([...ARRANGEMENTS.keys()])('%s: no step says the same twice', (code) => {
  const twice = stepsOf(plan(code)).flatMap(({ id, text }) => saidTwice(text).map((run) => [id, run]))
  expect(twice).toEqual([])
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
      for (const { text } of seals)
        expect(text).toMatch(/spring side toward what is kept in, as the old one sat/)
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
  ])('%s comes apart: %s', (bearing, text) => {
    const p = plan('G1', { parts: { bearingLocating: '6207/C3', bearingFloating: bearing } })
    expect(all(p)).toContain(text)
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
    const textOf = (code: string, id: string, request: Partial<KitRequest>) =>
      stepsOf(plan(code, request)).find((s) => s.id === id)?.text
    expect(textOf('A4', 'removal.outerRingNut', A1)).toContain('bent back straight, then off')
    expect(textOf('G1', 'removal.lockNut', { parts: { bearing: '6208' } })).toContain(
      'bent back straight, then off',
    )
    expect(textOf('A1', 'removal.castleNut', A1)).not.toContain('bent back')
  })
  it('only a tapered pair is set', () => {
    expect(stepsOf(plan('D1', D1)).some((s) => s.id.startsWith('adjust'))).toBe(false)
    expect(stepsOf(plan('B1', B2)).find((s) => s.id === 'adjust.clamped')?.text).toContain(
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

describe('practices', () => {
  it('each has its way noted with when the others are right', () => {
    for (const name of PRACTICE_NAMES) {
      const note = practiceNote(name, DEFAULT_PRACTICES)
      expect(note.mine, name).not.toBe('')
      expect(note.others.length, name).toBe(Object.keys(PRACTICES[name].ways).length - 1)
    }
  })
  it('feel or dial: both are on the card, the chosen one last; press or hammer change the tools', () => {
    expect(
      stepsOf(plan('A1', A1, { practices: { ...DEFAULT_PRACTICES, adjustment: 'feel' } })).map((s) => s.id),
    ).toContain('adjust.feel')
    expect(stepsOf(plan('A1', A1)).map((s) => s.id)).not.toContain('adjust.feel')
    const kinds = (driving: 'press' | 'hammer') =>
      plan('A1', A1, { practices: { ...DEFAULT_PRACTICES, driving } }).tools.map((t) => t.kind)
    expect(kinds('press')).toContain('puller')
    expect(kinds('hammer')).toContain('brassDrift')
  })
  it('cold: no heat on the card', () => {
    const fits = [{ ...TIGHT, slot: 'innerCup' }]
    expect(all(plan('A1', A1, { fits }))).toContain('Heat the hub')
    expect(all(plan('A1', A1, { fits, practices: { ...DEFAULT_PRACTICES, heat: 'cold' } }))).not.toContain(
      'Heat the hub',
    )
  })
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
    expect(step(code, 'removal.record')?.text).toContain('axle stands out')
  }
  // The tab is bent back for the nut over it, not again for the one behind.
  expect(step('A4', 'removal.outerRingNut')?.text).toContain('bent back')
  expect(step('A4', 'removal.innerRingNut')?.text).not.toContain('bent back')
  expect(step('D1', 'removal.hubUnit', D1)?.tool).not.toMatch(/blind/i)
  expect(step('C2', 'finish.spin')?.text).not.toContain('axle')
  expect(step('E1', 'mount.unit', { parts: { unit: 'hub unit 5 x 114.3' } })?.text).toMatch(
    /^Bolt-on hub unit 5 x/,
  )
  expect(step('C1', 'mount.washerOuter', { parts: { washerOuter: 'keep' } })?.text).toBe(
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
  const textOf = (more: Partial<PlanFacts>) =>
    stepsOf(plan('B4', { parts: { bearingRight: '6001-2RS' } }, more)).find(({ id }) => id === 'adjust.cones')
      ?.text
  expect(textOf({ nut })).toContain('0.083 mm')
  expect(textOf({})).not.toContain('twelfth')
})

it('looks again on the day after and by season, sooner where it is washed', () => {
  expect(plan('A1', A1).rechecks.map((r) => r.date)).toEqual(['2026-05-02', '2026-10-28'])
  expect(plan('A1', A1, { wet: true }).rechecks.map((r) => r.date)).toEqual(['2026-05-02', '2026-07-30'])
})
