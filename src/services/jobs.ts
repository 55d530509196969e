import 'server-only'
import * as db from '@/db'
import { ServiceError } from './errors'
import { Decision, Intake, type Job, JobChange, NewJob, STAGES, type Stage } from './schemas/job'
import { EvidenceSheet } from './schemas/evidence'
import { ComparisonDraft, InspectionDraft } from './schemas/judgement'
import { KitDraft } from './schemas/kit'
import { FittingDraft } from './schemas/plan'
import { parse } from './schemas/parse'

function out(stored: db.StoredJob): Job {
  const stage: Stage = STAGES.find((s) => s === stored.stage) ?? 'takeIn'
  return {
    id: stored.id,
    title: stored.title,
    machineId: stored.machineId,
    positionId: stored.positionId,
    stage,
    intake: Intake.parse(stored.intake),
    evidence: EvidenceSheet.parse(stored.evidence),
    decision: stored.decision === null ? null : Decision.parse(stored.decision),
    kit: stored.kit === null ? null : KitDraft.parse(stored.kit),
    comparison: stored.comparison === null ? null : ComparisonDraft.parse(stored.comparison),
    inspection: stored.inspection === null ? null : InspectionDraft.parse(stored.inspection),
    fitting: stored.fitting === null ? null : FittingDraft.parse(stored.fitting),
    version: stored.version,
    closedAt: stored.closedAt?.toISOString() ?? null,
    createdAt: stored.createdAt.toISOString(),
    updatedAt: stored.updatedAt.toISOString(),
  }
}

const noJob = (id: number) => new ServiceError('notFound', `There is no job ${id}.`)

export async function createJob(input: unknown): Promise<Job> {
  const job = parse(NewJob, input)
  return out(await db.createJob(job, { kind: 'created', summary: 'Job opened', content: job }))
}

export async function getJob(id: number): Promise<Job> {
  const stored = await db.findJob(id)
  if (!stored) throw noJob(id)
  return out(stored)
}

export const latestJobs = async (): Promise<Job[]> => (await db.listJobs(200)).map(out)

const further = (a: Stage, b: Stage): Stage => (STAGES.indexOf(a) >= STAGES.indexOf(b) ? a : b)

/** One entry of history for a change, in words. */
function eventOf(change: JobChange): db.NewEvent {
  if (change.closed !== undefined)
    return { kind: 'closed', summary: change.closed ? 'Job closed' : 'Job opened again', content: {} }
  if (change.decision !== undefined)
    return {
      kind: 'decision',
      summary: change.decision ? `Decided: ${change.decision.designation}` : 'Decision withdrawn',
      content: change.decision,
    }
  if (change.kit !== undefined)
    return {
      kind: 'kit',
      summary: change.kit
        ? `Kit ${change.kit.arrangement}, ${change.kit.positions} positions`
        : 'Kit removed',
      content: change.kit,
    }
  if (change.comparison !== undefined)
    return {
      kind: 'comparison',
      summary: change.comparison?.result
        ? `Compared ${change.comparison.from || 'the old one'} with ${change.comparison.to || 'a new one'}: ${change.comparison.result.words}`.slice(
            0,
            280,
          )
        : 'Comparison changed',
      content: change.comparison,
    }
  if (change.inspection !== undefined)
    return {
      kind: 'inspection',
      summary: `Inspected: ${change.inspection?.seen?.length ?? 0} findings`,
      content: change.inspection,
    }
  if (change.fitting !== undefined)
    return change.fitting?.signed
      ? { kind: 'signed', summary: `Signed off by ${change.fitting.signed.who}`, content: change.fitting }
      : { kind: 'fitting', summary: 'Fits, setting or plan changed', content: change.fitting }
  if (change.evidence !== undefined)
    return { kind: 'evidence', summary: 'Evidence changed', content: change.evidence }
  if (change.intake !== undefined || change.title !== undefined)
    return { kind: 'intake', summary: 'Intake changed', content: change.intake ?? { title: change.title } }
  return { kind: 'stage', summary: 'Moved on', content: { stage: change.stage } }
}

/**
 * Changes a job.
 * @throws ServiceError `conflict` with the stored job when somebody saved in between, `notFound`, `unreadable`
 */
export async function changeJob(id: number, input: unknown): Promise<Job> {
  const change = parse(JobChange, input)
  const { version, closed, ...patch } = change
  const present = await db.findJob(id)
  if (!present) throw noJob(id)
  const stage = patch.stage ? further(patch.stage, out(present).stage) : undefined
  const closing = closed === undefined ? {} : { closedAt: closed ? new Date() : null }
  const stored = await db.updateJob(
    id,
    version,
    definedOnly({ ...patch, stage, ...closing }),
    eventOf(change),
  )
  if (!stored) throw noJob(id)
  if (stored.conflict)
    throw new ServiceError(
      'conflict',
      `Job ${id} was changed on another screen in between. Its present state comes with this answer.`,
      [],
      out(stored.job),
    )
  return out(stored.job)
}

/** Leaves out what is undefined: an absent field stays unchanged. */
const definedOnly = (patch: { [K in keyof db.JobPatch]: db.JobPatch[K] | undefined }): db.JobPatch =>
  Object.fromEntries(Object.entries(patch).filter(([, value]) => value !== undefined)) as db.JobPatch

export async function historyOf(id: number) {
  const events = await db.jobHistory(id)
  return events.map(({ kind, summary, at }) => ({ kind, summary, at: at.toISOString() }))
}

export const machines = db.listMachines
