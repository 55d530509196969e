import 'server-only'
import type { LogbookScope, MonthOfJobs } from '@/db'

/** Months kept at most, a hundred years with the months that a scope begins within. */
const MAX_KEPT = 2400

/** What was counted of one month, and the state its jobs had before that. */
interface Counted<T> {
  state: string
  rows: readonly T[]
}

/** The first day of the month after this one. @param month YYYY-MM @returns ISO date */
function nextMonth(month: string): string {
  const [year = 0, number = 0] = month.split('-').map(Number)
  return new Date(Date.UTC(year, number, 1)).toISOString().slice(0, 10)
}

/**
 * Counts a history by month, and again only the months in which a job was changed since they were counted. Nothing but what the
 * database holds now is answered: each process keeps its own, and each question asks for the state of every month.
 * @param count counts the jobs of a scope by the month they were opened in
 * @returns rows of the months asked for, the first month first; one machine's are counted each time, for they are few
 */
export function countedMonthly<T extends { month: string }>(count: (scope: LogbookScope) => Promise<T[]>) {
  const kept = new Map<string, Counted<T>>()
  return async (scope: LogbookScope, months: readonly MonthOfJobs[]): Promise<T[]> => {
    if (scope.machineId !== undefined) return count(scope)
    const firstDay = (month: string): string => (scope.from > `${month}-01` ? scope.from : `${month}-01`)
    const isChanged = ({ month, state }: MonthOfJobs) => kept.get(firstDay(month))?.state !== state
    const changed = months.filter(isChanged)
    const [first, last] = [changed[0], changed.at(-1)]
    const now = new Map<string, readonly T[]>()
    for (const { month } of months) now.set(month, kept.get(firstDay(month))?.rows ?? [])
    if (first && last) {
      const rows = await count({ ...scope, from: firstDay(first.month), before: nextMonth(last.month) })
      if (kept.size + changed.length > MAX_KEPT) kept.clear()
      const own = new Map(changed.map(({ month }) => [month, [] as T[]]))
      for (const row of rows) own.get(row.month)?.push(row)
      for (const { month, state } of changed) {
        const counted = own.get(month) ?? []
        kept.set(firstDay(month), { state, rows: counted })
        now.set(month, counted)
      }
    }
    return [...now.values()].flat()
  }
}
