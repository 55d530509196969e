import { NEWTON_PER_LBF } from './torque'
import { MM_PER_INCH } from './units'

/** Grams in an ounce (avoirdupois: 28.349 523 125 g by definition). */
const GRAMS_PER_OUNCE = 28.349523125

/** Units of a text with what people of the other system say. Decimals: how many places, by those that were written. */
const TWINS: Readonly<
  Record<string, { unit: string; of: (n: number) => number; digits: (written: number) => number }>
> = {
  mm: { unit: 'in', of: (n) => n / MM_PER_INCH, digits: (written) => Math.min(4, Math.max(3, written + 2)) },
  µm: { unit: 'in', of: (n) => n / 1000 / MM_PER_INCH, digits: () => 4 },
  kN: { unit: 'lbf', of: (n) => (n * 1000) / NEWTON_PER_LBF, digits: () => 0 },
  '°C': { unit: '°F', of: (n) => n * 1.8 + 32, digits: () => 0 },
  g: { unit: 'oz', of: (n) => n / GRAMS_PER_OUNCE, digits: () => 1 },
}

const NUMBER = String.raw`[−+±-]?\d+(?:\.\d+)?`
const BETWEEN = String.raw`\s*(?:×|x|to|and|or|–|\+)\s*`
const EACH_NUMBER = new RegExp(NUMBER, 'g')
/** One or several numbers before their unit, with whatever twin stands behind it already. */
const WITH_UNIT = new RegExp(
  String.raw`(?<![\w.,/])(${NUMBER}(?:${BETWEEN}${NUMBER})*)\s(mm|µm|kN|°C|g)(?![\w/·²³])(\s\((?:about )?[−+±-]?\d[^)]*(?:\b(?:in|lbf|oz)\b|°F)[^)]*\))?`,
  'g',
)

const written = (value: number, digits: number, signed: string): string => {
  const rounded = Math.abs(value).toFixed(digits)
  const sign = signed === '±' ? '±' : value < 0 && Number(rounded) !== 0 ? '−' : signed === '+' ? '+' : ''
  return sign + rounded
}

/**
 * A text with the other system beside its metric figures: “20 to 62 mm” becomes “20 to 62 mm (0.787 to 2.441 in)”. What has
 * its twin already stays as it is, so that doing it twice is doing it once.
 * @param text sentences with figures in mm, µm, kN, °C or g
 * @example withTwins('bore 25.4 mm') // 'bore 25.4 mm (1.000 in)'
 */
export const withTwins = (text: string): string =>
  text.replace(WITH_UNIT, (all, numbers: string, unit: string, twinned: string | undefined) => {
    const twin = TWINS[unit]
    if (!twin || twinned !== undefined) return all
    const others = numbers.replace(EACH_NUMBER, (n) => {
      const value = twin.of(Number(n.replace('−', '-').replace(/[±+]/, '')))
      return written(value, twin.digits(n.split('.')[1]?.length ?? 0), n[0] ?? '')
    })
    return `${numbers} ${unit} (${others} ${twin.unit})`
  })
