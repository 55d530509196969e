'use client'

import { Scatter } from 'react-chartjs-2'
import { UnitText, useFigureUnits } from '@/features/shell'
import type { SeatsTrendResponse } from '@/contract/logbook'
import * as common from '@/texts/common'
import * as texts from '@/texts/logbook'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'
import { useAnswer } from '@/ui/useAnswer'
import { FigureTable, ViewFrame } from './ViewFrame'

type Seat = SeatsTrendResponse['seats'][number]

const DAY_MS = 86_400_000

/** The measured sizes by date, with the limit of the class as a line. */
function SeatChart({ seat }: { seat: Seat }) {
  const colours = useThemeColours()
  const { length } = useFigureUnits()
  const at = (on: string) => Date.parse(on) / DAY_MS
  const days = [...seat.measured.map(({ on }) => at(on)), ...(seat.limitOn ? [at(seat.limitOn)] : [])]
  const [from, to] = [Math.min(...days) - 30, Math.max(...days) + 30]
  return (
    <div role="img" aria-label={texts.measurements(seat.label, seat.measured.length)} className="h-[200px]">
      {colours && (
        <Scatter
          role="presentation"
          aria-hidden
          data={{
            datasets: [
              {
                data: seat.measured.map(({ on, mm }) => ({ x: at(on), y: length.of(mm) })),
                backgroundColor: colours.lamp,
                borderColor: colours.ink,
                pointRadius: 5,
                showLine: true,
                borderWidth: 1.4,
              },
              ...(seat.limitMm === null
                ? []
                : [
                    {
                      data: [
                        { x: from, y: length.of(seat.limitMm) },
                        { x: to, y: length.of(seat.limitMm) },
                      ],
                      borderColor: colours.contra,
                      borderDash: [6, 4],
                      borderWidth: 2,
                      pointRadius: 0,
                      showLine: true,
                    },
                  ]),
            ],
          }}
          options={{
            ...plainOptions(colours, '', length.name),
            scales: {
              x: {
                min: from,
                max: to,
                ticks: {
                  color: colours.ink2,
                  maxTicksLimit: 6,
                  callback: (day) => new Date(Number(day) * DAY_MS).toISOString().slice(0, 7),
                },
                grid: { color: colours.line2 },
              },
              y: {
                title: { display: true, text: length.name, color: colours.ink2 },
                ticks: {
                  color: colours.ink2,
                  callback: (at) => Number(at).toFixed(length.name === 'mm' ? 3 : 4),
                },
                grid: { color: colours.line2 },
              },
            },
          }}
        />
      )}
    </div>
  )
}

/** Seats that were measured on more than one job: how they wear, and when they reach their limit. */
export function SeatsView({ query }: { query: string }) {
  const { length, small } = useFigureUnits()
  const um = (mm: number | null): string => (mm === null ? '–' : small.write(mm * 1000))
  const answer = useAnswer('GET /api/logbook/seats', { query: new URLSearchParams(query) })
  return (
    <ViewFrame answer={answer} isEmpty={({ seats }) => seats.length === 0} empty={texts.noSeatOfA}>
      {({ seats, cut }) => (
        <div className="grid grid-cols-1 gap-8">
          {seats.map((seat) => (
            <section
              key={`${seat.positionId} ${seat.label}`}
              className="grid grid-cols-1 gap-x-8 gap-y-3 lg:grid-cols-2"
            >
              <div>
                <h2 className="text-[1rem] font-bold">{seat.label}</h2>
                <SeatChart seat={seat} />
              </div>
              <div>
                <p className="mb-2">
                  <UnitText text={seat.advice} />
                </p>
                <FigureTable
                  caption={
                    seat.perYearMm === null
                      ? texts.meanOfTheReadings
                      : texts.wearAYear95To(
                          small.name,
                          um(seat.perYearMm),
                          um(seat.lowerMm),
                          um(seat.upperMm),
                        )
                  }
                  columns={[common.job, common.measured, texts.mean(length.name), texts.limit(length.name)]}
                  rows={seat.measured.map(({ jobId, on, mm }) => [
                    common.jobNumber(jobId),
                    on,
                    length.write(mm),
                    seat.limitMm === null ? '–' : length.write(seat.limitMm),
                  ])}
                />
              </div>
            </section>
          ))}
          {cut && <p className="text-ink2">{texts.moreSeatsWereMeasured}</p>}
        </div>
      )}
    </ViewFrame>
  )
}
