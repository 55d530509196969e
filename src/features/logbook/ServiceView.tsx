'use client'

import { Line } from 'react-chartjs-2'
import type { ServiceResponse } from '@/contract/logbook'
import * as texts from '@/texts/logbook'
import { shareOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'
import { useAnswer } from '@/ui/useAnswer'
import { FigureTable, ViewFrame } from './ViewFrame'
import { withLimits } from './percent'

/** Each group has its dash, so that lines are told apart without colour. */
const DASHES: readonly (readonly number[])[] = [[], [8, 4], [2, 3], [10, 3, 2, 3], [14, 6]]

function SurvivalChart({ groups }: Pick<ServiceResponse, 'groups'>) {
  const theme = useThemeColours()
  const drawn = groups.filter(({ steps }) => steps.length > 0)
  const colours = theme ? [theme.ink, theme.agree, theme.contra, theme.ink3, theme.lamp] : []
  return (
    <div role="img" aria-label={texts.shareStillInService} className="h-[340px]">
      {theme && (
        <Line
          role="presentation"
          aria-hidden
          data={{
            datasets: drawn.map(({ label, steps, longestDays }, i) => ({
              label,
              data: [
                { x: 0, y: 100 },
                ...steps.map(({ days, share }) => ({ x: days, y: share * 100 })),
                { x: longestDays, y: (steps.at(-1)?.share ?? 1) * 100 },
              ],
              stepped: true as const,
              borderColor: colours[i % colours.length],
              borderDash: [...(DASHES[i % DASHES.length] ?? [])],
              borderWidth: 2.2,
              pointRadius: 0,
            })),
          }}
          options={shareOptions(theme, texts.daysInService, texts.stillInService)}
        />
      )}
    </div>
  )
}

/** Days at which groups are compared in the table: a season. */
const SEASON_DAYS = 180

/** Share in service after a season with its limits; a dash where nothing ran as long. */
function afterSeason({ steps, longestDays }: ServiceResponse['groups'][number]): string {
  if (longestDays < SEASON_DAYS) return '–'
  const at = steps.findLast(({ days }) => days <= SEASON_DAYS)
  return at ? withLimits({ value: at.share, lower: at.lower, upper: at.upper }) : '100'
}

/** How long bearings stay in service by how they are closed, and whether that makes a difference. */
export function ServiceView({ query }: { query: string }) {
  const answer = useAnswer('GET /api/logbook/service', { query: new URLSearchParams(query) })
  const { answer: compared } = useAnswer('GET /api/logbook/closures', {
    query: new URLSearchParams(query),
  })
  return (
    <ViewFrame
      answer={answer}
      isEmpty={({ groups }) => groups.length === 0}
      empty={texts.nothingWasWrittenInto}
    >
      {({ groups }) => (
        <div className="grid grid-cols-1 gap-6">
          <section>
            <h2 className="text-[1.0625rem] font-bold">{texts.shareStillInServiceChart}</h2>
            {groups.some(({ steps }) => steps.length > 0) ? (
              <SurvivalChart groups={groups} />
            ) : (
              <p className="text-ink2">{texts.tooFewToSay}</p>
            )}
            <p className="text-[0.875rem] text-ink2">{texts.bearingsThatStillRun}</p>
          </section>
          <section className="grid grid-cols-1 gap-x-8 gap-y-5 lg:grid-cols-2">
            <FigureTable
              caption={texts.timeInService}
              columns={[
                texts.bearings,
                texts.fitted,
                texts.replaced,
                texts.halfAfterDays,
                texts.afterDays95Limits(SEASON_DAYS),
              ]}
              rows={groups.map((group) => [
                group.label,
                group.fitted,
                group.ended,
                group.medianDays ?? texts.notYet,
                afterSeason(group),
              ])}
            />
            {compared && (
              <div>
                <h3 className="caption pb-1">{texts.doesTheClosureMake}</h3>
                <ul className="grid gap-2">
                  {compared.pairs.map(
                    ({ first, second, ended, otherEnded, ratio, lower, upper, message }) => (
                      <li key={`${first} ${second}`} className="border-t border-line2 pt-1.5">
                        <b className="block font-semibold">{texts.against(first, second)}</b>
                        {message}{' '}
                        <span className="text-[0.875rem] text-ink2">
                          <span className="number">{texts.and(ended, otherEnded)}</span> {texts.replacedLower}
                          {ratio !== null && lower !== null && upper !== null && (
                            <>
                              {texts.ratioOfRates}{' '}
                              <span className="number">
                                {ratio.toFixed(2)} ({lower.toFixed(2)}–{upper.toFixed(2)})
                              </span>
                            </>
                          )}
                        </span>
                      </li>
                    ),
                  )}
                </ul>
              </div>
            )}
          </section>
        </div>
      )}
    </ViewFrame>
  )
}
