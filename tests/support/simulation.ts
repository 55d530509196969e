import { commonnessWeight, elementOf, familyFacts, namesOf, type Part } from '@/core/catalogue'
import { misreadings, type Wear } from '@/core/designation'
import {
  buildIdentifier,
  identify,
  type Evidence,
  type Identification,
  type Observations,
} from '@/core/identify'
import { shipped } from './shipped'

/** Small seeded generator (mulberry32): the same tray every time. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

type Random = () => number
const normal = (random: Random): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
const exponential = (random: Random, mean: number): number => -mean * Math.log(1 - random())

const identifier = buildIdentifier(shipped)
const bearings = shipped.catalogue.parts.filter(
  ({ piece, family, dimensions: d }) =>
    piece === 'complete' &&
    familyFacts(family).kind === 'bearing' &&
    d.bore !== undefined &&
    d.outside !== undefined,
)
const totalWeight = bearings.reduce((sum, p) => sum + commonnessWeight(p), 0)

function draw(random: Random): Part {
  let at = random() * totalWeight
  for (const part of bearings) {
    at -= commonnessWeight(part)
    if (at <= 0) return part
  }
  throw new Error('no bearing drawn')
}

const widthOf = ({ dimensions: d }: Part): number | undefined => d.totalWidth ?? d.width

/** A caliper on a used part: noise, wear that goes one way, jaws that read small, rounding to 0.01 mm. */
function measure(
  random: Random,
  part: Part,
  condition: 'used' | 'worn',
  withWidth: boolean,
): Evidence['measurements'] {
  const wear = condition === 'worn' ? 0.035 : 0.02
  const worn = () => (random() < 0.35 ? exponential(random, wear) : 0)
  const jaws = () => (random() < 0.3 ? exponential(random, 0.05) : 0)
  const round = (mm: number) => Math.round(mm * 100) / 100
  const common = { stepMm: 0.01, instrument: 'digitalCaliper', condition, unitGuessed: false } as const
  const { bore = 0, outside = 0 } = part.dimensions
  const width = widthOf(part)
  const tapered = familyFacts(part.family).element === 'taperedRoller'
  return [
    { ...common, feature: 'bore', valuesMm: [round(bore + 0.03 * normal(random) + worn() - jaws())] },
    { ...common, feature: 'outside', valuesMm: [round(outside + 0.02 * normal(random) - worn())] },
    ...(withWidth && width !== undefined
      ? [
          {
            ...common,
            feature: tapered ? ('totalWidth' as const) : ('width' as const),
            // ISO 492: a ring may be up to 0.12 mm narrower, a tapered set 0.2 mm wider or narrower.
            valuesMm: [
              round(
                width + 0.02 * normal(random) + (tapered ? 0.1 * (random() - random()) : -0.06 * random()),
              ),
            ],
          },
        ]
      : []),
  ]
}

const sameSize = (a: Part, b: Part): boolean =>
  a.dimensions.bore === b.dimensions.bore &&
  a.dimensions.outside === b.dimensions.outside &&
  widthOf(a) === widthOf(b)

export interface Score {
  first: number
  firstThree: number
  /** expected calibration error of the first answer's probability, ten bins */
  calibration: number
  bins: { share: number; said: number; right: number }[]
}

function score(answers: readonly { said: number; first: boolean; three: boolean }[]): Score {
  const n = answers.length
  const bins = Array.from({ length: 10 }, (_, i) =>
    answers.filter((a) => Math.min(9, Math.floor(a.said * 10)) === i),
  ).map((inBin) => ({
    share: inBin.length / n,
    said: inBin.reduce((sum, a) => sum + a.said, 0) / Math.max(1, inBin.length),
    right: inBin.filter((a) => a.first).length / Math.max(1, inBin.length),
  }))
  return {
    first: answers.filter((a) => a.first).length / n,
    firstThree: answers.filter((a) => a.three).length / n,
    calibration: bins.reduce((sum, b) => sum + b.share * Math.abs(b.said - b.right), 0),
    bins,
  }
}

const leaders = (found: Identification): { first: Part | undefined; three: Part[] } => ({
  first: found.candidates[0]?.part,
  three: found.candidates.slice(0, 3).map((c) => c.part),
})

/** Sizes of a used part, three or two, with the rolling parts seen when three. Right = the part or one of its size. */
export function simulateSizes(rounds: number, seed: number, kind: 'three sizes' | 'two sizes'): Score {
  const random = seeded(seed)
  return score(
    Array.from({ length: rounds }, () => {
      const three = kind === 'three sizes'
      let part = draw(random)
      // Of an insert on a sleeve the catalogue has two: what is measured of it is the other question.
      while (three && Object.keys(part.dimensions).length < 3) part = draw(random)
      const element = elementOf(part)
      const found = identify(
        identifier,
        {
          measurements: measure(random, part, three ? 'used' : 'worn', three),
          stamps: [],
          observed: three && element ? { element } : {},
        },
        60,
      )
      const { first, three: leading } = leaders(found)
      const right = (p: Part | undefined) =>
        p !== undefined &&
        (three
          ? sameSize(p, part)
          : p.dimensions.bore === part.dimensions.bore && p.dimensions.outside === part.dimensions.outside)
      const said = found.candidates.filter((c) => right(c.part)).reduce((sum, c) => sum + c.probability, 0)
      const claimed = first && right(first) ? said : (found.candidates[0]?.probability ?? 0)
      return { said: Math.min(1, claimed), first: right(first), three: leading.some(right) }
    }),
  )
}

/** Marks that a worn stamp shows another for (common practice). */
export const LOOK_ALIKE: Record<string, string> = {
  '0': 'O',
  '1': 'I',
  '2': 'Z',
  '5': 'S',
  '6': 'G',
  '8': 'B',
  '3': '8',
  '7': '1',
  L: 'I',
  M: 'N',
}

const SUFFIXES = ['-2RS', 'ZZ', '-2Z', 'DDU', 'LLU', '-2RS/C3', 'ZZ/C3', '/C3']
/** Linear bearings have seals of their own and no clearance groups (common practice). */
const LINEAR_SUFFIXES = ['UU']

const suffixesOf = ({ family }: Part): readonly string[] => {
  const { traits } = familyFacts(family)
  if (!traits?.includes('closable')) return []
  return traits.includes('linear') ? LINEAR_SUFFIXES : SUFFIXES
}

/** A number as it is stamped, in any of its spellings; bearings that are made with shields or seals mostly carry a suffix. */
function stamped(random: Random, part: Part): string {
  const suffixes = suffixesOf(part)
  const names = namesOf(part)
  const number = names[Math.floor(random() * names.length)]?.text ?? part.base
  return suffixes.length > 0 && random() < 0.8
    ? number + (suffixes[Math.floor(random() * suffixes.length)] ?? '')
    : number
}

/** Parts with their stamps, one mark lost and one confused; of at least six marks: with five left two numbers in three are the same as another. */
function damagedStamps(rounds: number, seed: number, confusedShare = 1): { part: Part; text: string }[] {
  const random = seeded(seed)
  return Array.from({ length: rounds }, () => {
    let part = draw(random)
    let text = stamped(random, part)
    while (text.length < 6) text = stamped(random, (part = draw(random)))
    const marks = [...text]
    const struck = marks.flatMap((m, i) => (/[A-Z0-9]/.test(m) ? [i] : []))
    const lost = struck[Math.floor(random() * struck.length)] ?? 0
    marks[lost] = '?'
    const confusable = struck.filter((i) => i !== lost && LOOK_ALIKE[marks[i] ?? ''])
    const at = confusable[Math.floor(random() * confusable.length)]
    if (at !== undefined && random() < confusedShare) marks[at] = LOOK_ALIKE[marks[at] ?? ''] ?? ''
    return { part, text: marks.join('') }
  })
}

/** A damaged stamp and no sizes. Right = the part. */
export const simulateStamps = (rounds: number, seed: number): Score =>
  score(
    damagedStamps(rounds, seed).map(({ part, text }) => {
      const found = identify(
        identifier,
        { measurements: [], stamps: [{ text }], observed: { piece: 'complete' } },
        5,
      )
      const { first, three } = leaders(found)
      return {
        said: found.candidates[0]?.probability ?? 0,
        first: first === part,
        three: three.includes(part),
      }
    }),
  )

/** Sizes that no plan has: at least 1 mm and 3 % from every listed part in one size or more. Share in which “not listed” leads. */
export function simulateUnlisted(rounds: number, seed: number): number {
  const random = seeded(seed)
  let led = 0
  for (let done = 0; done < rounds;) {
    const bore = 8 + random() * 60
    const outside = bore * (1.5 + random())
    const width = (outside - bore) * (0.4 + random() * 0.3)
    const far = (a: number | undefined, b: number) =>
      a === undefined || Math.abs(a - b) > Math.max(1, 0.03 * b)
    if (
      bearings.some(
        (p) =>
          !far(p.dimensions.bore, bore) && !far(p.dimensions.outside, outside) && !far(widthOf(p), width),
      )
    )
      continue
    done++
    const common = {
      stepMm: 0.01,
      instrument: 'digitalCaliper',
      condition: 'used',
      unitGuessed: false,
    } as const
    const found = identify(
      identifier,
      {
        measurements: [
          { ...common, feature: 'bore', valuesMm: [bore] },
          { ...common, feature: 'outside', valuesMm: [outside] },
          { ...common, feature: 'width', valuesMm: [width] },
        ],
        stamps: [],
        observed: {},
      },
      1,
    )
    if (found.unlistedLeads) led++
  }
  return led / rounds
}

/** Every way a part may be stamped in this simulation, with its share among the ways of the part. */
function waysOf(part: Part): { text: string; share: number }[] {
  const suffixes = suffixesOf(part)
  const names = namesOf(part)
  return names.flatMap(({ text }) =>
    suffixes.length > 0
      ? [
          { text, share: 0.2 / names.length },
          ...suffixes.map((suffix) => ({
            text: text + suffix,
            share: 0.8 / suffixes.length / names.length,
          })),
        ]
      : [{ text, share: 1 / names.length }],
  )
}

const isStruck = (mark: string): boolean => /[A-Z0-9]/.test(mark)

/** Places in which two texts of one length differ, counted to three: more are as good as three. */
function differing(one: string, other: string): number {
  let count = 0
  for (let i = 0; i < one.length && count < 3; i++) if (one[i] !== other[i]) count++
  return count
}

/** Probability that `stamped` comes out as `text`: one struck mark lost, one of the others shown as its look-alike. */
function likelihoodOf(stamped: string, text: string, confusedShare: number): number {
  const lost = text.indexOf('?')
  if (stamped.length !== text.length || lost < 0 || differing(stamped, text) > 2) return 0
  const struck = [...stamped].filter(isStruck).length
  if (!isStruck(stamped[lost] ?? '')) return 0
  const confusable = [...stamped].flatMap((mark, i) =>
    i !== lost && isStruck(mark) && LOOK_ALIKE[mark] ? [i] : [],
  )
  const changed = [...stamped].flatMap((mark, i) => (i !== lost && mark !== text[i] ? [i] : []))
  if (confusable.length === 0) return changed.length === 0 ? 1 / struck : 0
  const [at] = changed
  if (at === undefined) return (1 - confusedShare) / struck
  if (changed.length !== 1 || LOOK_ALIKE[stamped[at] ?? ''] !== text[at]) return 0
  return confusedShare / struck / confusable.length
}

const byLength = new Map<number, { part: Part; text: string; prior: number }[]>()
for (const part of bearings)
  for (const { text, share } of waysOf(part))
    byLength.set(text.length, [
      ...(byLength.get(text.length) ?? []),
      { part, text, prior: commonnessWeight(part) * share },
    ])

const hasFlange = ({ dimensions }: Part): boolean => dimensions.flangeOutside !== undefined
/** What is seen of a whole part in the hand. */
const seenOf = (part: Part): Observations => ({ piece: 'complete', ...(hasFlange(part) && { flange: true }) })

/**
 * The exact posterior of a damaged stamp under this simulation, by plain enumeration of every part and every way to stamp it.
 * @param flange whether a flange is seen
 */
function exactPosterior(text: string, confusedShare: number, flange: boolean): Map<Part, number> {
  const shares = new Map<Part, number>()
  for (const { part, text: stamped, prior } of byLength.get(text.length) ?? []) {
    if (hasFlange(part) !== flange) continue
    const p = prior * likelihoodOf(stamped, text, confusedShare)
    if (p > 0) shares.set(part, (shares.get(part) ?? 0) + p)
  }
  const total = [...shares.values()].reduce((sum, p) => sum + p, 0)
  return new Map([...shares].map(([part, p]) => [part, p / total]))
}

const IMPOSSIBLE = 12
const lookAlikes = misreadings(
  Object.entries(LOOK_ALIKE).map(([stamped, read]) => [stamped, read, 0] as const),
)
const logCost = (share: number): number => Math.min(IMPOSSIBLE, -Math.log(share))

/** The noise of this simulation as the product is told it: one mark in `confusedShare` of the stamps is its look-alike. */
const wearOf = (confusedShare: number): Wear => ({
  worn: lookAlikes,
  clear: lookAlikes,
  several: (misread, mightBe) => {
    if (misread === 0) return mightBe === 0 ? 0 : logCost(1 - confusedShare)
    return misread === 1 && mightBe > 0 ? logCost(confusedShare / mightBe) : IMPOSSIBLE
  },
})
const STAMPED_TOKENS = new Set(['2RS', 'ZZ', '2Z', 'DDU', 'LLU', 'C3', 'UU'])

/** The product told how this simulation stamps and wears; as it ships, it assumes what used bearings show. */
const informedIdentifier = (confusedShare: number) =>
  buildIdentifier({
    ...shipped,
    tokens: shipped.tokens.filter(({ where, key }) => where === 'suffix' && STAMPED_TOKENS.has(key)),
    wear: wearOf(confusedShare),
  })

/**
 * How often the exact answer is right first on the same stamps as `simulateStamps`, and how often ours is.
 * @param isInformed whether the product is told the noise of the simulation, or assumes its own
 */
export function simulateBound(
  rounds: number,
  seed: number,
  confusedShare: number,
  isInformed: boolean,
): { ours: number; exact: number } {
  let [ours, exact] = [0, 0]
  const questioned = isInformed ? informedIdentifier(confusedShare) : identifier
  for (const { part, text } of damagedStamps(rounds, seed, confusedShare)) {
    const found = identify(questioned, { measurements: [], stamps: [{ text }], observed: seenOf(part) }, 1)
    if (found.candidates[0]?.part === part) ours++
    const [best] = [...exactPosterior(text, confusedShare, hasFlange(part))].sort((a, b) => b[1] - a[1])
    if (best?.[0] === part) exact++
  }
  return { ours: ours / rounds, exact: exact / rounds }
}
