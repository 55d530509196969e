/** Heat given off to still air of a room, and to moving air or in wet hands, W/(m²·K) (handbook range, from memory). */
const TO_AIR = { least: 6, max: 25 }
/** Heat given off through a press seat, W/(m²·K): a wide range, for nobody knows its roughness (from memory). */
const TO_METAL = { least: 500, max: 3000 }

interface Body {
  /** kg/m³ */
  density: number
  /** J/(kg·K) */
  heatCapacity: number
  /** volume over the surface that gives the heat off, m */
  thicknessM: number
}

/**
 * Time a body takes to cool from one temperature to another, the same all through (lumped heat capacity; Newton's law of cooling).
 *
 * @param body what cools
 * @param transfer W/(m²·K)
 * @param around temperature it cools to in the end, as are the others in °C or K
 * @returns seconds; Infinity for a temperature it never falls to
 */
export function coolingSeconds(
  { density, heatCapacity, thicknessM }: Body,
  transfer: number,
  from: number,
  to: number,
  around: number,
): number {
  if (to >= from) return 0
  if (to <= around) return Infinity
  return ((density * heatCapacity * thicknessM) / transfer) * Math.log((from - around) / (to - around))
}

interface Ring {
  insideMm: number
  outsideMm: number
  widthMm: number
  density: number
  heatCapacity: number
  /** metal in the ring's room: a bearing has gaps between its balls */
  filled: number
  /** wall between its seat and what is beyond, mm: of a bearing the ring on that seat */
  wallMm: number
}

export interface Cooling {
  /** it still goes on by itself, lying in air, s */
  inAir: { least: number; max: number }
  /** it grips, once it touches its seat, s */
  onSeat: { least: number; max: number }
}

/**
 * How long a heated ring goes on by hand: from the temperature it was heated to down to the one at which its seat is as large as
 * the other part.
 * @param rise over the room at first, K; @param gripRise over the room at which it grips, K
 */
export function timeToFit(
  { insideMm, outsideMm, widthMm, density, heatCapacity, filled, wallMm }: Ring,
  rise: number,
  gripRise: number,
): Cooling {
  const [d, D, B] = [insideMm / 1000, outsideMm / 1000, widthMm / 1000]
  const faces = (Math.PI / 2) * (D * D - d * d)
  const volume = (faces / 2) * B * filled
  const body = (thicknessM: number): Body => ({ density, heatCapacity, thicknessM })
  const air = body(volume / (Math.PI * (D + d) * B + faces))
  const seat = body(wallMm / 1000)
  const between = (of: Body, transfer: { least: number; max: number }) => ({
    least: coolingSeconds(of, transfer.max, rise, gripRise, 0),
    max: coolingSeconds(of, transfer.least, rise, gripRise, 0),
  })
  return { inAir: between(air, TO_AIR), onSeat: between(seat, TO_METAL) }
}

/** A time as it is said: seconds to the 5, minutes from two on. */
const said = (seconds: number): string =>
  seconds >= 120 ? `${Math.round(seconds / 60)} min` : `${Math.max(5, Math.round(seconds / 5) * 5)} s`

/** An estimate as a range, in words. */
const range = ({ least, max }: { least: number; max: number }): string =>
  said(least) === said(max) ? `about ${said(least)}` : `${said(least)} to ${said(max)}`

/** What a fitter has to know before he takes it off the heater. */
export const coolingText = ({ inAir, onSeat }: Cooling): string =>
  `Estimate: it goes on for ${range(inAir)} in air, and grips ${range(onSeat)} after it touches; one push, square, to the shoulder.`
