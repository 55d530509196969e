import { Z_95 } from './normal'

/** How long some parts ran, and whether they were replaced then or are still running. */
export interface Life {
  /** days in service, 0 or more */
  days: number
  /** true = replaced on that day; false = still running then (censored) */
  ended: boolean
  /** parts with this life; 1 when left out */
  count?: number
}

export interface SurvivalStep {
  days: number
  /** parts in service just before that day */
  atRisk: number
  ended: number
  /** share still in service after that day, 0 to 1 */
  share: number
  /** its 95 % limits */
  lower: number
  upper: number
}

/** Parts of one length of life, counted. */
export interface AtOneDay {
  days: number
  ended: number
  running: number
}

/** Lives gathered by day, the shortest first. */
export function gatherLives(lives: readonly Life[]): AtOneDay[] {
  const byDay = new Map<number, AtOneDay>()
  for (const { days, ended, count = 1 } of lives) {
    const at = byDay.get(days) ?? { days, ended: 0, running: 0 }
    byDay.set(days, {
      days,
      ended: at.ended + (ended ? count : 0),
      running: at.running + (ended ? 0 : count),
    })
  }
  return [...byDay.values()].sort((a, b) => a.days - b.days)
}

/**
 * The share of parts still in service after so many days, parts that still run counted as long as they have run: the estimate of
 * Kaplan and Meier (1958), with Greenwood's variance and limits on the scale of ln(−ln S), which stay between 0 and 1.
 * @returns one step for every day on which something ended; empty when nothing ended
 * @example survival([{ days: 10, ended: true }, { days: 20, ended: false }])[0]?.share // 0.5
 */
export function survival(lives: readonly Life[]): SurvivalStep[] {
  const days = gatherLives(lives)
  let atRisk = days.reduce((sum, { ended, running }) => sum + ended + running, 0)
  let share = 1
  let variance = 0
  const steps: SurvivalStep[] = []
  for (const { days: at, ended, running } of days) {
    if (ended > 0) {
      share *= 1 - ended / atRisk
      variance += atRisk > ended ? ended / (atRisk * (atRisk - ended)) : 0
      steps.push({ days: at, atRisk, ended, share, ...limits(share, variance) })
    }
    atRisk -= ended + running
  }
  return steps
}

function limits(share: number, variance: number): { lower: number; upper: number } {
  // At 0 nothing is left to be unsure of on this scale.
  if (share <= 0 || share >= 1) return { lower: share, upper: share }
  const half = (Z_95 * Math.sqrt(variance)) / Math.abs(Math.log(share))
  return { lower: share ** Math.exp(half), upper: share ** Math.exp(-half) }
}

/** Days after which half have been replaced; null while more than half still run. */
export const medianDays = (steps: readonly SurvivalStep[]): number | null =>
  steps.find(({ share }) => share <= 0.5)?.days ?? null
