import {
  elementOf,
  familyFacts,
  needleDesign,
  type FamilyFacts,
  type Part,
  type RollingElement,
} from '../catalogue'
import { isUnit, type Observations } from './evidence'
import type { Verdict } from './weighReading'

export interface WeighedObservation {
  item: string
  log: number
  verdict: Verdict
}

/** How often a look is taken for another (estimates, common practice): rolling elements hardly ever, closures at times. */
const WRONG_ELEMENT = 0.0015
const WRONG_ROWS = 0.003
/** A shape that is seen is there: a part without it is all but out of question. */
const WRONG_SHAPE = 1e-5
/** A flange is seen at once: where nobody says so there is hardly one (estimate). */
const FLANGE_UNSAID = 0.03
/** A seal has no rolling parts and no shields of its own. */
const NO_SEAL = 1e-6
const UNUSUAL = 0.15

/** Inserts with a cylindrical outside and a snap ring (common practice). */
const CYLINDRICAL_INSERTS: ReadonlySet<string> = new Set(['ER2'])

const judge = (item: string, agrees: boolean, wrong: number): WeighedObservation => ({
  item,
  log: agrees ? 0 : Math.log(wrong),
  verdict: agrees ? 'agrees' : 'contradicts',
})

/** Whether any closure is seen: null when nobody looked. */
export const closedOf = ({ closures }: Observations): boolean | null =>
  closures === undefined || closures.length === 0 ? null : closures.some((closure) => closure !== 'open')

/** Of some needle bearings only a piece stands under its number: a ring without rollers, a cage without rings. */
const pieceOf = (part: Part): 'innerRing' | 'cage' | null => {
  const design = needleDesign(part)
  return design === 'innerRing' || design === 'cage' ? design : null
}

/** One kind of roller is taken for another now and then; whether anything rolls at all is plain to see. */
const wrongElement = (element: RollingElement | undefined, observed: Observations): number =>
  element && observed.element !== 'none' ? WRONG_ELEMENT : WRONG_SHAPE

/** Parts with the same key look the same. */
export const shapeKey = (part: Part): string =>
  `${part.family} ${part.piece} ${hasFlange(part)} ${CYLINDRICAL_INSERTS.has(part.series)} ${pieceOf(part)} ${part.housing?.kind}`

/** A unit is seen, and perhaps how it is fastened: what else there is to see of the insert is hidden. */
const weighUnit = ({ housing }: Part, { housingKind }: Observations): WeighedObservation[] =>
  housing && housingKind === undefined
    ? []
    : [judge('housingKind', housing !== undefined && housing.kind === housingKind, WRONG_SHAPE)]

const hasFlange = ({ dimensions }: Part): boolean => dimensions.flangeOutside !== undefined

/** What is only seen on a bearing: shields and seals, rows, and the shapes of its rings. */
const ROLLS: readonly (keyof Observations)[] = [
  'rows',
  'doubleRow',
  'flange',
  'snapGroove',
  'sphericalOutside',
  'taperBore',
  'extendedInner',
  'encoder',
]
const rollsInside = (observed: Observations): boolean =>
  (observed.closures?.length ?? 0) > 0 || ROLLS.some((key) => observed[key] !== undefined)

/** How what is seen stands to a part, one entry per look that says something about it. Own lists give sizes, not looks. */
export function weighObservations(part: Part, observed: Observations): WeighedObservation[] {
  if (part.family === 'own') return []
  if (isUnit(observed)) return weighUnit(part, observed)
  const piece = pieceOf(part)
  const element = elementOf(part)
  const facts: FamilyFacts = familyFacts(part.family)
  const traits = new Set(facts.traits)
  const found: WeighedObservation[] = []
  if (observed.element && part.piece !== 'seal')
    found.push(judge('element', (element ?? 'none') === observed.element, wrongElement(element, observed)))
  if (observed.element && observed.element !== 'none' && part.piece === 'seal')
    found.push(judge('element', false, NO_SEAL))
  if (part.piece === 'seal' && rollsInside(observed)) found.push(judge('closures', false, NO_SEAL))
  const rows = observed.rows ?? (observed.doubleRow === undefined ? undefined : observed.doubleRow ? 2 : 1)
  if (rows !== undefined && facts.rows) found.push(judge('rows', facts.rows === rows, WRONG_ROWS))
  if (closedOf(observed) && piece) found.push(judge('closures', false, WRONG_SHAPE))
  else if (closedOf(observed) && element !== 'ball' && part.piece !== 'seal')
    found.push({ item: 'closures', log: Math.log(UNUSUAL), verdict: 'strained' })
  const insert = traits.has('insert')
  if (observed.sphericalOutside !== undefined) {
    const round = insert && !CYLINDRICAL_INSERTS.has(part.series)
    found.push(judge('sphericalOutside', round === observed.sphericalOutside, WRONG_SHAPE))
  }
  if (observed.extendedInner) found.push(judge('extendedInner', insert, UNUSUAL))
  if (observed.encoder) found.push(judge('encoder', part.family === 'hub-unit', WRONG_SHAPE))
  if (observed.flange === undefined && hasFlange(part))
    found.push({ item: 'flange', log: Math.log(FLANGE_UNSAID), verdict: 'agrees' })
  if (observed.flange !== undefined && element === 'ball' && part.family !== 'hub-unit')
    found.push(judge('flange', hasFlange(part) === observed.flange, WRONG_SHAPE))
  if (observed.flange && element !== 'ball') found.push(judge('flange', false, UNUSUAL))
  if (observed.snapGroove && element !== 'ball' && element !== 'cylindricalRoller')
    found.push(judge('snapGroove', false, UNUSUAL))
  if (observed.taperBore && !traits.has('selfAligning') && element !== 'cylindricalRoller')
    found.push(judge('taperBore', false, UNUSUAL))
  return found
}
