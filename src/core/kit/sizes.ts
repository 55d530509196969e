import type { FormRole } from '../quantity'

/** Sizes of the machine that decide parts; every one may be unknown. Millimetres, but `rpm` and `ballCount`. */
export const SIZE_NAMES = [
  'sealShaft',
  'sealHousing',
  'sealWidth',
  'sealShaft2',
  'sealHousing2',
  'sealWidth2',
  'shaft',
  'housing',
  'shaft2',
  'housing2',
  'hubMouth',
  'cavityLength',
  'spacerLength',
  'seatDistance',
  'sleeveLength',
  'wheelSpacerLength',
  'ballDiameter',
  'ballCircle',
  'ballCount',
  'rpm',
] as const
export type SizeName = (typeof SIZE_NAMES)[number]
export type KitSizes = Partial<Record<SizeName, number | undefined>>

/** What kind of size each is, so that all of a form are read together. */
export const SIZE_ROLES: Record<Exclude<SizeName, 'rpm' | 'ballCount'>, FormRole> = {
  sealShaft: 'bore',
  sealHousing: 'outside',
  sealWidth: 'width',
  sealShaft2: 'bore',
  sealHousing2: 'outside',
  sealWidth2: 'width',
  shaft: 'bore',
  housing: 'outside',
  shaft2: 'bore',
  housing2: 'outside',
  hubMouth: 'outside',
  cavityLength: 'length',
  spacerLength: 'length',
  seatDistance: 'length',
  sleeveLength: 'width',
  wheelSpacerLength: 'width',
  ballDiameter: 'width',
  ballCircle: 'bore',
}

/**
 * The room between the cups: they bear on the shoulders that are their seats, so either size tells it. Where both are known, that
 * which the arrangement asks for: the other was left by an arrangement before.
 */
export const betweenCups = <T>(
  { seatDistance, cavityLength }: { seatDistance?: T | undefined; cavityLength?: T | undefined },
  requested: readonly SizeName[] = [],
): T | undefined =>
  requested.includes('cavityLength') ? (cavityLength ?? seatDistance) : (seatDistance ?? cavityLength)

/** How a size is called where it is typed. */
export const SIZE_LABELS: Record<SizeName, string> = {
  sealShaft: 'Seal journal',
  sealHousing: 'Counterbore',
  sealWidth: 'Space for seal',
  sealShaft2: 'Journal, far end',
  sealHousing2: 'Counterbore, far end',
  sealWidth2: 'Space, far end',
  shaft: 'Shaft',
  housing: 'Bore of the hub',
  shaft2: 'Shaft, far end',
  housing2: 'Bore, far end',
  hubMouth: 'Hub bore for cap',
  cavityLength: 'Between cups',
  spacerLength: 'Between rings',
  seatDistance: 'Between cup seats',
  sleeveLength: 'Sleeve length',
  wheelSpacerLength: 'Wheel spacer',
  ballDiameter: 'Ball diameter',
  ballCircle: 'Circle of balls',
  ballCount: 'Balls a side',
  rpm: 'Turns a minute',
}
