'use client'

import { useCallback, useRef, useState } from 'react'

/** Whether a dialog without a trigger of its own is open; closing it gives the focus back to where it was. */
export function useOpen(): [open: boolean, setOpen: (to: boolean) => void] {
  const [open, setOpen] = useState(false)
  const before = useRef<Element | null>(null)
  const change = useCallback((to: boolean) => {
    if (to) before.current = document.activeElement
    // After the dialog has let go of the focus.
    else
      setTimeout(() => {
        if (document.activeElement === document.body && before.current instanceof HTMLElement)
          before.current.focus()
      })
    setOpen(to)
  }, [])
  return [open, change]
}
