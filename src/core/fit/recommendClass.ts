import type { SeatKind } from './seatKind'

export type SeatLoad = 'light' | 'normal' | 'heavy'

export interface SeatUse {
  ring: 'inner' | 'outer'
  kind: SeatKind
  /** the ring that turns against the direction of its load; a wheel turns the outer one */
  rotatingRing: 'inner' | 'outer'
  load: SeatLoad
  boreMm: number
  /** the arrangement puts it in by thumb: never pressed, whichever ring turns */
  byThumb?: boolean | undefined
  /** light-alloy hubs lose grip when warm */
  lightAlloy?: boolean | undefined
}

type ByLoad = readonly [light: string, normal: string, heavy: string]
const at = ([light, normal, heavy]: ByLoad, load: SeatLoad): string => ({ light, normal, heavy })[load]

/** Turning inner ring: up to and including this bore, mm, the class for light, normal and heavy load (handbook practice). */
const TURNING_SHAFT: Record<'ball' | 'roller', readonly (readonly [number, ...ByLoad])[]> = {
  ball: [
    [17, 'js5', 'j5', 'j5'],
    [100, 'j6', 'k5', 'k5'],
    [140, 'k6', 'm5', 'm5'],
    [Infinity, 'm6', 'm6', 'n6'],
  ],
  roller: [
    [25, 'j6', 'k6', 'k6'],
    [40, 'j6', 'k6', 'm6'],
    [60, 'k6', 'm6', 'n6'],
    [140, 'k6', 'm6', 'p6'],
    [Infinity, 'm6', 'n6', 'p6'],
  ],
}
const TURNING_HOUSING: ByLoad = ['M7', 'N7', 'P7']
/** Inch tapered rings are plus on the bore: the shaft reaches higher for the same grip (handbook practice). */
const TURNING_INCH_SHAFT: ByLoad = ['m6', 'n6', 'p6']
/** Set screws hold on the shaft: the faster and heavier, the closer it slides (common practice). */
const INSERT_SHAFT: ByLoad = ['h8', 'h7', 'h6']
const TIGHTER: Record<string, string> = { M7: 'N7', N7: 'P7', P7: 'R7' }
/** One step less grip, where another would leave no clearance. */
const LIGHTER: Record<string, string> = {
  R7: 'P7',
  P7: 'N7',
  N7: 'M7',
  M7: 'K7',
  k5: 'j6',
  m5: 'k5',
  k6: 'j6',
  m6: 'k6',
  n6: 'm6',
  p6: 'n6',
}
export const lighterClass = (name: string): string | null => LIGHTER[name] ?? null

export interface UsualClass {
  class: string
  why: string
}

const LOAD_LABELS: Record<SeatLoad, string> = { light: 'Light', normal: 'Normal', heavy: 'Heavy' }

/** Small bearings that are slipped in, a pin or shaft through them (common practice). */
const BY_THUMB: Readonly<Record<'inner' | 'outer', UsualClass>> = {
  inner: { class: 'g6', why: 'The pin or shaft slides through by hand: no press, no heat.' },
  outer: {
    class: 'H7',
    why: 'Goes in by thumb: no press, no heat. One that will not go in is the wrong one, or the bore has a burr.',
  },
}

/** Kinds that sit by rules of their own, whichever ring turns; null = by the ring that turns. */
function byKind({ ring, kind, load, lightAlloy }: SeatUse): UsualClass | null {
  const inner = ring === 'inner'
  switch (kind) {
    case 'hubUnit':
      return inner
        ? { class: 'k6', why: 'The hub is pressed into the unit: tight, and drawn up by the axle nut.' }
        : {
            class: lightAlloy || load === 'heavy' ? 'P7' : 'N7',
            why: 'The unit is pressed into its knuckle: tight, or it creeps and wears its bore.',
          }
    case 'insert':
      return inner
        ? {
            class: at(INSERT_SHAFT, load),
            why: 'Set screws or a collar hold it: it slides on by hand, h6 to h9 by load and speed; never pressed or heated.',
          }
        : {
            class: 'J7',
            why: 'Sits in the housing made for it and swivels there: turned square, in through the slots, by hand.',
          }
    case 'joint':
      return inner
        ? {
            class: 'm6',
            why: 'The pin stands still in the ball, so that it swivels within the bearing; h6 where it has to go in by hand.',
          }
        : {
            class: lightAlloy ? 'N7' : load === 'light' ? 'K7' : 'M7',
            why: 'The outer ring is held in its eye, so that it swivels within the bearing: M7, N7 in light alloy; split, it is not pressed tighter.',
          }
    case 'clutch':
      return inner
        ? {
            class: 'n6',
            why: 'What it holds goes through its seat: tight on its shaft; h6 where its ring has a keyway.',
          }
        : {
            class: 'N6',
            why: 'What it holds goes through its seat: tight in its hub; H7 where its ring has a keyway.',
          }
    case 'wideRing':
      return inner
        ? {
            class: 'h9',
            why: 'Slides by hand onto drawn shafting, h7 to h9; a screw in the slot of its wide ring holds it along the shaft and takes it round.',
          }
        : null
    case 'onSleeve':
      return inner
        ? {
            class: 'h9',
            why: 'The taper and its nut make the fit: the shaft under an adapter sleeve is h9 or h10, and round to IT5.',
          }
        : null
    case 'drawnCup':
      return inner
        ? {
            class: load === 'heavy' ? 'h6' : 'h5',
            why: 'The needles run on the shaft itself: hardened, ground, h5 or h6.',
          }
        : {
            class: lightAlloy ? 'R6' : 'N6',
            why: 'The thin cup takes its roundness and its clearance from the bore it is pressed into: N6, R6 in light alloy.',
          }
    case 'needleNoRing':
      return inner
        ? {
            class: load === 'heavy' ? 'h5' : 'g6',
            why: 'The needles run on the shaft itself: hardened, ground, g6; h5 for less clearance.',
          }
        : null
    case 'needleCage':
      return inner
        ? {
            class: load === 'heavy' ? 'h5' : 'g6',
            why: 'The needles run on the shaft itself: hardened, ground, g6; h5 for less clearance.',
          }
        : { class: 'G6', why: 'The needles run in the bore itself: hardened, ground, G6.' }
    case 'linear':
      return inner
        ? {
            class: load === 'heavy' ? 'h6' : 'g6',
            why: 'The balls run along the shaft itself: hardened, ground, g6; h6 for less play.',
          }
        : {
            class: 'H7',
            why: 'A thin sleeve, held along its bore by snap rings: pressed in tight it closes on the shaft.',
          }
    case 'thrust':
      return inner
        ? { class: 'j6', why: 'The shaft washer is centred on its shaft.' }
        : {
            class: 'H8',
            why: 'The housing washer only rests on its shoulder: it must find its own centre.',
          }
    default:
      return null
  }
}

/**
 * The usual class of a seat: the ring that turns relative to its load is tight, the other slides (common practice,
 * handbook tables from memory).
 * @example recommendClass({ ring: 'inner', kind: 'ball', rotatingRing: 'inner', load: 'normal', boreMm: 25 }) // k5
 */
export function recommendClass(use: SeatUse): UsualClass {
  const own = byKind(use)
  if (own) return own
  if (use.byThumb) return BY_THUMB[use.ring]
  const { ring, kind, rotatingRing, load, boreMm, lightAlloy } = use
  if (ring === 'inner') {
    if (rotatingRing === 'outer')
      return load === 'heavy'
        ? { class: 'h6', why: 'Stands still to its load: it slides on, with little play under heavy load.' }
        : { class: 'g6', why: 'Stands still to its load: a slide fit, so that it can be set and taken off.' }
    const rolling = kind === 'ball' ? 'ball' : 'roller'
    const [, ...byLoad] = TURNING_SHAFT[rolling].find(([to]) => boreMm <= to) ?? [0, 'j6', 'k5', 'k5']
    return {
      class: at(kind === 'taperedInch' ? TURNING_INCH_SHAFT : byLoad, load),
      why: `Turns against its load: tight, or it creeps and wears its shaft. ${LOAD_LABELS[load]} load, ${rolling} bearing.`,
    }
  }
  if (rotatingRing === 'inner')
    return load === 'heavy'
      ? { class: 'J7', why: 'Stands still to its load, but shocks would rock it: between sliding and tight.' }
      : { class: 'H7', why: 'Stands still to its load: it slides, so that the shaft can lengthen.' }
  const steel = at(TURNING_HOUSING, load)
  const tight = lightAlloy ? (TIGHTER[steel] ?? steel) : steel
  return {
    class: tight,
    why: `Turns against its load, as in every wheel: tight in its hub.${lightAlloy ? ' One step tighter in light alloy, which grows more when warm.' : ''}`,
  }
}
