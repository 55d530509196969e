'use client'

import dynamic from 'next/dynamic'
import * as texts from '@/texts/shell'
import { useKeys } from '@/ui/useKeys'
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
  const show = ({ target }: KeyboardEvent) => {
    if (typesMarks(target)) return false
    setOpen(true)
  }
  useKeys({ '?': show, 'Shift+?': show }, { whileTyping: true })
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(true)}
        className="flex items-center gap-1.5"
      >
        <kbd>?</kbd> {texts.keyboardShortcutsLower}
      </button>
      {open && <KeyHelpDialog hints={hints} onOpenChange={setOpen} />}
    </>
  )
}
