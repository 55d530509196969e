/**
 * One identification in-process on the shipped catalogue, beside the same scoring by a plain scan of the part list.
 * Both do the same work and must rank alike; run with `npm run bench`.
 */
import {
  identify,
  identifyByPlainScan,
  buildIdentifier,
  readMeasurements,
  type Evidence,
  type TypedMeasurement,
} from '@/core/identify'
import { buildCatalogue } from '@/core/catalogue'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'

const ROUNDS = 1000
/** Until the code is compiled as far as it ever is: about the first three hundred of a kind. */
const WARM_UP = 400
/** The scan takes twenty times as long. */
const SCANS = 100

const size = (feature: TypedMeasurement['feature'], text: string): TypedMeasurement => ({
  feature,
  readings: [text],
})
function evidence(
  sizes: TypedMeasurement[],
  stamps: string[] = [],
  observed: Evidence['observed'] = {},
): Evidence {
  const read = readMeasurements(sizes)
  if (!read.ok) throw new Error('The bench asks an impossible question')
  return { measurements: read.value, stamps: stamps.map((text) => ({ text })), observed }
}

const QUESTIONS: [string, Evidence][] = [
  ['three sizes', evidence([size('bore', '25'), size('outside', '52'), size('width', '15')])],
  [
    'two sizes, taper',
    evidence([size('bore', '0.74 in'), size('outside', '1.78 in')], [], { element: 'taperedRoller' }),
  ],
  ['damaged stamp', evidence([], ['62?5-2R5'])],
  [
    'three sizes and a damaged stamp',
    evidence([size('bore', '15'), size('outside', '28'), size('width', '7')], ['69O2-2R5']),
  ],
  ['not listed', evidence([size('bore', '19.3'), size('outside', '44.4'), size('width', '13.2')])],
]

/** Rounds of one question, ms, shortest first. */
const time = (rounds: number, run: () => unknown): number[] =>
  Array.from({ length: rounds }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  }).sort((a, b) => a - b)

const show = (took: readonly number[]): string =>
  [0.5, 0.99].map((share) => (took[Math.floor(share * took.length)] ?? 0).toFixed(2)).join(' / ')

const begun = performance.now()
const [parts, tokens] = [readShippedParts(), readShippedTokens()]
const read = performance.now()
const context = { catalogue: buildCatalogue(parts), tokens }
const identifier = buildIdentifier(context)
console.log(
  `rows read and checked: ${(read - begun).toFixed(0)} ms, indexed: ${(performance.now() - read).toFixed(0)} ms, ${context.catalogue.parts.length} parts`,
)
console.log(
  `${'question, ms median / p99'.padEnd(34)}${`first ${WARM_UP}`.padEnd(16)}${`next ${ROUNDS}`.padEnd(16)}plain scan, ${SCANS}`,
)
for (const [label, evidence] of QUESTIONS) {
  const [best] = identify(identifier, evidence, 1).candidates
  const [plain] = identifyByPlainScan(identifier, evidence)
  if (best?.part !== plain?.part) throw new Error(`${label}: the two do not agree`)
  const ask = () => identify(identifier, evidence, 10)
  const [first, next] = [time(WARM_UP, ask), time(ROUNDS, ask)]
  const scan = time(SCANS, () => identifyByPlainScan(identifier, evidence))
  console.log(`${label.padEnd(34)}${show(first).padEnd(16)}${show(next).padEnd(16)}${show(scan)}`)
}

/** Texts that fit nearly everything: the work of a reading is bounded. */
const HOSTILE = [
  '*'.repeat(80),
  '?*'.repeat(40),
  '*6*2*0*5*',
  '?????',
  '6'.repeat(80),
  '*1*2*3*4*5*6*7*8*9*0*',
  '(6-2/0.5)'.repeat(8),
]
for (const text of HOSTILE) {
  const took = Array.from({ length: 15 }, () => {
    const begun = performance.now()
    identify(identifier, evidence([], [text]), 10)
    return performance.now() - begun
  }).sort((a, b) => a - b)
  console.log(
    `hostile ${text.slice(0, 20).padEnd(26)}median ${(took[7] ?? 0).toFixed(1)}, worst ${(took.at(-1) ?? 0).toFixed(1)} ms`,
  )
}
