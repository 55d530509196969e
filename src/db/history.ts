import { oneChange } from './connection'
import { saveFindings, saveSeatReadings, type Finding, type SeatReading } from './jobs/found'
import { saveKit, type StoredKit } from './kits'
import { models } from './models'
import type { RecheckAnswer } from './rechecks'

/** A job of the past, as it stands in the record: closed, with what was found and fitted then. */
export interface PastJob {
  id: number
  title: string
  machineId: number
  positionId: number
  intake: unknown
  /** ISO date it came in, was fitted and closed */
  on: string
  designation: string
  /** what identification named, one after the other; the last is what was fitted. Empty = it was known */
  identified: readonly { base: string; probability: number }[]
  partKey: string | null
  findings: readonly Finding[]
  kit: { draft: unknown; stored: StoredKit } | null
  seatReadings: readonly SeatReading[]
  comebackOf: number | null
  parts: readonly {
    slot: string
    label: string
    designation: string
    partKey: string | null
    quantity: number
    /** ISO date; null = still in service */
    replacedOn: string | null
  }[]
  rechecks: readonly { dueOn: string; what: string; answer: RecheckAnswer | null }[]
}

const decisionOf = (
  named: { base: string; probability: number | null },
  { designation, identified }: PastJob,
) => ({
  designation: named === identified.at(-1) || identified.length === 0 ? designation : named.base,
  ...named,
})

/** Writes a job of the past, all at once. */
export const writePastJob = (job: PastJob): Promise<void> =>
  oneChange(async (transaction) => {
    const at = new Date(`${job.on}T08:00:00Z`)
    const then = { created_at: at, updated_at: at }
    const { JobRow, BearingRow, FittedPartRow, FindingRow, JobEventRow, RecheckRow } = models()
    await JobRow.create(
      {
        id: job.id,
        title: job.title,
        machine_id: job.machineId,
        position_id: job.positionId,
        stage: 'record',
        intake: JSON.stringify(job.intake),
        kit: job.kit ? JSON.stringify(job.kit.draft) : null,
        comeback_of: job.comebackOf,
        closed_at: at,
      },
      { transaction },
    )
    const { id: bearing } = await BearingRow.create(
      {
        job_id: job.id,
        ordinal: 1,
        evidence: '{}',
        decision: JSON.stringify(
          decisionOf(job.identified.at(-1) ?? { base: job.designation, probability: null }, job),
        ),
        comparison: null,
        inspection: JSON.stringify({ seen: job.findings, good: [] }),
        designation: job.designation,
        part_key: job.partKey,
      },
      { transaction },
    )
    await saveFindings(job.id, bearing, job.findings, transaction)
    if (job.seatReadings.length > 0) await saveSeatReadings(job.id, job.seatReadings, transaction)
    if (job.kit) await saveKit(job.id, job.kit.stored, transaction)
    await FittedPartRow.bulkCreate(
      job.parts.map(({ slot, label, designation, partKey, quantity, replacedOn }) => ({
        position_id: job.positionId,
        job_id: job.id,
        slot,
        label,
        designation,
        part_key: partKey,
        quantity,
        fitted_on: job.on,
        replaced_on: replacedOn,
      })),
      { transaction },
    )
    await RecheckRow.bulkCreate(
      job.rechecks.map(({ dueOn, what, answer }) => ({
        job_id: job.id,
        due_on: dueOn,
        what,
        ...(answer && {
          done_on: answer.doneOn,
          outcome: answer.outcome,
          note: answer.note,
          who: answer.who,
        }),
      })),
      { transaction },
    )
    await JobEventRow.bulkCreate(
      job.identified.map((named) => ({
        job_id: job.id,
        kind: 'decision',
        summary: `Decided: ${named.base}`,
        content: JSON.stringify({ ...decisionOf(named, job), bearingId: bearing }),
        ...then,
      })),
      { transaction },
    )
    await JobEventRow.create(
      { job_id: job.id, kind: 'closed', summary: 'Job closed', content: '{}', ...then },
      { transaction, silent: true },
    )
    // The times of the rows are those of the work, not of this writing.
    await JobRow.update(then, { where: { id: job.id }, transaction, silent: true })
    await FindingRow.update(then, { where: { job_id: job.id }, transaction, silent: true })
  })
