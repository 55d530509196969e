export interface TypedReading {
  at: string
  depth?: string
  value: string
}

/**
 * Readings as a person writes them, one a line: clock position, size, and where there are several the depth.
 * @example `12 62.012 front` and `3: 62.015`
 */
export function readSeat(text: string): TypedReading[] {
  return text
    .split(/[\n;]/)
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line, i) => {
      const [first = '', second, ...rest] = line.split(/[\s:]+/)
      return second === undefined
        ? { at: String(i + 1), value: first }
        : { at: first, value: second, ...(rest.length > 0 && { depth: rest.join(' ') }) }
    })
}
