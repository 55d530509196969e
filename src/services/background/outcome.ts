import 'server-only'
import { ServiceError, type Issue, type ServiceCode } from '../errors'

/** What a call to the other thread gave: errors lose their class on the way, so a refusal travels as data. */
export type Outcome<T> =
  { ok: true; value: T } | { ok: false; code: ServiceCode; detail: string; issues: Issue[] }

/** Runs a use-case and gives its refusal as data; any other error goes on as it is. */
export async function outcomeOf<T>(run: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await run() }
  } catch (error) {
    if (!(error instanceof ServiceError)) throw error
    const { code, message, issues } = error
    return { ok: false, code, detail: message, issues }
  }
}

/** @throws ServiceError the refusal */
export function valueOf<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw new ServiceError(outcome.code, outcome.detail, outcome.issues)
  return outcome.value
}
