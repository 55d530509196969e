import 'server-only'
import { endPlay } from '@/core/adjust'
import { checkFit, fitProblemWords } from '@/core/fit'
import { MM_PER_INCH } from '@/core/quantity'
import { ServiceError } from './errors'
import { EndPlayRequest, FitRequest, type EndPlayResponse, type FitResponse } from './schemas/fit'
import { parse } from './schemas/parse'

/** Bore of a hollow shaft of which nobody has measured the bore, as a share of its diameter (common practice). */
const HOLLOW_SHARE = 0.5

/** What a seat does to a ring. @throws ServiceError `unreadable`; `impossible` for a class of the other side or sizes that cannot be */
export async function fit(input: unknown): Promise<FitResponse> {
  const { readings, hollow, family, ...rest } = parse(FitRequest, input)
  const answer = checkFit({
    ...rest,
    family,
    plusTolerances: family === 'tapered-inch',
    hollow: hollow === true ? rest.bore * HOLLOW_SHARE : hollow === false ? 0 : hollow,
    readings: readings?.map(({ at, depth, value }) => ({ at, depth, valueMm: value })),
  })
  if (answer.ok) return answer.value
  throw new ServiceError('impossible', fitProblemWords(answer.problem))
}

/** Nut and thread to end play. @throws ServiceError `unreadable` */
export async function endPlayOf(input: unknown): Promise<EndPlayResponse> {
  const { threadsPerInch, pitchMm, ...rest } = parse(EndPlayRequest, input)
  return endPlay({ ...rest, pitchMm: pitchMm ?? MM_PER_INCH / (threadsPerInch ?? 1) })
}
