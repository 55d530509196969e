import { addDays } from '../dates'

export interface Recheck {
  /** ISO date, YYYY-MM-DD */
  date: string
  text: string
}

/** Days to each look again: the first day's work (or 50 to 200 km), then by season, sooner where it is washed (common practice). */
const SEASON_DAYS = { dry: 180, wet: 90 }

/**
 * Appointments to look again after fitting.
 * @param fittedOn ISO date
 * @param adjustable a tapered pair that settles and is set again
 */
export function recheckDates(fittedOn: string, adjustable: boolean, wet: boolean): Recheck[] {
  const season = wet ? SEASON_DAYS.wet : SEASON_DAYS.dry
  return [
    {
      date: addDays(fittedOn, 1),
      text: adjustable
        ? "After the first day's work or 50 to 200 km: play at the rim, heat, new grease marks, lock in place."
        : "After the first day's work: heat, noise, fasteners, grease marks.",
    },
    { date: addDays(fittedOn, season), text: `After the season: spin and listen, rock, look at the seals.` },
  ]
}
