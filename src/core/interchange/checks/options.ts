import type { TokenKind } from '../../designation'
import type { CheckRule } from '../check'
import type { Variant } from '../variant'

/** The letters of a number that tell one kind of option, as they are written; empty when there are none. */
const letters = ({ written }: Variant, kind: TokenKind): string =>
  written.options
    .filter((option) => option.kind === kind)
    .map((option) => option.written.replace(/^[-/ ]+/, ''))
    .join(' ')

const degrees = (angle: number | null): string => (angle === null ? 'not told' : `${angle}°`)

/** The contact angle decides what load along the axis a bearing takes, and how it is set. */
export const contactAngle: CheckRule = (from, to) => {
  const [a, b] = [from.contactAngle, to.contactAngle]
  if (a === b) return null
  const change = `Contact angle ${degrees(a)} → ${degrees(b)}`
  return a === null || b === null
    ? {
        check: 'contactAngle',
        result: 'warn',
        detail: `${change}. Look at the old one: another angle takes another load along the shaft.`,
      }
    : {
        check: 'contactAngle',
        result: 'fail',
        detail: `${change}. It takes another load along the shaft, and is set differently.`,
      }
}

/** Letters of two bearings sold as one: DB, DF, DT and those of pairs for any order (common practice). */
const isPair = (text: string): boolean => text.startsWith('D')

/** Bearings matched to a pair are replaced as one; one made for pairs keeps its end play or preload only among its like. */
export const match: CheckRule = (from, to) => {
  const [a, b] = [letters(from, 'match'), letters(to, 'match')]
  if (a === b) return null
  const change = `${a || 'single bearing'} → ${b || 'single bearing'}`
  if (isPair(a) !== isPair(b) || (isPair(a) && isPair(b)))
    return {
      check: 'match',
      result: 'fail',
      detail: `${change}. A matched pair is bought and fitted as one, in its own order.`,
    }
  return a === ''
    ? null
    : {
        check: 'match',
        result: 'warn',
        detail: `${change}. In a pair its end play or preload is another: right only where it stands alone.`,
      }
}

/** Two greases that their numbers name. */
export const grease: CheckRule = (from, to) => {
  const [a, b] = [letters(from, 'grease'), letters(to, 'grease')]
  if (a === '' || b === '' || a === b) return null
  return {
    check: 'grease',
    result: 'warn',
    detail: `${a} → ${b}. Another grease: right only where it suits temperature and speed.`,
  }
}
