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

export interface SeatAsked extends SeatUse {
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

function shareWith(asked: SeatAsked, name: string, group: ClearanceGroup): number | null {
  const inner = asked.ring === 'inner'
  const nominal = inner ? asked.boreMm : asked.outsideMm
  const seat = toleranceClass(name, nominal)
  return (
    seat &&
    withoutClearance({
      seat,
      ring: ringLimits(inner ? 'bore' : 'outside', nominal, asked.kind, asked.precision),
      clearance: internalClearance(asked.family, group, asked.boreMm, asked.kind),
      taken: CLEARANCE_REDUCTION[asked.ring],
      sign: inner ? 1 : -1,
    })
  )
}

/** Class and group in the order they are tried: grip first in light alloy, which loses it when warm; else what is on the shelf. */
function candidates({ clearance, lightAlloy }: SeatAsked, usual: string): [string, ClearanceGroup][] {
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
export function recommendSeat(asked: SeatAsked): UsualSeat {
  const usual = recommendClass(asked)
  const own = { ...usual, clearance: null, without: null }
  if (isHandFitted(asked.kind, asked.ring) || isRaceway(asked.kind, asked.ring)) return own
  const now = shareWith(asked, usual.class, asked.clearance)
  if (now === null) return own
  const tried = candidates(asked, usual.class).flatMap(([name, group]) => {
    const share = shareWith(asked, name, group)
    return share === null ? [] : [{ name, group, share }]
  })
  const found = tried.find(({ share }) => share < MAX_WITHOUT)
  const best =
    found ??
    tried.reduce((a, b) => (b.share < a.share ? b : a), {
      name: usual.class,
      group: asked.clearance,
      share: now,
    })
  const changed = best.name !== usual.class || best.group !== asked.clearance
  const why = [
    usual.why,
    changed
      ? `${usual.class} with ${asked.clearance} would leave ${percent(now)} without clearance${best.name === usual.class ? '' : `; ${best.name} is one step lighter`}.`
      : '',
    found
      ? ''
      : `Even so ${percent(best.share)} would have none: measure seat and ring and pair them, or ask the maker.`,
  ]
    .filter(Boolean)
    .join(' ')
  return { class: best.name, why, clearance: best.group, without: best.share }
}
