import type { Finding } from '../kit'
import type { Cause, DamageMode, SetupText } from './findingRows'
import { placeText, type Place } from './clock'
import {
  INSPECTED,
  PART_VERDICTS,
  RUNNING,
  SEVERITIES,
  type Inspected,
  type PartVerdict,
  type Running,
  type Severity,
} from './findingKinds'
import { CAUSES, DAMAGE } from './findings'
import { mayHold, type Setup } from './setup'

/** One thing that was seen on a part. */
export interface Seen extends Place {
  part: Inspected
  damage: string
  severity: Severity
}

/** How long it had run before: a month or so, or many years. */
export const AGES = ['new', 'some', 'long'] as const
export type Age = (typeof AGES)[number]
const AGE_LABELS: Record<Age, string> = {
  new: 'had run for weeks only',
  some: 'had run for a few years',
  long: 'had run for many years',
}

export interface Evidence {
  /** what was heard and how it is used, in the words of the intake */
  tags: readonly string[]
  age?: Age | undefined
  /** how the bearing is held and closed, as far as it is known. Rings come apart unless it says otherwise */
  setup?: Setup | undefined
}

export interface RankedCause {
  id: string
  label: string
  remedy: string
  /** of all that the findings speak for, 0 to 1 */
  share: number
  /** findings and circumstances that speak for it */
  because: string[]
}

export interface PartFound {
  part: Inspected
  verdict: PartVerdict
  findings: string[]
}

export interface Inspection {
  parts: PartFound[]
  replaceWith: string[]
  checkNext: string[]
  run: Running
  causes: RankedCause[]
  /** what it adds to a kit */
  kit: Finding[]
}

/** A marked finding speaks twice as loud as a trace, a severe one three times. */
const loudness = (severity: Severity): number => SEVERITIES.indexOf(severity) + 1

const worst = <T>(order: readonly T[], values: readonly T[], none: T): T =>
  values.reduce((a, b) => (order.indexOf(b) > order.indexOf(a) ? b : a), none)

const modeOf = (id: string): DamageMode | undefined => DAMAGE.find((mode) => mode.id === id)

/** Sentences that hold in a setup, each once. */
const textsIn = (setup: Setup, all: readonly SetupText[]): string[] => [
  ...new Set(all.filter((entry) => mayHold(setup, entry.in, entry.unless)).map(({ text }) => text)),
]

/** The first remedy that is known to hold; the last one holds everywhere. */
const remedyIn = (setup: Setup, remedies: Cause['remedy']): string =>
  (remedies.find((entry) => entry.in?.some((trait) => setup[trait] === true) ?? true) ?? remedies.at(-1))
    ?.text ?? ''

/** Causes ranked: each finding speaks for its causes by weight and severity, circumstances raise or lower them. */
function rankCauses(
  seen: readonly (Seen & { mode: DamageMode })[],
  { tags, age, setup = {} }: Evidence,
): RankedCause[] {
  const circumstances: readonly string[] = age ? [...tags, age] : tags
  const wordsOf = (tag: string): string => (tag === age ? AGE_LABELS[age] : tag)
  const scored = CAUSES.filter(({ only, never }) => mayHold(setup, only, never))
    .map((cause) => {
      const speaking = seen.filter(({ mode }) => mode.causes[cause.id] !== undefined)
      const weight = speaking.reduce(
        (sum, { mode, severity }) => sum + (mode.causes[cause.id] ?? 0) * loudness(severity),
        0,
      )
      const boosts = circumstances.filter((tag) => (cause.boost[tag] ?? 1) !== 1)
      const score =
        weight * cause.prior * boosts.reduce((product, tag) => product * (cause.boost[tag] ?? 1), 1)
      const because = [
        ...new Set(speaking.map(({ mode }) => mode.label.toLowerCase())),
        ...boosts.filter((tag) => (cause.boost[tag] ?? 1) > 1).map(wordsOf),
      ]
      return { cause, score, because }
    })
    .filter(({ score }) => score > 0)
  const total = scored.reduce((sum, { score }) => sum + score, 0)
  return scored
    .sort((a, b) => b.score - a.score)
    .map(({ cause: { id, label, remedy }, score, because }) => ({
      id,
      label,
      remedy: remedyIn(setup, remedy),
      share: score / total,
      because,
    }))
}

/**
 * From what was seen to a verdict for each part, what goes with it, what to look at next, whether the machine may run, and
 * the likely causes in order. A bearing and its mating race share the worse verdict: they wear in together.
 *
 * @param seen unknown damage names are passed over
 */
export function judgeParts(seen: readonly Seen[], evidence: Evidence): Inspection {
  const setup = evidence.setup ?? {}
  const known = seen.flatMap((s) => {
    const mode = modeOf(s.damage)
    return mode?.parts.includes(s.part) ? [{ ...s, mode }] : []
  })
  const verdictOf = (part: Inspected): PartVerdict =>
    worst(
      PART_VERDICTS,
      known
        .filter((s) => s.part === part)
        .map(({ mode, severity }) => mode.verdicts[SEVERITIES.indexOf(severity)] ?? 'replace'),
      'good',
    )
  const pair = worst(PART_VERDICTS, [verdictOf('bearing'), verdictOf('race')], 'good')
  const isPair = (part: Inspected): boolean => part === 'bearing' || part === 'race'
  const isReported = (part: Inspected): boolean =>
    known.some((s) => s.part === part) ||
    (isPair(part) && pair === 'replace' && evidence.setup?.separable !== false)
  const parts = INSPECTED.filter(isReported).map((part) => ({
    part,
    verdict: isPair(part) ? pair : verdictOf(part),
    findings: known
      .filter((s) => s.part === part)
      .map(({ mode, ...place }) => [mode.label, placeText(place)].filter(Boolean).join(' ')),
  }))
  const serious = known.filter(({ mode, severity }) => mode.verdicts[SEVERITIES.indexOf(severity)] !== 'good')
  return {
    parts,
    replaceWith: textsIn(
      setup,
      serious.flatMap(({ mode }) => mode.replaceWith),
    ),
    checkNext: textsIn(
      setup,
      known.flatMap(({ mode }) => mode.checkNext),
    ),
    run: worst(
      RUNNING,
      known.map(({ mode, severity }) => (severity === 'trace' && mode.run === 'watch' ? 'yes' : mode.run)),
      'yes',
    ),
    causes: rankCauses(known, evidence),
    kit: [...new Set(serious.flatMap(({ mode }) => mode.kit ?? []))],
  }
}
