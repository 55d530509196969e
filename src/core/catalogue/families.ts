/** What rolls. */
export type RollingElement = 'ball' | 'taperedRoller' | 'cylindricalRoller' | 'needle' | 'sphericalRoller'

export interface FamilyFacts {
  /** singular, as it is said across a counter */
  label: string
  kind: 'bearing' | 'seal' | 'hardware'
  element?: RollingElement
  rows?: 1 | 2
  /** tolerance plan of the rings: decides limits of a new part */
  tolerances?: 'ISO 492' | 'ABMA 19.2'
  /**
   * `closable`: made with shields or seals under the same number; `seldomClosed`: made so too, but rarely;
   * `sealed`: comes filled and closed, its number does not say so;
   * `linear`: runs along its shaft, which is its raceway, and does not turn;
   * `sliding`: a ball slides in its ring, nothing rolls
   */
  traits?: readonly (
    | 'closable'
    | 'seldomClosed'
    | 'sealed'
    | 'thrust'
    | 'selfAligning'
    | 'insert'
    | 'separable'
    | 'angularContact'
    | 'linear'
    | 'sliding'
  )[]
}

const ball = (label: string, more: Partial<FamilyFacts> = {}): FamilyFacts => ({
  label,
  kind: 'bearing',
  element: 'ball',
  rows: 1,
  tolerances: 'ISO 492',
  ...more,
})
const roller = (label: string, element: RollingElement, more: Partial<FamilyFacts> = {}): FamilyFacts => ({
  label,
  kind: 'bearing',
  element,
  rows: 1,
  tolerances: 'ISO 492',
  ...more,
})
const hardware = (label: string): FamilyFacts => ({ label, kind: 'hardware' })

/** Every family the part model carries. A family without data is simply empty. */
export const FAMILIES = {
  'deep-groove': ball('deep groove ball bearing', { traits: ['closable'] }),
  miniature: ball('miniature ball bearing', { traits: ['closable'] }),
  'inch-ball': ball('inch ball bearing', { traits: ['closable'] }),
  'deep-groove-double-row': ball('double row deep groove ball bearing', { rows: 2, traits: ['closable'] }),
  'angular-contact': ball('angular contact ball bearing', { traits: ['angularContact', 'seldomClosed'] }),
  'angular-contact-double-row': ball('double row angular contact ball bearing', {
    rows: 2,
    traits: ['angularContact', 'closable'],
  }),
  'self-aligning': ball('self-aligning ball bearing', { rows: 2, traits: ['selfAligning', 'closable'] }),
  'thrust-ball': ball('thrust ball bearing', { traits: ['thrust', 'separable'] }),
  'thrust-ball-double': ball('double direction thrust ball bearing', {
    rows: 2,
    traits: ['thrust', 'separable'],
  }),
  insert: ball('insert bearing', { traits: ['insert', 'selfAligning', 'sealed'] }),
  'hub-unit': ball('press-in wheel hub unit', { rows: 2, traits: ['angularContact', 'sealed'] }),
  cylindrical: roller('cylindrical roller bearing', 'cylindricalRoller'),
  spherical: roller('spherical roller bearing', 'sphericalRoller', {
    rows: 2,
    traits: ['selfAligning', 'seldomClosed'],
  }),
  needle: roller('needle roller bearing', 'needle'),
  'tapered-metric': roller('metric tapered roller bearing', 'taperedRoller', {
    traits: ['separable', 'angularContact'],
  }),
  'tapered-inch': roller('inch tapered roller bearing', 'taperedRoller', {
    tolerances: 'ABMA 19.2',
    traits: ['separable', 'angularContact'],
  }),
  'cam-follower': roller('track roller', 'needle'),
  /** one or two rows, by series */
  'ball-track-roller': {
    label: 'ball bearing track roller',
    kind: 'bearing',
    element: 'ball',
    tolerances: 'ISO 492',
    traits: ['closable'],
  },
  'thrust-roller': roller('thrust roller bearing', 'cylindricalRoller', { traits: ['thrust', 'separable'] }),
  'thrust-spherical': roller('spherical roller thrust bearing', 'sphericalRoller', {
    traits: ['thrust', 'selfAligning', 'separable'],
  }),
  'spherical-plain': {
    label: 'spherical plain bearing',
    kind: 'bearing',
    tolerances: 'ISO 492',
    traits: ['sliding'],
  },
  'rod-end': { label: 'rod end', kind: 'bearing', traits: ['sliding'] },
  'one-way-clutch': roller('one-way clutch', 'needle'),
  /** `width` is its length */
  'linear-ball': {
    label: 'linear ball bearing',
    kind: 'bearing',
    element: 'ball',
    traits: ['closable', 'linear'],
  },
  'adapter-sleeve': hardware('adapter sleeve'),
  housing: hardware('bearing housing'),
  own: { label: 'part of your own lists', kind: 'bearing' },
  seal: { label: 'rotary shaft seal', kind: 'seal' },
  'castle-nut': hardware('castle nut'),
  'lock-nut': hardware('lock nut'),
  'lock-washer': hardware('lock nut tab washer'),
  'cotter-pin': hardware('cotter pin'),
  washer: hardware('spindle washer'),
  cap: hardware('hub cap'),
  'snap-ring': hardware('snap ring'),
} as const satisfies Record<string, FamilyFacts>

export type Family = keyof typeof FAMILIES
export const FAMILY_NAMES = Object.keys(FAMILIES) as [Family, ...Family[]]

const BALLS: readonly Family[] = [
  'deep-groove',
  'miniature',
  'inch-ball',
  'deep-groove-double-row',
  'angular-contact',
  'angular-contact-double-row',
  'self-aligning',
  'ball-track-roller',
]
const ROLLERS: readonly Family[] = ['cylindrical', 'spherical']
const THRUST_BALLS: readonly Family[] = ['thrust-ball', 'thrust-ball-double']
const ISO: readonly Family[] = [...BALLS, ...ROLLERS, 'needle', 'tapered-metric', ...THRUST_BALLS]

/** Families that a token of the suffix table may name together. */
export const FAMILY_CLASSES: Readonly<Record<string, readonly Family[]>> = {
  balls: BALLS,
  rollers: ROLLERS,
  'thrust-balls': THRUST_BALLS,
  iso: ISO,
  /** every bearing, inch tapered ones, inserts and units included */
  bearings: [
    ...ISO,
    'tapered-inch',
    'insert',
    'hub-unit',
    'cam-follower',
    'thrust-roller',
    'thrust-spherical',
    'spherical-plain',
    'rod-end',
    'one-way-clutch',
    'linear-ball',
  ],
  /** made with shields or seals under the same number, told by the letters of ball bearings; linear ones have letters of their own */
  closable: (Object.keys(FAMILIES) as Family[]).filter((family) => {
    const { traits = [] }: FamilyFacts = FAMILIES[family]
    return traits.includes('closable') && !traits.includes('linear')
  }),
}

export const familyFacts = (family: Family): FamilyFacts => FAMILIES[family]

/** Comes filled and closed, whatever its number says. */
export const isSealedKind = (family: Family): boolean =>
  familyFacts(family).traits?.includes('sealed') ?? false

/** Comes with shields or seals, always or under a suffix. */
export const mayBeClosed = (family: Family): boolean => {
  const { traits = [] }: FamilyFacts = FAMILIES[family]
  return traits.includes('closable') || traits.includes('seldomClosed') || traits.includes('sealed')
}

export const isFamily = (text: string): text is Family => Object.hasOwn(FAMILIES, text)
