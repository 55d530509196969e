import type { SeatKind } from './seatKind'

/** A press-in unit is made less than so much larger than the whole millimetres of its bore, to sit tight, µm (common practice). */
const MAX_OVERSIZE_UM = 100

/**
 * What shaft or housing is made to, mm: the ring's own size, the shaft under a sleeve; for a press-in unit of some hundredths over,
 * the whole millimetres. Its ring is larger by them.
 * @example seatNominal({ ring: 'outer', bore: 38, outside: 74.02, kind: 'hubUnit' }) // 74
 */
export function seatNominal({
  ring,
  bore,
  outside,
  shaftMm,
  kind,
}: {
  ring: 'inner' | 'outer'
  bore: number
  outside: number
  shaftMm?: number | undefined
  kind?: SeatKind | undefined
}): number {
  if (ring === 'inner') return shaftMm ?? bore
  const isOver = kind === 'hubUnit' && Math.round((outside % 1) * 1000) < MAX_OVERSIZE_UM
  return isOver ? Math.floor(outside) : outside
}
