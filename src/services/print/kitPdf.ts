import 'server-only'
import { explodedView, type Arrangement, type Kit, type KitLine } from '@/core/kit'
import { counted } from '@/core/plural'
import * as common from '@/texts/common'
import * as texts from '@/texts/paper'
import { jobKit } from '../jobKit'
import { drawExploded } from './drawExploded'
import { inUnits } from './eachText'
import { COLOURS, endDocument, PAGE, points, startDocument, WIDTH } from './page'
import { table } from './table'

const { ink: INK, soft: SOFT, lamp: LAMP } = COLOURS

const COLUMNS = [
  { head: '', width: 24 },
  { head: common.part, width: 92 },
  { head: common.number, width: 128, mono: true },
  { head: texts.unit, width: 36 },
  { head: common.total, width: 44 },
  { head: texts.picked, width: 40 },
  { head: common.remarks },
] as const

const amount = (line: KitLine, n: number): string => (line.unit === 'g' ? `${n} g` : String(n))

function remark(line: KitLine): string {
  if (line.state === 'gap') return texts.gap(line.reason)
  if (line.state === 'conflict') return texts.conflict(line.reason)
  const once = line.singleUse ? texts.onceOnlyAlwaysNew : ''
  return `${once}${line.assumed ? texts.toConfirm(line.reason) : ''}${line.note}`
}

interface Head {
  job: string
  title: string
  place: string
}

function heading(
  doc: PDFKit.PDFDocument,
  { job, title, place }: Head,
  arrangement: Arrangement,
  kit: Kit,
): void {
  doc.font('bold').fontSize(16).fillColor(INK).text(`${job}: ${title}`, PAGE.left, PAGE.top, { width: WIDTH })
  doc.font('text').fontSize(10).fillColor(SOFT).text(place)
  doc.moveDown(0.4)
  const { position } = arrangement
  const count = counted(kit.positions, position)
  const gaps = kit.lines.filter((l) => l.state === 'gap').length
  const conflicts = kit.lines.filter((l) => l.state === 'conflict').length
  const state = kit.complete
    ? texts.complete
    : [gaps && texts.missing(gaps), conflicts && texts.inConflict(conflicts)].filter(Boolean).join(', ')
  doc
    .font('bold')
    .fontSize(11)
    .fillColor(INK)
    .text(texts.pickList(arrangement.title, count), { continued: true })
  doc.fillColor(kit.complete ? INK : LAMP).text(texts.kit(state))
}

const rowOf = (line: KitLine, i: number) => ({
  cells: [
    String(i + 1),
    line.label,
    line.designation || '–',
    amount(line, line.quantityPerPosition),
    amount(line, line.quantity),
    { box: line.state === 'filled' && line.quantity > 0 },
    remark(line),
  ],
  colour: line.state === 'filled' ? INK : LAMP,
})

const SIGNS = { pass: texts.agrees, warn: texts.lookAgainLower, fail: common.doesNotFit } as const

function render(
  head: Head,
  arrangement: Arrangement,
  kit: Kit,
  view: ReturnType<typeof explodedView>,
): Promise<Buffer> {
  const { doc, done } = startDocument(texts.kitOfJob(head.job))
  heading(doc, head, arrangement, kit)
  const top = doc.y + 8
  drawExploded(doc, view, { x: PAGE.left, y: top, width: WIDTH, height: 190 })
  doc
    .font('text')
    .fontSize(8)
    .fillColor(SOFT)
    .text(texts.inFittingOrder(arrangement.hub), PAGE.left, top + 196)
  doc.y = top + 214
  table(doc, COLUMNS, kit.lines.map(rowOf))
  points(
    doc,
    texts.checkedBetweenTheParts,
    kit.checks.map((c) => `${c.title} (${SIGNS[c.result]}). ${c.detail}`),
  )
  points(doc, texts.tools, kit.tools)
  points(doc, texts.safety, arrangement.cautions)
  endDocument(doc, texts.everyValueHereIs, head.job)
  return done
}

/** The pick list of a job's kit with its drawing. @throws ServiceError `notFound` when the job has no kit yet */
export async function kitPdf(jobId: number, units?: string): Promise<Buffer> {
  const { job, arrangement, kit, place } = await jobKit(jobId)
  return render(
    { job: common.jobNumber(job.id), title: job.title, place },
    inUnits(arrangement, units),
    inUnits(kit, units),
    explodedView(arrangement, kit),
  )
}
