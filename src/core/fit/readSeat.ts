/** A reading of a seat as it was typed. */
export interface TypedReading {
  at: string
  depth?: string
  value: string
}

const UNIT = /^(mm|in|inch|inches|")$/i

/**
 * Readings as a person writes them, one a line: clock position, size with its unit where it is said, and where there are
 * several the depth.
 * @example readSeat('12 62.012 front') // [{ at: '12', value: '62.012', depth: 'front' }]
 */
export function readSeat(text: string): TypedReading[] {
  return text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line, i) => {
      const [first = '', second, ...rest] = line.split(/[\s:]+/)
      if (second === undefined || UNIT.test(second))
        return { at: String(i + 1), value: [first, second].filter(Boolean).join(' ') }
      const [unit, ...depth] = rest[0] && UNIT.test(rest[0]) ? rest : [undefined, ...rest]
      return {
        at: first,
        value: [second, unit].filter(Boolean).join(' '),
        ...(depth.length > 0 && { depth: depth.join(' ') }),
      }
    })
}
