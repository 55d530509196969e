'use client'

import { useEffect } from 'react'

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]'
/** Whoever puts the focus somewhere on purpose does it within this time, ms. */
const OTHERS_FIRST_MS = 80

const shown = (element: HTMLElement): boolean => element.getClientRects().length > 0
const focusablesIn = (box: Element): HTMLElement[] => [...box.querySelectorAll<HTMLElement>(FOCUSABLE)]
/** So many boxes around what is focused are remembered: beyond them nothing stands near it. */
const BOXES = 8

/** Where the focus was: what held it, and its place among what can be focused there. */
interface FocusPoint {
  element: HTMLElement
  boxes: { box: Element; at: number }[]
}

function focusPointOf(element: HTMLElement): FocusPoint {
  const boxes: FocusPoint['boxes'] = []
  for (
    let box = element.parentElement;
    box && box !== document.body && boxes.length < BOXES;
    box = box.parentElement
  )
    boxes.push({ box, at: focusablesIn(box).indexOf(element) })
  return { element, boxes }
}

const isGone = ({ element }: FocusPoint): boolean => !element.isConnected || element.matches(':disabled')

/** The nearest thing that took the place of what is gone: in the smallest box that still stands and holds something. */
function nearestTo({ boxes }: FocusPoint): HTMLElement | null {
  for (const { box, at } of boxes) {
    const found = box.isConnected ? focusablesIn(box) : []
    const next = found.slice(Math.max(at, 0)).find(shown) ?? found.findLast(shown)
    if (next) return next
  }
  return null
}

/**
 * Who works by keyboard never loses the focus: when the button just pressed goes away, the focus goes to what stands in its place.
 * Fingers and mice need none of it.
 */
export function FocusKeeper() {
  useEffect(() => {
    let focused: FocusPoint | null = null
    let byKeys = false
    let waiting: ReturnType<typeof setTimeout> | undefined
    const onFocus = ({ target }: FocusEvent) => {
      focused = target instanceof HTMLElement && target !== document.body ? focusPointOf(target) : null
    }
    const onKey = () => (byKeys = true)
    const onPointer = () => (byKeys = false)
    const check = () => {
      if (!byKeys || !focused || document.activeElement !== document.body || !isGone(focused)) return
      clearTimeout(waiting)
      waiting = setTimeout(() => {
        if (focused && document.activeElement === document.body && isGone(focused))
          nearestTo(focused)?.focus()
      }, OTHERS_FIRST_MS)
    }
    const changes = new MutationObserver(check)
    changes.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    })
    document.addEventListener('focusin', onFocus)
    document.addEventListener('keydown', onKey, true)
    document.addEventListener('pointerdown', onPointer, true)
    return () => {
      changes.disconnect()
      clearTimeout(waiting)
      document.removeEventListener('focusin', onFocus)
      document.removeEventListener('keydown', onKey, true)
      document.removeEventListener('pointerdown', onPointer, true)
    }
  }, [])
  return null
}
