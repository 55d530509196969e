import 'server-only'
import { addDays } from '@/core/dates'
import { counted } from '@/core/plural'
import * as common from '@/texts/common'
import * as texts from '@/texts/paper'
import { supplierPrices } from '../supplierPrices'
import { today } from '../clock'
import { jobKit } from '../jobKit'
import { settings } from '../settings'
import { inUnits } from './eachText'
import { COLOURS, endDocument, PAGE, points, startDocument } from './page'
import { table } from './table'

const COLUMNS = [
  { head: common.part, width: 155 },
  { head: common.number, width: 135 },
  { head: common.quantity, width: 62, align: 'right' },
  { head: texts.unitPrice, width: 78, align: 'right' },
  { head: texts.sum, align: 'right' },
] as const

const money = (value: number): string => value.toFixed(2)
const cents = (value: number): number => Math.round(value * 100) / 100

/** Net, each tax on it and the total, as rows of the quote. */
function totals(sums: readonly number[], taxes: readonly { label: string; percent: number }[]) {
  const net = cents(sums.reduce((total, sum) => total + sum, 0))
  const due = taxes.map(({ label, percent }) => ({
    label: `${label} ${percent} %`,
    tax: cents((net * percent) / 100),
  }))
  const gross = due.reduce((sum, { tax }) => cents(sum + tax), net)
  const row = (label: string, value: number, bold: boolean) => ({
    cells: ['', '', '', label, money(value)],
    bold,
  })
  return [
    row(texts.net, net, true),
    ...due.map(({ label, tax }) => row(label, tax, false)),
    row(common.total, gross, true),
  ]
}

/**
 * A quote for a job's kit: what is bought with the price of its line, else the lowest a supplier asks today; margin, taxes and
 * validity from the settings. Lines without a price are named and not added up; where no line has one there is no total.
 * @throws ServiceError `notFound`; `unreadable` for other units
 */
export async function quotePdf(jobId: number, units: string | undefined): Promise<Buffer> {
  const [{ job, arrangement, kit, place }, { shop, currency, validDays, marginPercent, taxes }, day] =
    await Promise.all([jobKit(jobId), settings(), today()])
  const bought = kit.lines.filter((l) => l.quantity > 0 && l.unit === 'pcs' && l.state === 'filled')
  const prices = await supplierPrices(bought.filter((l) => l.price === null).map((l) => l.designation))
  const priced = bought.map((line) => {
    const price = line.price ?? prices.get(line.designation)?.price ?? null
    const each = price === null ? null : cents(price * (1 + marginPercent / 100))
    return { line, each, sum: each === null ? null : cents(each * line.quantity) }
  })
  const { doc, done } = startDocument(texts.jobQuote(jobId))
  const { ink, soft, lamp } = COLOURS
  doc.font('bold').fontSize(18).fillColor(ink).text(texts.quote, PAGE.left, PAGE.top)
  doc
    .font('text')
    .fontSize(10)
    .fillColor(soft)
    .text(texts.shopAndJob(shop, job.id, job.title))
  if (place) doc.text(place)
  doc.text(texts.validUntilPricesIn(day, addDays(day, validDays), currency))
  doc.moveDown(0.6).font('bold').fontSize(11).fillColor(ink)
  doc.text(`${arrangement.title}, ${counted(kit.positions, arrangement.position)}`)
  doc.moveDown(0.5)
  const rows = priced.map(({ line, each, sum }) => ({
    cells: [
      inUnits(line.label, units),
      line.designation,
      String(line.quantity),
      each === null ? texts.onRequest : money(each),
      sum === null ? '' : money(sum),
    ],
    colour: each === null ? lamp : ink,
  }))
  const hasPrice = priced.some(({ sum }) => sum !== null)
  table(
    doc,
    COLUMNS,
    hasPrice
      ? [
          ...rows,
          ...totals(
            priced.map(({ sum }) => sum ?? 0),
            taxes,
          ),
        ]
      : rows,
  )
  if (!hasPrice)
    doc.moveDown(0.5).font('bold').fontSize(11).fillColor(ink).text(texts.pricesOnRequest, PAGE.left)
  const open = [
    ...priced
      .filter((p) => p.each === null)
      .map((p) => texts.priceOnRequest(p.line.label, p.line.designation)),
    ...kit.lines.filter((l) => l.state !== 'filled').map((l) => texts.notSettledYet(l.label, l.reason)),
  ]
  points(doc, texts.notInThisQuote, open)
  endDocument(doc, texts.validUntil(addDays(day, validDays)), common.jobNumber(jobId))
  return done
}
