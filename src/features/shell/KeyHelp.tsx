'use client'

import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'

export interface KeyHint {
  keys: string
  words: string
  /** stands in the foot of the screen too */
  foot?: boolean
}

const typesMarks = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target.matches('textarea, [data-takes-marks], [cmdk-input], input[type=text]:not([data-length])'))

/** `?` shows the keys of the screen, except where a question mark is text. */
export function KeyHelp({ hints }: { hints: readonly KeyHint[] }) {
  const [open, setOpen] = useState(false)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== '?' || typesMarks(event.target)) return
      event.preventDefault()
      setOpen(true)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="flex items-center gap-1.5">
        <kbd>?</kbd> keyboard shortcuts
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed top-1/2 left-1/2 z-30 w-[460px] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-lg border border-line bg-sheet p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="mb-3 text-[1.125rem] font-bold">Keyboard shortcuts</Dialog.Title>
          <dl className="grid grid-cols-[130px_1fr] gap-y-2">
            {[
              ...hints,
              { keys: 'Ctrl K', words: 'search parts, machines, jobs' },
              { keys: '?', words: 'this list' },
            ].map(({ keys, words }) => (
              <div key={keys} className="contents">
                <dt>
                  <kbd>{keys}</kbd>
                </dt>
                <dd className="text-ink2">{words}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="button mt-5">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
