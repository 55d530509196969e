import 'server-only'
import { LOGBOOK_VIEWS, type LogbookView } from '@/contract/logbook'
import { writeCsv } from '../csv/writeCsv'
import { ServiceError } from '../errors'
import { identification } from './identification'
import { closures, cost, failures, seatTrends, service } from './views'

/** A file has every machine. */
const ALL = null

/** A table as it is asked for, `cost.csv`. @throws ServiceError `notFound` */
function viewOf(table: string): LogbookView {
  const view = LOGBOOK_VIEWS.find((v) => `${v}.csv` === table)
  if (view) return view
  throw new ServiceError(
    'notFound',
    `The logbook has no “${table.slice(0, 40)}”. Use ${LOGBOOK_VIEWS.map((v) => `${v} or ${v}.csv`).join(', ')}.`,
  )
}

/** A view of the logbook as CSV, one row a line of its table. @throws ServiceError `notFound`, `unreadable` */
export async function logbookCsv(table: string, query: unknown): Promise<string> {
  const view = viewOf(table)
  const blank = (value: number | string | null): number | string => value ?? ''
  switch (view) {
    case 'failures': {
      const { findings, causes, machines, months } = await failures(query, ALL)
      return writeCsv(
        ['about', 'name', 'count', 'jobs', 'came_back'],
        [
          ...findings.map(({ label, count, jobs }) => ({ about: 'finding', name: label, count, jobs })),
          ...causes.map(({ label, count }) => ({ about: 'cause', name: label, count })),
          ...machines.map(({ label, jobs, cameBack }) => ({
            about: 'machine',
            name: label,
            jobs,
            came_back: cameBack,
          })),
          ...months.map(({ month, jobs }) => ({ about: 'month', name: month, jobs })),
        ],
      )
    }
    case 'service': {
      const { groups } = await service(query)
      return writeCsv(
        ['bearings', 'days', 'in_service', 'replaced', 'share', 'lower_95', 'upper_95'],
        groups.flatMap(({ label, steps }) =>
          steps.map(({ days, atRisk, ended, share, lower, upper }) => ({
            bearings: label,
            days,
            in_service: atRisk,
            replaced: ended,
            share: share.toFixed(4),
            lower_95: lower.toFixed(4),
            upper_95: upper.toFixed(4),
          })),
        ),
      )
    }
    case 'closures': {
      const { pairs } = await closures(query)
      return writeCsv(
        ['first', 'second', 'replaced_first', 'replaced_second', 'ratio', 'lower_95', 'upper_95'],
        pairs.map(({ first, second, ended, otherEnded, ratio, lower, upper }) => ({
          first,
          second,
          replaced_first: ended,
          replaced_second: otherEnded,
          ratio: blank(ratio),
          lower_95: blank(lower),
          upper_95: blank(upper),
        })),
      )
    }
    case 'cost': {
      const { machines, currency } = await cost(query, ALL)
      return writeCsv(
        ['machine', 'jobs', 'cost', 'currency', 'parts_without_price'],
        machines.map(({ label, jobs, cost: sum, unpriced }) => ({
          machine: label,
          jobs,
          cost: sum.toFixed(2),
          currency,
          parts_without_price: unpriced,
        })),
      )
    }
    case 'identification': {
      const { bands, months } = await identification(query)
      return writeCsv(
        ['about', 'name', 'answers', 'right', 'said', 'share', 'lower_95', 'upper_95'],
        [
          ...bands.map(({ from, to, count, right, said, share }) => ({
            about: 'probability',
            name: `${from}-${to}`,
            answers: count,
            right,
            said: said.toFixed(4),
            ...(share && {
              share: share.value.toFixed(4),
              lower_95: share.lower.toFixed(4),
              upper_95: share.upper.toFixed(4),
            }),
          })),
          ...months.map(({ month, count, right }) => ({
            about: 'month',
            name: month,
            answers: count,
            right,
          })),
        ],
      )
    }
    case 'seats': {
      const { seats } = await seatTrends(query)
      return writeCsv(
        ['seat', 'measured_on', 'job', 'mean_mm', 'limit_mm', 'mm_a_year', 'limit_reached_on'],
        seats.flatMap(({ label, measured, limitMm, perYearMm, limitOn }) =>
          measured.map(({ on, jobId, mm }) => ({
            seat: label,
            measured_on: on,
            job: jobId,
            mean_mm: mm.toFixed(4),
            limit_mm: blank(limitMm),
            mm_a_year: blank(perYearMm),
            limit_reached_on: blank(limitOn),
          })),
        ),
      )
    }
  }
}
