import { QueryTypes, type Transaction } from 'sequelize'
import { actorOr } from './actor'
import { database, oneChange } from './connection'
import { writeEvents, type NewEvent } from './jobs/events'
import { models } from './models'

/** A day on which what a job fitted is looked at again. */
export interface StoredRecheck {
  id: number
  jobId: number
  title: string
  machine: string | null
  position: string | null
  /** ISO date */
  dueOn: string
  what: string
  /** null = not looked at yet */
  doneOn: string | null
  outcome: string | null
  note: string
  who: string
}

const COLUMNS = `r.id, r.job_id AS jobId, j.title, m.name AS machine, p.name AS position, r.due_on AS dueOn, r.what,
  r.done_on AS doneOn, r.outcome, r.note, r.who
  FROM rechecks r JOIN jobs j ON j.id = r.job_id LEFT JOIN machines m ON m.id = j.machine_id
  LEFT JOIN positions p ON p.id = j.position_id`

/** To do: nobody has answered it, and what was fitted is not replaced already. */
const TO_DO = `r.done_on IS NULL AND (
  EXISTS (SELECT 1 FROM fitted_parts f WHERE f.job_id = r.job_id AND f.replaced_on IS NULL)
  OR NOT EXISTS (SELECT 1 FROM fitted_parts f WHERE f.job_id = r.job_id))`

export interface RecheckQuery {
  /** only those that are still to do */
  open: boolean
  /** due up to this day, ISO date */
  until?: string | undefined
  jobId?: number | undefined
  limit: number
  /** continue after this one: its day and number */
  after?: { dueOn: string; id: number } | undefined
}

/** Rechecks, the one due first at the top. */
export function listRechecks({ open, until, jobId, limit, after }: RecheckQuery): Promise<StoredRecheck[]> {
  const wanted = [
    ...(open ? [TO_DO] : []),
    ...(until === undefined ? [] : ['r.due_on <= :until']),
    ...(jobId === undefined ? [] : ['r.job_id = :jobId']),
    ...(after === undefined ? [] : ['(r.due_on > :day OR (r.due_on = :day AND r.id > :id))']),
  ]
  return database().query<StoredRecheck>(
    `SELECT ${COLUMNS} ${wanted.length > 0 ? `WHERE ${wanted.join(' AND ')}` : ''} ORDER BY r.due_on, r.id LIMIT :limit`,
    {
      replacements: { until, jobId, limit, day: after?.dueOn, id: after?.id },
      type: QueryTypes.SELECT,
    },
  )
}

export async function findRecheck(id: number): Promise<StoredRecheck | null> {
  const [row] = await database().query<StoredRecheck>(`SELECT ${COLUMNS} WHERE r.id = ?`, {
    replacements: [id],
    type: QueryTypes.SELECT,
  })
  return row ?? null
}

/** How many rechecks are to do up to a day. */
export async function countDue(until: string): Promise<number> {
  const [row] = await database().query<{ n: number }>(
    `SELECT count(*) n FROM rechecks r WHERE ${TO_DO} AND r.due_on <= ?`,
    { replacements: [until], type: QueryTypes.SELECT },
  )
  return Number(row?.n ?? 0)
}

export interface NewRecheck {
  dueOn: string
  what: string
}

/** The rechecks of a job as it is closed; those that were answered stay as they are. */
export async function renewRechecks(
  jobId: number,
  rechecks: readonly NewRecheck[],
  transaction: Transaction,
): Promise<void> {
  const { RecheckRow: Rechecks } = models()
  await Rechecks.destroy({ where: { job_id: jobId, done_on: null }, transaction })
  const answered = await Rechecks.findAll({ where: { job_id: jobId }, transaction })
  await Rechecks.bulkCreate(
    rechecks
      .filter(({ what }) => !answered.some((r) => r.what === what))
      .map(({ dueOn, what }) => ({ job_id: jobId, due_on: dueOn, what: what.slice(0, 200) })),
    { transaction },
  )
}

/** @returns the number of the new one */
export const addRecheck = (jobId: number, { dueOn, what }: NewRecheck, event: NewEvent): Promise<number> =>
  oneChange(async (transaction) => {
    const row = await models().RecheckRow.create(
      { job_id: jobId, due_on: dueOn, what: what.slice(0, 200) },
      { transaction },
    )
    await writeEvents(jobId, [event], transaction)
    return row.id
  })

export interface RecheckAnswer {
  doneOn: string
  outcome: string
  note: string
  who: string
}

/** @returns false when it was answered before: nobody's answer is overwritten */
export const answerRecheck = (id: number, answer: RecheckAnswer, event: NewEvent): Promise<boolean> =>
  oneChange(async (transaction) => {
    const row = await models().RecheckRow.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
    if (!row || row.done_on !== null) return false
    await row.update(
      { done_on: answer.doneOn, outcome: answer.outcome, note: answer.note, who: actorOr(answer.who) },
      { transaction },
    )
    await writeEvents(row.job_id, [event], transaction)
    return true
  })
