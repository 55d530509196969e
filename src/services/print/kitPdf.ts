import 'server-only'
import { explodedView, type Arrangement, type Kit, type KitLine } from '@/core/kit'
import { jobKit } from '../jobKit'
import { drawExploded } from './drawExploded'
import { inUnits } from './eachText'
import { COLOURS, endDocument, PAGE, pageBreak, points, printable, startDocument, WIDTH } from './page'

const { ink: INK, soft: SOFT, lamp: LAMP } = COLOURS

const COLUMNS = [
  { name: '', x: PAGE.left, width: 20 },
  { name: 'Part', x: PAGE.left + 24, width: 96 },
  { name: 'Number', x: PAGE.left + 122, width: 118 },
  { name: 'Unit', x: PAGE.left + 242, width: 34 },
  { name: 'Total', x: PAGE.left + 278, width: 40 },
  { name: 'Picked', x: PAGE.left + 322, width: 36 },
  { name: 'Remarks', x: PAGE.left + 362, width: WIDTH - 362 },
] as const

const amount = (line: KitLine, n: number): string => (line.unit === 'g' ? `${n} g` : String(n))

function remark(line: KitLine): string {
  if (line.state === 'gap') return `MISSING. ${line.reason}`
  if (line.state === 'conflict') return `DOES NOT FIT. ${line.reason}`
  const once = line.singleUse ? 'Once only, always new. ' : ''
  return `${once}${line.assumed ? `To confirm: ${line.reason} ` : ''}${line.note}`
}

interface Head {
  job: string
  title: string
  place: string
}

function heading(
  doc: PDFKit.PDFDocument,
  { job, title, place }: Head,
  { words, position }: Arrangement,
  kit: Kit,
): void {
  doc.font('bold').fontSize(16).fillColor(INK).text(`${job}: ${title}`, PAGE.left, PAGE.top, { width: WIDTH })
  doc.font('text').fontSize(10).fillColor(SOFT).text(place)
  doc.moveDown(0.4)
  const count = `${kit.positions} ${position}${kit.positions === 1 ? '' : 's'}`
  const gaps = kit.lines.filter((l) => l.state === 'gap').length
  const conflicts = kit.lines.filter((l) => l.state === 'conflict').length
  const state = kit.complete
    ? 'complete'
    : [gaps && `${gaps} missing`, conflicts && `${conflicts} in conflict`].filter(Boolean).join(', ')
  doc.font('bold').fontSize(11).fillColor(INK).text(`Pick list: ${words}, ${count}. `, { continued: true })
  doc.fillColor(kit.complete ? INK : LAMP).text(`Kit ${state}.`)
}

function table(doc: PDFKit.PDFDocument, kit: Kit): void {
  const header = () => {
    const y = doc.y
    doc.font('bold').fontSize(8.5).fillColor(SOFT)
    for (const { name, x, width } of COLUMNS) doc.text(name, x, y, { width, lineBreak: false })
    doc.y = y + 13
  }
  header()
  kit.lines.forEach((line, i) => {
    const cells = [
      String(i + 1),
      line.words,
      line.designation || '–',
      amount(line, line.quantityPerPosition),
      amount(line, line.quantity),
      '',
      printable(remark(line)),
    ]
    const height = Math.max(
      ...COLUMNS.map(({ width }, c) =>
        doc
          .font(c === 2 ? 'mono' : 'text')
          .fontSize(9)
          .heightOfString(cells[c] ?? '', { width }),
      ),
    )
    if (pageBreak(doc, height + 6)) header()
    const y = doc.y + 3
    doc.lineWidth(0.4).moveTo(PAGE.left, doc.y).lineTo(PAGE.right, doc.y).stroke('#d9d0bf')
    COLUMNS.forEach(({ name, x, width }, c) => {
      if (name === 'Picked') {
        if (line.state === 'filled' && line.quantity > 0)
          doc
            .lineWidth(0.8)
            .rect(x + 6, y, 10, 10)
            .stroke(SOFT)
        return
      }
      doc
        .font(c === 2 ? 'mono' : 'text')
        .fontSize(9)
        .fillColor(line.state === 'filled' ? INK : LAMP)
        .text(cells[c] ?? '', x, y, { width })
    })
    doc.y = y + height + 3
  })
}

const SIGNS = { pass: 'agrees', warn: 'look again', fail: 'does not fit' } as const

function render(
  head: Head,
  arrangement: Arrangement,
  kit: Kit,
  view: ReturnType<typeof explodedView>,
): Promise<Buffer> {
  const { doc, done } = startDocument(`${head.job}, kit`)
  heading(doc, head, arrangement, kit)
  const top = doc.y + 8
  drawExploded(doc, view, { x: PAGE.left, y: top, width: WIDTH, height: 190 })
  doc
    .font('text')
    .fontSize(8)
    .fillColor(SOFT)
    .text(
      `In fitting order from the inside out, to scale; dashed = missing, ${arrangement.hub} plain.`,
      PAGE.left,
      top + 196,
    )
  doc.y = top + 214
  table(doc, kit)
  points(
    doc,
    'Checked between the parts',
    kit.checks.map((c) => `${c.words} (${SIGNS[c.result]}). ${c.detail}`),
  )
  points(doc, 'Tools', kit.tools)
  points(doc, 'Safety', arrangement.cautions)
  endDocument(doc, "Every value here is a guide until the machine's manual confirms it.", head.job)
  return done
}

/** The pick list of a job's kit with its drawing. @throws ServiceError `notFound` when the job has no kit yet */
export async function kitPdf(jobId: number, units?: string): Promise<Buffer> {
  const { job, arrangement, kit, place } = await jobKit(jobId)
  return render(
    { job: `Job ${job.id}`, title: job.title, place },
    inUnits(arrangement, units),
    inUnits(kit, units),
    explodedView(arrangement, kit),
  )
}
