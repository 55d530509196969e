import 'server-only'
import { addDays } from '@/core/dates'
import { LogbookQuery } from '@/contract/logbook'
import type { LogbookScope } from '@/db'
import { today } from '../clock'
import { parse } from '../parse'

/** Days of a month, on average. */
const MONTH_DAYS = 30.44
/** Which part of the history a query asks for. @param input a `LogbookQuery` @throws ServiceError `unreadable` */
export async function scopeOf(input: unknown): Promise<{ scope: LogbookScope; day: string }> {
  const { months, machine } = parse(LogbookQuery, input)
  const day = await today()
  return { scope: { from: addDays(day, -Math.round(months * MONTH_DAYS)), machineId: machine }, day }
}
