import { expose } from 'comlink'
import { randomLcg, randomNormal } from 'd3-random'
import { simulateFit, type FitSpread, type SimulatedFit } from '@/core/fit'

/** The same seed gives the same hundred thousand assemblies. */
const SEED = 0.42

const work = {
  assemble(spread: FitSpread, count: number): SimulatedFit {
    return simulateFit(spread, count, randomNormal.source(randomLcg(SEED))(0, 1))
  },
}
export type AssembliesWorker = typeof work

expose(work)
