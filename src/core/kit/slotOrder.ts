import type { ArrangementFile } from './arrangement'

type Row = ArrangementFile['slots'][number]

/** A place of the same name without a place to stand after takes the place of the one it is based on. */
const replaces = (base: readonly string[], { id, after }: Row): boolean =>
  after === undefined && base.includes(id)

/**
 * Names of all places in fitting order, as the arrangement resolves.
 * @param base places of the arrangement it is based on that are not dropped, in order
 */
export function slotsInOrder(base: readonly string[], slots: readonly Row[]): string[] {
  const order = [...base]
  for (const slot of slots) {
    if (replaces(base, slot)) continue
    const at = slot.after === undefined ? -1 : order.indexOf(slot.after)
    order.splice(at < 0 ? order.length : at + 1, 0, slot.id)
  }
  return order
}

/**
 * Moves one added place; every other keeps its order. Nothing stands before the first place of the arrangement it is based
 * on, and what replaces a place stays where that one is.
 * @param to where it is to stand among all places, from 0; beyond the ends is at the end
 * @returns the places, each after the one before it
 */
export function moveSlot(base: readonly string[], slots: readonly Row[], id: string, to: number): Row[] {
  const moved = slots.find((slot) => slot.id === id)
  if (!moved || replaces(base, moved)) return [...slots]
  const order = slotsInOrder(base, slots).filter((other) => other !== id)
  order.splice(Math.min(order.length, Math.max(base.length > 0 ? 1 : 0, to)), 0, id)
  const placed = order.flatMap((name, at): Row[] => {
    const slot = slots.find((s) => s.id === name)
    return slot && !replaces(base, slot) ? [{ ...slot, after: order[at - 1] }] : []
  })
  return [...slots.filter((slot) => replaces(base, slot)), ...placed]
}
