/** One place of the nut: how far back from no play, and what play that gives. */
export interface PlayPoint {
  degrees: number
  /** mm; negative = squeezed together by so much */
  playMm: number
  /** a slot faces a hole here */
  slot: boolean
}

/** A stepless nut is drawn as if it had steps of this many degrees. */
const STEPLESS_DEGREES = 15
/** How far each side of no play is drawn, steps of a slot, and points between two slots. */
const STEPS = { tighter: 2, looser: 5, between: 6 }

/**
 * End play against the position of the nut, from two slots too tight to five loose. No play is where the fingers stop.
 * @param slotStepDegrees null = stepless
 * @param offsetDegrees how far the first slot past no play lies back, 0 to one step
 * @example playCurve(1.814, 30, 0).find((p) => p.degrees === 30)?.playMm // 0.151
 */
export function playCurve(
  pitchMm: number,
  slotStepDegrees: number | null,
  offsetDegrees: number,
): PlayPoint[] {
  const step = slotStepDegrees ?? STEPLESS_DEGREES
  const points: PlayPoint[] = []
  for (let i = -STEPS.tighter * STEPS.between; i <= STEPS.looser * STEPS.between; i++) {
    const degrees = offsetDegrees + (i * step) / STEPS.between
    points.push({
      degrees,
      playMm: (pitchMm * degrees) / 360,
      slot: slotStepDegrees !== null && i % STEPS.between === 0,
    })
  }
  return points
}
