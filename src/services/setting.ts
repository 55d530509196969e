import 'server-only'
import { familyFacts } from '@/core/catalogue'
import { isSealed } from '@/core/designation'
import {
  freeVolumeMl,
  greaseFill,
  GREASE_DENSITY,
  lipFilmMl,
  GREASED_BY_RULE,
  greasingOf,
  mixing,
  MIXING_LABELS,
  relubricationGrams,
  relubricationHours,
  PRACTICE_LABELS,
  speedFactor,
  wheelRpm,
  type FillPractice,
} from '@/core/grease'
import { speedLimit, type Variant } from '@/core/interchange'
import { ballRating, judgeLife, lifeProblemText, ruleOfKind, typicalRating } from '@/core/life'
import { centreAxle, clampedStack, compareDepths, judgeSpacerPair, stackUp } from '@/core/spacing'
import type { z } from 'zod'
import { anyPart } from './anyPart'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'
import { notListed } from './notListed'
import { settings } from './settings'
import type { GreaseRequest, LifeRequest, SpacingRequest } from '@/contract/setting'
import { type GreaseResponse, type LifeResponse, type SpacingResponse } from '@/contract/setting'

async function known(designation: string): Promise<Variant> {
  const shop = await getCatalogue()
  const found = anyPart(designation, shop)
  if (found) return found
  throw notListed(designation, shop.context)
}

/** Spacers, stacks, axles and depths. */
export async function spacing(input: z.output<typeof SpacingRequest>): Promise<SpacingResponse> {
  const { pair, stack, axle, clamp, depths = [] } = input
  return {
    pair: pair
      ? judgeSpacerPair({
          shouldersMm: pair.shoulders,
          spacerMm: pair.spacer,
          shouldersOffMm: pair.shouldersOff,
          spacerOffMm: pair.spacerOff,
          playMm: pair.play,
        })
      : null,
    stack:
      stack && stack.length > 0
        ? stackUp(
            stack.map(({ label, sign, length, plus, minus }) => ({
              label,
              sign,
              mm: length,
              plusMm: plus,
              minusMm: minus,
            })),
          )
        : null,
    axle: axle ? centreAxle(axle.left, axle.right, axle.measure, axle.pitchMm) : null,
    clamp: clamp
      ? clampedStack({
          tubeBoreMm: clamp.tubeBore,
          tubeOutsideMm: clamp.tubeOutside,
          lengthMm: clamp.length,
          threadMm: clamp.threadMm,
          playMm: clamp.playMm,
        })
      : null,
    depths: compareDepths(
      depths.map(({ what, before, after }) => ({ what, beforeMm: before, afterMm: after })),
    ).map(({ afterMm, ...rest }) => ({ ...rest, ...(afterMm !== undefined && { afterMm }) })),
  }
}

const amount = (ml: number) => ({
  ml: Math.round(ml * 10) / 10,
  grams: Math.round(ml * GREASE_DENSITY * 10) / 10,
})

/** Strokes of a gun for so many grams; null = the gun was never weighed. */
export const strokesOf = (grams: number, gunGrams: number | null): number | null =>
  gunGrams === null ? null : Math.max(1, Math.round(grams / gunGrams))

/** Above this a full hub heats whatever the habit of the shop, mm/min (common practice). */
const NEVER_FULL_ABOVE = 300_000

/** How the shop fills, where it does not follow the speed. */
async function shopPractice(factor: number | null): Promise<FillPractice | undefined> {
  if (factor !== null && factor > NEVER_FULL_ABOVE) return undefined
  switch ((await settings()).practices.grease) {
    case 'full':
      return 'hubFull'
    case 'part':
      return 'bearingsFullCavityThird'
    case 'bySpeed':
      return undefined
  }
}

type GreaseInput = z.output<typeof GreaseRequest>

function relubrication(
  input: GreaseInput,
  open: Variant[],
  rpm: number | null,
): GreaseResponse['relubrication'] {
  const amounts = open.flatMap(({ part }) => relubricationGrams(part) ?? [])
  if (amounts.length === 0) return null
  const grams = amounts.reduce((sum, each) => sum + each, 0)
  // A roller on a stud has no bore to work its interval out from.
  const bores = open.flatMap(({ part: { family, dimensions } }) =>
    dimensions.bore ? [{ boreMm: dimensions.bore, element: familyFacts(family).element ?? 'ball' }] : [],
  )
  const hours =
    rpm === null || bores.length === 0
      ? null
      : Math.min(...bores.map((of) => relubricationHours({ ...input, ...of, rpm })))
  return {
    grams: Math.round(grams * 10) / 10,
    hours: hours === null ? null : Math.round(hours),
    message:
      bores.length === 0
        ? 'At the latest each season, as its maker says.'
        : hours === null
          ? 'Give the speed for an interval.'
          : `About every ${Math.round(hours)} hours, at the latest each season; by K · (14·10⁶ / (n·√d) − 4·d), a guide.`,
  }
}

/** Grease of one position: amounts, practice, interval, and whether two greases mix. @throws ServiceError `notFound`, `impossible` */
export async function greasePlan(input: z.output<typeof GreaseRequest>): Promise<GreaseResponse> {
  const { cavity, wheel, lips, thickeners, practice } = input
  if (cavity && cavity.inner >= cavity.outer)
    throw new ServiceError('impossible', 'The cavity is smaller outside than inside. Check its sizes.')
  const variants = await Promise.all(input.bearings.map(known))
  const rpm = input.rpm ?? (wheel ? wheelRpm(wheel.kmh, wheel.tyre) : null)
  const factors = variants.flatMap(({ part: { dimensions: d } }) =>
    rpm !== null && d.bore && d.outside ? [speedFactor(rpm, d.bore, d.outside)] : [],
  )
  const factor = factors.length > 0 ? Math.max(...factors) : null
  const open = variants.filter((v) => greasingOf(v) === 'byHand')
  const room = cavity && { lengthMm: cavity.length, innerMm: cavity.inner, outerMm: cavity.outer }
  const wanted = practice ?? (await shopPractice(factor))
  const fill = greaseFill(
    open.map(({ part }) => part),
    room ?? null,
    factor,
    wanted,
  )
  const share = (part: number, whole: number) => (whole > 0 ? part / whole : 0)
  const free = open.reduce((sum, { part }) => sum + (freeVolumeMl(part) ?? 0), 0)
  const bearingShare = share(fill.bearingMl, free)
  const film = lips.reduce((sum, mm) => sum + lipFilmMl(mm), 0)
  const whole = room ? greaseFill([], room, null, 'hubFull').cavityMl : 0
  const { gunGrams } = await settings()
  const total = amount(fill.bearingMl + fill.cavityMl + film)
  const mixed = thickeners && mixing(thickeners.old, thickeners.new)
  return {
    rpm: rpm === null ? null : Math.round(rpm),
    factor: factor === null ? null : Math.round(factor),
    practice: fill.practice,
    practiceText: PRACTICE_LABELS[fill.practice].name,
    when: PRACTICE_LABELS[fill.practice].when,
    bearings: variants.map((v) => {
      const freeMl = freeVolumeMl(v.part) ?? 0
      const greasing = greasingOf(v)
      return {
        designation: v.designation,
        sealed: isSealed(v),
        greasing,
        freeMl: Math.round(freeMl * 10) / 10,
        ...amount(greasing === 'byHand' ? freeMl * bearingShare : 0),
      }
    }),
    cavity: room ? amount(fill.cavityMl) : null,
    lips: lips.length > 0 ? amount(film) : null,
    total,
    strokes: strokesOf(total.grams, gunGrams),
    fill: { bearing: bearingShare, cavity: share(fill.cavityMl, whole) },
    relubrication: relubrication(
      input,
      variants.filter((v) => GREASED_BY_RULE.has(greasingOf(v))),
      rpm,
    ),
    mixing: mixed ? { result: mixed, message: MIXING_LABELS[mixed] } : null,
  }
}

/** Rating life as a check of sense. @throws ServiceError `unreadable`, `notFound`; `impossible` without any rating, or for loads this kind does not bear */
export async function life(input: z.output<typeof LifeRequest>): Promise<LifeResponse> {
  const variant = await known(input.designation)
  const contactAngle = input.contactAngle ?? variant.contactAngle
  const kind = ruleOfKind(variant.part, { ...input, contactAngle })
  if (!kind.ok && kind.problem.code === 'noLife')
    throw new ServiceError('impossible', lifeProblemText(kind.problem))
  const rating = ratingFor(input, variant, contactAngle)
  const answer = judgeLife({ ...input, ...rating, part: variant.part, contactAngle })
  if (!answer.ok) throw new ServiceError('impossible', lifeProblemText(answer.problem))
  const limit = speedLimit(variant)
  const remarks =
    limit !== null && input.rpm > limit
      ? [
          `Too fast: with grease it bears about ${Math.round(limit / 100) * 100} a minute.`,
          ...answer.value.remarks,
        ]
      : answer.value.remarks
  return {
    rating,
    speedLimit: limit === null ? null : Math.round(limit),
    ...answer.value,
    remarks,
  }
}

function ratingFor(
  { cKn, c0Kn, balls }: z.output<typeof LifeRequest>,
  { part }: Variant,
  contactAngle: number | null,
): LifeResponse['rating'] {
  if (cKn !== undefined && c0Kn !== undefined) return { cKn, c0Kn, from: 'as given' }
  if (balls) {
    const { element, rows, traits } = familyFacts(part.family)
    if (element !== 'ball' || rows !== 1 || traits?.includes('thrust'))
      throw new ServiceError(
        'impossible',
        "Ratings are worked out here from the balls of one radial row only. Give C and C0 from the maker's sheet.",
      )
    if (part.family === 'angular-contact' && contactAngle === null)
      throw new ServiceError('impossible', 'Choose the contact angle first: the ratings follow from it.')
    const worked = ballRating(balls.count, balls.mm, balls.circle, contactAngle ?? 0)
    if (worked) return { ...worked, from: 'worked out from the balls, ISO 281 and ISO 76' }
    throw new ServiceError('impossible', 'Balls of that size do not go with that circle. Check both.')
  }
  const typical = typicalRating(part.base)
  if (typical) return { ...typical, from: 'typical handbook value; makers differ by a tenth' }
  throw new ServiceError(
    'impossible',
    `No rating of ${part.base} is here. Give C and C0 from the maker's sheet, or count and measure the balls.`,
  )
}
