'use client'

import { Line } from 'react-chartjs-2'
import type { IdentificationResponse } from '@/contract/logbook'
import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { shareOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'
import { useAnswer } from '@/ui/useAnswer'
import { FigureTable, ViewFrame } from './ViewFrame'
import { percent, withLimits } from './percent'

/** Right answers in percent over what was said in percent: on the diagonal both are alike. */
function SaidAndRight({ bands }: Pick<IdentificationResponse, 'bands'>) {
  const colours = useThemeColours()
  const bandPoints = bands.flatMap(({ said, share }) => (share ? [{ said, ...share }] : []))
  const points = (of: 'value' | 'lower' | 'upper') =>
    bandPoints.map((band) => ({ x: band.said * 100, y: band[of] * 100 }))
  if (bandPoints.length === 0) return null
  return (
    <div role="img" aria-label={texts.shareThatProvedRight} className="h-[320px]">
      {colours && (
        <Line
          role="presentation"
          aria-hidden
          data={{
            datasets: [
              {
                label: texts.provedRight,
                data: points('value'),
                borderColor: colours.ink,
                backgroundColor: colours.lamp,
                clip: false,
                borderWidth: 2,
                pointRadius: 5,
              },
              {
                label: texts.limits95,
                data: points('upper'),
                borderColor: colours.ink3,
                borderDash: [2, 3],
                borderWidth: 1.4,
                pointRadius: 0,
              },
              {
                label: texts.lowerLimit,
                data: points('lower'),
                borderColor: colours.ink3,
                borderDash: [2, 3],
                borderWidth: 1.4,
                pointRadius: 0,
              },
              {
                label: texts.asSaid,
                data: [
                  { x: 0, y: 0 },
                  { x: 100, y: 100 },
                ],
                borderColor: colours.agree,
                borderDash: [8, 4],
                borderWidth: 1.6,
                pointRadius: 0,
              },
            ],
          }}
          options={shareOptions(
            colours,
            texts.probabilityItSaid,
            texts.provedRightLower,
            (line) => line !== 'lower limit',
          )}
        />
      )}
    </div>
  )
}

/** How often what identification named proved right, and whether it was as sure as it should be. */
export function IdentificationView({ query }: { query: string }) {
  const answer = useAnswer('GET /api/logbook/identification', { query: new URLSearchParams(query) })
  return (
    <ViewFrame
      answer={answer}
      isEmpty={({ answered, open }) => answered + open === 0}
      empty={texts.noPartWasDecided}
    >
      {({ answered, open, share, bands, months }) => (
        <div className="grid grid-cols-1 gap-6">
          <section>
            <h2 className="text-[1.0625rem] font-bold">
              {texts.partsDecidedByIdentification(answered)}
              {share && texts.ofThemRight(withLimits(share))}
            </h2>
            <p className="text-[0.875rem] text-ink2">{texts.rightThePartWas(open)}</p>
            <SaidAndRight bands={bands} />
          </section>
          <section className="grid grid-cols-1 gap-x-8 gap-y-5 items-start lg:grid-cols-[3fr_2fr]">
            <FigureTable
              caption={texts.howSureItWas}
              columns={[texts.said, common.parts, texts.right, texts.percentWithLimits, texts.itWas]}
              rows={bands.map(({ from, to, count, right, share: own, message }) => [
                common.fromTo(percent(from), percent(to)),
                count,
                right,
                own ? withLimits(own) : '–',
                message,
              ])}
            />
            <FigureTable
              caption={texts.byMonth}
              columns={[texts.month, common.parts, texts.right, texts.wrong]}
              rows={months.map(({ month, count, right }) => [month, count, right, count - right])}
            />
          </section>
        </div>
      )}
    </ViewFrame>
  )
}
