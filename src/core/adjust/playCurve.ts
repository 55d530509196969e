/** One place of the nut: how far back from no play, and what play that gives. */
export interface PlayPoint {
  degrees: number
  /** mm; negative = squeezed together by so much */
  playMm: number
  /** a slot faces a hole here */
  slot: boolean
}

/** How far each side of no play is drawn, steps of a slot, and points between two slots. */
const STEPS = { tighter: 2, looser: 5, between: 6 }

/**
 * End play against the position of the nut, from two slots too tight to five loose. No play is where the fingers stop.
 * @param offsetDegrees how far the first slot past no play lies back, 0 to one step
 * @example playCurve(1.814, 30, 0).find((p) => p.degrees === 30)?.playMm // 0.151
 */
export function playCurve(pitchMm: number, slotStepDegrees: number, offsetDegrees: number): PlayPoint[] {
  const points: PlayPoint[] = []
  for (let i = -STEPS.tighter * STEPS.between; i <= STEPS.looser * STEPS.between; i++) {
    const degrees = offsetDegrees + (i * slotStepDegrees) / STEPS.between
    points.push({ degrees, playMm: (pitchMm * degrees) / 360, slot: i % STEPS.between === 0 })
  }
  return points
}
