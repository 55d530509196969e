/**
 * Speed of the journal under a seal lip.
 *
 * @param shaftMm journal, mm
 * @param rpm turns a minute
 * @returns m/s
 * @example lipSpeed(40, 1500) // 3.14
 */
export const lipSpeed = (shaftMm: number, rpm: number): number => (Math.PI * shaftMm * rpm) / 60_000
