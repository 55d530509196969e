/**
 * End play from rocking a wheel: a dial at a radius moves by the tilt the two rows allow.
 *
 * Each row has the radial play that its axial share gives: radial = axial · tan α, α the contact angle. Rocked, the rows
 * lean to opposite sides: tilt = 2 · radial / row distance per half, so reading = 2 · radial · radius / distance.
 *
 * @param readingMm dial, from one end of the rock to the other, mm
 * @param radiusMm where the dial stands, mm from the axis
 * @param rowsMm distance between the pressure centres of the rows, mm
 * @param contactAngleDeg contact angle, degrees, 0 < α < 90
 * @returns end play, mm, of the pair
 * @example rockTest(0.4, 200, 60, 15) // 0.224
 */
export function rockTest(
  readingMm: number,
  radiusMm: number,
  rowsMm: number,
  contactAngleDeg: number,
): number {
  const radial = (readingMm * rowsMm) / (2 * radiusMm)
  return radial / Math.tan((contactAngleDeg * Math.PI) / 180)
}
