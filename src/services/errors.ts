import 'server-only'
import type { Suggestion } from '@/core/designation'

/** What a use-case may refuse. The words say what to change; the host turns the code into a status. */
export type ServiceCode =
  | 'unreadable'
  | 'impossible'
  | 'notFound'
  /** somebody saved in between */
  | 'conflict'
  /** closed or sent: it is not changed any more */
  | 'settled'
  /** fewer pieces than asked for are free or reserved */
  | 'tooFew'
  /** something else depends on it */
  | 'inUse'
  /** a name or a number that something else has already */
  | 'taken'
  /** another price than the one that was shown */
  | 'priceChanged'
  /** the key of a request that was another one */
  | 'keyReused'
  /** nobody has signed in, or with a wrong password */
  | 'signedOut'
  /** signed in, and without the right to do this */
  | 'notAllowed'
  /** tried too often */
  | 'tooMany'
  | 'tooLarge'
  | 'wrongType'
  | 'unavailable'

export interface Issue {
  path: (string | number)[]
  message: string
}

export class ServiceError extends Error {
  constructor(
    readonly code: ServiceCode,
    detail: string,
    readonly issues: Issue[] = [],
    /** `conflict`: the version that is stored now */
    readonly current?: unknown,
    /** `notFound` of a number: what may have been meant; offered, never taken */
    readonly suggestions: readonly Suggestion[] = [],
  ) {
    super(detail)
    this.name = 'ServiceError'
  }
}

interface FromDatabase {
  errno?: unknown
  code?: unknown
  sqlState?: unknown
}

/** What the driver says of an error; empty = it is none of its own. */
const saidBy = (error: unknown): FromDatabase =>
  error instanceof Error && 'original' in error && error.original instanceof Error
    ? (error.original as Error & FromDatabase)
    : {}

/** The number MariaDB gives an error. */
const numberOf = (error: unknown): unknown => saidBy(error).errno

/** Whether the connection broke while a question was under way: class 08 of SQL, or what the network calls it. */
function isBroken(error: unknown): boolean {
  const { code, sqlState } = saidBy(error)
  return /^08/.test(String(sqlState)) || /^(ECONN|EPIPE|ETIMEDOUT)/.test(String(code))
}

/** What a change waited for did not come in time, or others went first at each try (ER_LOCK_WAIT_TIMEOUT, ER_LOCK_DEADLOCK). */
const HELD_UP: ReadonlySet<unknown> = new Set([1205, 1213])

/** Whether the database is there, and more is asked than it can answer: each connection in use, or changes that hold each other up. */
export const isDatabaseBusy = (error: unknown): boolean =>
  (error instanceof Error && error.name === 'SequelizeConnectionAcquireTimeoutError') ||
  HELD_UP.has(numberOf(error))

/** Errors of MariaDB for a disk, or a file of its own, that holds no more: ER_DISK_FULL, ER_ERROR_ON_WRITE, ER_RECORD_FILE_FULL. */
const FULL: ReadonlySet<unknown> = new Set([1021, 1026, 1114])

/** Whether a change could not be written for want of room; the database has taken it back whole. */
export const isDiskFull = (error: unknown): boolean => FULL.has(numberOf(error))

/**
 * What a node of a cluster answers while it is cut off from the others: to everything (ER_UNKNOWN_COM_ERROR), and to the commit of
 * what had begun before (ER_ERROR_DURING_COMMIT), which it takes back.
 */
const CUT_OFF: ReadonlySet<unknown> = new Set([1047, 1180])

/** Whether an error says that the database cannot be reached, as the database layer names such errors. */
export const isDatabaseAway = (error: unknown): boolean =>
  error instanceof Error &&
  !isDatabaseBusy(error) &&
  (/^Sequelize(Connection|HostNot|HostNotReachable|AccessDenied|Timeout)/.test(error.name) ||
    CUT_OFF.has(numberOf(error)) ||
    isBroken(error))
