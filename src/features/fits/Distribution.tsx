'use client'

import { wrap, type Remote } from 'comlink'
import { useEffect, useRef, useState } from 'react'
import { Bar } from 'react-chartjs-2'
import { UnitText, useFigureUnits } from '@/features/shell'
import type { FitSpread, SimulatedFit } from '@/core/fit'
import * as texts from '@/texts/fits'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'
import type { AssembliesWorker } from '@/workers/assemblies.worker'

const COUNT = 100_000

const percent = (share: number): string => `${(share * 100).toFixed(share > 0 && share < 0.001 ? 2 : 1)} %`

interface Props {
  spread: FitSpread
  /** this ring must not be loose: it turns against its load */
  tight: boolean
  /** the seat is the raceway: what is loose is its running clearance */
  raceway: boolean
}

/** A whole figure with a minus, not a dash. */
const whole = (um: number): string => String(Math.round(um) || 0).replace('-', '−')

/** A hundred thousand assemblies of this fit, made up in a worker: how tight they come out. */
export function Distribution({ spread, tight, raceway }: Props) {
  const colours = useThemeColours()
  const { small } = useFigureUnits()
  const worker = useRef<{ raw: Worker; ask: Remote<AssembliesWorker> } | null>(null)
  const [fit, setFit] = useState<SimulatedFit | null>(null)
  const text = JSON.stringify(spread)
  useEffect(() => {
    const raw = new Worker(new URL('../../workers/assemblies.worker.ts', import.meta.url), { type: 'module' })
    worker.current = { raw, ask: wrap<AssembliesWorker>(raw) }
    return () => raw.terminate()
  }, [])
  useEffect(() => {
    let current = true
    void worker.current?.ask.assemble(JSON.parse(text) as FitSpread, COUNT).then((simulated) => {
      if (current) setFit(simulated)
    })
    return () => {
      current = false
    }
  }, [text])
  const isWrong = (um: number): boolean => (raceway || tight) && um < 0
  if (!fit || !colours) return <p className="text-[0.875rem] text-ink3">{texts.assembling}</p>
  const { p1, p99, bins, binUm } = fit.interference
  // Of a raceway the other way round: what is loose is its running clearance.
  const sign = raceway ? -1 : 1
  const bars = bins
    .map(({ fromUm, count }) => ({ um: sign * (fromUm + binUm / 2), count }))
    .sort((a, b) => a.um - b.um)
  const [from, to] = raceway ? [-p99, -p1] : [p1, p99]
  const loose = raceway
    ? texts.withoutRunningClearance(percent(1 - fit.loose))
    : texts.loose(percent(fit.loose))
  return (
    <figure data-testid="distribution">
      <div
        role="img"
        aria-label={texts.looseOfAssemblies(
          raceway ? texts.runningClearanceUpper : texts.interference,
          COUNT,
          loose,
        )}
        className="h-[150px]"
      >
        <Bar
          role="presentation"
          aria-hidden
          data={{
            labels: bars.map(({ um }) => (small.name === 'µm' ? whole(um) : small.write(um))),
            datasets: [
              {
                data: bars.map(({ count }) => (count / COUNT) * 100),
                backgroundColor: bars.map(({ um }) => (isWrong(um) ? colours.contra : colours.ink2)),
                barPercentage: 1,
                categoryPercentage: 0.92,
              },
            ],
          }}
          options={plainOptions(
            colours,
            raceway ? texts.runningClearance(small.name) : texts.interferencePlusIsTight(small.name),
            texts.ofAssemblies,
          )}
        />
      </div>
      <figcaption className="text-[0.84375rem] text-ink2">
        {texts.of100000Assemblies} <UnitText text={texts.andM(whole(from), whole(to))} />, {loose}
        {fit.clearance && texts.withoutClearance(percent(fit.clearance.none))}.
      </figcaption>
    </figure>
  )
}
