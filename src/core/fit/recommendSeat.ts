import {
  CLEARANCE_GROUPS,
  internalClearance,
  CLEARANCE_REDUCTION,
  type ClearanceGroup,
} from './internalClearance'
import { lighterClass, recommendClass, type SeatUse, type UsualClass } from './recommendClass'
import { ringLimits, type RingClass } from './ringTolerances'
import { isHandFitted, isRaceway } from './seatKind'
import { toleranceClass } from './toleranceClass'
import { withoutClearance } from './withoutClearance'

export interface SeatRequest extends SeatUse {
  family: string
  outsideMm: number
  /** group of the bearing in hand */
  clearance: ClearanceGroup
  precision?: RingClass | undefined
}

export interface UsualSeat extends UsualClass {
  /** group that goes with the class; null where no table of this kind is here */
  clearance: ClearanceGroup | null
  /** share of assemblies without clearance with class and group, 0 to 1 */
  without: number | null
}

/** No more assemblies than this may come out without clearance. */
export const MAX_WITHOUT = 0.02
/** Groups that are on the shelf. */
const BUYABLE: readonly ClearanceGroup[] = ['CN', 'C3']

const percent = (share: number): string =>
  `${share < 0.1 ? (share * 100).toFixed(1) : Math.round(share * 100)} %`

function shareWith(request: SeatRequest, name: string, group: ClearanceGroup): number | null {
  const inner = request.ring === 'inner'
  const nominal = inner ? request.boreMm : request.outsideMm
  const seat = toleranceClass(name, nominal)
  return (
    seat &&
    withoutClearance({
      seat,
      ring: ringLimits(inner ? 'bore' : 'outside', nominal, request.kind, request.precision),
      clearance: internalClearance(request.family, group, request.boreMm, request.kind),
      taken: CLEARANCE_REDUCTION[request.ring],
      sign: inner ? 1 : -1,
    })
  )
}

/** Class and group in the order they are tried: grip first in light alloy, which loses it when warm; else what is on the shelf. */
function candidates({ clearance, lightAlloy }: SeatRequest, usual: string): [string, ClearanceGroup][] {
  const lighter = lighterClass(usual)
  const from = CLEARANCE_GROUPS.slice(CLEARANCE_GROUPS.indexOf(clearance), CLEARANCE_GROUPS.indexOf('C5'))
  const groups = from.length > 0 ? from : [clearance]
  const shelf = groups.filter((group) => group === clearance || BUYABLE.includes(group))
  const rest = groups.filter((group) => !shelf.includes(group))
  const pairs = (name: string | null, of: readonly ClearanceGroup[]) =>
    name === null ? [] : of.map((group): [string, ClearanceGroup] => [name, group])
  return lightAlloy
    ? [...pairs(usual, groups), ...pairs(lighter, groups)]
    : [...pairs(usual, shelf), ...pairs(lighter, shelf), ...pairs(usual, rest), ...pairs(lighter, rest)]
}

/**
 * The usual class of a seat and the clearance group that goes with it: together they leave less than two in a hundred without
 * clearance, or it is said that none does.
 * @example recommendSeat({ ring: 'outer', kind: 'ball', … }) // M7 with C3
 */
export function recommendSeat(request: SeatRequest): UsualSeat {
  const usual = recommendClass(request)
  const own = { ...usual, clearance: null, without: null }
  if (isHandFitted(request.kind, request.ring) || isRaceway(request.kind, request.ring)) return own
  const now = shareWith(request, usual.class, request.clearance)
  if (now === null) return own
  const tried = candidates(request, usual.class).flatMap(([name, group]) => {
    const share = shareWith(request, name, group)
    return share === null ? [] : [{ name, group, share }]
  })
  const found = tried.find(({ share }) => share < MAX_WITHOUT)
  const best =
    found ??
    tried.reduce((a, b) => (b.share < a.share ? b : a), {
      name: usual.class,
      group: request.clearance,
      share: now,
    })
  const changed = best.name !== usual.class || best.group !== request.clearance
  const why = [
    usual.why,
    changed
      ? `${usual.class} with ${request.clearance} would leave ${percent(now)} without clearance${best.name === usual.class ? '' : `; ${best.name} is one step lighter`}.`
      : '',
    found
      ? ''
      : `Even so ${percent(best.share)} would have none: measure seat and ring and pair them, or ask the maker.`,
  ]
    .filter(Boolean)
    .join(' ')
  return { class: best.name, why, clearance: best.group, without: best.share }
}
