/** Wall between cup seat and grease space: the hub is narrower than the cups by about this, mm (estimate). */
const SHOULDER_MM = 6

/**
 * Diameters of the room between two bearings of a hub, where nobody has measured it: inside the larger bore, outside the
 * smaller outside less a shoulder.
 * @returns mm; null when nothing is left between
 */
export function cavityBetween(
  bearings: readonly { bore?: number | undefined; outside?: number | undefined }[],
): { innerMm: number; outerMm: number } | null {
  const bores = bearings.flatMap(({ bore }) => bore ?? [])
  const outsides = bearings.flatMap(({ outside }) => outside ?? [])
  if (bores.length === 0 || outsides.length === 0) return null
  const [innerMm, outerMm] = [Math.max(...bores), Math.min(...outsides) - SHOULDER_MM]
  return outerMm > innerMm ? { innerMm, outerMm } : null
}
