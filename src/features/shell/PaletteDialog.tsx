'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import * as texts from '@/texts/shell'
import { AREAS } from './areas'
import { Finder, type Early } from './Finder'
import { usePreferences } from './Preferences'

interface Props {
  open: boolean
  onOpenChange: (open: boolean) => void
  /** what was typed before there was a field for it */
  takeEarly: () => Early | null
}

/** The search over everything; loaded beside the page, for no page is read by it. */
export function PaletteDialog({ open, onOpenChange, takeEarly }: Props) {
  const router = useRouter()
  const { unit, setUnit, setTheme } = usePreferences()
  const dim = open && document.documentElement.dataset['theme'] === 'dim'
  const go = (to: string) => {
    onOpenChange(false)
    router.push(to as Route)
  }
  const act = (action: () => void) => {
    onOpenChange(false)
    action()
  }
  const actions: [string, () => void][] = [
    ...AREAS.flatMap(([, screens]) =>
      screens.map(([path, label]) => [label, () => go(path)] as [string, () => void]),
    ),
    [
      unit === 'mm' ? texts.showInchesFirst : texts.showMillimetresFirst,
      () => act(() => setUnit(unit === 'mm' ? 'in' : 'mm')),
    ],
    [dim ? texts.lightTheme : texts.darkTheme, () => act(() => setTheme(dim ? 'light' : 'dim'))],
  ]
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed top-[12vh] left-1/2 z-30 w-[620px] max-w-[92vw] -translate-x-1/2 rounded-lg border border-line bg-sheet"
          aria-describedby={undefined}
        >
          <Dialog.Title className="sr-only">{texts.searchPartsMachinesJobsAnd}</Dialog.Title>
          <Finder go={go} actions={actions} placeholder={texts.exampleSearch} takeEarly={takeEarly} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
