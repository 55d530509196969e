const GROUPED = new Intl.NumberFormat('en-GB')

/**
 * A whole number with its thousands apart, by a space that does not break.
 * @example writeCount(12345).length // 6
 */
export const writeCount = (n: number): string => GROUPED.format(n).replace(/,/g, '\u00a0')
