import 'server-only'
import { shopDay } from '@/core/dates'
import { settings } from './settings'

/** The present moment, milliseconds since 1970. Everything that asks for the time asks here. */
export const now = (): number => Date.now()

/** Today where the shop is, YYYY-MM-DD. */
export const today = async (): Promise<string> => shopDay(now(), (await settings()).timeZone)
