import 'server-only'
import bwipjs from 'bwip-js/node'
import type { Doc } from './page'

/** Quiet zones in modules: ISO/IEC 18004 and ISO/IEC 15417. */
const QUIET = { qr: 4, bars: 10 }

interface Squares {
  pixs: number[]
  pixx: number
}

/** A QR code as squares on the page: sharp at any size. */
export function drawQr(doc: Doc, text: string, x: number, y: number, size: number): void {
  const [symbol] = bwipjs.raw('qrcode', text, 'eclevel=M') as unknown as Squares[]
  if (!symbol) return
  const dot = size / (symbol.pixx + 2 * QUIET.qr)
  symbol.pixs.forEach((dark, i) => {
    if (dark)
      doc.rect(
        x + (QUIET.qr + (i % symbol.pixx)) * dot,
        y + (QUIET.qr + Math.floor(i / symbol.pixx)) * dot,
        dot,
        dot,
      )
  })
  doc.fill('#000000')
}

interface Bars {
  sbs: number[]
}

/** A Code 128 symbol as bars on the page. @param text marks from space to tilde only */
export function drawBars(doc: Doc, text: string, x: number, y: number, width: number, height: number): void {
  const [symbol] = bwipjs.raw({ bcid: 'code128', text }) as unknown as Bars[]
  if (!symbol) return
  const modules = symbol.sbs.reduce((a, b) => a + b, 0)
  const bar = width / (modules + 2 * QUIET.bars)
  let at = x + QUIET.bars * bar
  symbol.sbs.forEach((w, i) => {
    if (i % 2 === 0) doc.rect(at, y, w * bar, height)
    at += w * bar
  })
  doc.fill('#000000')
}
