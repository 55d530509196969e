import 'server-only'
import { readSeat } from '@/core/fit'
import { lengthInMm } from '@/core/quantity'
import type * as db from '@/db'
import type { FittingDraft } from '@/contract/plan'

/** What was measured on the seats of a job, as rows; what is no length keeps its place without a size. */
export const seatReadings = (fitting: FittingDraft | null): db.SeatReading[] =>
  Object.entries(fitting?.seats ?? {}).flatMap(([seat, { readings }]) =>
    readSeat(readings ?? '').map(({ at, depth = '', value }) => ({ seat, at, depth, mm: lengthInMm(value) })),
  )
