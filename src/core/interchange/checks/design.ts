import {
  axialHold,
  insertLock,
  needleDesign,
  rollersStayWith,
  ROUND_INSERTS,
  type AxialHold,
  type Family,
  type NeedleDesign,
  type Part,
} from '../../catalogue'
import { insertOfUnit } from '../../designation'
import type { Check, CheckRule } from '../check'
import { isSameSize } from '../sameSize'

type Said = Pick<Check, 'result' | 'detail'>

/** Letters in front of a number that tell the design: `NU` of NU205. */
const lettersOf = ({ base }: Part): string => /^[A-Z]+/.exec(base)?.[0] ?? ''

/** How a bearing holds its shaft along the axis. */
const HOLDS: Readonly<Record<AxialHold, string>> = {
  slides: 'lets the shaft move both ways',
  oneWay: 'holds the shaft one way',
  bothWays: 'holds the shaft both ways',
}

const holdsOtherwise = (from: Part, to: Part): string =>
  `${lettersOf(from)} ${HOLDS[axialHold(from)]}, ${lettersOf(to)} ${HOLDS[axialHold(to)]}`

/** Flanges of cylindrical roller bearings (ISO 5593, common practice). */
function rollers(from: Part, to: Part): Said {
  const [a, b] = [lettersOf(from), lettersOf(to)]
  const [was, now] = [rollersStayWith(from), rollersStayWith(to)]
  const onOtherRing = was !== null && now !== null && was !== now
  if (axialHold(from) !== axialHold(to)) return { result: 'fail', detail: `${holdsOtherwise(from, to)}.` }
  if (axialHold(from) === 'slides' && onOtherRing)
    return {
      result: 'warn',
      detail: `${a} and ${b} both let the shaft move, but the flanges are on the other ring: check which ring comes off with the shaft.`,
    }
  return {
    result: 'fail',
    detail: onOtherRing
      ? `${holdsOtherwise(from, to)}, with its flanges on the other ring.`
      : `${a} and ${b} are made differently: flanges and rings hold the shaft another way.`,
  }
}

/** What a needle part is, where it is no whole bearing. */
const NOT_WHOLE: Partial<Record<NeedleDesign, string>> = {
  cage: 'a cage with its needles and no rings',
  innerRing: 'an inner ring alone',
}

/** A closed end and an open one, rings and none; else cage, flanges or an oil hole. */
function needles(from: Part, to: Part): Said {
  const [a, b] = [lettersOf(from), lettersOf(to)]
  const [was, now] = [needleDesign(from), needleDesign(to)]
  if (was !== now && (was === 'closedCup' || now === 'closedCup'))
    return {
      result: 'fail',
      detail:
        now === 'closedCup'
          ? `${b} is closed at one end: the shaft cannot pass through it.`
          : `${b} is open at both ends: it does not close off the bore.`,
    }
  const [lacking, lacked] = [now && NOT_WHOLE[now], was && NOT_WHOLE[was]]
  if (was !== now && (lacking ?? lacked))
    return { result: 'fail', detail: lacking ? `${b} is ${lacking}.` : `${a} is ${lacked}.` }
  if (axialHold(from) !== axialHold(to)) return { result: 'fail', detail: `${holdsOtherwise(from, to)}.` }
  return {
    result: 'warn',
    detail: `${a} and ${b} are made differently: check flanges, cage and oil hole.`,
  }
}

/** Letters of an insert; of a unit, those of the insert in it: its housing is compared apart. */
const insertLetters = (part: Part): string => {
  const inside = part.housing ? insertOfUnit(part) : null
  return lettersOf(inside === null ? part : { ...part, base: inside })
}

function inserts(from: Part, to: Part): Said {
  const [a, b] = [insertLetters(from), insertLetters(to)]
  const [was, now] = [a, b].map((letters) =>
    ROUND_INSERTS.includes(letters) ? insertLock(letters) : undefined,
  )
  if (was === undefined || now === undefined)
    return {
      result: 'fail',
      detail: `${a} and ${b} are made differently: locking, outside or bore is another.`,
    }
  return {
    result: 'warn',
    detail:
      was === now
        ? `${a} and ${b} are both locked by ${was}; the inner ring is made differently: check the room on the shaft.`
        : `${a} is locked by ${was}, ${b} by ${now}: check the shaft and the room.`,
  }
}

/** An eccentric collar round the stud, by which the roller is set to its track (common practice). */
const isEccentric = (part: Part): boolean => /^(?:KRV?|NUKR|PWKR)E$/.test(lettersOf(part))

function trackRollers(from: Part, to: Part): Said {
  const [a, b] = [lettersOf(from), lettersOf(to)]
  if (isEccentric(from) !== isEccentric(to))
    return {
      result: 'fail',
      detail: isEccentric(to)
        ? `${b} has an eccentric collar round its stud: it does not go into the bore for ${a}.`
        : `${a} has an eccentric collar that sets the roller to its track; ${b} has none and is loose in its bore.`,
    }
  return {
    result: 'warn',
    detail: `${a} and ${b} are made differently, needles or two rows of rollers, with a cage or without: check load and speed.`,
  }
}

/** Four-point contact bearings hold the shaft both ways and want load along it; others of one row hold it one way (common practice). */
const fourPoint = (from: Part, to: Part): Said => {
  const [was, now] = [from, to].map((part) => lettersOf(part) === 'QJ')
  return {
    result: was === now ? 'warn' : 'fail',
    detail: now
      ? `${to.base} touches its balls in four points: it holds the shaft both ways alone and is not made for radial load by itself.`
      : `${from.base} holds the shaft both ways, ${to.base} one way only: it takes a second one against it.`,
  }
}

/** Linear ball bearings of one size: a machined sleeve with grooves for snap rings, or a thin one of sheet (common practice). */
const sleeves = (from: Part, to: Part): Said => {
  const [a, b] = [lettersOf(from), lettersOf(to)]
  return {
    result: 'warn',
    detail: `${a} and ${b} have other sleeves: KH is of thin sheet, pressed in and held by its seat; LM and LME have grooves for snap rings.`,
  }
}

const SIZES = ['bore', 'outside', 'coneWidth', 'cupWidth', 'totalWidth'] as const

/** Inch tapered rings of one size under two numbers differ in what the size does not tell (common practice). */
const taperedInch = (from: Part, to: Part): Said | null => {
  const isOther = SIZES.some((name) => {
    const [was, now] = [from.dimensions[name], to.dimensions[name]]
    return was !== undefined && now !== undefined && !isSameSize(was, now)
  })
  if (isOther) return null
  return {
    result: 'warn',
    detail: `${from.base} and ${to.base} have the same sizes under two numbers: the corner radius, the cage or the finish differs. Hold the radius against the fillet of the seat.`,
  }
}

const DESIGNS: Partial<
  Record<Family, { of: (part: Part) => string; differ: (from: Part, to: Part) => Said | null }>
> = {
  cylindrical: { of: lettersOf, differ: rollers },
  needle: { of: lettersOf, differ: needles },
  'angular-contact': { of: lettersOf, differ: fourPoint },
  insert: { of: insertLetters, differ: inserts },
  'cam-follower': { of: lettersOf, differ: trackRollers },
  'linear-ball': { of: lettersOf, differ: sleeves },
  'tapered-inch': { of: ({ base }) => base, differ: taperedInch },
}

/** The same size in another design of its family: what the letters before the number tell. */
export const design: CheckRule = ({ part: from }, { part: to }) => {
  const rule = from.family === to.family ? DESIGNS[from.family] : undefined
  if (!rule || rule.of(from) === rule.of(to)) return null
  const said = rule.differ(from, to)
  return said && { check: 'design', ...said }
}
