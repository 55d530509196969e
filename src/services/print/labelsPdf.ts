import 'server-only'
import * as texts from '@/texts/paper'
import { ServiceError } from '../errors'
import { jobKit } from '../jobKit'
import { itemsFor, itemsOf, MAX_LABELS } from '../stock'
import { inUnits } from './eachText'
import { COLOURS, startDocument, type Doc } from './page'
import { drawBars, drawQr } from './symbols'

/** A sheet of 3 × 8 labels on A4, points. */
const SHEET = { left: 20, top: 36, width: 185, height: 96, across: 3, down: 8 }
/** Height of a bar code, side of a square one. */
const CODE = { bars: 30, square: 52 }
/** More marks than this are bars too thin for a workshop printer: they are a square code. */
const MAX_BARS = 24
/** A heading is as large as its marks leave room, points; at the smallest the longest number stands on three lines. */
const HEADING = [
  { marks: 23, size: 12 },
  { marks: 62, size: 9 },
  { marks: Infinity, size: 7 },
]

export interface Label {
  /** what the code says */
  code: string
  heading: string
  lines: string[]
}

/** Marks that both codes hold. */
const codable = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/×/g, 'x')
    .replace(/[^\x20-\x7e]/g, '') || '-'

function drawLabel(doc: Doc, { code, heading, lines }: Label, x: number, y: number): void {
  const width = SHEET.width - 12
  const text = codable(code)
  const isLong = text.length > MAX_BARS
  const line = {
    width: isLong ? width - CODE.square - 4 : width,
    height: 12,
    ellipsis: true,
    lineBreak: false,
  }
  doc
    .font('mono')
    .fontSize(HEADING.find(({ marks }) => heading.length <= marks)?.size ?? 0)
    .fillColor(COLOURS.ink)
    .text(heading, x, y + 4, { width })
  const top = doc.y + 2
  doc.font('text').fontSize(8).fillColor(COLOURS.soft)
  lines.slice(0, 3).forEach((text, n) => doc.text(text, x, top + n * 10, line))
  if (isLong) return drawQr(doc, text, x + width - CODE.square, y + 34, CODE.square)
  drawBars(doc, text, x, y + 52, width, CODE.bars)
  doc
    .font('mono')
    .fontSize(7)
    .fillColor(COLOURS.ink)
    .text(text, x, y + 84, { ...line, align: 'center' })
}

/** Sheets of labels, each with its code: bars with their text, or a square where bars would be too thin to read. */
export function labelSheet(labels: readonly Label[], title: string): Promise<Buffer> {
  const { doc, done } = startDocument(title, 0)
  const onPage = SHEET.across * SHEET.down
  labels.forEach((label, i) => {
    if (i > 0 && i % onPage === 0) doc.addPage()
    const index = i % onPage
    const x = SHEET.left + (index % SHEET.across) * SHEET.width + 6
    drawLabel(doc, label, x, SHEET.top + Math.floor(index / SHEET.across) * SHEET.height)
  })
  if (labels.length === 0) doc.font('text').text(texts.noLabels, 40, 40)
  doc.end()
  return done
}

/** One label for each bought line of a job's kit. @throws ServiceError `notFound`; `unreadable` for other units */
export async function kitLabels(jobId: number, units: string | undefined): Promise<Buffer> {
  const { job, kit, place } = await jobKit(jobId)
  const labels = kit.lines
    .filter((l) => l.quantity > 0 && l.state === 'filled')
    .map((l) => ({
      code: l.designation,
      heading: l.designation,
      lines: [
        inUnits(`${l.label}, ${l.quantity} ${l.unit}`, units),
        texts.jobCalled(job.id, job.title),
        place,
      ],
    }))
  return labelSheet(labels, texts.jobLabels(jobId))
}

/**
 * One label for each item named, or for a page of the stock.
 * @throws ServiceError `notFound` when there is none, `tooLarge` when more are left than one sheet takes
 */
export async function stockLabels(ids: readonly number[], input: unknown): Promise<Buffer> {
  const chosen = ids.length > 0 ? await itemsOf(ids) : await itemsFor(input, MAX_LABELS)
  if (chosen.length === 0) throw new ServiceError('notFound', texts.thereIsNothingIn)
  return labelSheet(
    chosen.map((i) => ({
      code: i.designation,
      heading: i.designation,
      lines: [i.bin ? texts.bin(i.bin) : texts.noBinYet, texts.minimum(i.minimum)],
    })),
    texts.stockLabels,
  )
}
