import 'server-only'
import * as texts from '@/texts/paper'
import { machine } from '../machines'
import { COLOURS, printable, startDocument } from './page'
import { drawQr } from './symbols'

/** A sheet of 2 × 5 labels on A4, points. */
const SHEET = { left: 24, top: 36, width: 273, height: 152, across: 2, down: 5 }
const CODE = 116
/**
 * Labels to stick on a machine, one for it and one for each position: a telephone that reads the code opens the page that says what
 * fits there.
 * @param origin address of this server as the shop reaches it
 * @throws ServiceError `notFound`
 */
export async function machineLabels(id: number, origin: string): Promise<Buffer> {
  const { name, place, positions } = await machine(id)
  const page = `${origin}/machines/${id}`
  const labels = [
    { heading: name, lines: [place, texts.positions(positions.length)], link: page },
    ...positions.map((p) => ({
      heading: name,
      lines: [[p.name, p.side].filter(Boolean).join(', '), p.fitted, p.arrangement ?? ''],
      link: `${page}#position-${p.id}`,
    })),
  ]
  const { doc, done } = startDocument(texts.labels(name), 0)
  const onPage = SHEET.across * SHEET.down
  labels.forEach(({ heading, lines, link }, i) => {
    if (i > 0 && i % onPage === 0) doc.addPage()
    const at = i % onPage
    const x = SHEET.left + (at % SHEET.across) * SHEET.width
    const y = SHEET.top + Math.floor(at / SHEET.across) * SHEET.height
    drawQr(doc, link, x, y + 8, CODE)
    const line = { width: SHEET.width - CODE - 16, height: 46, ellipsis: true }
    doc
      .font('bold')
      .fontSize(12)
      .fillColor(COLOURS.ink)
      .text(printable(heading), x + CODE + 4, y + 16, line)
    doc
      .font('text')
      .fontSize(9.5)
      .text(printable(lines.filter(Boolean).join('\n')), x + CODE + 4, y + 64, { ...line, height: 60 })
  })
  doc.end()
  return done
}
