import { isSeparable, isWholeBearing, type Arrangement, type SlotRole } from '../kit'

/** How a bearing is held and closed: what a cause or a remedy can be at all. */
export const SETUP_TRAITS = [
  /** a nut sets the play of a tapered pair */
  'setByNut',
  /** cones on a thread set the play */
  'setByCones',
  /** clamped over a spacer tube or a collar */
  'spacer',
  /** a nut, bolts or screws hold it, and set nothing */
  'fastened',
  'pressedUnit',
  'boltOnUnit',
  'insert',
  'snapRing',
  /** pin, tab or sheet lock of a nut */
  'lock',
  'cap',
  /** a cap over a pair of open bearings: what is pumped through it reaches the outer one first */
  'capOverPair',
  /** seals of their own beside the bearing */
  'seals',
  /** bearing closed on both sides, not regreased */
  'sealed',
  /** cone and cup, renewed together */
  'separable',
  /** two rows of balls or rollers in one bearing */
  'doubleRow',
  /** a ball that slides in its ring: nothing rolls */
  'sliding',
  /** a joint in a head with a thread */
  'rodEnd',
  /** holds one way and runs free the other */
  'clutch',
  /** its outside runs on a rail */
  'trackRoller',
  /** carries along its shaft alone, in washers */
  'thrust',
  /** no inner ring: what rolls runs on the shaft itself */
  'runsOnShaft',
] as const
export type SetupTrait = (typeof SETUP_TRAITS)[number]

/** What is known of a setup; a trait that is left out is not known. */
export type Setup = Partial<Record<SetupTrait, boolean>>

/** Where words or a cause hold: `only` where any trait may hold, not where any of `never` does. */
export const mayHold = (setup: Setup, only?: readonly SetupTrait[], never?: readonly SetupTrait[]): boolean =>
  (only?.some((trait) => setup[trait] !== false) ?? true) &&
  !(never?.some((trait) => setup[trait] === true) ?? false)

const SEALED_ROLES: readonly SlotRole[] = ['hubUnit', 'boltOnUnit', 'insert']

/**
 * What an arrangement tells of how its bearings are held.
 * @param sealed bearings closed on both sides, as decided; undefined = not known
 */
export function setupOf(arrangement: Arrangement, sealed?: boolean): Setup {
  const has = (...roles: SlotRole[]): boolean => arrangement.slots.some(({ role }) => roles.includes(role))
  const separable = isSeparable(arrangement)
  const clamped = has('spacerTube', 'collar')
  const pair = has('cone')
  const setByNut = pair && !has('collar')
  const setByCones = has('adjustingCone', 'balls')
  const whole = arrangement.slots.some(({ role }) => isWholeBearing(role))
  const known = SEALED_ROLES.some((role) => has(role)) ? true : !whole ? false : sealed
  return {
    setByNut,
    setByCones,
    spacer: clamped,
    fastened:
      !setByNut &&
      !setByCones &&
      (clamped || has('axleNut', 'clampNut', 'bolts', 'setScrews', 'lockNut', 'castleNut')),
    pressedUnit: has('hubUnit'),
    ...(has('hubUnit') && { doubleRow: true }),
    boltOnUnit: has('boltOnUnit'),
    insert: has('insert'),
    snapRing: has('snapRing'),
    lock: has('cotterPin', 'nutLock', 'lockWasher', 'tabWasher'),
    cap: has('cap'),
    capOverPair: pair && has('cap'),
    seals: has('seal'),
    sliding: has('rodEnd', 'sphericalPlain'),
    rodEnd: has('rodEnd'),
    clutch: has('clutch'),
    trackRoller: has('trackRoller'),
    thrust: has('thrustBearing'),
    ...(known !== undefined && { sealed: known }),
    separable,
  }
}
