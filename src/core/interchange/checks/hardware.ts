import { capital } from '../../capital'
import { HARDWARE_LABELS, isCount, impliedByThread, type HardwareDetails } from '../../catalogue'
import { writeBoth } from '../../quantity'
import { differs, type Check, type CheckRule } from '../check'
import { isSameSize } from '../sameSize'

/** Sizes that may differ where somebody has looked; any other size that differs does not go on or in (common practice). */
const LOOK: Readonly<Record<string, string>> = {
  acrossFlatsMm: 'It takes another socket.',
  outsideMm: 'Check the room around it and the spanner.',
  heightMm: 'Check the thread that is left behind it.',
  slots: 'The cotter pin finds its hole in other steps.',
  thicknessMm: 'What it holds sits elsewhere.',
}

/** What another size of a housing means (common practice). */
const HOUSING_SIZES: Readonly<Record<string, [Check['result'], string]>> = {
  lengthMm: ['warn', 'Check the room around it.'],
  bolt: ['warn', 'Check the holes it is bolted through.'],
  centreHeightMm: ['fail', 'The shaft would sit at another height.'],
  boltSpacingMm: ['fail', 'Its bolts do not meet the old holes.'],
  railSpacingMm: ['fail', 'It does not slide between the old rails.'],
  railSlotMm: ['fail', 'The old rails do not run in its slots.'],
  seatMm: ['fail', 'The bearing does not fit its seat.'],
}

/** Rings fill their groove: of another thickness they do not go in. */
const FILLS_GROOVE: ReadonlySet<HardwareDetails['what']> = new Set(['snapRing', 'eRing'])

/** What kind it is; what a cotter pin is chosen for and by which measure it is sold: no sizes of its own. */
const NO_SIZES: ReadonlySet<string> = new Set(['what', 'threadOverMm', 'threadToMm', 'inch'])

const isSame = (a: unknown, b: unknown): boolean =>
  typeof a === 'number' && typeof b === 'number' ? isSameSize(a, b) : a === b

const written = (key: string, value: unknown): string => {
  if (value === undefined) return 'not known'
  return typeof value === 'number' && !isCount(key) ? writeBoth(value) : String(value)
}

/** What another size means. A longer pin is cut; a shorter one does not bend over. */
function otherSize(
  key: string,
  { what }: HardwareDetails,
  a: unknown,
  b: unknown,
): [Check['result'], string] {
  if (a === undefined || b === undefined) return ['warn', 'Known of one only: measure both.']
  if (what === 'housing') return HOUSING_SIZES[key] ?? ['fail', 'It does not bolt on where the old one was.']
  if (key === 'lengthMm')
    return Number(b) > Number(a) ? ['warn', 'Cut it to length.'] : ['fail', 'Too short to bend over.']
  const advice = FILLS_GROOVE.has(what) ? undefined : LOOK[key]
  if (advice !== undefined) return ['warn', advice]
  return ['fail', key === 'thread' ? 'It does not screw on.' : 'It does not sit where the old one sat.']
}

/** One size or word of two pieces of hardware. */
export function compareField(key: string, a: HardwareDetails, b: HardwareDetails): Check[] {
  if (NO_SIZES.has(key) || impliedByThread(key, a)) return []
  const [was, now] = [a, b].map((of) => (of as Readonly<Record<string, unknown>>)[key])
  const values = [written(key, was), written(key, now)] as const
  const label = capital(HARDWARE_LABELS[key] ?? key)
  if (isSame(was, now))
    return [{ check: key, result: 'pass', detail: `${label}: ${values[0]}, the same.`, values }]
  const [result, meaning] = otherSize(key, a, was, now)
  return [differs(key, result, values, meaning, `${label}:`)]
}

/** Hardware by its threads and sizes: what screws on, goes in or fills its groove must be the same. */
export const hardware: CheckRule = ({ part: from }, { part: to }) => {
  const [a, b] = [from.hardware, to.hardware]
  if (!a || !b) return null
  if (a.what !== b.what)
    return { check: 'hardware', result: 'fail', detail: `${from.base} is not made as ${to.base} is.` }
  const sizes = Object.keys({ ...a, ...b }).flatMap((key) => compareField(key, a, b))
  // The number of a sleeve tells its length, which goes with the width of the bearing (ISO 2982-1).
  return a.what === 'adapterSleeve' && from.base !== to.base
    ? [
        ...sizes,
        differs(
          'hardware',
          'fail',
          [from.base, to.base],
          'Another series: its length goes with the width of the bearing.',
        ),
      ]
    : sizes
}
