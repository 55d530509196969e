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
    months: [...new Set(ended.map(({ month }) => month))].sort().map((month) => {
      const own = ended.filter((row) => row.month === month)
      return { month, count: counted(own), right: counted(own.filter((row) => row.right)) }
    }),
  }
}
