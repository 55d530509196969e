import { commonnessWeight, familyFacts, type Catalogue, type Part } from '../catalogue'
import { ballRating, estimatedRating, lifeAt, taperedRatingBySizes, usualBalls } from '../life'
import { MM_PER_INCH, writeMm } from '../quantity'

export const CONVERSIONS = ['bushToBall', 'taperedToBall', 'ballToTapered'] as const
export type ConversionKind = (typeof CONVERSIONS)[number]

/** One end of the hub as it is now, mm. */
export interface ConversionSeat {
  shaftMm: number
  housingMm: number
  /** of the bearing or bush in it; total width of a tapered set */
  widthMm: number
}

/** What one end carries, as far as it is known. */
export interface ConversionLoad {
  radialKn: number
  axialKn: number
  rpm: number
  wantedHours: number
}

/** `near` = within a tenth, but not the size: an inch size and its metric twin differ by so little. */
export const SEAT_MATCHES = ['fits', 'near', 'sleeve', 'machine'] as const
export type SeatMatch = (typeof SEAT_MATCHES)[number]

/** Whether a part carries what is asked: by its life under the load, else beside what was in the seat. */
export const CARRIES = ['enough', 'less', 'notKnown'] as const
export type Carries = (typeof CARRIES)[number]

export interface ConversionPart {
  designation: string
  bore: number
  outside: number
  width: number
  shaft: SeatMatch
  housing: SeatMatch
  /** ring less seat, µm: plus on the shaft is loose, plus in the housing is tight */
  shaftOffUm: number
  housingOffUm: number
  /** new less old, mm */
  widthChangeMm: number
  /** dynamic rating by its sizes, kN: to compare, not to calculate by */
  ratingKn: number
  carries: Carries
  /** may be chosen unasked: carries enough, and no strength is cut away */
  sensible: boolean
  message: string
}

/** A seat as measured is this size when it agrees to so much, mm: a good caliper on a good seat (common practice). */
const SAME_MM = 0.04
/** Up to here it may be a twin of the other system, mm. */
const NEAR_MM = 0.1
/** A sleeve thinner than this cannot be turned and pressed in, mm of wall (common practice). */
const MIN_WALL_MM = 1.5
/** Beyond this a sleeve or a bore would be another machine, mm on the diameter. */
const MAX_CHANGE_MM = 14
const MAX_PARTS = 8
/** Less than this of what was in the seat is no offer at all; less than the whole is said. A ball bearing of the same size carries
 * about two fifths of a tapered one. */
const MIN_SHARE = 0.35

function mayServe(part: Part, kind: ConversionKind): boolean {
  if (part.piece !== 'complete' || part.dimensions.flangeOutside !== undefined) return false
  const { traits = [], rows, element } = familyFacts(part.family)
  return kind === 'ballToTapered'
    ? element === 'taperedRoller'
    : traits.includes('closable') && rows === 1 && element === 'ball' && !traits.includes('angularContact')
}

/** Parts of a catalogue that may serve, sorted out once. */
const sorted = new WeakMap<Catalogue, Map<ConversionKind, readonly Part[]>>()

function serving(catalogue: Catalogue, kind: ConversionKind): readonly Part[] {
  const kinds = sorted.get(catalogue) ?? new Map<ConversionKind, readonly Part[]>()
  sorted.set(catalogue, kinds)
  const found = kinds.get(kind) ?? catalogue.parts.filter((part) => mayServe(part, kind))
  kinds.set(kind, found)
  return found
}

/** How a ring sits: a larger bore or smaller outside takes a sleeve, the other way metal must go. */
function match(ring: number, seat: number, ringAround: boolean): SeatMatch | null {
  const gap = ring - seat
  if (Math.abs(gap) <= SAME_MM) return 'fits'
  if (Math.abs(gap) <= NEAR_MM) return 'near'
  if (Math.abs(gap) > MAX_CHANGE_MM) return null
  const room = ringAround ? gap : -gap
  if (room > 0) return room / 2 >= MIN_WALL_MM ? 'sleeve' : null
  return 'machine'
}

const WORK: Record<SeatMatch, number> = { fits: 0, near: 0.5, sleeve: 1, machine: 2.2 }

/** Rating of what sits in the seat now, kN; null for a bush. */
export function presentRating(kind: ConversionKind, seat: ConversionSeat): number | null {
  const { shaftMm, housingMm, widthMm } = seat
  switch (kind) {
    case 'bushToBall':
      return null
    case 'taperedToBall':
      return taperedRatingBySizes(shaftMm, housingMm, widthMm).cKn
    case 'ballToTapered': {
      const { count, mm, circle } = usualBalls(shaftMm, housingMm, widthMm)
      return ballRating(count, mm, circle)?.cKn ?? null
    }
  }
}

function carriesOf(
  part: Part,
  cKn: number,
  c0Kn: number,
  now: number | null,
  load: ConversionLoad | undefined,
): { carries: Carries; message: string } | null {
  if (load) {
    const hours = lifeAt(part, { cKn, c0Kn }, load)
    if (hours === null) return null
    const life = `about ${hours >= 1000 ? `${Math.round(hours / 1000)} 000` : Math.round(hours)} h under this load, wanted ${load.wantedHours}`
    return hours >= load.wantedHours
      ? { carries: 'enough', message: `Carries it: ${life}.` }
      : { carries: 'less', message: `Too weak: ${life}.` }
  }
  if (now === null) return { carries: 'notKnown', message: '' }
  const share = cKn / now
  if (share < MIN_SHARE) return null
  return share >= 1
    ? { carries: 'enough', message: '' }
    : {
        carries: 'less',
        message: `Carries about ${Math.round(share * 100)} % of what is in it now: give the load before it is chosen.`,
      }
}

const INCH_STEPS = 32
/** The inch size a seat has, where it is one and the ring beside it is not; empty otherwise. */
function inchTwin(seatMm: number, ringMm: number): string {
  const steps = Math.round((seatMm / MM_PER_INCH) * INCH_STEPS)
  const inchMm = (steps / INCH_STEPS) * MM_PER_INCH
  if (Math.abs(inchMm - seatMm) > SAME_MM || Math.abs(inchMm - ringMm) < Math.abs(ringMm - seatMm)) return ''
  return `, an inch size of ${writeMm(inchMm)} mm`
}

const um = (mm: number): number => Math.round(mm * 1000)

function nearText(what: 'shaft' | 'hub', ringMm: number, seatMm: number): string {
  const gap = um(ringMm - seatMm)
  const tight = what === 'shaft' ? gap < 0 : gap > 0
  return `Not the same size: ${writeMm(ringMm)} mm on a ${what === 'shaft' ? 'shaft' : 'bore'} of ${writeMm(seatMm)} mm${inchTwin(seatMm, ringMm)} is ${Math.abs(gap)} µm ${tight ? 'tight' : 'loose'}. Measure with a micrometer before it is ordered.`
}

function seatText(
  part: { bore: number; outside: number },
  seat: ConversionSeat,
  shaft: SeatMatch,
  housing: SeatMatch,
) {
  const wall = (a: number, b: number) => writeMm(Math.abs(a - b) / 2)
  return [
    shaft === 'fits' && housing === 'fits' ? 'Fits both seats as they are.' : '',
    shaft === 'near' ? nearText('shaft', part.bore, seat.shaftMm) : '',
    housing === 'near' ? nearText('hub', part.outside, seat.housingMm) : '',
    shaft === 'sleeve' ? `Sleeve of ${wall(part.bore, seat.shaftMm)} mm wall on the shaft.` : '',
    shaft === 'machine'
      ? `Shaft turned down to ${writeMm(part.bore)} mm: it loses strength, seldom sensible on a wheel.`
      : '',
    housing === 'sleeve' ? `Sleeve of ${wall(part.outside, seat.housingMm)} mm wall in the hub.` : '',
    housing === 'machine' ? `Hub bored out to ${writeMm(part.outside)} mm: is there wall enough?` : '',
  ]
}

interface ConversionQuery {
  seat: ConversionSeat
  load?: ConversionLoad | undefined
  /** rating of what is in the seat now, kN */
  now: number | null
}

/** What speaks for a part; how that is told is worked out for those that are shown. */
function considered(
  part: Part,
  { seat, load, now }: ConversionQuery,
): { rank: number; tell: () => ConversionPart } | null {
  const { bore, outside, closedWidth, width: open, totalWidth } = part.dimensions
  const seldomClosed = familyFacts(part.family).traits?.includes('seldomClosed') ?? false
  const width = totalWidth ?? (seldomClosed ? open : (closedWidth ?? open))
  if (bore === undefined || outside === undefined || width === undefined) return null
  const shaft = match(bore, seat.shaftMm, true)
  const housing = match(outside, seat.housingMm, false)
  if (!shaft || !housing) return null
  // A shaft turned down loses strength: not offered together with a bored housing.
  if (shaft === 'machine' && housing === 'machine') return null
  // No rating, no offer.
  const rating = estimatedRating(part)
  const able = rating && carriesOf(part, rating.cKn, rating.c0Kn, now, load)
  if (!rating || !able) return null
  const widthChangeMm = width - seat.widthMm
  const sensible = able.carries !== 'less' && shaft !== 'machine'
  const work =
    WORK[shaft] * (1 + Math.abs(bore - seat.shaftMm) / 10) +
    WORK[housing] * (1 + Math.abs(outside - seat.housingMm) / 10) +
    Math.abs(widthChangeMm) / 20 -
    Math.log10(commonnessWeight(part)) / 4
  return {
    // What carries comes before what is less work; of two that need a sleeve the stronger one.
    rank: (sensible ? 0 : 100) + work - Math.log2(rating.cKn) / 4,
    tell: () => ({
      designation: part.base,
      bore,
      outside,
      width,
      shaft,
      housing,
      shaftOffUm: um(bore - seat.shaftMm),
      housingOffUm: um(outside - seat.housingMm),
      widthChangeMm,
      ratingKn: rating.cKn,
      carries: able.carries,
      sensible,
      message: [...seatText({ bore, outside }, seat, shaft, housing), able.message].filter(Boolean).join(' '),
    }),
  }
}

/**
 * Parts that carry the load in one seat as it is, or with a sleeve or a cut; those that may be chosen unasked come first.
 * @param load what the end carries; without it a part is held against what sits in the seat now
 */
export function partsForSeat(
  catalogue: Catalogue,
  kind: ConversionKind,
  seat: ConversionSeat,
  load?: ConversionLoad,
): ConversionPart[] {
  const query = { seat, load, now: presentRating(kind, seat) }
  return serving(catalogue, kind)
    .flatMap((part) => considered(part, query) ?? [])
    .sort((a, b) => a.rank - b.rank)
    .slice(0, MAX_PARTS)
    .map((option) => option.tell())
}
