'use client'

import { useVirtualizer } from '@tanstack/react-virtual'
import type { RefObject } from 'react'

/** Rows drawn beyond what is in sight. */
const OVERSCAN = 20

/**
 * Which rows of a long list to draw.
 * @param count of rows; 0 = the list is short and drawn whole
 * @param rowHeight px
 * @returns places of the rows, and the room of those left out above and below, px
 */
export function useInSight(
  frame: RefObject<HTMLElement | null>,
  count: number,
  rowHeight: number,
): { places: number[]; above: number; below: number } {
  // eslint-disable-next-line react-hooks/incompatible-library -- what it returns is read at once, nothing of it is kept
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => frame.current,
    estimateSize: () => rowHeight,
    overscan: OVERSCAN,
  })
  const items = virtual.getVirtualItems()
  const last = items.at(-1)
  return {
    places: items.map(({ index }) => index),
    above: items[0]?.start ?? 0,
    below: last ? virtual.getTotalSize() - last.end : 0,
  }
}
