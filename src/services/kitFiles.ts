import 'server-only'
import { now } from './clock'
import { writeCsv } from './csv/writeCsv'
import { jobKit } from './jobKit'
import { KIT_FILE_FORMAT, type KitFile } from '@/contract/kitFile'

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
      part: line.label,
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
    written: new Date(now()).toISOString(),
    job: { id: job.id, title: job.title, place },
    kit: job.kit,
    complete: kit.complete,
    lines: kit.lines,
  }
}
