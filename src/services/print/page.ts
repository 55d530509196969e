import 'server-only'
import PDFDocument from 'pdfkit'
import * as common from '@/texts/common'
import * as texts from '@/texts/paper'
import { registerFonts } from './fonts'

/** An A4 page, points. */
export const PAGE = { left: 40, right: 555, top: 40, bottom: 800 }
export const WIDTH = PAGE.right - PAGE.left
export const COLOURS = { ink: '#24211b', soft: '#5b5446', lamp: '#8a4b00', line: '#d9d0bf' }

export type Doc = PDFKit.PDFDocument

/** A document with the fonts of the application, and its bytes once it is ended. */
export function startDocument(title: string, margin = 40): { doc: Doc; done: Promise<Buffer> } {
  const doc = new PDFDocument({
    size: 'A4',
    margin,
    bufferPages: true,
    info: { Title: title, Creator: common.amberSocket },
  })
  registerFonts(doc)
  const chunks: Buffer[] = []
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk))
    doc.on('end', () => resolve(Buffer.concat(chunks)))
    doc.on('error', reject)
  })
  return { doc, done }
}

/** The printed fonts lack a few marks that the screen has: micro sign and arrow. */
export const printable = (text: string): string => text.replace(/µ/g, 'μ').replace(/ → /g, ' to ')

/** A new page when what follows does not find room. @returns whether there is a new one */
export function pageBreak(doc: Doc, room: number): boolean {
  if (doc.y + room <= PAGE.bottom) return false
  doc.addPage()
  return true
}

/** A heading with points below it. */
export function points(doc: Doc, title: string, items: readonly string[], mark = '•'): void {
  if (items.length === 0) return
  // Never a heading at the foot with its first point on the next page.
  pageBreak(doc, 64)
  doc
    .moveDown(0.8)
    .font('bold')
    .fontSize(10.5)
    .fillColor(COLOURS.ink)
    .text(title, PAGE.left, doc.y, { width: WIDTH })
  for (const item of items) {
    pageBreak(doc, 28)
    doc
      .font('text')
      .fontSize(9)
      .fillColor(COLOURS.ink)
      .text(printable(`${mark}  ${item}`), PAGE.left, doc.y + 2, { width: WIDTH })
  }
}

/** Words at the foot of every page with its number, and the end. */
export function endDocument(doc: Doc, left: string, name: string): void {
  const { count } = doc.bufferedPageRange()
  for (let page = 0; page < count; page++) {
    doc.switchToPage(page)
    doc.page.margins.bottom = 0
    doc.font('text').fontSize(8).fillColor(COLOURS.soft)
    doc.text(left, PAGE.left, 812, { lineBreak: false })
    doc.text(texts.pageOf(name, page + 1, count), PAGE.left, 812, {
      width: WIDTH,
      align: 'right',
      lineBreak: false,
    })
  }
  doc.end()
}
