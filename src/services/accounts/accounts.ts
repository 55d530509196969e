import 'server-only'
import type { z } from 'zod'
import { hash, verify } from '@node-rs/argon2'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import * as db from '@/db'
import { ROLES } from '@/contract/choices'
import type { AccountChange, NewAccount, PasswordChange, SignIn } from '@/contract/account'
import { AuditQuery, type Account, type Accounts, type AuditPage } from '@/contract/account'
import { now } from '../clock'
import { ServiceError } from '../errors'
import { pageOf } from '../pageOf'
import { parse } from '../parse'
import { isSignInRequired, type Sealed } from './seal'

/** Argon2id with 19 MiB, two passes, one lane (OWASP password storage cheat sheet). */
const ARGON = { algorithm: 2, memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const
/** Wrong passwords in a row before an account is locked, and for how long. */
const MAX_FAILED = 5
const LOCKED_MS = 15 * 60_000
/** Tries of one address in a minute, right or wrong. */
const byAddress = new RateLimiterMemory({ points: 30, duration: 60 })

/** Hash of no password: an unknown name takes as long as a known one. */
const NOBODY = hash('nobody has this password', ARGON)

const WRONG = new ServiceError(
  'signedOut',
  'Name or password is wrong. After five wrong tries the name is locked for 15 minutes.',
)

const toResponse = ({ id, name, role, isActive, lockedUntil }: db.StoredAccount): Account => ({
  id,
  name,
  role: ROLES.find((r) => r === role) ?? 'counter',
  isActive,
  lockedUntil: lockedUntil && lockedUntil.getTime() > now() ? lockedUntil.toISOString() : null,
})

const sealed = (account: db.StoredAccount): Sealed => {
  const { id, name, role } = toResponse(account)
  return { id, name, role, version: account.version }
}

/**
 * Signs somebody in.
 * @param address the request came from
 * @throws ServiceError `signedOut` for a wrong name or password, `tooMany`
 */
export async function signIn({ name, password }: z.output<typeof SignIn>, address: string): Promise<Sealed> {
  await byAddress.consume(address).catch((limit: unknown) => {
    const wait = limit instanceof RateLimiterRes ? Math.ceil(limit.msBeforeNext / 1000) : 60
    throw new ServiceError('tooMany', `Too many tries from here. Wait ${wait} seconds.`)
  })
  const account = await db.findAccount({ name })
  const isRight = await verify(account?.passwordHash ?? (await NOBODY), password)
  const isLocked = account?.lockedUntil ? account.lockedUntil.getTime() > now() : false
  if (account && isRight && account.isActive && !isLocked) {
    await db.clearFailures(account.id)
    await db.writeAudit({ accountId: account.id, who: account.name, what: 'Signed in', address })
    return sealed(account)
  }
  if (account && !isRight && !isLocked)
    await db.countFailure(account.id, MAX_FAILED, new Date(now() + LOCKED_MS))
  await db.writeAudit({
    accountId: account?.id ?? null,
    // Not what was typed: somebody may have typed the password there.
    who: account?.name ?? 'unknown name',
    what: isLocked ? 'Tried to sign in while locked' : 'Could not sign in',
    address,
  })
  throw WRONG
}

/** Accounts by name. */
export async function accounts(): Promise<Accounts> {
  return { items: (await db.listAccounts()).map(toResponse), required: isSignInRequired() }
}

/** @param by who does it; @throws ServiceError `taken`, `impossible` when the first is no owner */
export async function addAccount(
  { name, role, password }: z.output<typeof NewAccount>,
  by: string,
): Promise<Account> {
  if (role !== 'owner' && (await db.countActive('owner')) === 0)
    throw new ServiceError(
      'impossible',
      'The first account is an owner: somebody has to look after the others.',
      [{ path: ['role'], message: 'Choose owner for the first account.' }],
    )
  const made = await db.createAccount({ name, role, passwordHash: await hash(password, ARGON) })
  if (!made)
    throw new ServiceError('taken', `There is an account “${name}” already.`, [
      { path: ['name'], message: 'Choose another name.' },
    ])
  await db.writeAudit({ accountId: made.id, who: by, what: `Account ${name} made: ${role}` })
  return toResponse(made)
}

/** Role, password or right to sign in of an account; its sessions end. @throws ServiceError `notFound`, `impossible` */
export async function changeAccount(
  id: number,
  { password, ...change }: z.output<typeof AccountChange>,
  by: string,
): Promise<Account> {
  const changed = await db.changeAccount(id, {
    ...change,
    ...(password !== undefined && { passwordHash: await hash(password, ARGON) }),
  })
  if (!changed) throw new ServiceError('notFound', `There is no account ${id}.`)
  if (changed === 'lastOwner')
    throw new ServiceError('impossible', 'This is the last owner. Make another one first.')
  const what = [
    ...(change.role ? [`role ${change.role}`] : []),
    ...(change.isActive === undefined ? [] : [change.isActive ? 'may sign in' : 'may not sign in']),
    ...(password === undefined ? [] : ['new password']),
  ].join(', ')
  await db.writeAudit({ accountId: id, who: by, what: `Account ${changed.name}: ${what}` })
  return toResponse(changed)
}

/** One's own password. @returns the session that goes on; all others end. @throws ServiceError `unreadable`, `signedOut` */
export async function changePassword(
  session: Sealed,
  { current, next }: z.output<typeof PasswordChange>,
): Promise<Sealed> {
  const account = await db.findAccount({ id: session.id })
  if (!account || !(await verify(account.passwordHash, current)))
    throw new ServiceError('unreadable', 'The present password is wrong.', [
      { path: ['current'], message: 'This is not your present password.' },
    ])
  const changed = await db.changeAccount(session.id, { passwordHash: await hash(next, ARGON) })
  if (!changed || changed === 'lastOwner') throw WRONG
  await db.writeAudit({ accountId: session.id, who: session.name, what: 'Password changed' })
  return sealed(changed)
}

/** The audit trail, the latest first. @throws ServiceError `unreadable` */
export async function audit(input: unknown): Promise<AuditPage> {
  const { limit, cursor } = parse(AuditQuery, input)
  const rows = await db.auditTrail(limit + 1, cursor)
  const { items, next } = pageOf(rows, limit, ({ id }) => String(id))
  return { items: items.map(({ at, ...entry }) => ({ ...entry, at: at.toISOString() })), next }
}

/** Notes that somebody signed out. */
export const signedOut = (session: Sealed): Promise<void> =>
  db.writeAudit({ accountId: session.id, who: session.name, what: 'Signed out' })
