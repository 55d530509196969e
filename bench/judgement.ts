/**
 * Fits, spacing, grease, life, comparison, inspection, conversion and plans, in-process, median and p99 of many rounds;
 * a hundred thousand assemblies beside the same number of bare draws. With AMBER_URL also the printed job card beside the
 * bare health call.
 */
import { performance } from 'node:perf_hooks'
import { randomLcg, randomNormal } from 'd3-random'
import { endPlay, playCurve } from '@/core/adjust'
import { compareParts } from '@/core/compare'
import { partsForSeat } from '@/core/convert'
import { checkFit, simulateFit } from '@/core/fit'
import { DAMAGE, judgeParts, SEVERITIES } from '@/core/inspect'
import { variantOf } from '@/core/interchange'
import { arrangementOf, proposeKit } from '@/core/kit'
import { judgeLife } from '@/core/life'
import { makePlan } from '@/core/procedure'
import { judgeSpacerPair } from '@/core/spacing'
import { NOTHING_SAID } from '../tests/support/planFacts'
import { shipped, shippedKnowledge } from '../tests/support/shipped'
import { row, timed } from './timing'

const SIZES = [
  [25, 52, 15],
  [30, 62, 16],
  [40, 80, 18],
  [17, 40, 12],
] as const
const sizeOf = (i: number) => SIZES[i % SIZES.length] ?? SIZES[0]
row(
  'fit with eight readings',
  timed(500, (i) => {
    const [bore, outside, width] = sizeOf(i)
    const readings = Array.from({ length: 8 }, (_, k) => ({
      at: String((k % 4) * 3 + 3),
      depth: k < 4 ? 'front' : 'back',
      valueMm: outside - 0.02 + k * 0.002,
    }))
    return checkFit({ ring: 'outer', class: 'N7', bore, outside, width, readings })
  }),
)
row(
  'end play with its curve',
  timed(500, () => [
    endPlay({ pitchMm: 25.4 / 14, degrees: 90, slots: 6, lock: 'slots', crossHoles: 2 }),
    playCurve(25.4 / 14, 30, 0),
  ]),
)
row(
  'spacer between shoulders',
  timed(500, (i) =>
    judgeSpacerPair({
      shouldersMm: 46,
      spacerMm: 45.5 + (i % 10) / 10,
      shouldersOffMm: 0.05,
      spacerOffMm: 0.05,
    }),
  ),
)
const ball = variantOf('6205', shipped)?.part
if (!ball) throw new Error('6205 is not in the catalogue')
row(
  'rating life',
  timed(500, (i) =>
    judgeLife({
      part: ball,
      cKn: 14,
      c0Kn: 7.85,
      rpm: 300,
      radialKn: 1 + (i % 5),
      axialKn: i % 3,
      wantedHours: 10_000,
    }),
  ),
)
const pairs = [
  ['6003RS', '6003-2RS'],
  ['6205', '1641'],
  ['L68149/L68110', 'L68149/L68111'],
].map((names) => names.map((name) => ({ variant: variantOf(name, shipped), measured: {}, features: {} })))
row(
  'comparison',
  timed(500, (i) => {
    const [a, b] = pairs[i % pairs.length] ?? []
    return a && b && compareParts(a, b)
  }),
)
const seen = DAMAGE.slice(0, 12).flatMap((mode, i) => {
  const [part, severity] = [mode.parts[0], SEVERITIES[i % 3]]
  return part && severity ? [{ part, damage: mode.id, severity }] : []
})
row(
  'inspection of twelve findings',
  timed(500, () => judgeParts(seen, { tags: ['washed', 'salt air'], age: 'long' })),
)
row(
  'conversion, parts for one seat',
  timed(200, (i) => {
    const [shaftMm, housingMm, widthMm] = sizeOf(i)
    return partsForSeat(shipped.catalogue, 'ballToTapered', { shaftMm, housingMm, widthMm })
  }),
)

const arrangement = arrangementOf('A1')
const request = {
  positions: 4,
  parts: { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' },
  sizes: { sealShaft: 42, sealHousing: 62, sealWidth: 8, cavityLength: 48, hubMouth: 45.24 },
  thread: '3/4-16',
}
const kitOf = () => proposeKit(arrangement, request, shippedKnowledge)
row('the kit alone (yardstick of the plan)', timed(200, kitOf))
row(
  'plan from its kit, A1',
  timed(200, () => {
    const kit = kitOf()
    return makePlan({
      arrangement,
      kit,
      ...NOTHING_SAID,
      encoder: false,
      wet: true,
    })
  }),
)

const COUNT = 100_000
const normal = randomNormal.source(randomLcg(0.42))(0, 1)
row(
  'a hundred thousand assemblies',
  timed(12, () =>
    simulateFit(
      {
        seat: { lower: 2, upper: 11 },
        ring: { lower: -10, upper: 0 },
        clearance: { lower: 5, upper: 20 },
        taken: 0.8,
        sign: 1,
      },
      COUNT,
      normal,
    ),
  ),
)
row(
  'three bare draws for each (yardstick)',
  timed(12, () => {
    let sum = 0
    for (let i = 0; i < 3 * COUNT; i++) sum += normal()
    return sum
  }),
)

const address = process.env['AMBER_URL']
if (address) {
  const { items } = (await (await fetch(`${address}/api/jobs?limit=50`)).json()) as {
    items: { id: number }[]
  }
  // Jobs with a kit: those that have a plan.
  const plans = await Promise.all(items.map(({ id }) => fetch(`${address}/api/jobs/${id}/plan`)))
  const withKit = items.filter((_, i) => plans[i]?.status === 200)
  const call = async (path: string): Promise<number> => {
    const began = performance.now()
    await (await fetch(address + path)).arrayBuffer()
    return performance.now() - began
  }
  const many = async (path: (i: number) => string): Promise<number[]> => {
    const times: number[] = []
    for (let i = 0; i < 30; i++) times.push(await call(path(i)))
    return times
  }
  const id = (i: number) => withKit[i % withKit.length]?.id ?? 0
  row('health over HTTP (yardstick)', await many(() => '/api/health'))
  row('plan over HTTP', await many((i) => `/api/jobs/${id(i)}/plan`))
  row('job card PDF over HTTP', await many((i) => `/api/jobs/${id(i)}/card.pdf`))
}
