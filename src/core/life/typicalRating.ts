import ratings from '../../../data/ratings/ratings.json'

export interface TypicalRating {
  /** kN */
  cKn: number
  c0Kn: number
}

/**
 * Ratings as handbooks give them: typical values that differ a tenth between makers.
 * @returns kN, or null for a bearing without a row
 */
export function typicalRating(base: string): TypicalRating | null {
  const row = (ratings.rows as Record<string, number[]>)[base]
  return row?.[0] !== undefined && row[1] !== undefined ? { cKn: row[0], c0Kn: row[1] } : null
}
