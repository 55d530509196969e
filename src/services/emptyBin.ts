import 'server-only'
import * as db from '@/db'
import { now } from './clock'

/** What was removed can be put back so long. */
export const KEPT_DAYS = 60
const DAY_MS = 24 * 3600 * 1000

/** Takes away for good what has lain in the bin too long; at every start. @returns how many */
export const emptyBin = (): Promise<number> => db.emptyBin(new Date(now() - KEPT_DAYS * DAY_MS))
