import 'server-only'
import { addDays } from '@/core/dates'
import { askedPrices } from '../askedPrices'
import { today } from '../clock'
import { jobKit } from '../jobKit'
import { settings } from '../settings'
import { inUnits } from './eachText'
import { COLOURS, endDocument, PAGE, pageBreak, points, startDocument, WIDTH } from './page'

const COLUMNS = [
  { name: 'Part', x: PAGE.left, width: 150, align: 'left' },
  { name: 'Number', x: PAGE.left + 155, width: 130, align: 'left' },
  { name: 'Quantity', x: PAGE.left + 290, width: 60, align: 'right' },
  { name: 'Unit price', x: PAGE.left + 355, width: 70, align: 'right' },
  { name: 'Sum', x: PAGE.left + 430, width: WIDTH - 430, align: 'right' },
] as const

const money = (value: number): string => value.toFixed(2)
const cents = (value: number): number => Math.round(value * 100) / 100

/**
 * A quote for a job's kit: what is bought with the price of its line, else the lowest a supplier asks today; margin, taxes and
 * validity from the settings. Lines without a price are named and not added up; where no line has one there is no total.
 * @throws ServiceError `notFound`; `unreadable` for other units
 */
export async function quotePdf(jobId: number, units: string | undefined): Promise<Buffer> {
  const [{ job, arrangement, kit, place }, { shop, currency, validDays, marginPercent, taxes }, day] =
    await Promise.all([jobKit(jobId), settings(), today()])
  const bought = kit.lines.filter((l) => l.quantity > 0 && l.unit === 'pcs' && l.state === 'filled')
  const asked = await askedPrices(bought.filter((l) => l.price === null).map((l) => l.designation))
  const priced = bought.map((line) => {
    const price = line.price ?? asked.get(line.designation)?.price ?? null
    const each = price === null ? null : cents(price * (1 + marginPercent / 100))
    return { line, each, sum: each === null ? null : cents(each * line.quantity) }
  })
  const { doc, done } = startDocument(`Job ${jobId}, quote`)
  const { ink, soft, lamp, line: rule } = COLOURS
  doc.font('bold').fontSize(18).fillColor(ink).text('Quote', PAGE.left, PAGE.top)
  doc.font('text').fontSize(10).fillColor(soft).text(`${shop}. Job ${job.id}: ${job.title}`)
  if (place) doc.text(place)
  doc.text(`${day}. Valid until ${addDays(day, validDays)}. Prices in ${currency}.`)
  doc.moveDown(0.6).font('bold').fontSize(11).fillColor(ink)
  doc.text(`${arrangement.words}, ${kit.positions} ${arrangement.position}${kit.positions === 1 ? '' : 's'}`)
  doc.moveDown(0.5)
  const row = (cells: readonly string[], font: string, colour: string) => {
    pageBreak(doc, 18)
    const y = doc.y + 3
    doc.lineWidth(0.4).moveTo(PAGE.left, doc.y).lineTo(PAGE.right, doc.y).stroke(rule)
    COLUMNS.forEach(({ x, width, align }, i) =>
      doc
        .font(font)
        .fontSize(9)
        .fillColor(colour)
        .text(cells[i] ?? '', x, y, { width, height: 12, align, lineBreak: false, ellipsis: true }),
    )
    doc.y = y + 14
  }
  row(
    COLUMNS.map((c) => c.name),
    'bold',
    soft,
  )
  for (const { line, each, sum } of priced)
    row(
      [
        inUnits(line.words, units),
        line.designation,
        String(line.quantity),
        each === null ? 'on request' : money(each),
        sum === null ? '' : money(sum),
      ],
      'text',
      each === null ? lamp : ink,
    )
  if (priced.some(({ sum }) => sum !== null)) {
    const net = cents(priced.reduce((total, { sum }) => total + (sum ?? 0), 0))
    row(['', '', '', 'Net', money(net)], 'bold', ink)
    let gross = net
    for (const { words, percent } of taxes) {
      const tax = cents((net * percent) / 100)
      gross = cents(gross + tax)
      row(['', '', '', `${words} ${percent} %`, money(tax)], 'text', ink)
    }
    row(['', '', '', 'Total', money(gross)], 'bold', ink)
  } else {
    doc.moveDown(0.5).font('bold').fontSize(11).fillColor(ink).text('Prices on request.', PAGE.left)
  }
  const open = [
    ...priced
      .filter((p) => p.each === null)
      .map((p) => `${p.line.words} ${p.line.designation}: price on request.`),
    ...kit.lines.filter((l) => l.state !== 'filled').map((l) => `${l.words}: not settled yet. ${l.reason}`),
  ]
  points(doc, 'Not in this quote', open)
  endDocument(doc, `Valid until ${addDays(day, validDays)}.`, `Job ${jobId}`)
  return done
}
