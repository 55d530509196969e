import 'server-only'
import bwipjs from 'bwip-js/node'
import { ServiceError } from '../errors'
import { jobKit } from '../jobKit'
import { itemsFor, itemsOf, MAX_LABELS } from '../stock'
import { COLOURS, startDocument, type Doc } from './page'

/** A sheet of 3 × 8 labels on A4, points. */
const SHEET = { left: 20, top: 36, width: 185, height: 96, across: 3, down: 8 }
/** Codes need a quiet zone of ten modules (ISO/IEC 15417). */
const QUIET = 10
const BAR_HEIGHT = 30

export interface Label {
  /** what the code says */
  code: string
  heading: string
  lines: string[]
}

interface Bars {
  sbs: number[]
}

/** A Code 128 symbol as bars on the page: sharp at any size. */
function drawCode(doc: Doc, text: string, x: number, y: number, width: number): void {
  const [symbol] = bwipjs.raw({ bcid: 'code128', text }) as unknown as Bars[]
  if (!symbol) return
  const modules = symbol.sbs.reduce((a, b) => a + b, 0)
  const bar = width / (modules + 2 * QUIET)
  let at = x + QUIET * bar
  symbol.sbs.forEach((w, i) => {
    if (i % 2 === 0) doc.rect(at, y, w * bar, BAR_HEIGHT)
    at += w * bar
  })
  doc.fill('#000000')
}

/** Marks that Code 128 holds. */
const codable = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/×/g, 'x')
    .replace(/[^\x20-\x7e]/g, '')
    .slice(0, 40) || '-'

/** Sheets of labels, each with its code as bars and as text. */
export function labelSheet(labels: readonly Label[], title: string): Promise<Buffer> {
  const { doc, done } = startDocument(title, 0)
  const onPage = SHEET.across * SHEET.down
  labels.forEach((label, i) => {
    if (i > 0 && i % onPage === 0) doc.addPage()
    const place = i % onPage
    const x = SHEET.left + (place % SHEET.across) * SHEET.width
    const y = SHEET.top + Math.floor(place / SHEET.across) * SHEET.height
    const width = SHEET.width - 12
    const line = { width, height: 12, ellipsis: true, lineBreak: false }
    doc
      .font('mono')
      .fontSize(12)
      .fillColor(COLOURS.ink)
      .text(label.heading, x + 6, y + 4, { ...line, height: 14 })
    doc.font('text').fontSize(8).fillColor(COLOURS.soft)
    label.lines.slice(0, 3).forEach((text, n) => doc.text(text, x + 6, y + 20 + n * 10, line))
    drawCode(doc, codable(label.code), x + 6, y + 52, width)
    doc
      .font('mono')
      .fontSize(7)
      .fillColor(COLOURS.ink)
      .text(codable(label.code), x + 6, y + 84, { ...line, align: 'center' })
  })
  if (labels.length === 0) doc.font('text').text('No labels.', 40, 40)
  doc.end()
  return done
}

/** One label for each bought line of a job's kit. @throws ServiceError `notFound` */
export async function kitLabels(jobId: number): Promise<Buffer> {
  const { job, kit, place } = await jobKit(jobId)
  const labels = kit.lines
    .filter((l) => l.quantity > 0 && l.state === 'filled')
    .map((l) => ({
      code: l.designation,
      heading: l.designation,
      lines: [`${l.words}, ${l.quantity} ${l.unit}`, `Job ${job.id}: ${job.title}`, place],
    }))
  return labelSheet(labels, `Job ${jobId}, labels`)
}

/**
 * One label for each item named, or for a page of the stock.
 * @throws ServiceError `notFound` when there is none, `tooLarge` when more are left than one sheet takes
 */
export async function stockLabels(ids: readonly number[], input: unknown): Promise<Buffer> {
  const chosen = ids.length > 0 ? await itemsOf(ids) : await itemsFor(input, MAX_LABELS)
  if (chosen.length === 0) throw new ServiceError('notFound', 'There is nothing in stock to label.')
  return labelSheet(
    chosen.map((i) => ({
      code: i.designation,
      heading: i.designation,
      lines: [i.bin ? `Bin ${i.bin}` : 'No bin yet', `Minimum ${i.minimum}`],
    })),
    'Stock labels',
  )
}
