/** How the nut is held where it stands. */
export const NUT_LOCKS = ['slots', 'retainer', 'clamp', 'cone'] as const
export type NutLock = (typeof NUT_LOCKS)[number]
/** Held where it stands, in no steps: by a clamp screw, or a cone by its lock nut. */
export const isStepless = (lock: NutLock): boolean => lock === 'clamp' || lock === 'cone'

export interface EndPlayQuestion {
  /** thread pitch, mm */
  pitchMm: number
  /** how far the nut is turned back, degrees */
  degrees: number
  /** slots of its own, slots of a sheet retainer over it; a clamp screw, or a cone and its lock nut: stepless */
  lock: NutLock
  /** slots of the nut or the retainer, cross holes through the spindle */
  slots: number
  crossHoles: number
  /** places in which a retainer fits over the nut, such as 12 of a twelve-point one */
  retainerPlaces?: number | undefined
  /** end play wanted, mm */
  target?: Play | undefined
}

export interface Play {
  min: number
  max: number
}

export interface EndPlayAnswer {
  /** along the axis, mm */
  axialMm: number
  /** from one place that can be locked to the next; null = stepless */
  step: { degrees: number; mm: number } | null
  /** steps back from no play that land in the target, nearest its middle; null = none does, or stepless */
  slotsForTarget: number | null
  /** back from no play for the least and the largest play wanted, degrees */
  turnForTarget: Play
  advice: string[]
}

/** End play that is usual, mm: utility axles, and finer ones that run fast (common practice; the machine's manual rules). */
export const USUAL_PLAY_MM = { min: 0.025, max: 0.25 } as const
export const FINE_PLAY_MM = { min: 0.01, max: 0.05 } as const
/** Cones are set until no play is felt, without drag (common practice). */
export const CONE_PLAY_MM = { min: 0, max: 0.05 } as const
/**
 * The play that is usual for a hub; the machine's manual rules.
 * @param lock a clamp nut sets finely, as on car-like hubs; cones to play that is not felt
 */
export const usualPlay = (lock: NutLock, fast: boolean): Play =>
  lock === 'cone' ? CONE_PLAY_MM : lock === 'clamp' || fast ? FINE_PLAY_MM : USUAL_PLAY_MM

const mm = (value: number): string => value.toFixed(3).replace(/0$/, '')

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
const lcm = (a: number, b: number): number => (a * b) / gcd(a, b)

/**
 * Turn from one place where a pin goes through to the next: a slot must meet an end of a hole, so holes help only where they
 * stand between the slots.
 * @param crossHoles through the spindle, evenly about it; two stand at 90°
 * @param retainerPlaces places in which a retainer fits over the nut; 1 = the slots are the nut's own
 * @returns degrees
 * @example slotStepDegrees(6, 2) // 30
 * @example slotStepDegrees(8, 2) // 45: the second hole gives nothing
 */
export const slotStepDegrees = (slots: number, crossHoles: number, retainerPlaces = 1): number =>
  360 / lcm(lcm(slots, 2 * crossHoles), retainerPlaces)

function lockAdvice(q: EndPlayQuestion, step: EndPlayAnswer['step'], any: number | null, turn: Play): string {
  if (q.lock === 'cone')
    return `Stepless: turn back ${Math.round(turn.min)}° to ${Math.round(turn.max)}° from where the play is just gone, hold the cone, lock its nut, and feel again: locking draws the cone.`
  if (!step)
    return `Stepless: turn back ${Math.round(turn.min)}° to ${Math.round(turn.max)}° from no play, clamp, and measure again: clamping moves it.`
  if (any === null)
    return `No slot lands in the target: one step is ${mm(step.mm)} mm. Lock at the nearest slot loosened and measure, or use a nut with more slots${q.lock === 'slots' && q.crossHoles === 1 ? ' or a toothed retainer' : ''}.`
  return `${any} ${any === 1 ? 'step' : 'steps'} back from no play ${any === 1 ? 'is' : 'are'} ${mm(any * step.mm)} mm.`
}

/**
 * Nut, pitch and lock to end play: axial move = pitch × turn / 360°.
 *
 * @example 1-14 thread, a quarter turn: 25.4/14 × 90/360 = 0.454 mm, far outside any target
 */
export function endPlay(q: EndPlayQuestion): EndPlayAnswer {
  const { pitchMm, degrees, lock, slots, crossHoles, retainerPlaces, target } = q
  const along = (turn: number): number => (pitchMm * turn) / 360
  const axialMm = along(degrees)
  const wanted = target ?? USUAL_PLAY_MM
  const turnForTarget = { min: (wanted.min * 360) / pitchMm, max: (wanted.max * 360) / pitchMm }
  const stepDegrees = isStepless(lock)
    ? null
    : slotStepDegrees(slots, crossHoles, lock === 'retainer' ? (retainerPlaces ?? 1) : 1)
  const step = stepDegrees === null ? null : { degrees: stepDegrees, mm: along(stepDegrees) }
  const slotsForTarget = step && stepsInside(wanted, step.mm)
  const plain = slotStepDegrees(slots, 1)
  const quarter = pitchMm / 4
  const advice = [
    axialMm > wanted.max
      ? `This turn gives ${mm(axialMm)} mm, more than the ${mm(wanted.max)} mm wanted: ${lock === 'cone' ? 'run the cone in again until the play is just gone.' : 'it only releases the preload. Tighten again by fingers, without a tool; that sets the play.'}`
      : axialMm < wanted.min
        ? `This turn gives ${mm(axialMm)} mm, less than the ${mm(wanted.min)} mm wanted: the bearing may stay loaded.`
        : `This turn gives ${mm(axialMm)} mm, within ${mm(wanted.min)} to ${mm(wanted.max)} mm.`,
    lock !== 'cone' && quarter > wanted.max && degrees !== 90
      ? `A bare quarter turn would be ${mm(quarter)} mm on this thread.`
      : '',
    lock === 'slots' && crossHoles > 1 && stepDegrees === plain
      ? `The second hole gives nothing with ${slots} slots: both meet a slot at once.`
      : '',
    lockAdvice(q, step, slotsForTarget, turnForTarget),
    `${lock === 'cone' ? 'Feel at the rim, in the machine too: clamping the axle takes up play' : 'Measure with a dial indicator on the hub'}; the machine's manual rules. Too tight kills a bearing as surely as too loose.`,
  ].filter(Boolean)
  return { axialMm, step, slotsForTarget, turnForTarget, advice }
}

/** Whole steps whose play lies in the target, nearest its middle; null = none. */
function stepsInside({ min, max }: Play, step: number): number | null {
  const first = Math.max(1, Math.ceil(min / step - 1e-9))
  if (first * step > max) return null
  const last = Math.floor(max / step + 1e-9)
  return Math.min(last, Math.max(first, Math.round((min + max) / 2 / step)))
}
