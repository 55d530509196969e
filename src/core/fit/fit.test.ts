import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkFit, fitProblemText, type FitQuestion } from './checkFit'
import { coolingSeconds, timeToFit } from './cooling'
import { ringLimits } from './ringTolerances'
import { heatToDropIn } from './heatToDropIn'
import { clearanceLeft, internalClearance, CLEARANCE_GROUPS } from './internalClearance'
import { MATERIALS } from './materials'
import { pressForce, pressure } from './pressFit'
import { recommendSeat } from './recommendSeat'
import { ringBandMm } from './ringTolerances'
import { toleranceClass } from './toleranceClass'

/** Rows as published in ISO 286-2, from memory; those marked * are the trade notes' own. Size, class, upper, lower, µm. */
const ROWS: [number, string, number, number][] = [
  [25, 'k5', 11, 2],
  [25, 'j6', 9, -4],
  [25, 'h6', 0, -13],
  [25, 'g6', -7, -20],
  [40, 'm6', 25, 9], // *
  [50, 'H7', 25, 0],
  [52, 'J7', 18, -12],
  [62, 'M7', 0, -30],
  [62, 'N7', -9, -39],
  [62, 'P7', -21, -51], // *
  [20, 'f7', -20, -41],
  [20, 'h7', 0, -21],
  [20, 'js6', 6.5, -6.5],
  [20, 'k6', 15, 2],
  [20, 'm6', 21, 8],
  [20, 'n6', 28, 15],
  [20, 'p6', 35, 22],
  [20, 'r6', 41, 28],
  [60, 'f7', -30, -60],
  [60, 'g6', -10, -29],
  [60, 'k6', 21, 2],
  [60, 'm6', 30, 11],
  [60, 'n6', 39, 20],
  [60, 'p6', 51, 32],
  [60, 'r6', 60, 41],
  [70, 'r6', 62, 43],
  [100, 'k6', 25, 3],
  [100, 'm6', 35, 13],
  [100, 'n6', 45, 23],
  [100, 'p6', 59, 37],
  [100, 'g6', -12, -34],
  [100, 'j6', 13, -9],
  [100, 'k5', 18, 3],
  [100, 'm5', 28, 13],
  [8, 'k6', 10, 1],
  [8, 'm6', 15, 6],
  [15, 'k5', 9, 1],
  [15, 'j5', 5, -3],
  [15, 'j6', 8, -3],
  [15, 'm5', 15, 7],
  [15, 'g6', -6, -17],
  [35, 'k5', 13, 2],
  [35, 'j5', 6, -5],
  [35, 'j6', 11, -5],
  [35, 'n6', 33, 17],
  [35, 'p6', 42, 26],
  [30, 'F7', 41, 20],
  [30, 'G7', 28, 7],
  [30, 'H7', 21, 0],
  [30, 'J7', 12, -9],
  [30, 'JS7', 10.5, -10.5],
  [30, 'K7', 6, -15],
  [30, 'M7', 0, -21],
  [30, 'N7', -7, -28],
  [30, 'P7', -14, -35],
  [30, 'R7', -20, -41],
  [40, 'G7', 34, 9],
  [40, 'H8', 39, 0],
  [40, 'J7', 14, -11],
  [40, 'K7', 7, -18],
  [40, 'N7', -8, -33],
  [40, 'P7', -17, -42],
  [40, 'R7', -25, -50],
  [40, 'K6', 3, -13],
  [40, 'M6', -4, -20],
  [40, 'N6', -12, -28],
  [40, 'P6', -21, -37],
  [62, 'K7', 9, -21],
  [62, 'R7', -30, -60],
  [70, 'R7', -32, -62],
  [62, 'K6', 4, -15],
  [62, 'M6', -5, -24],
  [62, 'N6', -14, -33],
  [90, 'J7', 22, -13],
  [90, 'K7', 10, -25],
  [90, 'M7', 0, -35],
  [90, 'N7', -10, -45],
  [90, 'P7', -24, -59],
  [90, 'J6', 16, -6],
  [90, 'G6', 34, 12],
  [150, 'K7', 12, -28],
  [150, 'N7', -12, -52],
  [150, 'P7', -28, -68],
  [150, 'J7', 26, -14],
  [300, 'M6', -9, -41],
  [300, 'N7', -14, -66],
  [300, 'K7', 16, -36],
  [10, 'K7', 5, -10],
  [10, 'N7', -4, -19],
  [10, 'P7', -9, -24],
  [10, 'J7', 8, -7],
]

describe('ISO 286 limits', () => {
  it.each(ROWS)('%d %s is +%d/%d', (mm, name, upper, lower) =>
    expect(toleranceClass(name, mm)).toEqual({ lower, upper }),
  )
  it('there are more than seventy rows to check against', () => expect(ROWS.length).toBeGreaterThan(70))
  it('a coarser grade is never narrower, and every class is as wide as its grade', () => {
    const letters = ['f', 'g', 'h', 'j', 'js', 'k', 'm', 'n', 'p', 'r'].flatMap((l) => [l, l.toUpperCase()])
    fc.assert(
      fc.property(
        fc.constantFrom(...letters),
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        (letter, mm) => {
          const widths = [4, 5, 6, 7, 8, 9].flatMap((grade) => {
            const limits = toleranceClass(`${letter}${grade}`, mm)
            return limits ? [limits.upper - limits.lower] : []
          })
          expect([...widths].sort((a, b) => a - b)).toEqual(widths)
        },
      ),
    )
  })
  it.each(['x5', 'k3', 'k10', 'zc6', '', 'k'])('“%s” is no class of these tables', (name) =>
    expect(toleranceClass(name, 25)).toBeNull(),
  )
  it.each([0, -1, 501])('%d mm is outside of them', (mm) => expect(toleranceClass('k5', mm)).toBeNull())
})

it.each([
  ['bore', 17, 8],
  ['bore', 25, 10],
  ['bore', 40, 12],
  ['bore', 60, 15],
  ['bore', 100, 20],
  ['outside', 25, 9],
  ['outside', 40, 11],
  ['outside', 62, 13],
  ['outside', 100, 15],
  ['outside', 140, 18],
] as const)('ISO 492 Normal: a %s of %d mm is made %d µm wide', (role, mm, um) =>
  expect(ringBandMm(role, mm) * 1000).toBeCloseTo(um, 6),
)

describe('ISO 5753 clearance', () => {
  it.each([
    [15, 'CN', 3, 18],
    [20, 'C3', 13, 28],
    [25, 'C4', 23, 41],
    [35, 'CN', 6, 20],
    [45, 'C3', 18, 36],
    [45, 'C2', 1, 11],
  ] as const)('bore %d %s is %d to %d µm (rows of the trade notes)', (bore, group, lower, upper) =>
    expect(internalClearance('deep-groove', group, bore)).toEqual({ lower, upper }),
  )
  it('grows from group to group and, within a group, never shrinks with the bore', () => {
    const bores = [5, 15, 20, 28, 35, 45, 60, 75, 95, 110]
    for (const family of ['deep-groove', 'cylindrical'])
      for (const [i, bore] of bores.entries())
        for (const [g, group] of CLEARANCE_GROUPS.entries()) {
          const here = internalClearance(family, group, bore)
          const next = internalClearance(family, CLEARANCE_GROUPS[g + 1] ?? 'C5', bore)
          const larger = internalClearance(family, group, bores[i + 1] ?? bore)
          if (here && next) expect(next.lower).toBeGreaterThanOrEqual(here.lower)
          if (here && larger && bore > 10) expect(larger.upper).toBeGreaterThanOrEqual(here.upper)
        }
  })
  it('loose fits give nothing back', () =>
    expect(clearanceLeft({ lower: 5, upper: 20 }, 'inner', { min: -20, max: -3 })).toEqual({
      min: 5,
      max: 20,
    }))
})

describe('Lamé', () => {
  it('a steel ring 50/100 on a solid steel shaft, 0.05 mm: 77.25 MPa (textbook: p = δE(1 − d²/D²)/2d)', () => {
    const p = pressure(50, 0.05, { otherMm: 0, material: 'steel' }, { otherMm: 100, material: 'steel' })
    expect(p).toBeCloseTo((0.05 * MATERIALS.steel.modulus * (1 - 0.25)) / (2 * 50), 6)
    expect(p).toBeCloseTo(77.25, 2)
    // F = µ·π·d·B·p
    expect(pressForce(p, 50, 20, 0.12)).toBeCloseTo((0.12 * Math.PI * 50 * 20 * p) / 1000, 9)
  })
  it('is linear in the interference, lower for a hollow shaft and a thin hub, none when loose', () => {
    const solid = { otherMm: 0, material: 'steel' } as const
    const ring = { otherMm: 80, material: 'steel' } as const
    expect(pressure(50, 0.04, solid, ring)).toBeCloseTo(2 * pressure(50, 0.02, solid, ring), 9)
    expect(pressure(50, 0.02, { ...solid, otherMm: 30 }, ring)).toBeLessThan(pressure(50, 0.02, solid, ring))
    expect(pressure(50, 0.02, solid, { ...ring, otherMm: 60 })).toBeLessThan(pressure(50, 0.02, solid, ring))
    expect(pressure(50, 0.02, solid, ring)).toBeLessThan(
      pressure(50, 0.02, solid, { ...ring, otherMm: Infinity }),
    )
    expect(pressure(50, -0.01, solid, ring)).toBe(0)
  })
})

it('heat undoes the interference and leaves the gap', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 0.08, noNaN: true }),
      fc.integer({ min: 15, max: 300 }),
      (mm, d) => {
        const { deltaC } = heatToDropIn(mm, d, 'aluminium')
        const grown = MATERIALS.aluminium.expansion * 1e-6 * d * deltaC
        expect(grown - mm).toBeGreaterThanOrEqual(0.0149)
      },
    ),
  )
  expect(heatToDropIn(0, 50, 'steel')).toEqual({ deltaC: 0, celsius: 20 })
})

describe('cooling', () => {
  // Heat transfer textbook exercise: annealed steel balls of 12 mm, 1150 K to 400 K in air of 325 K, h = 20 W/(m²·K), rho 7800,
  // c 600: 1122 s (from memory; V/A of a ball is d/6).
  it('agrees with the worked example of annealed balls', () => {
    const ball = { density: 7800, heatCapacity: 600, thicknessM: 0.012 / 6 }
    expect(coolingSeconds(ball, 20, 1150, 400, 325)).toBeCloseTo(1122, 0)
  })
  it('is nothing where it is cold enough already, and endless below what is around it', () => {
    const body = { density: 7850, heatCapacity: 460, thicknessM: 0.005 }
    expect(coolingSeconds(body, 10, 60, 60, 20)).toBe(0)
    expect(coolingSeconds(body, 10, 60, 20, 20)).toBe(Infinity)
  })
  it('leaves minutes in air and seconds on the shaft for a middling bearing (common practice)', () => {
    const { inAir, onSeat } = timeToFit(
      { insideMm: 40, outsideMm: 80, widthMm: 18, density: 7850, heatCapacity: 460, filled: 0.68, wallMm: 5 },
      90,
      55,
    )
    expect(inAir.least).toBeGreaterThan(120)
    expect(inAir.max).toBeLessThan(1500)
    expect(onSeat.least).toBeGreaterThan(1)
    expect(onSeat.max).toBeLessThan(30)
  })
  it('is said of a bearing, and of a hub only where its wall is known', () => {
    const bearing = { ring: 'inner', class: 'k6', bore: 40, outside: 80, width: 18 } as const
    const hub = { ...bearing, ring: 'outer', class: 'N7' } as const
    const adviceOf = (question: FitQuestion) => {
      const fit = checkFit(question)
      return fit.ok ? fit.value.heat.advice : ''
    }
    expect(adviceOf(bearing)).toMatch(/goes on for .* min in air, and grips .* s after/)
    expect(adviceOf(hub)).not.toMatch(/grips/)
    expect(adviceOf({ ...hub, hubOutside: 110, materials: { housing: 'aluminium' } })).toMatch(/grips/)
  })
})

describe('small bearings that go in by thumb (common practice)', () => {
  const RINGS = ['inner', 'outer'] as const
  it.each(RINGS.flatMap((ring) => RINGS.map((rotatingRing) => [ring, rotatingRing] as const)))(
    'no %s ring is tight, whichever turns (%s), at any load',
    (ring, rotatingRing) => {
      for (const load of ['light', 'normal', 'heavy'] as const) {
        const usual = recommendSeat({
          ring,
          rotatingRing,
          load,
          byThumb: true,
          kind: 'ball',
          boreMm: 9,
          outsideMm: 26,
          family: 'deep-groove',
          clearance: 'CN',
        })
        const seat = { ring, bore: 9, outside: 26, width: 8, kind: 'ball', byThumb: true } as const
        const fit = checkFit({ ...seat, class: usual.class })
        expect(fit.ok && fit.value.interference.max).toBeLessThanOrEqual(3)
        expect(fit.ok && fit.value).toMatchObject({
          tools: null,
          pressForceKn: { max: 0 },
          heat: { byHeat: false },
        })
        const advice = fit.ok ? fit.value.advice.join(' ') : ''
        expect(advice).toContain('by thumb')
        expect(advice).not.toMatch(/wrong for the one that turns|would not go in/)
        const tight = checkFit({ ...seat, class: ring === 'inner' ? 'm6' : 'P7' })
        expect(tight.ok && tight.value.advice.join(' ')).toContain('would not go in by thumb')
        expect(usual.why).toContain('no press')
      }
    },
  )
})

describe('a fit checked', () => {
  const ask = (q: Partial<Parameters<typeof checkFit>[0]>) => {
    const answer = checkFit({ ring: 'inner', class: 'k5', bore: 25, outside: 52, width: 15, ...q })
    if (!answer.ok) throw new Error(answer.problem.code)
    return answer.value
  }
  it('inner ring 25 on k5: 2 to 21 µm tight, clearance left after four fifths of it', () => {
    const a = ask({})
    expect(a.limits).toEqual({ lower: 2, upper: 11 })
    expect(a.bearing.lower).toBeCloseTo(-10, 9)
    expect(a.interference.min).toBeCloseTo(2, 9)
    expect(a.interference.max).toBeCloseTo(21, 9)
    expect(a.interference.mean).toBeCloseTo(11.5, 9)
    expect(a.clearanceLeft?.min).toBeCloseTo(5 - 0.8 * 21, 6)
    expect(a.clearanceLeft?.max).toBeCloseTo(20 - 0.8 * 2, 6)
    expect(a.advice.join()).toMatch(/no clearance is left/)
  })
  it('outer ring 62 in N7: 9 − 13 to 39 µm; the housing is heated, an alloy one less', () => {
    const a = ask({ ring: 'outer', class: 'N7', bore: 30, outside: 62, width: 16 })
    expect(a.interference.min).toBeCloseTo(-4, 9)
    expect(a.interference.max).toBeCloseTo(39, 9)
    const alloy = ask({
      ring: 'outer',
      class: 'N7',
      bore: 30,
      outside: 62,
      width: 16,
      materials: { housing: 'aluminium' },
    })
    expect(alloy.heat.deltaC).toBeLessThan(a.heat.deltaC)
    expect(alloy.pressForceKn.max).toBeLessThan(a.pressForceKn.max)
    expect(a.pressForceKn.min).toBe(0)
  })
  it('a sealed bearing is not heated beyond 80 °C', () =>
    expect(ask({ class: 'p6', sealed: true }).heat.advice).toMatch(
      /more than a sealed, greased bearing may have \(80 °C\)/,
    ))
  it('a slide fit says where it is right', () =>
    expect(ask({ class: 'g6' }).advice.join()).toMatch(/slide fit/))
  it.each([
    [{ class: 'N7' }, 'side'],
    [{ ring: 'outer', class: 'k5' }, 'side'],
    [{ class: 'z9' }, 'class'],
    [{ bore: 60 }, 'sizes'],
    [{ hollow: 30 }, 'sizes'],
    [{ ring: 'outer', class: 'H7', hubOutside: 50 }, 'sizes'],
  ] as const)('%j is refused: %s', (q, code) =>
    expect(checkFit({ ring: 'inner', class: 'k5', bore: 25, outside: 52, width: 15, ...q })).toMatchObject({
      ok: false,
      problem: { code },
    }),
  )
})

describe('where a rule of a fit changes', () => {
  const ask = (q: Partial<Parameters<typeof checkFit>[0]>) =>
    checkFit({ ring: 'inner', class: 'k5', bore: 25, outside: 52, width: 15, ...q })
  const answerFor = (q: Partial<Parameters<typeof checkFit>[0]>) => {
    const answer = ask(q)
    if (!answer.ok) throw new Error(answer.problem.code)
    return answer.value
  }
  // ISO 286-2 rows: N to IT8 with its step, beyond it to nominal; k beyond IT7 begins at nominal.
  it.each([
    ['N8', 25, -36, -3],
    ['N9', 25, -52, 0],
    ['N9', 2, -29, -4],
    ['K8', 25, -23, 10],
    ['K8', 2, -14, 0],
    ['k7', 25, 2, 23],
    ['k8', 25, 0, 33],
    ['m8', 25, 8, 41],
  ])('%s of %s mm is %s to %s', (name, mm, lower, upper) =>
    expect(toleranceClass(name, mm)).toEqual({ lower, upper }),
  )
  it('K9 has no place beyond 3 mm', () => expect(toleranceClass('K9', 25)).toBeNull())
  it.each([{ bore: 52 }, { hollow: 25 }, { ring: 'outer', class: 'H7', hubOutside: 52 }] as const)(
    'no wall is refused: %j',
    (q) => expect(ask(q)).toMatchObject({ ok: false, problem: { code: 'sizes' } }),
  )
  it('the right ring is named where a class is on the wrong side', () => {
    const refusal = (q: Parameters<typeof ask>[0]) => {
      const answer = ask(q)
      return answer.ok ? '' : fitProblemText(answer.problem)
    }
    expect(refusal({ class: 'N7' })).toContain('sits on a shaft')
    expect(refusal({ ring: 'outer', class: 'k5' })).toContain('sits in a housing')
  })
  it('what is heated is named: the bearing on a shaft, the hub around a ring; only a hub may be spared by a cold bearing', () => {
    expect(answerFor({ bore: 80, outside: 140, width: 26 }).heat.advice).toMatch(/^Heat the bearing/)
    const outer = { ring: 'outer', bore: 30, outside: 62, width: 16 } as const
    expect(answerFor({ ...outer, class: 'N7' }).heat.advice).toMatch(/^Heat the hub or housing/)
    expect(answerFor({ ...outer, class: 'P7' }).heat.advice).toMatch(/hub may have .* or cool the bearing/)
    expect(answerFor({ class: 'p6', sealed: true }).heat.advice).not.toContain('cool the bearing')
  })
  it('an average that is neither tight nor loose is tried by hand, a loose one slides', () => {
    // 25 j5 is +5/−4, the bore 0/−10: −4 to 15 tight.
    expect(answerFor({ class: 'j5' }).advice.join()).toContain('try the ring by hand')
    expect(answerFor({ class: 'k5' }).advice.join()).not.toMatch(/by hand|slide fit/)
    expect(answerFor({ class: 'f7' }).advice.join()).not.toContain('try the ring by hand')
    expect(answerFor({}).advice.join()).toContain('as of a deep groove')
    expect(answerFor({ family: 'deep-groove' }).advice.join()).not.toContain('as of a deep groove')
  })
  it('what is cool already needs no time, and what surrounds it is never passed', () => {
    const body = { density: 7850, heatCapacity: 460, thicknessM: 0.01 }
    expect(coolingSeconds(body, 10, 80, 80, 20)).toBe(0)
    expect(coolingSeconds(body, 10, 80, 20, 20)).toBe(Infinity)
    expect(coolingSeconds(body, 10, 80, 79, 20)).toBeGreaterThan(0)
  })
  it('a sleeve is that of its own ring', () => {
    expect(answerFor({ class: 'm6' }).tools?.sleeve.insideMm).toBeCloseTo(25.5, 9)
    const outer = answerFor({ ring: 'outer', class: 'N7', bore: 30, outside: 62, width: 16 })
    expect(outer.tools?.sleeve.outsideMm).toBeCloseTo(61.5, 9)
    expect(outer.tools?.sleeve.insideMm).toBeGreaterThan(50)
  })
  it('the smallest bore of a table is outside of it', () => {
    expect(internalClearance('self-aligning', 'CN', 2.5)).toBeNull()
    expect(internalClearance('deep-groove', 'CN', 2.5)).toBeNull()
    expect(internalClearance('deep-groove', 'CN', 2.51)).not.toBeNull()
    expect(internalClearance('self-aligning', 'CN', 18, 'onSleeve')).toBeNull()
    expect(internalClearance('self-aligning', 'CN', 18.01, 'onSleeve')).not.toBeNull()
  })
})

describe('rings that sit otherwise', () => {
  it('a needle cage has no rings: nothing is taken off its sizes', () => {
    for (const role of ['bore', 'outside'] as const)
      expect(ringLimits(role, 25, 'needleCage')).toEqual({ lower: 0, upper: 0 })
  })
  it('an outer ring is pressed into a hub with the force of Lamé for both walls', () => {
    const question = { ring: 'outer', class: 'P7', bore: 25, outside: 52, width: 15, hubOutside: 80 } as const
    const fit = checkFit(question)
    if (!fit.ok) throw new Error('P7 holds a ring of 52 mm')
    // Steel in steel, E 206 000 N/mm², from a textbook: p = δ / (d · ((K(hub) + ν) + (K(ring) − ν)) / E), F = µ·π·d·b·p.
    const [d, hub, raceway] = [52, 80, 52 - (52 - 25) / 4]
    const K = (a: number, b: number) => (b * b + a * a) / (b * b - a * a)
    const force = (um: number, friction: number) =>
      (friction * Math.PI * d * 15 * (um / 1000 / d / ((K(d, hub) + K(raceway, d)) / 206_000))) / 1000
    const { min, max } = fit.value.interference
    expect(fit.value.pressForceKn.max / force(max, 0.16)).toBeCloseTo(1, 1)
    expect(fit.value.pressForceKn.min / force(min, 0.1)).toBeCloseTo(1, 1)
  })
  it('a hub cools as what it is, a ring of metal; it grips its ring at once where the metals touch well', () => {
    const ring = { density: 7850, heatCapacity: 460, insideMm: 52, outsideMm: 80, widthMm: 15, wallMm: 14 }
    const { inAir, onSeat } = timeToFit({ ...ring, filled: 1 }, 90, 60)
    // Newton's law by hand: ρ·c·(V/A)/h · ln(90/60); a wall of 14 mm gives 500 to 3000 W/(m²·K) through its seat.
    const fall = 7850 * 460 * Math.log(90 / 60)
    expect(onSeat.least).toBeCloseTo((fall * 0.014) / 3000, 6)
    expect(onSeat.max).toBeCloseTo((fall * 0.014) / 500, 6)
    const volume = (Math.PI / 4) * (0.08 ** 2 - 0.052 ** 2) * 0.015
    const surface = Math.PI * 0.132 * 0.015 + (Math.PI / 2) * (0.08 ** 2 - 0.052 ** 2)
    expect(inAir.max).toBeCloseTo((fall * volume) / surface / 6, 6)
  })
})
