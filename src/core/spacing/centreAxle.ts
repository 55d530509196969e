/**
 * How far to move an axle so that it stands central between the sides: half the difference of what is measured from the
 * same feature on both (common practice).
 * @returns mm to shift, and toward which side
 * @example centreAxle(31.4, 29.8) // { shiftMm: 0.8, toward: 'left' }: there is more room on the left
 */
export function centreAxle(
  leftMm: number,
  rightMm: number,
): { shiftMm: number; toward: 'left' | 'right' | null } {
  const half = (leftMm - rightMm) / 2
  return { shiftMm: Math.abs(half), toward: half === 0 ? null : half > 0 ? 'left' : 'right' }
}
