/**
 * One identification among a million imported parts (synthetic, seeded): three sizes and a damaged number. Yardsticks in
 * the same run: a scan of typed arrays and a k-d index for the sizes; a full-text index, a fuzzy searcher and a plain
 * edit-distance scan for the number. Run with `npm run bench:million`, a few minutes.
 */
import { distance } from 'fastest-levenshtein'
import Fuse from 'fuse.js'
import KDBush from 'kdbush'
import MiniSearch from 'minisearch'
import { buildCatalogue } from '@/core/catalogue'
import { buildIdentifier, identify, type Evidence } from '@/core/identify'
import { buildShelf, type ShelfColumns } from '@/core/shelf'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'
import { seeded } from '../tests/support/simulation'
import { syntheticColumns, wornNumber } from '../tests/support/syntheticShelf'

const PARTS = Number(process.env['PARTS'] ?? 1_000_000)
const QUESTIONS = 200
const NEAR_MM = 0.15
/** Yardsticks that take seconds a question are not asked twice. */
const WARM_FROM = 20

const heap = (): number => {
  global.gc?.()
  const { heapUsed, arrayBuffers } = process.memoryUsage()
  return (heapUsed + arrayBuffers) / 1e6
}

function built<T>(label: string, make: () => T): T {
  const before = heap()
  const from = performance.now()
  const made = make()
  const seconds = (performance.now() - from) / 1000
  console.log(`${label.padEnd(34)}built in ${seconds.toFixed(1)} s, ${(heap() - before).toFixed(0)} MB`)
  return made
}

interface Question {
  number: string
  text: string
  evidence: Evidence
}

const list = (): ShelfColumns => syntheticColumns(PARTS, 7)
const random = seeded(11)

/** Questions are made first; the list they are made from is not kept, as it is not in the application. */
function ask({ designations, sizes }: ShelfColumns): Question {
  const size = (name: keyof typeof sizes, n: number): number => sizes[name][n] ?? 0
  const part = Math.floor(random() * PARTS)
  const read = (name: keyof typeof sizes) => ({
    feature: name,
    valuesMm: [Math.round((size(name, part) + (random() - 0.5) * 0.06) * 100) / 100],
    stepMm: 0.01,
    instrument: 'digitalCaliper' as const,
    condition: 'used' as const,
    unitGuessed: false,
  })
  const number = designations[part] ?? ''
  const text = wornNumber(number, random)
  return {
    number,
    text,
    evidence: {
      measurements: [read('bore'), read('outside'), read('width')],
      stamps: [{ text }],
      observed: {},
    },
  }
}
const questions = ((columns) => Array.from({ length: QUESTIONS }, () => ask(columns)))(list())

/** Times every question; the answer is right when the part with its number comes first. */
function run(label: string, rounds: number, answer: (question: Question) => string | undefined): void {
  const sample = questions.slice(0, rounds)
  // Once before, so that neither compiling nor pages fetched for the first time are counted.
  for (const question of rounds > WARM_FROM ? sample : sample.slice(0, 1)) answer(question)
  let right = 0
  const took = sample
    .map((question) => {
      const from = performance.now()
      const found = answer(question)
      const ms = performance.now() - from
      if (found === question.number) right++
      return ms
    })
    .sort((a, b) => a - b)
  const at = (share: number) =>
    (took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0).toFixed(2)
  console.log(
    `${label.padEnd(34)}median ${at(0.5)} ms, p99 ${at(0.99)} ms, right ${((100 * right) / rounds).toFixed(0)} % of ${rounds}`,
  )
}

const context = { catalogue: buildCatalogue(readShippedParts()), tokens: readShippedTokens() }
const shelf = built('ours', () => buildShelf(list()))
const identifier = buildIdentifier(context, { shelf })
run(
  'ours: sizes and number',
  QUESTIONS,
  ({ evidence }) => identify(identifier, evidence, 10).candidates[0]?.part.base,
)
run(
  'ours: number alone',
  QUESTIONS,
  ({ evidence }) => identify(identifier, { ...evidence, measurements: [] }, 10).candidates[0]?.part.base,
)
run(
  'ours: sizes alone',
  QUESTIONS,
  ({ evidence }) => identify(identifier, { ...evidence, stamps: [] }, 10).candidates[0]?.part.base,
)

const { designations, sizes } = list()
const size = (name: keyof typeof sizes, n: number): number => sizes[name][n] ?? 0
const off = (question: Question, n: number): number => {
  const [bore = 0, outside = 0, width = 0] = question.evidence.measurements.map((m) => m.valuesMm[0] ?? 0)
  return Math.max(
    Math.abs(size('bore', n) - bore),
    Math.abs(size('outside', n) - outside),
    Math.abs(size('width', n) - width),
  )
}
const nearest = (question: Question, among: Iterable<number>): string | undefined => {
  let [best, least] = [-1, NEAR_MM]
  for (const n of among) {
    const away = off(question, n)
    if (away < least) [best, least] = [n, away]
  }
  return designations[best]
}
run('sizes: scan of typed arrays', QUESTIONS, ({ evidence }) => {
  const [b = 0, o = 0, w = 0] = evidence.measurements.map((m) => m.valuesMm[0] ?? 0)
  const { bore, outside, width } = sizes
  let [best, least] = [-1, NEAR_MM]
  for (let n = 0; n < PARTS; n++) {
    const away = Math.max(
      Math.abs((bore[n] ?? 0) - b),
      Math.abs((outside[n] ?? 0) - o),
      Math.abs((width[n] ?? 0) - w),
    )
    if (away < least) [best, least] = [n, away]
  }
  return designations[best]
})
const tree = built('k-d index of bore and outside', () => {
  const index = new KDBush(PARTS)
  for (let n = 0; n < PARTS; n++) index.add(size('bore', n), size('outside', n))
  return index.finish()
})
run('sizes: k-d index', QUESTIONS, (question) => {
  const [bore = 0, outside = 0] = question.evidence.measurements.map((m) => m.valuesMm[0] ?? 0)
  return nearest(question, tree.range(bore - NEAR_MM, outside - NEAR_MM, bore + NEAR_MM, outside + NEAR_MM))
})
run('number: edit-distance scan', 10, ({ text }) => {
  let [best, least] = [-1, Infinity]
  for (let n = 0; n < PARTS; n++) {
    const away = distance(text, designations[n] ?? '')
    if (away < least) [best, least] = [n, away]
  }
  return designations[best]
})
const full = built('full-text index', () => {
  const index = new MiniSearch<{ id: number; number: string }>({ fields: ['number'], storeFields: [] })
  index.addAll(designations.map((number, id) => ({ id, number })))
  return index
})
run('number: full-text index, fuzzy', 50, ({ text }) => {
  const [hit] = full.search(text.replace('?', ''), { fuzzy: 2 })
  return hit ? designations[hit.id as number] : undefined
})
full.removeAll()
const fuse = built('fuzzy searcher', () => new Fuse(designations, { includeScore: true }))
run('number: fuzzy searcher', 3, ({ text }) => fuse.search(text, { limit: 1 })[0]?.item)
