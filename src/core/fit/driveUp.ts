/** How far a bearing with a tapered bore is drawn up, mm. */
export interface DriveUp {
  /** what the radial clearance drops by */
  reduction: { min: number; max: number }
  /** along the shaft */
  axial: { min: number; max: number }
}

/** Taper of the table. */
const TAPER = 12

/** Bore over and to, mm; drop of the radial clearance and way along a taper of 1:12 (handbook values from memory). */
const ROWS = [
  [24, 30, 0.015, 0.02, 0.3, 0.35],
  [30, 40, 0.02, 0.025, 0.35, 0.4],
  [40, 50, 0.025, 0.03, 0.4, 0.45],
  [50, 65, 0.03, 0.04, 0.45, 0.6],
  [65, 80, 0.04, 0.05, 0.6, 0.75],
  [80, 100, 0.045, 0.06, 0.7, 0.9],
  [100, 120, 0.05, 0.07, 0.75, 1.1],
  [120, 140, 0.065, 0.09, 1.1, 1.4],
] as const

/**
 * Drive-up of a spherical roller bearing on its sleeve or tapered shaft, a guide; the maker's table rules. On a slimmer taper the way is
 * longer for the same drop.
 * @param taper over the diameter: 12 for 1:12, 30 for 1:30
 * @returns null outside of the table
 * @example driveUpOf(35) // { reduction: { min: 0.02, max: 0.025 }, axial: { min: 0.35, max: 0.4 } }
 */
export function driveUpOf(boreMm: number, taper = TAPER): DriveUp | null {
  const row = ROWS.find(([over, to]) => boreMm > over && boreMm <= to)
  if (!row) return null
  const [, , least, max, from, until] = row
  const along = (mm: number): number => mm * (taper / TAPER)
  return { reduction: { min: least, max }, axial: { min: along(from), max: along(until) } }
}
