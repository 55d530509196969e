import 'server-only'
import { explodedView } from '@/core/kit'
import { jobKit } from '../kitFiles'
import { ready } from '../language'
import { drawExploded } from './drawExploded'
import { COLOURS, endDocument, PAGE, pageBreak, points, startDocument, WIDTH } from './page'

/**
 * A page to work by: cautions first, the drawing, each part in fitting order with its note and a box to tick, tools, and
 * fields for the manual's torques and for initials. @throws ServiceError `notFound`
 */
export async function cardPdf(jobId: number): Promise<Buffer> {
  const [{ job, arrangement, kit, place }, { language }] = await Promise.all([jobKit(jobId), ready()])
  const { doc, done } = startDocument(`Job ${jobId}, job card`)
  const { ink, soft, lamp } = COLOURS
  doc
    .font('bold')
    .fontSize(16)
    .fillColor(ink)
    .text(`Job card ${job.id}: ${job.title}`, PAGE.left, PAGE.top, { width: WIDTH })
  doc.font('text').fontSize(10).fillColor(soft).text(place)
  const { heard, use, note } = job.intake
  const told = [heard.join(', '), use.join(', '), note].filter(Boolean).join('. ')
  if (told) doc.text(told, { width: WIDTH })
  points(doc, 'Before you begin', arrangement.cautions, '!')
  const top = doc.y + 8
  drawExploded(doc, explodedView(arrangement, kit, language), {
    x: PAGE.left,
    y: top,
    width: WIDTH,
    height: 150,
  })
  doc.y = top + 160
  doc.font('bold').fontSize(10.5).fillColor(ink).text('In fitting order', PAGE.left, doc.y)
  kit.lines.forEach((line, i) => {
    const words = `${i + 1}  ${line.words}: ${line.designation || 'MISSING'}${line.quantity > 0 ? `, ${line.quantityPerPosition} ${line.unit} each` : ''}. ${line.note}`
    const height = doc
      .font('text')
      .fontSize(9)
      .heightOfString(words, { width: WIDTH - 22 })
    pageBreak(doc, height + 6)
    const y = doc.y + 3
    doc
      .lineWidth(0.8)
      .rect(PAGE.left, y + 1, 9, 9)
      .stroke(soft)
    doc.fillColor(line.state === 'filled' ? ink : lamp).text(words, PAGE.left + 18, y, { width: WIDTH - 22 })
  })
  points(doc, 'Tools', kit.tools)
  points(
    doc,
    'Torques, from the manual of the machine (N·m / lbf·ft)',
    kit.lines
      .filter((l) => /nut|bolt|screw/i.test(l.words))
      .map((l) => `${l.words}: ____________ N·m   ____________ lbf·ft   page of the manual ________`),
  )
  points(
    doc,
    'Signed off',
    ['Fitted by ________________   date and time ________________   next check ________________'],
    '',
  )
  endDocument(doc, "The machine's manual, local rules and licensed practice come first.", `Job ${jobId}`)
  return done
}
