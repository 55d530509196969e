import 'server-only'
import { compareParts } from '@/core/compare'
import { sizesIn } from '@/core/designation'
import { CAUSES, DAMAGE, judgeParts } from '@/core/inspect'
import { variantOf } from '@/core/interchange'
import { ready } from './language'
import { notListed } from './notListed'
import { ServiceError } from './errors'
import {
  CompareRequest,
  InspectRequest,
  type CompareResponse,
  type InspectResponse,
} from './schemas/judgement'
import { parse } from './schemas/parse'

/** Old against new, point by point. @throws ServiceError `unreadable`; `notFound` for a number nobody knows; `impossible` with nothing to compare */
export async function comparePair(input: unknown): Promise<CompareResponse> {
  const { from, to, application } = parse(CompareRequest, input)
  const { language } = await ready()
  const side = ({ designation, measured, features }: typeof from) => {
    const variant = designation === '' ? null : variantOf(designation, language)
    if (variant || designation === '') return { variant, measured, features }
    // A text that gives sizes is compared by them; one without a figure names nothing that could be compared.
    const sizes = sizesIn(designation)
    if (sizes) {
      const [bore, outside, width] = sizes.mm
      return { variant, measured: { bore, outside, width, ...measured }, features }
    }
    if (/\d/.test(designation)) throw notListed(designation, language)
    return { variant, measured, features }
  }
  const [old, next] = [side(from), side(to)]
  const compared = compareParts(old, next, application)
  if (compared.rows.length === 0)
    throw new ServiceError('impossible', 'Nothing to compare yet. Type a number or a size on both sides.')
  return compared
}

/** Findings to verdicts and causes. @throws ServiceError `unreadable` */
export async function inspect(input: unknown): Promise<InspectResponse> {
  const { seen, ...evidence } = parse(InspectRequest, input)
  const unknown = seen.find(
    ({ damage, part }) => !DAMAGE.some((m) => m.id === damage && m.parts.includes(part)),
  )
  if (unknown)
    throw new ServiceError(
      'unreadable',
      `There is no finding “${unknown.damage}” of the ${unknown.part}. /api/inspect lists them.`,
    )
  return judgeParts(seen, evidence)
}

/** Every kind of damage and every cause that is told apart. */
export const damageGuide = () => ({ damage: DAMAGE, causes: CAUSES })
