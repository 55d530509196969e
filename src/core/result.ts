/** A value or a refusal. Refusals are data: a code with its payload; words are made in one place per folder. */
export type Result<T, P> = { ok: true; value: T } | { ok: false; problem: P }

export const ok = <T>(value: T): { ok: true; value: T } => ({ ok: true, value })
export const refuse = <P>(problem: P): { ok: false; problem: P } => ({ ok: false, problem })
