import 'server-only'
import { meaningOfText } from '@/core/designation'
import { mergeLines } from '@/core/supply'
import * as db from '@/db'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { getJob } from './jobs'
import { workKit } from './kits'
import { jobKit } from './kitFiles'
import { ready } from './language'
import { parse } from './schemas/parse'
import { CampaignQuery, type CampaignResponse, type ReservedResponse } from './schemas/supply'
import { supply } from './stock'

/**
 * One list over many kits: equal parts are one line, with what is on the shelf and what is short.
 * @throws ServiceError `unreadable`, `notFound` for a job without a kit
 */
export async function campaign(input: unknown): Promise<CampaignResponse> {
  const { kits } = parse(CampaignQuery, input)
  const [{ language }, supplyOf] = await Promise.all([ready(), supply()])
  const worked = await Promise.all(
    kits.map(async ({ name, job, kit, times }) => {
      const source = kit ?? (job === undefined ? null : (await getJob(job)).kit)
      if (!source)
        throw new ServiceError(
          'notFound',
          `${name}: ${job === undefined ? 'give a job or a kit' : `job ${job} has no kit yet`}.`,
        )
      const { kit: made } = await workKit({ ...source, positions: (source.positions ?? 1) * times })
      return { name, times, made }
    }),
  )
  const lines = mergeLines(
    worked.map(({ name, made }) => ({ name, lines: made.lines })),
    (designation) => meaningOfText(designation, language),
  ).map((line) => {
    const stock = supplyOf(line.designation)
    return { ...line, stock, short: line.unit === 'g' ? 0 : Math.max(0, line.quantity - (stock?.free ?? 0)) }
  })
  return {
    kits: worked.map(({ name, times, made }) => ({
      name,
      times,
      complete: made.complete,
      gaps: made.lines.filter((l) => l.state !== 'filled').map((l) => l.words),
    })),
    lines,
    complete: worked.every(({ made }) => made.complete),
  }
}

/** The same as CSV. */
export async function campaignCsv(input: unknown): Promise<string> {
  const { lines } = await campaign(input)
  return writeCsv(
    ['designation', 'part', 'quantity', 'unit', 'once_only', 'on_shelf', 'bin', 'short', 'wanted_by'],
    lines.map((l) => ({
      designation: l.designation,
      part: l.words,
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
  const [{ kit }, { language }] = await Promise.all([jobKit(jobId), ready()])
  const wanted = mergeLines([{ name: '', lines: kit.lines }], (d) => meaningOfText(d, language))
  const held = await db.reservedFor(jobId)
  const items = await db.allStock()
  const reserved: ReservedResponse['reserved'] = []
  const short: ReservedResponse['short'] = []
  for (const line of wanted) {
    if (line.unit === 'g') continue
    const bins = items.filter((i) => i.meaning === meaningOfText(line.designation, language))
    let open = line.quantity - bins.reduce((sum, i) => sum + (held.get(i.id) ?? 0), 0)
    for (const item of bins) {
      const pieces = Math.min(open, item.quantity - item.reserved)
      if (pieces <= 0) continue
      const move = { kind: 'reserve' as const, pieces, note: `Job ${jobId}`, who, jobId }
      const result = await db.moveStock(item.id, move)
      if (!result.ok) continue
      open -= pieces
      reserved.push({ designation: item.designation, pieces, bin: item.bin })
    }
    if (open > 0) short.push({ designation: line.designation, pieces: open })
  }
  return { reserved, short }
}
