import type { Family } from '../catalogue'
import type { Instrument } from '../quantity'
import { coolingText, timeToFit } from './cooling'
import { heatToDropIn, ROOM_C } from './heatToDropIn'
import { clearanceLeft, internalClearance, type ClearanceGroup } from './internalClearance'
import { judgeSeat, type SeatReading, type SeatVerdict } from './judgeSeat'
import { MATERIALS, type Material } from './materials'
import { FRICTION, pressForce, pressure } from './pressFit'
import { ringLimits, type RingClass } from './ringTolerances'
import { repairOptions, type RepairOption } from './repairOptions'
import { isHandFitted, isRaceway, seatKindOfFamily, type SeatKind } from './seatKind'
import { seatNominal } from './seatNominal'
import { sortReadings } from './sortReadings'
import { mountingTools, type MountingTools } from './mountingTools'
import { isShaftClass, toleranceClass, type Limits } from './toleranceClass'

export interface FitQuestion {
  ring: 'inner' | 'outer'
  /** class of the seat, such as k5 or N7 */
  class: string
  /** of the bearing, mm */
  bore: number
  outside: number
  width: number
  clearanceClass?: ClearanceGroup | undefined
  family?: Family | undefined
  /** how it sits, where the family alone does not tell it */
  kind?: SeatKind | undefined
  /** the shaft under an adapter sleeve, mm; else the bore */
  shaftMm?: number | undefined
  /** tolerance class of the rings; Normal unless said */
  precision?: RingClass | undefined
  /** a wheel end: what may be repaired is narrower */
  wheel?: boolean | undefined
  sealed?: boolean | undefined
  /** slipped in and out by thumb, on purpose */
  byThumb?: boolean | undefined
  readings?: readonly SeatReading[] | undefined
  /** what they were taken with; a micrometer unless said */
  instrument?: Instrument | undefined
  /** bore of a hollow shaft, mm; 0 = solid */
  hollow?: number | undefined
  /** outside of a hub, mm; none = thick */
  hubOutside?: number | undefined
  /** what the outer ring sits in, as it is called: hub, knuckle, wheel */
  hubText?: string | undefined
  materials?: { shaft?: Material | undefined; housing?: Material | undefined } | undefined
}

export interface FitAnswer {
  /** of the seat, µm */
  limits: Limits
  /** of the ring, or of the circle of the rolling elements, µm */
  bearing: Limits
  /** no ring: the rolling elements run on the seat itself */
  raceway: boolean
  /** µm, positive = tight */
  interference: { min: number; mean: number; max: number }
  /** µm; null where no table of this family is here */
  clearanceLeft: { min: number; max: number } | null
  /** `byHeat`: it goes in by heat rather than by force */
  heat: { deltaC: number; celsius: number; byHeat: boolean; advice: string }
  pressForceKn: { min: number; max: number }
  seat?: SeatVerdict
  /** of a seat that is not good, in order of merit */
  repair: RepairOption[]
  /** sleeve and rod to press it home; null where nothing is pressed */
  tools: MountingTools | null
  advice: string[]
}

export type FitProblem =
  | { code: 'class'; name: string }
  | { code: 'side'; name: string; ring: 'inner' | 'outer' }
  | { code: 'sizes' }

export const fitProblemText = (problem: FitProblem): string => {
  switch (problem.code) {
    case 'class':
      return `The tables hold no class “${problem.name}” for this size. Use f, g, h, j, js, k, m, n, p or r with 4 to 9 for a shaft, capitals for a housing, up to 500 mm.`
    case 'side':
      return problem.ring === 'inner'
        ? `“${problem.name}” is a class of a housing; the inner ring sits on a shaft, such as k5.`
        : `“${problem.name}” is a class of a shaft; the outer ring sits in a housing, such as N7.`
    case 'sizes':
      return 'The bore is smaller than the outside, a hollow shaft smaller than the bore, a hub larger than the outside. Check the sizes.'
  }
}

/** Mean diameter of a raceway shoulder, as the other face of a ring: a quarter of the section in (common practice). */
const RACE_SHARE = 0.25
/** Hottest a part may get, °C (common practice). */
const HOTTEST = { bearing: 120, sealed: 80, lightHub: 120, ironHub: 150 }
/** Only a hub known to be of iron or steel may be hotter than light alloy. */
const BEARS_MORE: readonly Material[] = ['steel', 'castIron']

/** A temperature in both units, to five degrees of each. */
const warmth = (celsius: number): string =>
  `${Math.ceil(celsius / 5) * 5} °C (${Math.ceil((celsius * 1.8 + 32) / 5) * 5} °F)`

/** Metal in the room of a bearing, by its weight in catalogues of plain sizes (from memory). */
const FILLED = 0.68

/** How long there is to put it on, in words; nothing where the body that was heated is not known. */
function timeLeft(q: FitQuestion, max: number, nominal: number, celsius: number, heated: Material): string {
  const hub = q.hubOutside
  if (q.ring === 'outer' && hub === undefined) return ''
  const { density, heatCapacity, expansion } = MATERIALS[heated]
  const ring =
    q.ring === 'inner' || hub === undefined
      ? {
          insideMm: q.bore,
          outsideMm: q.outside,
          filled: FILLED,
          wallMm: ((q.outside - q.bore) * RACE_SHARE) / 2,
        }
      : { insideMm: q.outside, outsideMm: hub, filled: 1, wallMm: (hub - q.outside) / 2 }
  const gripRise = max / 1000 / (expansion * 1e-6 * nominal)
  const rise = Math.ceil(celsius / 5) * 5 - ROOM_C
  return ` ${coolingText(timeToFit({ ...ring, widthMm: q.width, density, heatCapacity }, rise, gripRise))}`
}

const NEVER_HEATED =
  'Neither heated nor pressed: it slides on by hand. One that sticks has a burr, or is the wrong size.'
const BY_THUMB = 'It goes in and out by thumb, on purpose: what lies before it holds it.'
/** What is said of a kind that does not sit as a plain bearing does. */
const HOW_IT_SITS: Partial<Record<SeatKind, Partial<Record<'inner' | 'outer', string>>>> = {
  insert: {
    inner: 'Set screws or a collar hold it: deburr the shaft, slide it on, tighten when it has lined up.',
    outer: 'Only the housing made for it fits its spherical outside.',
  },
  onSleeve: {
    inner:
      'The figures are of the shaft under the sleeve. The bearing is drawn up its taper until its clearance has fallen by the maker’s figure: feeler gauge between roller and ring, or angle of the nut.',
  },
  drawnCup: {
    inner: 'The figures are running clearance between shaft and needles, once the cup is in its bore.',
  },
  linear: { inner: 'The figures are running clearance between shaft and balls.' },
  needleNoRing: { inner: 'The figures are running clearance between shaft and needles.' },
  needleCage: {
    inner:
      'No ring: the figures are the shaft’s own. Clearance follows from shaft, needles and bore together.',
    outer:
      'No ring: the figures are the bore’s own. Clearance follows from shaft, needles and bore together.',
  },
}

const round = (value: number, digits = 1): number => Math.round(value * 10 ** digits) / 10 ** digits

function heatAdvice(
  celsius: number,
  slides: boolean,
  q: FitQuestion,
  material: Material | undefined,
): { byHeat: boolean; advice: string } {
  const cold = (advice: string) => ({ byHeat: false, advice })
  if (celsius <= 20) return cold('No heat: it slides on.')
  if (slides)
    return cold(
      `No heat as a rule: it slides on. Only the tightest pair would want ${warmth(celsius)}; if one sticks, look for a burr.`,
    )
  const limit =
    q.ring === 'inner'
      ? q.sealed
        ? HOTTEST.sealed
        : HOTTEST.bearing
      : material && BEARS_MORE.includes(material)
        ? HOTTEST.ironHub
        : HOTTEST.lightHub
  const what = q.ring === 'inner' ? (q.sealed ? 'a sealed, greased bearing' : 'a bearing') : 'the hub'
  if (celsius > limit)
    return cold(
      `${Math.ceil(celsius)} °C is more than ${what} may have (${limit} °C): press it${q.ring === 'outer' ? ', or cool the bearing' : ''}.`,
    )
  const advice = `Heat the ${q.ring === 'inner' ? 'bearing' : (q.hubText ?? 'hub or housing')} to about ${warmth(celsius)} by hot air, plate or induction, never with a flame; at most ${limit} °C${q.ring === 'outer' && material === undefined ? ' as long as nobody has said what it is made of' : ''}. Wear gloves.`
  return { byHeat: true, advice }
}

/**
 * What a seat of a class does to a bearing ring: interference, clearance left, heat or force, and whether a measured seat
 * is still good. ISO 286 limits, ISO 492 Normal rings, ISO 5753 clearance; Lamé for the pressure.
 *
 * @returns µm, kN and °C; a problem for a class the tables do not hold or sizes that cannot be
 */
export function checkFit(
  q: FitQuestion,
): { ok: true; value: FitAnswer } | { ok: false; problem: FitProblem } {
  const inner = q.ring === 'inner'
  if (isShaftClass(q.class) !== inner)
    return { ok: false, problem: { code: 'side', name: q.class, ring: q.ring } }
  const hollow = q.hollow ?? 0
  const hub = q.hubOutside ?? Infinity
  if (q.bore >= q.outside || hollow >= q.bore || hub <= q.outside)
    return { ok: false, problem: { code: 'sizes' } }
  const seatKind = q.kind ?? (q.family ? seatKindOfFamily(q.family) : 'ball')
  const swivels = isHandFitted(seatKind, q.ring)
  const byHand = swivels || (q.byThumb ?? false)
  const raceway = isRaceway(seatKind, q.ring)
  const nominal = seatNominal({ ...q, kind: seatKind })
  const limits = toleranceClass(q.class, nominal)
  if (!limits) return { ok: false, problem: { code: 'class', name: q.class } }
  const overUm = inner ? 0 : (q.outside - nominal) * 1000
  const own = ringLimits(inner ? 'bore' : 'outside', nominal, seatKind, q.precision)
  const bearing = { lower: round(own.lower + overUm), upper: round(own.upper + overUm) }
  const max = inner ? limits.upper - bearing.lower : bearing.upper - limits.lower
  const min = inner ? limits.lower - bearing.upper : bearing.lower - limits.upper
  const shaftMaterial = q.materials?.shaft ?? 'steel'
  const housingMaterial = q.materials?.housing ?? 'steel'
  const section = (q.outside - q.bore) * RACE_SHARE
  const press = (um: number, friction: number): number => {
    const p = inner
      ? pressure(
          nominal,
          um / 1000,
          { otherMm: hollow, material: shaftMaterial },
          { otherMm: q.bore + section, material: 'steel' },
        )
      : pressure(
          nominal,
          um / 1000,
          { otherMm: q.outside - section, material: 'steel' },
          { otherMm: hub, material: housingMaterial },
        )
    return pressForce(p, nominal, q.width, friction)
  }
  const heated = inner ? 'steel' : housingMaterial
  const heat = heatToDropIn(max / 1000, nominal, heated)
  const timed = ({ byHeat, advice }: { byHeat: boolean; advice: string }) => ({
    byHeat,
    advice: byHeat ? `${advice}${timeLeft(q, max, nominal, heat.celsius, heated)}` : advice,
  })
  const clearance = internalClearance(q.family ?? 'deep-groove', q.clearanceClass ?? 'CN', q.bore, seatKind)
  const left = clearance && (swivels ? null : clearanceLeft(clearance, q.ring, { min, max }))
  const kind = inner ? 'shaft' : 'housing'
  const sorted = sortReadings(q.readings ?? [], nominal)
  const seat =
    sorted.used.length > 0 ? judgeSeat(sorted.used, nominal, limits, kind, q.instrument) : undefined
  const unpressed = byHand || raceway
  const force = unpressed
    ? { min: 0, max: 0 }
    : { min: press(min, FRICTION.oiled), max: press(max, FRICTION.dry) }
  /** Between the loosest reading and the ring that leaves most room, on the diameter: what a compound would have to fill. */
  const gapUm = ({ loosest }: SeatVerdict): number =>
    inner ? bearing.upper - loosest : loosest - bearing.lower
  const advice = [
    ...sorted.remarks,
    clearance && q.family === undefined ? 'Clearance as of a deep groove ball bearing.' : '',
    left && left.min < 0
      ? 'At the tightest, no clearance is left: take the next larger clearance group or a lighter fit.'
      : '',
    HOW_IT_SITS[seatKind]?.[q.ring] ?? (q.byThumb ? BY_THUMB : ''),
    q.byThumb && !swivels && min + max > 0
      ? `${q.class} is tight here: it would not go in by thumb. Take a class that slides, such as ${inner ? 'g6' : 'H7'}.`
      : '',
    !unpressed && min < 0 && min + max >= 0
      ? 'Between loose and tight: try the ring by hand before it goes in.'
      : '',
    !unpressed && min + max < 0
      ? 'A slide fit: right for the ring that stands still to its load, wrong for the one that turns.'
      : '',
    "A guide: the machine's manual comes first.",
  ].filter(Boolean)
  return {
    ok: true,
    value: {
      limits,
      bearing,
      raceway,
      interference: { min, mean: (min + max) / 2, max },
      clearanceLeft: left && { min: round(left.min), max: round(left.max) },
      heat: {
        deltaC: round(heat.deltaC),
        celsius: round(heat.celsius),
        ...(unpressed
          ? {
              byHeat: false,
              advice: byHand
                ? NEVER_HEATED
                : `No heat: the rolling elements run ${inner ? 'on the shaft' : 'in the bore'} itself.`,
            }
          : timed(heatAdvice(heat.celsius, min + max < 0, q, inner ? 'steel' : q.materials?.housing))),
      },
      pressForceKn: { min: round(force.min, 2), max: round(force.max, 2) },
      repair: seat ? repairOptions(kind, seat.verdict, gapUm(seat), q.wheel ?? false) : [],
      tools: unpressed ? null : mountingTools(q.ring, q.bore, q.outside, force.max),
      ...(seat && {
        seat: {
          ...seat,
          outOfRound: round(seat.outOfRound),
          taper: round(seat.taper),
          mean: round(seat.mean),
          worn: round(seat.worn),
          loosest: round(seat.loosest),
        },
      }),
      advice,
    },
  }
}
