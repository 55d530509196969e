import type { KitLine } from '../kit'

/** One line of a list over several kits. */
export interface MergedLine {
  designation: string
  label: string
  quantity: number
  unit: KitLine['unit']
  singleUse: boolean
  /** which kits want it, and how many each */
  wantedBy: { kit: string; quantity: number }[]
}

export interface KitOf {
  /** how the kit is called on the list */
  name: string
  lines: readonly KitLine[]
}

/**
 * One list over many kits: what means the same is one line.
 * @param keyOf the key of a designation; equal keys are one line
 * @returns bought lines only, in the order of first mention; gaps and conflicts are not bought
 */
export function mergeLines(kits: readonly KitOf[], keyOf: (designation: string) => string): MergedLine[] {
  const merged = new Map<string, MergedLine>()
  for (const { name, lines } of kits)
    for (const line of lines) {
      if (line.quantity === 0 || line.state !== 'filled') continue
      const key = `${line.unit} ${keyOf(line.designation)}`
      const there = merged.get(key)
      if (!there) {
        merged.set(key, {
          designation: line.designation,
          label: line.label,
          quantity: line.quantity,
          unit: line.unit,
          singleUse: line.singleUse,
          wantedBy: [{ kit: name, quantity: line.quantity }],
        })
        continue
      }
      there.quantity += line.quantity
      if (!there.label.includes(line.label) && there.label.length < 80)
        there.label += `, ${line.label.toLowerCase()}`
      const from = there.wantedBy.find((w) => w.kit === name)
      if (from) from.quantity += line.quantity
      else there.wantedBy.push({ kit: name, quantity: line.quantity })
    }
  return [...merged.values()]
}
