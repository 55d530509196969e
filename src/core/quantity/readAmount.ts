const GROUPS = /^\d{1,3}(?:([ ,.'’\u00a0\u202f])\d{3})+(?:[.,]\d+)?$/

/**
 * A quantity or a price as lists write it: thousands separated by comma, dot, blank or apostrophe, a decimal comma or
 * point, a currency sign or word around it. A single separator with three digits behind it separates thousands.
 *
 * @returns null when it is no figure; negative figures are kept as such
 * @example readAmount('1.234,50 EUR') // 1234.5
 */
export function readAmount(text: string): number | null {
  const bare = text.replace(/^[^\d.,+-]+|[^\d]+$/g, '').trim()
  const sign = bare.startsWith('-') ? -1 : 1
  const digits = bare.replace(/^[+-]\s*/, '')
  if (digits === '' || digits.length > 20) return null
  const group = GROUPS.exec(digits)?.[1]
  const joined = group ? digits.split(group).join('') : digits
  const figure = joined.replace(',', '.')
  return /^(\d+(\.\d*)?|\.\d+)$/.test(figure) ? sign * Number(figure) : null
}

/** A figure typed into a form, as `readAmount` reads it. @returns NaN for what is none: the server refuses it at its field */
export const typedAmount = (text: string): number => readAmount(text) ?? NaN
