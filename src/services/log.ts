import 'server-only'
import pino from 'pino'

/** One line an event, to standard output. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null })
