import { MM_PER_INCH, readLength } from '../quantity'

const COUNT = String.raw`(?<before>\d{1,2})\s*(?:[x×]|pcs|pieces|off)\s*(?:balls?\s+)?|(?<named>\d{1,2})\s+balls?\s+(?:of\s+)?|balls?\s+`
const SIZE = String.raw`(?<size>(?:\d+\/\d+|\d*[.,]?\d+|[¼½¾⅛⅜⅝⅞])\s*(?:mm|inch(?:es)?|in\.?|")?)`
const BALLS = new RegExp(String.raw`^(?:${COUNT})?${SIZE}(?:\s*[x×]\s*(?<behind>\d{1,2})|\s+balls?)?$`, 'i')
/** Loose balls of hubs, pedals and swivels, mm. */
const SIZES = { from: 1, to: 60 }

/** A ball in millimetres; a bare figure below one is inches, as a fraction is. */
function ballMm(text: string): number | null {
  const read = readLength(text)
  if (!read.ok) return null
  const { value, stated, form } = read.value
  const inches = stated === 'in' || (stated === null && (form === 'fraction' || value < 1))
  const mm = inches ? value * MM_PER_INCH : value
  return mm >= SIZES.from && mm <= SIZES.to ? mm : null
}

/**
 * Loose balls as people write them: their size, and how many where it is said.
 * @returns null for what is no size of a ball
 * @example readBalls('11 x 1/4') // { mm: 6.35, count: 11 }
 * @example readBalls('6.35 mm') // { mm: 6.35 }
 */
export function readBalls(text: string): { mm: number; count?: number } | null {
  const said = BALLS.exec(text.trim())?.groups
  const mm = said?.['size'] === undefined ? null : ballMm(said['size'])
  if (!said || mm === null) return null
  const counts = [said['before'], said['named'], said['behind']].filter((figure) => figure !== undefined)
  if (counts.length > 1) return null
  return counts[0] === undefined ? { mm } : { mm, count: Number(counts[0]) }
}
