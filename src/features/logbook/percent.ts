/** A share of 1 in percent, without its sign. @example percent(0.786) // '79' */
export const percent = (share: number): string => (share * 100).toFixed(0)

/** A share with its 95 % limits. @example withLimits({ value: 0.79, lower: 0.52, upper: 0.92 }) // '79 (52–92)' */
export const withLimits = ({
  value,
  lower,
  upper,
}: {
  value: number
  lower: number
  upper: number
}): string => `${percent(value)} (${percent(lower)}–${percent(upper)})`
