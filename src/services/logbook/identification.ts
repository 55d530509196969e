import 'server-only'
import { calibration, MIN_ANSWERED, wilson, type CalibrationBand } from '@/core/logbook'
import type { IdentificationResponse } from '@/contract/logbook'
import * as db from '@/db'
import { countedMonthly } from './monthly'
import { scopeOf } from './scope'

const answersByMonth = countedMonthly(db.identifiedParts)

/** What a band says of how sure identification was. */
function errorMessage({ said, share }: CalibrationBand): string {
  if (!share) return 'too few to say'
  if (said > share.upper) return 'right less often than said'
  if (said < share.lower) return 'right more often than said'
  return 'right as often as said'
}

/** How many answers of each month proved right, the first month first. */
function byMonth(
  ended: readonly { month: string; count: number; right: boolean }[],
): IdentificationResponse['months'] {
  const months = new Map<string, { month: string; count: number; right: number }>()
  for (const { month, count, right } of ended) {
    const sum = months.get(month) ?? { month, count: 0, right: 0 }
    sum.count += count
    if (right) sum.right += count
    months.set(month, sum)
  }
  return [...months.values()].sort((a, b) => (a.month < b.month ? -1 : 1))
}

/** How often what identification named was still decided when its job was closed. @throws ServiceError `unreadable` */
export async function identification(input: unknown): Promise<IdentificationResponse> {
  const { scope } = await scopeOf(input)
  const rows = await answersByMonth(scope, await db.monthsOfJobs(scope))
  const ended = rows.flatMap(({ state, ...row }) =>
    state === 'open' ? [] : [{ ...row, right: state === 'right' }],
  )
  const counted = (some: readonly { count: number }[]) => some.reduce((sum, { count }) => sum + count, 0)
  const answered = counted(ended)
  const right = counted(ended.filter((row) => row.right))
  return {
    from: scope.from,
    answered,
    open: counted(rows.filter(({ state }) => state === 'open')),
    share: answered < MIN_ANSWERED ? null : wilson(right, answered),
    bands: calibration(ended).map((band) => ({ ...band, message: errorMessage(band) })),
    months: byMonth(ended),
  }
}
