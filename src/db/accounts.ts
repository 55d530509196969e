import { Op, UniqueConstraintError } from 'sequelize'
import { oneChange } from './connection'
import { models, type AccountRow, type AuditRow } from './models'

export interface StoredAccount {
  id: number
  name: string
  role: string
  passwordHash: string
  version: number
  isActive: boolean
  failed: number
  lockedUntil: Date | null
}

const fromRow = (row: AccountRow): StoredAccount => ({
  id: row.id,
  name: row.name,
  role: row.role,
  passwordHash: row.password_hash,
  version: row.version,
  isActive: Boolean(row.is_active),
  failed: row.failed,
  lockedUntil: row.locked_until,
})

/** Accounts by name. */
export const listAccounts = async (): Promise<StoredAccount[]> =>
  (await models().AccountRow.findAll({ order: ['name'] })).map(fromRow)

export async function findAccount(by: { id: number } | { name: string }): Promise<StoredAccount | null> {
  const row = await models().AccountRow.findOne({ where: by })
  return row && fromRow(row)
}

/** @returns null when the name is another's */
export async function createAccount(
  account: Pick<StoredAccount, 'name' | 'role' | 'passwordHash'>,
): Promise<StoredAccount | null> {
  try {
    const { name, role, passwordHash } = account
    return fromRow(
      await models().AccountRow.create({ name, role, password_hash: passwordHash, locked_until: null }),
    )
  } catch (error) {
    if (error instanceof UniqueConstraintError) return null
    throw error
  }
}

export interface AccountChange {
  role?: string | undefined
  passwordHash?: string | undefined
  isActive?: boolean | undefined
}

/** Active accounts of a role. */
export const countActive = (role: string): Promise<number> =>
  models().AccountRow.count({ where: { role, is_active: true } })

/**
 * Changes an account and ends its sessions. The last active owner stays one.
 * @returns `lastOwner` when nobody would be left who may change accounts; null when there is none
 */
export const changeAccount = (
  id: number,
  { role, passwordHash, isActive }: AccountChange,
): Promise<StoredAccount | 'lastOwner' | null> =>
  oneChange(async (transaction) => {
    const { AccountRow: Accounts } = models()
    const owners = await Accounts.findAll({
      where: { role: 'owner', is_active: true },
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    const row = await Accounts.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row) return null
    const stays = (role ?? row.role) === 'owner' && (isActive ?? Boolean(row.is_active))
    if (!stays && owners.length === 1 && owners[0]?.id === id) return 'lastOwner'
    await row.update(
      {
        ...(role !== undefined && { role }),
        ...(passwordHash !== undefined && { password_hash: passwordHash, failed: 0, locked_until: null }),
        ...(isActive !== undefined && { is_active: isActive }),
        version: row.version + 1,
      },
      { transaction },
    )
    return fromRow(row)
  })

/**
 * Counts a wrong password, and locks the account once there were too many in a row.
 * @returns until when it is locked; null = it is not
 */
export const countFailure = (id: number, maxFailures: number, until: Date): Promise<Date | null> =>
  oneChange(async (transaction) => {
    const row = await models().AccountRow.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row) return null
    const failed = row.failed + 1
    const isLocked = failed >= maxFailures
    await row.update(
      { failed: isLocked ? 0 : failed, locked_until: isLocked ? until : row.locked_until },
      { transaction },
    )
    return isLocked ? until : null
  })

/** Forgets wrong passwords after a right one. */
export const clearFailures = async (id: number): Promise<void> => {
  await models().AccountRow.update(
    { failed: 0, locked_until: null },
    { where: { id, failed: { [Op.gte]: 0 } } },
  )
}

export interface AuditEntry {
  id: number
  who: string
  what: string
  address: string
  at: Date
}

/** What an entry of the audit trail may be about. */
export type AuditSubject = 'machine' | 'stock'

interface NewAudit {
  accountId: number | null
  who: string
  what: string
  address?: string
  about?: AuditSubject
  aboutId?: number
}

/** Adds to the audit trail; nothing in it is ever changed. */
export const writeAudit = async (...entries: readonly NewAudit[]): Promise<void> => {
  await models().AuditRow.bulkCreate(
    entries.map((entry) => ({
      account_id: entry.accountId,
      who: entry.who.slice(0, 60),
      what: entry.what.slice(0, 200),
      address: (entry.address ?? '').slice(0, 45),
      about: entry.about ?? null,
      about_id: entry.aboutId ?? null,
    })),
  )
}

const entryOf = (row: AuditRow): AuditEntry => ({
  id: Number(row.id),
  who: row.who,
  what: row.what,
  address: row.address,
  at: row.created_at,
})

/** Entries about one thing, the latest first. @param before number of the entry the page before ended with */
export async function auditOf(
  about: AuditSubject,
  id: number,
  limit: number,
  before?: number,
): Promise<AuditEntry[]> {
  const rows = await models().AuditRow.findAll({
    where: { about, about_id: id, ...(before !== undefined && { id: { [Op.lt]: before } }) },
    order: [['id', 'DESC']],
    limit,
  })
  return rows.map(entryOf)
}

/** The audit trail, the latest first. @param before number of the entry the page before ended with */
export async function auditTrail(limit: number, before?: number): Promise<AuditEntry[]> {
  const rows = await models().AuditRow.findAll({
    where: before === undefined ? {} : { id: { [Op.lt]: before } },
    order: [['id', 'DESC']],
    limit,
  })
  return rows.map(entryOf)
}
