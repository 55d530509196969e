import { CLEARANCE_GROUPS, RING_CLASSES, seatKindOf } from '@/core/fit'
import type { PartSheet } from '@/contract/lookUp'
import { seatQuestion } from './seatQuestion'
import { usualOf, type ShownSeat, type Seat } from './seatTypes'

/** A seat of a part that is looked up, its usual class still to be worked out. */
export function seatFor(
  sheet: PartSheet,
  ring: Seat['ring'],
  rotatingRing: Seat['rotatingRing'],
): ShownSeat | null {
  const { part, reading } = sheet
  const d = part.dimensions
  const width = d.width ?? d.totalWidth ?? d.coneWidth ?? d.cupWidth
  if (!d.bore || !d.outside || !width) return null
  return {
    id: ring,
    slot: '',
    label: '',
    ring,
    designation: sheet.designation,
    family: part.family,
    kind: seatKindOf(
      part,
      reading?.tokens.some((t) => t.known && t.kind === 'taperBore'),
    ),
    body: ring === 'inner' ? 'shaft' : 'hub',
    material: null,
    bore: d.bore,
    outside: d.outside,
    width,
    sealed: (reading?.closure.sides ?? 0) > 0,
    clearance: CLEARANCE_GROUPS.find((g) => g === reading?.clearance) ?? 'CN',
    precision:
      RING_CLASSES.find((c) => reading?.tokens.some((t) => t.kind === 'precision' && t.text.includes(c))) ??
      'Normal',
    rotatingRing,
    byThumb: false,
  }
}

/** What is asked for the seat a looked-up bearing is shown with first; null where it has none. */
export function lookUpSeatQuestion(sheet: PartSheet) {
  const seat = seatFor(sheet, 'inner', 'inner')
  if (!seat) return null
  const asOpened = { seat, typed: {}, material: null, otherClass: undefined }
  return { body: seatQuestion(asOpened, usualOf(seat, {}, 'normal', null)) }
}
