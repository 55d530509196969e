/** How often identification is right, and whether its probabilities mean what they say: a seeded simulation. */
import { simulateSizes, simulateStamps, simulateUnlisted, type Score } from '../tests/support/simulation'

const percent = (share: number): string => `${(share * 100).toFixed(2)} %`
function show(label: string, { first, firstThree, calibration, bins }: Score): void {
  console.log(
    `${label.padEnd(34)} first ${percent(first)}, first three ${percent(firstThree)}, calibration error ${calibration.toFixed(4)}`,
  )
  for (const b of bins.filter((bin) => bin.share > 0.002))
    console.log(`    said ${b.said.toFixed(2)}  right ${b.right.toFixed(2)}  share ${b.share.toFixed(3)}`)
}

show('three sizes and element, used', simulateSizes(4000, 1, 'three sizes'))
show('bore and outside, worn', simulateSizes(4000, 2, 'two sizes'))
show('stamp, one lost one confused', simulateStamps(1500, 3))
console.log(`sizes that no plan has             “not listed” leads in ${percent(simulateUnlisted(1500, 4))}`)
