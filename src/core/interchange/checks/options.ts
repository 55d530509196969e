import type { TokenKind } from '../../designation'
import { differs, type CheckRule } from '../check'
import { bareLetters, type Variant } from '../variant'

/** The letters of a number that tell one kind of option, as they are written; empty when there are none. */
const letters = ({ written }: Variant, kind: TokenKind): string =>
  written.options
    .filter((option) => option.kind === kind)
    .map(({ written: text }) => bareLetters(text))
    .join(' ')

/** The angle a number tells; letters that mean two by convention stand as they are. */
const degrees = (variant: Variant): string =>
  variant.contactAngle === null ? letters(variant, 'contactAngle') || 'not told' : `${variant.contactAngle}°`

/** The contact angle decides what load along the axis a bearing takes, and how it is set. */
export const contactAngle: CheckRule = (from, to) => {
  const [a, b] = [from.contactAngle, to.contactAngle]
  const values = [degrees(from), degrees(to)] as const
  if (values[0] === values[1]) return null
  const label = 'Contact angle'
  return a === null || b === null
    ? differs(
        'contactAngle',
        'warn',
        values,
        'Look at the old one: another angle takes another load along the shaft.',
        label,
      )
    : differs(
        'contactAngle',
        'fail',
        values,
        'It takes another load along the shaft, and is set differently.',
        label,
      )
}

/** Letters of two bearings sold as one: DB, DF, DT and those of pairs for any order (common practice). */
const isPair = (text: string): boolean => text.startsWith('D')

/** Bearings matched to a pair are replaced as one; one made for pairs keeps its end play or preload only among its like. */
export const match: CheckRule = (from, to) => {
  const [a, b] = [from.pairing, to.pairing]
  if (a === b) return null
  const values = [a || 'single bearing', b || 'single bearing'] as const
  if (isPair(a) !== isPair(b) || (isPair(a) && isPair(b)))
    return differs('match', 'fail', values, 'A matched pair is bought and fitted as one, in its own order.')
  return a === ''
    ? differs('match', 'pass', values, 'Made for pairs too; alone it runs as any other.')
    : differs(
        'match',
        'warn',
        values,
        'In a pair its end play or preload is another: right only where it stands alone.',
      )
}

/** The grease a number names; one that names none holds what its maker fills in, which is as good as not told. */
export const grease: CheckRule = (from, to) => {
  const [a, b] = [letters(from, 'grease'), letters(to, 'grease')]
  if (a === b) return null
  return differs(
    'grease',
    'warn',
    [a || 'not named', b || 'not named'],
    a === '' || b === ''
      ? 'The grease of one is not told: right only where what is filled in suits temperature and speed.'
      : 'Another grease: right only where it suits temperature and speed.',
  )
}
