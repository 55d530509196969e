import { roundMicrometre, type Catalogue } from '../catalogue'
import { writeMm } from '../quantity'
import { findSeals, HOUSING_OFF, type SealAnswer } from './findSeals'

export interface WearSleeve {
  kind: 'thin' | 'made'
  /** outside of the sleeve, mm: what the lip then runs on */
  runsOnMm: number
  text: string
  /** seals that then fit the counterbore */
  seals: SealAnswer[]
}

/** Wall of a thin repair sleeve, mm: the seal of the old journal still fits (common practice). */
const THIN_WALL_MM = 0.28
/** Walls a sleeve can be turned with, mm: thinner springs, thicker leaves the seal no room (common practice). */
const MADE_WALL_MM = { min: 1.5, max: 5 }
const MAX_MADE = 4

/**
 * Sleeves over a journal that the lip has grooved, each with the seals that then fit: a thin one for the same seal, or
 * one turned so that the next listed seal of the same counterbore fits.
 *
 * @param shaft journal as it was new, mm
 * @param housing counterbore, mm
 * @param width room for the seal, mm
 */
export function wearSleeves(
  catalogue: Catalogue,
  { shaft, housing, width }: { shaft: number; housing: number; width?: number | undefined },
): WearSleeve[] {
  const same = findSeals(catalogue, { shaft, housing, width }).fits
  const thin: WearSleeve[] =
    same.length > 0
      ? [
          {
            kind: 'thin',
            runsOnMm: shaft + 2 * THIN_WALL_MM,
            text: `Thin sleeve for ${writeMm(shaft)} mm, wall about ${THIN_WALL_MM} mm: the seal of the old journal still fits. Fill a deep groove first; the lip must run beside it or on the sleeve.`,
            seals: same,
          },
        ]
      : []
  const sizes = new Set(
    catalogue.parts.flatMap(({ piece, dimensions: { bore, outside } }) => {
      if (piece !== 'seal' || bore === undefined || outside === undefined) return []
      const wall = roundMicrometre((bore - shaft) / 2)
      const fitsBore = roundMicrometre(Math.abs(outside - housing)) <= HOUSING_OFF
      return fitsBore && wall >= MADE_WALL_MM.min && wall <= MADE_WALL_MM.max ? [bore] : []
    }),
  )
  const made = [...sizes]
    .sort((a, b) => a - b)
    .slice(0, MAX_MADE)
    .flatMap((runsOnMm): WearSleeve[] => {
      const seals = findSeals(catalogue, { shaft: runsOnMm, housing, width }).fits
      return seals.length === 0
        ? []
        : [
            {
              kind: 'made',
              runsOnMm,
              text: `Sleeve turned ${writeMm(shaft)} inside, press fit, ${writeMm(runsOnMm)} mm outside, ground without a lead: then the seal for ${writeMm(runsOnMm)} mm.`,
              seals,
            },
          ]
    })
  return [...thin, ...made]
}
