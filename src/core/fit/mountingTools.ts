/** A driver or sleeve stays this much inside (or outside) the ring it drives, mm on the diameter (common practice). */
const CLEAR_MM = 0.5
/** Face of a ring, as a share of the section height (d to D), that a sleeve may press on (common practice). */
const FACE_SHARE = 0.2

/** Coarse threads: name, stress area mm² (ISO 898-1), of rod to draw a bearing in. */
const RODS = [
  ['M8', 8, 36.6],
  ['M10', 10, 58],
  ['M12', 12, 84.3],
  ['M16', 16, 157],
  ['M20', 20, 245],
  ['M24', 24, 353],
] as const
/** Half the proof stress of plain rod, property class 4.6, MPa (ISO 898-1: 225). */
const ROD_MPA = 112

export interface MountingTools {
  /** sleeve or driver on the tight ring: outside and inside, mm */
  sleeve: { outsideMm: number; insideMm: number }
  /** threaded rod that goes through the bore and draws the sleeve: its far washer lies on the hub, over a mouth of this size.
   * A flat washer on the bearing itself would press on inner ring and seal */
  rod: { thread: string; overMm: number } | null
}

/**
 * Sizes of a press sleeve on one ring and, for a ring that goes into a bore, of a threaded rod that draws it home.
 * @param forceKn largest press force, kN
 * @returns mm; no rod where none goes through the bore with half its strength to spare
 */
export function mountingTools(
  ring: 'inner' | 'outer',
  boreMm: number,
  outsideMm: number,
  forceKn: number,
): MountingTools {
  const face = (outsideMm - boreMm) * FACE_SHARE
  const sleeve =
    ring === 'inner'
      ? { insideMm: boreMm + CLEAR_MM, outsideMm: boreMm + face }
      : { insideMm: outsideMm - face, outsideMm: outsideMm - CLEAR_MM }
  const rod = RODS.find(([, size, area]) => size < boreMm && (area * ROD_MPA) / 1000 >= forceKn)
  return { sleeve, rod: rod && ring === 'outer' ? { thread: rod[0], overMm: outsideMm } : null }
}
