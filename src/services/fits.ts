import 'server-only'
import { endPlay, playCurve } from '@/core/adjust'
import {
  checkFit,
  clearanceStages,
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

type Asked = z.output<typeof FitRequest>

const coreQuestion = ({ readings, hollow, ...rest }: Asked) => ({
  ...rest,
  hollow: hollow === true ? rest.bore * HOLLOW_SHARE : hollow === false ? 0 : hollow,
  readings: readings?.map(({ at, depth, value }) => ({ at, depth, valueMm: value })),
})

const kindOf = ({ kind, family }: Asked) => kind ?? seatKindOfFamily(family ?? 'deep-groove')

function recommended(asked: Asked): FitResponse['recommended'] {
  const { use, ring, bore, outside, family, materials, clearanceClass, precision } = asked
  if (!use) return null
  const housing = materials?.housing
  return recommendSeat({
    ring,
    ...use,
    kind: kindOf(asked),
    family: family ?? 'deep-groove',
    clearance: clearanceClass ?? 'CN',
    precision,
    boreMm: bore,
    outsideMm: outside,
    lightAlloy: housing === 'aluminium' || housing === 'magnesium',
  })
}

/** Clearance new, mounted and warm, with the other ring in its class too; null without a table or without that class. */
function stages(asked: Asked, interference: { min: number; max: number }): FitResponse['stages'] {
  const clearance = internalClearance(
    asked.family ?? 'deep-groove',
    asked.clearanceClass ?? 'CN',
    asked.bore,
    kindOf(asked),
  )
  if (!clearance) return null
  const inner = asked.ring === 'inner'
  const other = asked.otherClass
    ? checkFit({
        ...coreQuestion(asked),
        ring: inner ? 'outer' : 'inner',
        class: asked.otherClass,
        readings: undefined,
      })
    : null
  if (other && !other.ok) throw new ServiceError('impossible', fitProblemText(other.problem))
  const second = other?.ok ? other.value.interference : undefined
  const fits = inner ? { inner: interference, outer: second } : { inner: second, outer: interference }
  return clearanceStages(
    clearance,
    fits,
    asked.innerHotterK ?? USUAL_HOTTER_K,
    (asked.bore + asked.outside) / 2,
  )
}

/** What a seat does to a ring. @throws ServiceError `impossible` for a class of the other side or sizes that cannot be */
export async function fit(asked: z.output<typeof FitRequest>): Promise<FitResponse> {
  const answer = checkFit(coreQuestion(asked))
  if (!answer.ok) throw new ServiceError('impossible', fitProblemText(answer.problem))
  return {
    ...answer.value,
    recommended: recommended(asked),
    stages: stages(asked, answer.value.interference),
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
  const { step, ...told } = answer
  return {
    ...told,
    slotStepDegrees: step?.degrees ?? null,
    slotStepMm: step?.mm ?? null,
    curve: playCurve(pitch, step?.degrees ?? null, offsetDegrees),
  }
}
