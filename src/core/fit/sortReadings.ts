import { MM_PER_INCH, writeMm } from '../quantity'
import type { SeatReading } from './judgeSeat'

/** A reading this far off is no wear but a slip of hand or pen: mm, or as a share of the size, whichever is more. */
const WILD = { mm: 2, share: 0.04 }

/**
 * Puts readings of one seat into one unit and sets aside what cannot be this seat.
 * @param nominalMm size of the seat, mm
 * @returns readings to judge, and words for those turned from inches or set aside
 */
export function sortReadings(
  readings: readonly SeatReading[],
  nominalMm: number,
): { used: SeatReading[]; remarks: string[] } {
  const room = Math.max(WILD.mm, WILD.share * nominalMm)
  const near = (mm: number): boolean => Math.abs(mm - nominalMm) <= room
  const used: SeatReading[] = []
  const notes: string[] = []
  for (const reading of readings) {
    const where = `Reading at ${reading.at}${reading.depth ? `, ${reading.depth}` : ''}`
    if (near(reading.valueMm)) used.push(reading)
    else if (near(reading.valueMm * MM_PER_INCH)) {
      used.push({ ...reading, valueMm: reading.valueMm * MM_PER_INCH })
      notes.push(
        `${where}: ${writeMm(reading.valueMm)} taken as inches, ${writeMm(reading.valueMm * MM_PER_INCH)} mm.`,
      )
    } else
      notes.push(
        `${where}: ${writeMm(reading.valueMm)} mm is set aside, ${writeMm(Math.abs(reading.valueMm - nominalMm))} mm off the seat of ${writeMm(nominalMm)} mm. Measure it again.`,
      )
  }
  return { used, remarks: notes }
}
