'use client'

import { Line } from 'react-chartjs-2'
import type { IdentificationResponse } from '@/contract/logbook'
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
    <div
      role="img"
      aria-label="Share that proved right by the probability that was said"
      className="h-[320px]"
    >
      {colours && (
        <Line
          role="presentation"
          aria-hidden
          data={{
            datasets: [
              {
                label: 'proved right',
                data: points('value'),
                borderColor: colours.ink,
                backgroundColor: colours.lamp,
                clip: false,
                borderWidth: 2,
                pointRadius: 5,
              },
              {
                label: '95 % limits',
                data: points('upper'),
                borderColor: colours.ink3,
                borderDash: [2, 3],
                borderWidth: 1.4,
                pointRadius: 0,
              },
              {
                label: 'lower limit',
                data: points('lower'),
                borderColor: colours.ink3,
                borderDash: [2, 3],
                borderWidth: 1.4,
                pointRadius: 0,
              },
              {
                label: 'as said',
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
            'probability it said, %',
            'proved right, %',
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
      empty="No part was decided on by identification in this time."
    >
      {({ answered, open, share, bands, months }) => (
        <div className="grid grid-cols-1 gap-6">
          <section>
            <h2 className="text-[1.0625rem] font-bold">
              {answered} parts decided by identification{share && `, ${withLimits(share)} % of them right`}
            </h2>
            <p className="text-[0.875rem] text-ink2">
              Right: the part was still decided on when its job was closed. Wrong: another part took its
              place. {open} in jobs that are open are not counted. What closed jobs had is expected more often
              the next time.
            </p>
            <SaidAndRight bands={bands} />
          </section>
          <section className="grid grid-cols-1 gap-x-8 gap-y-5 items-start lg:grid-cols-[3fr_2fr]">
            <FigureTable
              caption="How sure it was, and how often right"
              columns={['Said, %', 'Parts', 'Right', '% (95 % limits)', 'It was']}
              rows={bands.map(({ from, to, count, right, share: own, message }) => [
                `${percent(from)} to ${percent(to)}`,
                count,
                right,
                own ? withLimits(own) : '–',
                message,
              ])}
            />
            <FigureTable
              caption="By month"
              columns={['Month', 'Parts', 'Right', 'Wrong']}
              rows={months.map(({ month, count, right }) => [month, count, right, count - right])}
            />
          </section>
        </div>
      )}
    </ViewFrame>
  )
}
