import { performance } from 'node:perf_hooks'

/** One line of a bench: median and p99 of its rounds, ms. */
export const row = (name: string, times: number[]): void => {
  const sorted = [...times].sort((a, b) => a - b)
  const at = (share: number): string =>
    (sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0).toFixed(3)
  console.log(`${name.padEnd(46)} median ${at(0.5)} ms, p99 ${at(0.99)} ms (${sorted.length} rounds)`)
}

/** Times of so many rounds, after a few to warm up, ms. */
export const timed = (rounds: number, work: (round: number) => unknown): number[] => {
  for (let i = 0; i < Math.min(20, rounds); i++) work(i)
  return Array.from({ length: rounds }, (_, i) => {
    const began = performance.now()
    work(i)
    return performance.now() - began
  })
}
