/** What a lip runs in. */
export const MEDIA = ['grease', 'mineral oil', 'water', 'hydraulic fluid', 'fuel', 'detergent'] as const
export type Medium = (typeof MEDIA)[number]

export interface SealMaterial {
  code: string
  label: string
  /** of the lip at work, °C */
  minC: number
  maxC: number
  /** at the lip, single lip, without pressure, m/s */
  maxSpeed: number
  /** media it does not stand */
  not: readonly Medium[]
  /** media to ask about */
  ask: readonly Medium[]
}

/** Elastomers of rotary shaft seals (codes of ISO 1629; limits: handbook values from memory, the seal maker's sheet rules). */
export const SEAL_MATERIALS: readonly SealMaterial[] = [
  { code: 'NBR', label: 'nitrile', minC: -40, maxC: 100, maxSpeed: 14, not: [], ask: ['fuel', 'detergent'] },
  { code: 'HNBR', label: 'hydrogenated nitrile', minC: -30, maxC: 140, maxSpeed: 18, not: [], ask: ['fuel'] },
  {
    code: 'ACM',
    label: 'polyacrylate',
    minC: -25,
    maxC: 150,
    maxSpeed: 20,
    not: ['water', 'detergent', 'fuel'],
    ask: [],
  },
  {
    code: 'VMQ',
    label: 'silicone',
    minC: -50,
    maxC: 160,
    maxSpeed: 35,
    not: ['fuel', 'hydraulic fluid'],
    ask: ['mineral oil', 'water'],
  },
  { code: 'FKM', label: 'fluoro rubber', minC: -20, maxC: 200, maxSpeed: 38, not: [], ask: ['detergent'] },
]

/** A second, dust lip runs dry and hot: speed is about this share of a single lip's (common practice). */
export const DOUBLE_LIP_SHARE = 0.6
