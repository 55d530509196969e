import { roundMicrometre, type Part } from '../catalogue'
import { writeInch, writeMm } from '../quantity'
import type { Reading } from './reading'
import type { SizesInText } from './readSizes'
import { computedPart } from './series/computedPart'
import type { SuffixToken } from './token'

/** Wall and width of rotary shaft seals, mm: beyond them three sizes are another part (ISO 6194-1 and inch lists, common practice). */
const WALL = { min: 2.5, max: 25 }
const WIDTH = { min: 2.5, max: 25 }
const LARGEST_SHAFT = 500

/** Sold unless its letters say otherwise (common practice). */
const USUAL = { lip: 'single', material: 'NBR' }

/** The seal of sizes that no row has; null where they can be no seal's. */
export function sealBySizes({ mm, inch }: Pick<SizesInText, 'mm' | 'inch'>): Part | null {
  const [bore, outside, width] = mm.map(roundMicrometre) as [number, number, number]
  const wall = (outside - bore) / 2
  const isOne =
    bore > 0 &&
    bore <= LARGEST_SHAFT &&
    wall >= WALL.min &&
    wall <= WALL.max &&
    width >= WIDTH.min &&
    width <= WIDTH.max
  if (!isOne) return null
  const sizes = { bore, outside, width }
  const base = inch
    ? `${[bore, outside, width].map(writeInch).join(' x ')} in`
    : [bore, outside, width].map(writeMm).join('x')
  return {
    ...computedPart(base, 'seal', 'rotary shaft seal', sizes),
    piece: 'seal',
    seal: USUAL,
    provenance: {
      kind: 'common-practice',
      text: 'named by its sizes, not in the catalogue',
      verified: false,
    },
  }
}

/** A seal with the lip and the material that its letters tell. */
export function sealFromTokens(part: Part, known: readonly SuffixToken[]): Part {
  if (!part.seal) return part
  const meaningOf = (kind: SuffixToken['kind']): string | undefined =>
    known.find((token) => token.kind === kind)?.value
  return {
    ...part,
    seal: { lip: meaningOf('lip') ?? part.seal.lip, material: meaningOf('material') ?? part.seal.material },
  }
}

/** Whether letters or words say that three sizes are a seal's: lip, case, material, or the word itself. */
export const isSealByTokens = ({ family, tokens }: Reading): boolean =>
  family === 'seal' && tokens.some(({ known }) => known)
