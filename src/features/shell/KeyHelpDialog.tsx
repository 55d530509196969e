'use client'

import { Dialog } from 'radix-ui'
import * as texts from '@/texts/shell'
import type { KeyHint } from './keyHint'

interface Props {
  hints: readonly KeyHint[]
  onOpenChange: (open: boolean) => void
}

/** The keys of the screen in hand. */
export function KeyHelpDialog({ hints, onOpenChange }: Props) {
  return (
    <Dialog.Root open onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed top-1/2 left-1/2 z-30 w-[460px] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 rounded-lg border border-line bg-sheet p-6"
          aria-describedby={undefined}
        >
          <Dialog.Title className="mb-3 text-[1.125rem] font-bold">{texts.keyboardShortcuts}</Dialog.Title>
          <dl className="grid grid-cols-[130px_1fr] gap-y-2">
            {[
              ...hints,
              { keys: 'Ctrl K', label: texts.searchPartsMachinesJobs },
              { keys: '?', label: texts.thisList },
            ].map(({ keys, label }) => (
              <div key={keys} className="contents">
                <dt>
                  <kbd>{keys}</kbd>
                </dt>
                <dd className="text-ink2">{label}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="button mt-5">{texts.close}</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
