import 'server-only'
import type { z } from 'zod'
import { partKeyOf } from '@/core/designation'
import type { Kit } from '@/core/kit'
import { mergeLines } from '@/core/supply'
import * as db from '@/db'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { workKit } from './kits'
import { jobKit } from './jobKit'
import { getJob } from './jobs/getJob'
import { getCatalogue } from './catalogueRuntime'
import type { CampaignQuery } from '@/contract/supply'
import { type CampaignResponse, type ReservedResponse } from '@/contract/supply'
import { withAvailability } from './availability'

/**
 * One list over many kits: equal parts are one line, with what is on the shelf and what is short.
 * @throws ServiceError `unreadable`, `notFound` for a job without a kit
 */
export async function campaign({ kits }: z.output<typeof CampaignQuery>): Promise<CampaignResponse> {
  const { context } = await getCatalogue()
  // One after the other: a hundred kits at once would take every connection of the pool.
  const worked: { name: string; times: number; made: Kit }[] = []
  for (const { name, job, kit, times } of kits) {
    if (!kit && job === undefined) throw new ServiceError('notFound', `${name}: give a job or a kit.`)
    // A job gives its kit as it was agreed; a kit sent along is worked out.
    const { kit: made } = kit ? await workKit(kit) : await jobKit(job ?? 0)
    const lines = made.lines.map((line) => ({ ...line, quantity: line.quantity * times }))
    worked.push({ name, times, made: { ...made, lines } })
  }
  const merged = mergeLines(
    worked.map(({ name, made }) => ({ name, lines: made.lines })),
    (designation) => partKeyOf(designation, context),
  )
  const lines = await withAvailability(null, (supplyOf) =>
    merged.map((line) => {
      const stock = supplyOf(line.designation)
      return {
        ...line,
        stock,
        short: line.unit === 'g' ? 0 : Math.max(0, line.quantity - (stock?.free ?? 0)),
      }
    }),
  )
  return {
    kits: worked.map(({ name, times, made }) => ({
      name,
      times,
      complete: made.complete,
      gaps: made.lines.filter((l) => l.state !== 'filled').map((l) => l.label),
    })),
    lines,
    complete: worked.every(({ made }) => made.complete),
  }
}

/** The same as CSV. */
export async function campaignCsv(input: z.output<typeof CampaignQuery>): Promise<string> {
  const { lines } = await campaign(input)
  return writeCsv(
    ['designation', 'part', 'quantity', 'unit', 'once_only', 'on_shelf', 'bin', 'short', 'wanted_by'],
    lines.map((l) => ({
      designation: l.designation,
      part: l.label,
      quantity: l.quantity,
      unit: l.unit,
      once_only: l.singleUse ? 'yes' : 'no',
      on_shelf: l.stock?.free ?? 0,
      bin: l.stock?.bin ?? '',
      short: l.short,
      wanted_by: l.wantedBy.map((w) => `${w.kit}: ${w.quantity}`).join('; '),
    })),
  )
}

/**
 * Reserves for a job what lies in the bins, and says what is short. Pieces the job has reserved already are not
 * reserved again. @throws ServiceError `notFound`
 */
export async function reserveKit(jobId: number, who: string): Promise<ReservedResponse> {
  const [{ kit }, { context }] = await Promise.all([jobKit(jobId), getCatalogue()])
  const lines = mergeLines([{ name: '', lines: kit.lines }], (d) => partKeyOf(d, context)).filter(
    (line) => line.unit !== 'g',
  )
  const { reserved, open } = await db.reserveForJob(
    jobId,
    lines.map(({ designation, quantity }) => ({ partKey: partKeyOf(designation, context), quantity })),
    who,
  )
  return {
    reserved: reserved.map(({ item: { designation, bin }, pieces }) => ({ designation, pieces, bin })),
    short: lines.flatMap(({ designation }, i) => {
      const pieces = open[i] ?? 0
      return pieces > 0 ? [{ designation, pieces }] : []
    }),
  }
}

/** Gives back what a job has reserved. @throws ServiceError `notFound` */
export async function releaseKit(jobId: number, who: string): Promise<{ released: number }> {
  await getJob(jobId)
  return { released: await db.releaseJob(jobId, who) }
}
