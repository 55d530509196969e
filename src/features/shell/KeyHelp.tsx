'use client'

import dynamic from 'next/dynamic'
import { useEffect } from 'react'
import { useOpen } from '@/ui/useOpen'
import type { KeyHint } from './keyHint'

const KeyHelpDialog = dynamic(() => import('./KeyHelpDialog').then((keys) => keys.KeyHelpDialog), {
  ssr: false,
})

const typesMarks = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.matches('textarea, [data-takes-marks], [cmdk-input], input[type=text]:not([data-length])'))

/** `?` shows the keys of the screen, except where a question mark is text. */
export function KeyHelp({ hints }: { hints: readonly KeyHint[] }) {
  const [open, setOpen] = useOpen()
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '?' || typesMarks(event.target)) return
      event.preventDefault()
      setOpen(true)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [setOpen])
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(true)}
        className="flex items-center gap-1.5"
      >
        <kbd>?</kbd> keyboard shortcuts
      </button>
      {open && <KeyHelpDialog hints={hints} onOpenChange={setOpen} />}
    </>
  )
}
