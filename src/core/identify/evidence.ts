import type { HousingDetails, Piece, RollingElement } from '../catalogue'
import type { FormRole, Instrument } from '../quantity'

export const FEATURES = [
  'bore',
  'outside',
  'width',
  'coneWidth',
  'cupWidth',
  'totalWidth',
  'shaft',
  'housing',
  'flangeOutside',
  'outerRingWidth',
  'boltSpacing',
  'centreHeight',
  'railSpacing',
] as const
export type Feature = (typeof FEATURES)[number]

export const CONDITIONS = ['new', 'used', 'worn', 'corroded'] as const
export type Condition = (typeof CONDITIONS)[number]

/** What rolls, as it is seen; `none` = nothing does: a plain bearing, a rod end. */
export const ELEMENTS = [
  'ball',
  'taperedRoller',
  'cylindricalRoller',
  'needle',
  'sphericalRoller',
  'none',
] as const satisfies readonly (RollingElement | 'none')[]
/** Pieces of a bearing, and `unit`: an insert bearing in its housing. */
export const EVIDENCE_PIECES = [
  'complete',
  'cone',
  'cup',
  'innerRing',
  'outerRing',
  'seal',
  'unit',
] as const satisfies readonly (Piece | 'unit')[]
export const CLOSURE_LOOKS = ['open', 'shield', 'seal'] as const
export type ObservedClosure = (typeof CLOSURE_LOOKS)[number]

/** One feature, measured once or several times, units settled. */
export interface Measured {
  feature: Feature
  /** millimetres, at least one */
  valuesMm: readonly number[]
  /** step the readings were rounded to, mm */
  stepMm: number
  /** step of a decimal typed coarsely, mm: it may have been rounded or cut off; undefined where it was not */
  coarseMm?: number | undefined
  instrument: Instrument
  condition: Condition
  /** the unit was neither typed nor chosen */
  unitGuessed: boolean
}

export interface Stamp {
  text: string
  on?: 'cone' | 'cup' | 'ring' | 'seal' | 'box' | undefined
}

/** What is seen. Absent = not looked at, which is not the same as `false`. */
export interface Observations {
  element?: (typeof ELEMENTS)[number] | undefined
  piece?: (typeof EVIDENCE_PIECES)[number] | undefined
  rows?: number | undefined
  closures?: readonly ObservedClosure[] | undefined
  flange?: boolean | undefined
  snapGroove?: boolean | undefined
  sphericalOutside?: boolean | undefined
  extendedInner?: boolean | undefined
  taperBore?: boolean | undefined
  encoder?: boolean | undefined
  doubleRow?: boolean | undefined
  /** how a unit is fastened */
  housingKind?: HousingDetails['kind'] | undefined
}

/** Whether an insert bearing in its housing is in the hand. */
export const isUnit = ({ piece, housingKind }: Observations): boolean =>
  piece === 'unit' || housingKind !== undefined

export interface Evidence {
  measurements: readonly Measured[]
  stamps: readonly Stamp[]
  observed: Observations
}

/** The diameter or width that a feature speaks of; `length` = of a housing, not of a bearing. */
export const FEATURE_ROLE: Record<Feature, Exclude<FormRole, 'depth'>> = {
  bore: 'bore',
  shaft: 'bore',
  outside: 'outside',
  housing: 'outside',
  flangeOutside: 'outside',
  width: 'width',
  coneWidth: 'width',
  cupWidth: 'width',
  totalWidth: 'width',
  outerRingWidth: 'width',
  boltSpacing: 'length',
  centreHeight: 'length',
  railSpacing: 'length',
}
