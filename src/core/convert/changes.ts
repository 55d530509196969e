import { writeMm } from '../quantity'
import type { ConversionKind, ConversionPart } from './convert'

export interface ConversionChange {
  what: string
  message: string
}

/** A bolt through what is clamped into a thread, mm. */
export interface ConversionFastener {
  /** between head and thread as it is now */
  clampedMm: number
  threadMm: number
  /** of the tapped hole, or the height of the nut */
  depthMm: number
}

/** Threads in steel hold with as much in them as they are thick; so many threads show beyond a nut (common practice). */
const MIN_ENGAGED = 1

/** Shortest and longest bolt for what is clamped, mm under the head; null where the thread is too short for any. */
export function boltLengths(
  { clampedMm, threadMm, depthMm }: ConversionFastener,
  stackMm: number,
): { shortestMm: number; longestMm: number } | null {
  const clamped = clampedMm + stackMm
  const shortestMm = clamped + MIN_ENGAGED * threadMm
  const longestMm = clamped + depthMm
  return shortestMm <= longestMm ? { shortestMm, longestMm } : null
}

const signedMm = (mm: number): string => `${writeMm(Math.abs(mm))} mm ${mm > 0 ? 'longer' : 'shorter'}`
const tenth = (mm: number): string => writeMm(Math.round(mm * 10) / 10)

function fastenerText(stack: number, fastener: ConversionFastener | undefined): string {
  const change =
    Math.abs(stack) > 0.05
      ? `The stack is ${signedMm(stack)} with the old spacing: bolt, axle or nut thread must allow for it${stack > 0 ? `, ${writeMm(stack)} mm longer` : ', or a washer of that thickness'}.`
      : ''
  if (!fastener) return change
  const bolt = boltLengths(fastener, stack)
  const length = bolt
    ? `Bolt under its head: at least ${tenth(bolt.shortestMm)} mm, so that it holds by its own thickness, at most ${tenth(bolt.longestMm)} mm, or it meets the ground of its hole.`
    : `The thread is ${tenth(fastener.depthMm)} mm deep, less than its thickness of ${tenth(fastener.threadMm)} mm: no bolt holds in it.`
  return `${change} ${length}`.trim()
}

/** What else changes once the parts are chosen. @param chosen one part for each seat */
export function conversionChanges(
  kind: ConversionKind,
  chosen: readonly ConversionPart[],
  clamped: boolean,
  fastener?: ConversionFastener,
): ConversionChange[] {
  const stack = chosen.reduce((sum, part) => sum + part.widthChangeMm, 0)
  const bolts = fastenerText(stack, fastener)
  const changes: (ConversionChange | false)[] = [
    bolts !== '' && { what: 'Fastener', message: bolts },
    {
      what: 'Spacing',
      message: `${chosen.map((part, i) => `End ${i + 1}: ${Math.abs(part.widthChangeMm) < 0.05 ? 'same width' : `${writeMm(Math.abs(part.widthChangeMm))} mm ${part.widthChangeMm > 0 ? 'wider' : 'narrower'}`}`).join('; ')}. Keep the middle of the wheel, the disc and the chain line where they were.`,
    },
    kind !== 'ballToTapered' && {
      what: clamped ? 'Spacer' : 'Held by',
      message: clamped
        ? 'The inner rings are clamped over a spacer tube between them, exactly as long as the shoulders of the hub are apart. It goes in before the second bearing.'
        : 'The wheel turns on a standing axle and is held by a washer and a ring: nothing is clamped, and the inner rings must not turn on the axle.',
    },
    kind === 'ballToTapered' && {
      what: 'Spacer',
      message:
        'The spacer tube comes out: the pair is set by its nut, which needs a thread, a washer and a lock.',
    },
    {
      what: 'Seals',
      message:
        kind === 'ballToTapered'
          ? 'Tapered pairs are open: a seal inside and a cap outside, with a journal for the lip.'
          : 'Sealed bearings bring their own; outer seals and the cap may stay as a first barrier.',
    },
    {
      what: 'Adjustment',
      message:
        kind === 'ballToTapered'
          ? 'Set end play, and set it again after the first day.'
          : 'Nothing is set any more: worn means new.',
    },
    {
      what: 'Load',
      message:
        kind === 'taperedToBall'
          ? 'A ball bearing of the same size carries less, above all sideways. Check the life before it is decided.'
          : kind === 'bushToBall'
            ? 'A bush takes shocks and dirt that dent balls; a ball bearing runs lighter and needs no oil can.'
            : 'Carries more, also sideways, in both directions as a pair.',
    },
    chosen.some((part) => part.shaft === 'machine' || part.housing === 'machine') && {
      what: 'Machining',
      message: 'Metal that is taken off does not come back: try it on a spare hub first.',
    },
  ]
  return changes.filter((change): change is ConversionChange => change !== false)
}

/** Both opinions, with when each is right (common practice: practitioners differ). */
export const OPINIONS: Record<ConversionKind, readonly { opinion: string; right: string }[]> = {
  bushToBall: [
    {
      opinion: 'Convert to ball bearings',
      right:
        'Turns often or for long, somebody must push it, oiling is forgotten. The shaft no longer wears, as long as the inner ring does not turn on it.',
    },
    {
      opinion: 'Keep the bush',
      right:
        'Slow, shock, sand and salt, seldom turned; a new bush costs little and dirt does not stop it. It wears the shaft with it: look at both.',
    },
  ],
  taperedToBall: [
    {
      opinion: 'Convert: fit and forget',
      right:
        'Light, slow wheels that are never adjusted anyway and die of water; a spindle already worn takes a clamped ring over a sleeve.',
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
      right:
        'Nobody will adjust it; a clamped pair over a good spacer asks for nothing, and spares the shaft.',
    },
  ],
}

/** Swapping the whole assembly instead: what belongs to it, what must match, what is lost (common practice). */
export const WHOLE_ASSEMBLY = {
  parts: [
    'axle',
    'hub with its bearings',
    'disc or drum',
    'nut and its lock',
    'cap',
    'wheel bolts',
    'sensor with its lead',
  ],
  mustMatch: [
    'bolts of the axle and their circle',
    'wheel bolts: count, circle, thread, seat of the nut',
    'pilot and offset of the flange, so that the track stays',
    'disc and caliper, or drum and shoes',
    'load the axle is rated for',
    'plug and teeth of the sensor',
  ],
  lost: [
    'parts that are the same as on the other end or the other machine',
    'approval, where the machine goes on roads or carries people',
  ],
} as const
