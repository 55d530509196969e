import 'server-only'
import { endPlay, playCurve } from '@/core/adjust'
import {
  checkFit,
  clearanceStages,
  driveUpOf,
  fitProblemText,
  internalClearance,
  recommendSeat,
  seatKindOfFamily,
} from '@/core/fit'
import { MM_PER_INCH } from '@/core/quantity'
import type { z } from 'zod'
import { ServiceError } from './errors'
import type { EndPlayRequest, FitRequest } from '@/contract/fit'
import { type EndPlayResponse, type FitResponse } from '@/contract/fit'

/** Bore of a hollow shaft of which nobody has measured the bore, as a share of its diameter (common practice). */
const HOLLOW_SHARE = 0.5
/** How much hotter the inner ring runs where nobody has said, K (common practice: 5 to 10). */
const USUAL_HOTTER_K = 5

type FitInput = z.output<typeof FitRequest>

const coreQuestion = ({ readings, hollow, ...rest }: FitInput) => ({
  ...rest,
  hollow: hollow === true ? rest.bore * HOLLOW_SHARE : hollow === false ? 0 : hollow,
  readings: readings?.map(({ at, depth, value }) => ({ at, depth, valueMm: value })),
})

const kindOf = ({ kind, family }: FitInput) => kind ?? seatKindOfFamily(family ?? 'deep-groove')

function recommended(input: FitInput): FitResponse['recommended'] {
  const { use, ring, bore, outside, family, materials, clearanceClass, precision } = input
  if (!use) return null
  const housing = materials?.housing
  return recommendSeat({
    ring,
    ...use,
    kind: kindOf(input),
    family: family ?? 'deep-groove',
    clearance: clearanceClass ?? 'CN',
    precision,
    boreMm: bore,
    outsideMm: outside,
    lightAlloy: housing === 'aluminium' || housing === 'magnesium',
  })
}

/** What a bearing loses while it is drawn up its taper, µm; null where no table tells. */
function drawnUpOf({ family, bore }: FitInput): { min: number; max: number } | null {
  const found = family === 'spherical' ? driveUpOf(bore) : null
  return found && { min: Math.round(found.reduction.min * 1000), max: Math.round(found.reduction.max * 1000) }
}

/**
 * Clearance new, mounted and warm, with the other ring in its class too; null without a table, without that class, or where
 * nobody knows what drawing it up takes.
 */
function stages(input: FitInput, interference: { min: number; max: number }): FitResponse['stages'] {
  const clearance = internalClearance(
    input.family ?? 'deep-groove',
    input.clearanceClass ?? 'CN',
    input.bore,
    kindOf(input),
  )
  const isDrawnUp = kindOf(input) === 'onSleeve'
  const drawnUp = isDrawnUp ? drawnUpOf(input) : null
  if (!clearance || (isDrawnUp && !drawnUp)) return null
  const inner = input.ring === 'inner'
  const other = input.otherClass
    ? checkFit({
        ...coreQuestion(input),
        ring: inner ? 'outer' : 'inner',
        class: input.otherClass,
        readings: undefined,
      })
    : null
  if (other && !other.ok) throw new ServiceError('impossible', fitProblemText(other.problem))
  const second = other?.ok ? other.value.interference : undefined
  const fits = inner ? { inner: interference, outer: second } : { inner: second, outer: interference }
  const hotterK = input.innerHotterK ?? USUAL_HOTTER_K
  return {
    ...clearanceStages(clearance, fits, hotterK, (input.bore + input.outside) / 2, drawnUp),
    drawnUp,
  }
}

/** What a seat does to a ring. @throws ServiceError `impossible` for a class of the other side or sizes that cannot be */
export async function fit(input: z.output<typeof FitRequest>): Promise<FitResponse> {
  const answer = checkFit(coreQuestion(input))
  if (!answer.ok) throw new ServiceError('impossible', fitProblemText(answer.problem))
  return {
    ...answer.value,
    recommended: recommended(input),
    stages: stages(input, answer.value.interference),
  }
}

/** Nut and thread to end play. */
export async function endPlayOf({
  threadsPerInch,
  pitchMm,
  offsetDegrees,
  ...rest
}: z.output<typeof EndPlayRequest>): Promise<EndPlayResponse> {
  const pitch = pitchMm ?? MM_PER_INCH / (threadsPerInch ?? 1)
  const answer = endPlay({ ...rest, pitchMm: pitch })
  const { step, ...result } = answer
  return {
    ...result,
    slotStepDegrees: step?.degrees ?? null,
    slotStepMm: step?.mm ?? null,
    curve: playCurve(pitch, step?.degrees ?? null, offsetDegrees),
  }
}
