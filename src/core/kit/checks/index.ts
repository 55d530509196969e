import type { FillContext } from '../fill'
import type { KitCheck } from '../kit'
import { asDecided } from './asDecided'
import { ballPairs, ballsGoRound, findingsAnswered, floats, onSleeve, spacerThere } from './bearings'
import type { KitRule } from './check'
import { checkText } from './checkTexts'
import {
  capFill,
  capFits,
  fittingFill,
  nutPasses,
  pinFollowsNut,
  slotStep,
  washerFollowsNut,
} from './fasteners'
import {
  lockNutHolds,
  lockWasherFollowsNut,
  nutRunsOnThread,
  sleeveHolds,
  snapRingSits,
  writtenNutRuns,
} from './shaftHardware'
import { housingHolds, sealFits, sealRoom, seatsFit } from './seats'
import { clampedPlay, mating, twoSets } from './tapered'

const CONSTRAINTS: readonly KitRule[] = [
  asDecided,
  mating,
  twoSets,
  seatsFit,
  housingHolds,
  sealFits,
  sealRoom,
  nutPasses,
  nutRunsOnThread,
  writtenNutRuns,
  washerFollowsNut,
  pinFollowsNut,
  slotStep,
  lockNutHolds,
  lockWasherFollowsNut,
  sleeveHolds,
  snapRingSits,
  capFits,
  capFill,
  fittingFill,
  ballPairs,
  ballsGoRound,
  floats,
  onSleeve,
  spacerThere,
  clampedPlay,
  findingsAnswered,
]

/** Everything that was checked between the parts of the kit, with its texts. */
export const checkKit = (fillContext: FillContext): KitCheck[] =>
  CONSTRAINTS.flatMap((constraint) => constraint(fillContext)).map((finding) => ({
    ...finding,
    ...checkText(finding),
  }))
