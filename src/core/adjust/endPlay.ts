export interface EndPlayQuestion {
  /** thread pitch, mm */
  pitchMm: number
  /** how far the nut is turned back, degrees */
  degrees: number
  /** slots of the nut, cross holes of the spindle */
  slots: number
  crossHoles: number
  /** end play wanted, mm */
  target?: { min: number; max: number } | undefined
}

export interface EndPlayAnswer {
  /** along the axis, mm */
  axialMm: number
  slotStepDegrees: number
  slotStepMm: number
  /** steps back from no play that land in the target, nearest its middle; null = none does, or no target */
  slotsForTarget: number | null
  advice: string[]
}

/** End play of utility axles, mm (common practice; the machine's manual rules). */
export const USUAL_PLAY_MM = { min: 0.025, max: 0.25 } as const

const mm = (value: number): string => value.toFixed(3).replace(/0$/, '')

/**
 * Nut, pitch and slots to end play: axial move = pitch × turn / 360°; one slot step = 360° / (slots × cross holes).
 *
 * @example 1-14 thread, a quarter turn: 25.4/14 × 90/360 = 0.454 mm, far outside any target
 */
export function endPlay({ pitchMm, degrees, slots, crossHoles, target }: EndPlayQuestion): EndPlayAnswer {
  const axialMm = (pitchMm * degrees) / 360
  const slotStepDegrees = 360 / (slots * crossHoles)
  const slotStepMm = (pitchMm * slotStepDegrees) / 360
  const wanted = target ?? USUAL_PLAY_MM
  const middle = (wanted.min + wanted.max) / 2
  const near = [Math.floor(middle / slotStepMm), Math.ceil(middle / slotStepMm)].filter((n) => {
    const play = n * slotStepMm
    return n > 0 && play >= wanted.min && play <= wanted.max
  })
  const best = near.sort((a, b) => Math.abs(a * slotStepMm - middle) - Math.abs(b * slotStepMm - middle))[0]
  const any = best ?? stepsInside(wanted, slotStepMm)
  const quarter = pitchMm / 4
  const advice = [
    axialMm > wanted.max
      ? `This turn gives ${mm(axialMm)} mm, more than the ${mm(wanted.max)} mm wanted: it only releases the preload. Re-snug by fingers; that sets the play.`
      : axialMm < wanted.min
        ? `This turn gives ${mm(axialMm)} mm, less than the ${mm(wanted.min)} mm wanted: the bearing may stay loaded.`
        : `This turn gives ${mm(axialMm)} mm, within ${mm(wanted.min)} to ${mm(wanted.max)} mm.`,
    quarter > wanted.max && degrees !== 90
      ? `A bare quarter turn would be ${mm(quarter)} mm on this thread.`
      : '',
    any === null
      ? `No slot lands in the target: one step is ${mm(slotStepMm)} mm. Lock at the nearest slot loosened and measure, or use a nut with more slots.`
      : `${any} ${any === 1 ? 'step' : 'steps'} back from no play ${any === 1 ? 'is' : 'are'} ${mm(any * slotStepMm)} mm.`,
    "Measure with a dial indicator on the hub; the machine's manual rules. Too tight kills a bearing as surely as too loose.",
  ].filter(Boolean)
  return { axialMm, slotStepDegrees, slotStepMm, slotsForTarget: any, advice }
}

function stepsInside({ min, max }: { min: number; max: number }, step: number): number | null {
  const first = Math.max(1, Math.ceil(min / step - 1e-9))
  return first * step <= max ? first : null
}
