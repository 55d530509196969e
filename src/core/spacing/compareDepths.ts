/** A depth recorded before removal, and after fitting, mm from a face that stays. */
export interface DepthRecord {
  what: string
  beforeMm: number
  afterMm?: number | undefined
}

/** Depths agree to this, mm: a depth gauge by hand (common practice). */
const SAME_MM = 0.1

export interface DepthVerdict extends DepthRecord {
  result: 'pass' | 'warn' | 'gap'
  message: string
}

/** Whether parts stand where they stood: proud of the old depth is not seated, deeper is worn, or a shim is missing. */
export const compareDepths = (records: readonly DepthRecord[]): DepthVerdict[] =>
  records.map((record) => {
    const { beforeMm, afterMm } = record
    if (afterMm === undefined)
      return { ...record, result: 'gap', message: 'Measure again when it is fitted.' }
    const change = afterMm - beforeMm
    if (Math.abs(change) <= SAME_MM) return { ...record, result: 'pass', message: 'Stands where it stood.' }
    return {
      ...record,
      result: 'warn',
      message:
        change < 0
          ? `${Math.abs(change).toFixed(2)} mm above: not seated, dirt behind it, or another width.`
          : `${change.toFixed(2)} mm deeper: another width, or a shim left out.`,
    }
  })
