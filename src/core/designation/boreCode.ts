/** Bore codes of ISO 15 that are no multiple of five. */
const SMALL: Record<string, number> = { '00': 10, '01': 12, '02': 15, '03': 17 }

/**
 * Bore in millimetres from the last digits of a metric designation (ISO 15): `00`–`03` are 10, 12, 15 and 17 mm,
 * `04`–`96` are five times the code, `/22` and a single digit are millimetres.
 *
 * @returns bore in mm, or null when the code means none
 * @example boreCode('05') // 25
 */
export function boreCode(code: string): number | null {
  if (/^\/\d{2,4}(\.\d)?$/.test(code)) return Number(code.slice(1))
  if (/^[1-9]$/.test(code)) return Number(code)
  if (!/^\d\d$/.test(code)) return null
  const small = SMALL[code]
  if (small !== undefined) return small
  const number = Number(code)
  return number >= 4 && number <= 96 ? number * 5 : null
}
