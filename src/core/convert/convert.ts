import { commonnessWeight, familyFacts, type Catalogue, type Part } from '../catalogue'
import { writeMm } from '../quantity'

export const CONVERSIONS = ['bushToBall', 'taperedToBall', 'ballToTapered'] as const
export type ConversionKind = (typeof CONVERSIONS)[number]

/** One end of the hub as it is now, mm. */
export interface ConversionSeat {
  shaftMm: number
  housingMm: number
  /** of the bearing or bush in it; total width of a tapered set */
  widthMm: number
}

export type SeatMatch = 'fits' | 'sleeve' | 'machine'

export interface ConversionPart {
  designation: string
  bore: number
  outside: number
  width: number
  shaft: SeatMatch
  housing: SeatMatch
  /** new less old, mm */
  widthChangeMm: number
  words: string
}

/** A seat as measured is this size when it agrees to so much, mm: a caliper on a good seat (common practice). */
const SAME_MM = 0.1
/** A sleeve thinner than this cannot be turned and pressed in, mm of wall (common practice). */
const LEAST_WALL_MM = 1.5
/** Beyond this a sleeve or a bore would be another machine, mm on the diameter. */
const MOST_CHANGE_MM = 14
const MOST_PARTS = 8

function mayServe(part: Part, kind: ConversionKind): boolean {
  if (part.piece !== 'complete' || part.dimensions.flangeOutside !== undefined) return false
  const { traits = [], rows, element } = familyFacts(part.family)
  return kind === 'ballToTapered'
    ? element === 'taperedRoller'
    : traits.includes('closable') && rows === 1 && element === 'ball' && !traits.includes('angularContact')
}

/** How a ring sits: a larger bore or smaller outside takes a sleeve, the other way metal must go. */
function match(ring: number, seat: number, ringAround: boolean): SeatMatch | null {
  const off = ring - seat
  if (Math.abs(off) <= SAME_MM) return 'fits'
  if (Math.abs(off) > MOST_CHANGE_MM) return null
  const room = ringAround ? off : -off
  if (room > 0) return room / 2 >= LEAST_WALL_MM ? 'sleeve' : null
  return 'machine'
}

const COST: Record<SeatMatch, number> = { fits: 0, sleeve: 1, machine: 2.2 }

function told(part: Part, seat: ConversionSeat): { cost: number; part: ConversionPart } | null {
  const { bore, outside, closedWidth, width: open, totalWidth } = part.dimensions
  const width = totalWidth ?? closedWidth ?? open
  if (bore === undefined || outside === undefined || width === undefined) return null
  const shaft = match(bore, seat.shaftMm, true)
  const housing = match(outside, seat.housingMm, false)
  if (!shaft || !housing) return null
  // A shaft turned down loses strength: not offered together with a bored housing.
  if (shaft === 'machine' && housing === 'machine') return null
  const wall = (a: number, b: number) => writeMm(Math.abs(a - b) / 2)
  const words = [
    shaft === 'fits' && housing === 'fits' ? 'Fits both seats as they are.' : '',
    shaft === 'sleeve' ? `Sleeve of ${wall(bore, seat.shaftMm)} mm wall on the shaft.` : '',
    shaft === 'machine' ? `Shaft turned down to ${writeMm(bore)} mm: it loses strength.` : '',
    housing === 'sleeve' ? `Sleeve of ${wall(outside, seat.housingMm)} mm wall in the hub.` : '',
    housing === 'machine' ? `Hub bored out to ${writeMm(outside)} mm: is there wall enough?` : '',
  ].filter(Boolean)
  const widthChangeMm = width - seat.widthMm
  const cost =
    COST[shaft] * (1 + Math.abs(bore - seat.shaftMm) / 10) +
    COST[housing] * (1 + Math.abs(outside - seat.housingMm) / 10) +
    Math.abs(widthChangeMm) / 20 -
    Math.log10(commonnessWeight(part)) / 4
  return {
    cost,
    part: {
      designation: part.base,
      bore,
      outside,
      width,
      shaft,
      housing,
      widthChangeMm,
      words: words.join(' '),
    },
  }
}

/** Parts that fit one seat as it is, or with a sleeve or a cut, the least work first. */
export function partsForSeat(
  { parts }: Catalogue,
  kind: ConversionKind,
  seat: ConversionSeat,
): ConversionPart[] {
  return parts
    .filter((part) => mayServe(part, kind))
    .flatMap((part) => told(part, seat) ?? [])
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST_PARTS)
    .map((option) => option.part)
}

export interface ConversionChange {
  what: string
  words: string
}

const signedMm = (mm: number): string => `${writeMm(Math.abs(mm))} mm ${mm > 0 ? 'longer' : 'shorter'}`

/** What else changes once the parts are chosen. @param chosen one part for each seat */
export function conversionChanges(
  kind: ConversionKind,
  chosen: readonly ConversionPart[],
): ConversionChange[] {
  const stack = chosen.reduce((sum, part) => sum + part.widthChangeMm, 0)
  const changes: (ConversionChange | false)[] = [
    Math.abs(stack) > 0.05 && {
      what: 'Fastener',
      words: `The stack is ${signedMm(stack)} with the old spacing: bolt, axle or nut thread must allow for it${stack > 0 ? `, ${writeMm(stack)} mm longer` : ', or a washer of that thickness'}.`,
    },
    {
      what: 'Spacing',
      words: `${chosen.map((part, i) => `End ${i + 1}: ${Math.abs(part.widthChangeMm) < 0.05 ? 'same width' : `${writeMm(Math.abs(part.widthChangeMm))} mm ${part.widthChangeMm > 0 ? 'wider' : 'narrower'}`}`).join('; ')}. Keep the middle of the wheel, the disc and the chain line where they were.`,
    },
    kind !== 'ballToTapered' && {
      what: 'Spacer',
      words:
        'The inner rings are clamped over a spacer tube between them, exactly as long as the shoulders of the hub are apart. It goes in before the second bearing.',
    },
    kind === 'ballToTapered' && {
      what: 'Spacer',
      words:
        'The spacer tube comes out: the pair is set by its nut, which needs a thread, a washer and a lock.',
    },
    {
      what: 'Seals',
      words:
        kind === 'ballToTapered'
          ? 'Tapered pairs are open: a seal inside and a cap outside, with a journal for the lip.'
          : 'Sealed bearings bring their own; outer seals and the cap may stay as a first barrier.',
    },
    {
      what: 'Adjustment',
      words:
        kind === 'ballToTapered'
          ? 'Set end play, and set it again after the first day.'
          : 'Nothing is set any more: worn means new.',
    },
    {
      what: 'Load',
      words:
        kind === 'taperedToBall'
          ? 'A ball bearing of the same size carries less, above all sideways. Check the life before it is decided.'
          : kind === 'bushToBall'
            ? 'A bush takes shocks and dirt that dent balls; a ball bearing runs lighter and needs no oil can.'
            : 'Carries more, also sideways, in both directions as a pair.',
    },
    chosen.some((part) => part.shaft === 'machine' || part.housing === 'machine') && {
      what: 'Machining',
      words: 'Metal that is taken off does not come back: try it on a spare hub first.',
    },
  ]
  return changes.filter((change): change is ConversionChange => change !== false)
}

/** Both opinions, with when each is right (common practice: practitioners differ). */
export const OPINIONS: Record<ConversionKind, readonly { opinion: string; right: string }[]> = {
  bushToBall: [
    {
      opinion: 'Convert to ball bearings',
      right: 'Turns often or for long, somebody must push it, oiling is forgotten.',
    },
    {
      opinion: 'Keep the bush',
      right: 'Slow, shock, sand and salt, seldom turned; a new bush costs little and dirt does not stop it.',
    },
  ],
  taperedToBall: [
    {
      opinion: 'Convert: fit and forget',
      right: 'Light, slow wheels that are never adjusted anyway and die of water.',
    },
    {
      opinion: 'Keep the tapered pair',
      right:
        'Side loads, heavy wheels, roads; where somebody does service it, it lasts longer and can be set.',
    },
  ],
  ballToTapered: [
    {
      opinion: 'Convert: serviceable and stronger',
      right: 'Ball bearings fail by load or side load, and somebody will set and grease them.',
    },
    {
      opinion: 'Keep ball bearings',
      right: 'Nobody will adjust it; a clamped pair over a good spacer asks for nothing.',
    },
  ],
}
