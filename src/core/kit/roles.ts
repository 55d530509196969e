import { familyFacts, type Family, type HardwareDetails, type Part, type Piece } from '../catalogue'
import { coneSection, cupSection, sealSection, tubeSection } from '../section'
import * as drawn from './roleOutlines'

/** What a place of this role is: everything that holds for the role whatever arrangement it stands in (common practice). */
export interface RoleFacts {
  /** the kind of place in the trade's words, as the editor of arrangements offers it */
  label: string
  /** filling order: bearings decide the spindle, the nut decides washer and pin; grease follows from everything */
  order: 0 | 1 | 2 | 3
  /** which piece a number means where it may mean two */
  piece?: Piece
  /** whether a catalogue part may stand here; nothing catalogued may when left out */
  takes?: (part: Part) => boolean
  /** text that no list of ours holds may stand here: hardware; bearings and seals must be known */
  freeText?: true
  /** one whole bearing stands here */
  wholeBearing?: true
  /** rings that sit in a seat, the one a wheel holds tight first */
  rings?: readonly ('inner' | 'outer')[]
  /** the manual gives it a torque; nuts come off before anything behind them */
  fastener?: 'nut' | 'screw' | 'ring'
  /** outline beside the known diameters; not drawn when left out */
  outline?: drawn.RoleOutline
  /** it has an outer face, as a cap has: to the left where it stands left of the hub, else to the right */
  facesOut?: true
}

type HardwareRole = HardwareDetails['what']
const hardware =
  (...kinds: HardwareRole[]) =>
  ({ hardware: is }: Part): boolean =>
    is !== undefined && kinds.includes(is.what)

/**
 * A part of the machine that no list holds: written as it is, drawn by usual proportions. A bearing or a seal is none; hardware of
 * these kinds may be.
 */
const plain = (label: string, more: Partial<RoleFacts> = {}, ...kinds: HardwareRole[]): RoleFacts => ({
  label,
  order: 0,
  takes: (part) => part.family === 'own' || hardware(...kinds)(part),
  freeText: true,
  outline: drawn.otherPart,
  ...more,
})

const ofFamilies =
  (...families: Family[]) =>
  ({ family }: Part): boolean =>
    families.includes(family)
const isThrust = ({ family }: Part): boolean => familyFacts(family).traits?.includes('thrust') ?? false
/** Its outer ring sits in a bore and its inner ring on a shaft that turn against each other. */
const isBetweenShaftAndBore = (part: Part): boolean =>
  !ofFamilies(
    'hub-unit',
    'insert',
    'cam-follower',
    'ball-track-roller',
    'linear-ball',
    'rod-end',
    'spherical-plain',
    'one-way-clutch',
  )(part)
const isBallBearing = (part: Part): boolean =>
  (familyFacts(part.family).traits?.includes('closable') ?? false) && isBetweenShaftAndBore(part)

/** A bearing of a kind of its own, of which an own part may be one as well. */
const whole = (
  label: string,
  isOne: (part: Part) => boolean,
  outline: drawn.RoleOutline,
  rings?: readonly ('inner' | 'outer')[],
): RoleFacts => ({
  label,
  order: 0,
  piece: 'complete',
  takes: (part) => isWhole(part) && (part.family === 'own' || isOne(part)),
  wholeBearing: true,
  ...(rings && { rings }),
  outline,
})

const isWhole = ({ piece }: Part): boolean => piece === 'complete'

/**
 * One row a role. A new role is a row here and, where it is more than a part written by hand, a filler (`fill/index.ts`);
 * the compiler asks for its fitting step (`core/procedure`).
 */
const table = {
  cone: {
    label: 'cone',
    order: 0,
    piece: 'cone',
    takes: (part) => part.piece === 'cone',
    rings: ['inner'],
    outline: ({ bore, outside }) => coneSection(bore, (outside - bore) * 0.62, outside),
  },
  cup: {
    label: 'cup',
    order: 0,
    piece: 'cup',
    takes: (part) => part.piece === 'cup',
    rings: ['outer'],
    outline: ({ bore, outside }) => cupSection(outside, (outside - bore) * 0.45, bore),
  },
  ballBearing: whole('ball bearing', isBallBearing, drawn.bearingOutline('deep-groove'), ['outer', 'inner']),
  bearing: {
    label: 'any bearing',
    order: 0,
    piece: 'complete',
    takes: (part) => isWhole(part) && isBetweenShaftAndBore(part),
    wholeBearing: true,
    rings: ['inner', 'outer'],
    outline: drawn.bearingOutline('deep-groove'),
  },
  insert: whole('insert bearing', ofFamilies('insert'), drawn.bearingOutline('insert', 0.9), ['inner']),
  hubUnit: whole('press-in hub unit', ofFamilies('hub-unit'), drawn.bearingOutline('hub-unit', 1), [
    'outer',
    'inner',
  ]),
  thrustBearing: whole('thrust bearing', isThrust, drawn.bearingOutline('thrust-ball'), ['inner', 'outer']),
  rodEnd: whole('rod end', ofFamilies('rod-end'), drawn.bearingOutline('rod-end', 0.6)),
  sphericalPlain: whole(
    'spherical plain bearing',
    ofFamilies('spherical-plain'),
    drawn.bearingOutline('spherical-plain', 0.6),
    ['outer'],
  ),
  trackRoller: whole(
    'track roller',
    ofFamilies('cam-follower', 'ball-track-roller'),
    drawn.bearingOutline('cam-follower', 0.6),
  ),
  clutch: whole(
    'one-way clutch',
    ofFamilies('one-way-clutch'),
    drawn.bearingOutline('one-way-clutch', 0.6, 'HF'),
    ['outer'],
  ),
  boltOnUnit: plain('bolt-on hub unit', { outline: drawn.boltOnUnit, facesOut: true }),
  balls: {
    label: 'loose balls',
    order: 0,
    freeText: true,
    outline: drawn.looseBalls,
  },
  ballCup: plain('cup of loose balls', { outline: drawn.ballCup, facesOut: true }),
  ballCone: plain('cone of loose balls', { outline: drawn.ballCone, facesOut: true }),
  adjustingCone: plain('adjusting cone or end piece', { outline: drawn.adjustingCone, facesOut: true }),
  seal: {
    label: 'seal',
    order: 1,
    piece: 'seal',
    takes: (part) => part.piece === 'seal' || part.family === 'own',
    outline: ({ bore, outside }) => sealSection(bore * 1.12, outside * 1.05, 8),
  },
  wearSleeve: {
    label: 'wear sleeve',
    order: 1,
    freeText: true,
    outline: drawn.wearSleeve,
    facesOut: true,
  },
  washer: {
    label: 'spindle washer',
    order: 2,
    takes: hardware('washer'),
    freeText: true,
    outline: drawn.disc(3, 0.45, 0.85),
  },
  plainWasher: plain('washer', { outline: drawn.disc(3, 0.45, 0.85) }, 'washer'),
  castleNut: {
    label: 'castle nut',
    order: 1,
    takes: hardware('castleNut'),
    freeText: true,
    fastener: 'nut',
    outline: drawn.castleNut,
    facesOut: true,
  },
  clampNut: plain('clamp nut', { order: 1, fastener: 'nut', outline: drawn.nut(() => 12, 0.44, 0.7) }),
  clampScrew: plain('clamp screw', { fastener: 'screw', outline: drawn.bolt, facesOut: true }),
  ringNut: plain(
    'ring nut that sets',
    { fastener: 'nut', outline: drawn.nut(() => 8, 0.5, 0.75) },
    'lockNut',
  ),
  lockingRingNut: plain(
    'ring nut that locks',
    { fastener: 'nut', outline: drawn.nut(() => 8, 0.5, 0.75) },
    'lockNut',
  ),
  jamNut: plain('lock nut of a cone', { fastener: 'nut', outline: drawn.nut(() => 6, 0.45, 0.72) }),
  axleNut: plain(
    'axle nut',
    { fastener: 'nut', outline: drawn.nut(() => 14, 0.44, 0.75) },
    'castleNut',
    'lockNut',
  ),
  tabWasher: plain(
    'tab washer between ring nuts',
    { outline: drawn.tabbed(2, 0.5, 0.78), facesOut: true },
    'lockWasher',
  ),
  nutLock: plain('sheet lock of a nut', { order: 2, outline: drawn.tabbed(2, 0.45, 0.8), facesOut: true }),
  wheelNuts: plain('wheel nuts or bolts', { fastener: 'screw', outline: drawn.wheelNut, facesOut: true }),
  studs: plain('wheel studs', { outline: drawn.stud, facesOut: true }),
  bolts: plain('mounting bolts', { fastener: 'screw', outline: drawn.bolt, facesOut: true }),
  lockNut: {
    label: 'shaft lock nut',
    order: 1,
    takes: hardware('lockNut'),
    freeText: true,
    fastener: 'nut',
    outline: drawn.nut((bore) => bore * 0.25, 0.5, 0.72),
  },
  adapterSleeve: {
    label: 'adapter sleeve',
    order: 1,
    takes: hardware('adapterSleeve'),
    freeText: true,
    outline: ({ bore }) => tubeSection(bore * 0.9, bore * 0.44, bore / 2),
  },
  lockWasher: {
    label: 'tab washer',
    order: 2,
    takes: hardware('lockWasher'),
    freeText: true,
    outline: drawn.tabbed(1.5, 0.5, 0.7),
    facesOut: true,
  },
  setScrews: plain('set screws or collar', { fastener: 'screw', outline: drawn.setScrew }),
  cotterPin: {
    label: 'cotter pin',
    order: 2,
    takes: hardware('cotterPin'),
    freeText: true,
    outline: drawn.cotterPin,
  },
  cap: {
    label: 'hub cap',
    order: 1,
    takes: hardware('cap'),
    freeText: true,
    outline: drawn.cap,
    facesOut: true,
  },
  cover: plain('end cover', { outline: drawn.cover, facesOut: true }, 'cap'),
  dustCover: plain('dust cover', { outline: drawn.dustCover, facesOut: true }, 'cap'),
  shield: plain('shield', { outline: drawn.shield, facesOut: true }, 'cap'),
  retainer: plain('retainer', { fastener: 'ring', outline: drawn.ringInBore }, 'snapRing', 'eRing'),
  snapRing: {
    label: 'snap ring',
    order: 1,
    takes: hardware('snapRing', 'eRing'),
    freeText: true,
    outline: drawn.ringInBore,
  },
  spacerTube: { label: 'spacer tube', order: 1, freeText: true, outline: drawn.tube(0.14) },
  collar: { label: 'collar between the cones', order: 1, freeText: true, outline: drawn.tube(0.14) },
  shims: plain('shims', { outline: drawn.disc(1, 0.5, 0.7) }),
  wheelSpacer: { label: 'wheel spacer', order: 1, freeText: true, outline: drawn.tube(0.18, 12) },
  axle: plain('axle', { outline: drawn.rod }),
  pin: plain('pin', { outline: drawn.rod }, 'cotterPin'),
  hubBody: plain('hub', { outline: drawn.flangedHub, facesOut: true }),
  housing: plain('housing', { outline: drawn.housing }, 'housing'),
  // It stands beside the axis: nothing of it is drawn along it.
  nipple: { label: 'grease nipple', order: 0, freeText: true },
  plain: plain('other part', { takes: () => true }),
  check: { label: 'something to look at', order: 0 },
  threadlocker: { label: 'threadlocker', order: 0, freeText: true },
  consumable: { label: 'consumable', order: 0, freeText: true },
  grease: { label: 'grease', order: 3 },
} as const satisfies Record<string, RoleFacts>

/** What may stand in a place; decides how it is filled, checked, drawn, fitted and tightened. */
export type SlotRole = keyof typeof table
export const SLOT_ROLES = Object.keys(table) as [SlotRole, ...SlotRole[]]
export const ROLES: Readonly<Record<SlotRole, RoleFacts>> = table

/** Places that hold one whole bearing. */
export const isWholeBearing = (role: SlotRole): boolean => ROLES[role].wholeBearing === true
