import 'server-only'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { getJob, machines } from './jobs'
import { workKit, type WorkedKit } from './kits'
import type { Job } from './schemas/job'
import { KIT_FILE_FORMAT, type KitFile } from './schemas/kitFile'

/** A job with its kit worked out, and where it is, in words. */
export interface JobKit extends WorkedKit {
  job: Job & { kit: NonNullable<Job['kit']> }
  place: string
}

/** @throws ServiceError `notFound` when there is no such job, or the job has no kit yet */
export async function jobKit(jobId: number): Promise<JobKit> {
  const job = await getJob(jobId)
  if (!job.kit)
    throw new ServiceError('notFound', `Job ${jobId} has no kit yet. Choose an arrangement first.`)
  const [worked, all] = await Promise.all([workKit(job.kit), machines()])
  const machine = all.find((m) => m.id === job.machineId)
  const position = machine?.positions.find((p) => p.id === job.positionId)?.name ?? job.intake.position
  return {
    job: { ...job, kit: job.kit },
    ...worked,
    place: [machine?.name, position, job.intake.side].filter(Boolean).join(' · '),
  }
}

const COLUMNS = [
  'number',
  'slot',
  'part',
  'designation',
  'each',
  'quantity',
  'unit',
  'once_only',
  'state',
  'remark',
] as const

/** The pick list as CSV, one line a place. @throws ServiceError `notFound` */
export async function kitCsv(jobId: number): Promise<string> {
  const { kit } = await jobKit(jobId)
  return writeCsv(
    COLUMNS,
    kit.lines.map((line, i) => ({
      number: i + 1,
      slot: line.slot,
      part: line.words,
      designation: line.designation,
      each: line.quantityPerPosition,
      quantity: line.quantity,
      unit: line.unit,
      once_only: line.singleUse ? 'yes' : 'no',
      state: line.state,
      remark: line.reason || line.note,
    })),
  )
}

/** The kit as a file to send and to read back in. @throws ServiceError `notFound` */
export async function kitFile(jobId: number): Promise<KitFile> {
  const { job, kit, place } = await jobKit(jobId)
  return {
    format: KIT_FILE_FORMAT,
    version: 1,
    written: new Date().toISOString(),
    job: { id: job.id, title: job.title, place },
    kit: job.kit,
    complete: kit.complete,
    lines: kit.lines,
  }
}
