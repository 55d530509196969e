'use client'

import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'
import { AREAS } from './areas'
import { Finder } from './Finder'
import { usePreferences } from './Preferences'

/** Parts, machines, jobs and actions from one field: Ctrl K. */
export function Palette() {
  const [open, setOpen] = useState(false)
  const router = useRouter()
  const { unit, setUnit, setTheme } = usePreferences()
  const dim = open && document.documentElement.dataset['theme'] === 'dim'
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return
      event.preventDefault()
      setOpen((was) => !was)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  const go = (to: string) => {
    setOpen(false)
    router.push(to as Route)
  }
  const act = (action: () => void) => {
    setOpen(false)
    action()
  }
  const actions: [string, () => void][] = [
    ...AREAS.flatMap(([, screens]) =>
      screens.map(([path, words]) => [words, () => go(path)] as [string, () => void]),
    ),
    [
      unit === 'mm' ? 'Show inches first' : 'Show millimetres first',
      () => act(() => setUnit(unit === 'mm' ? 'in' : 'mm')),
    ],
    [dim ? 'Light theme' : 'Dark theme', () => act(() => setTheme(dim ? 'light' : 'dim'))],
  ]
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="ml-auto flex h-10 w-[44px] shrink-0 items-center justify-between overflow-hidden rounded-[7px] border border-edge px-2.5 text-ink3 sm:w-[150px] lg:w-[292px]">
        <svg viewBox="0 0 20 20" className="size-5 shrink-0 sm:hidden" aria-hidden>
          <circle cx="8.5" cy="8.5" r="5.5" fill="none" stroke="currentColor" strokeWidth="2" />
          <path d="M13 13l5 5" stroke="currentColor" strokeWidth="2" />
        </svg>
        <span className="truncate max-sm:sr-only">Search parts, machines, jobs</span>
        <kbd className="max-lg:hidden">Ctrl K</kbd>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed top-[12vh] left-1/2 z-30 w-[620px] max-w-[92vw] -translate-x-1/2 rounded-lg border border-line bg-sheet"
          aria-describedby={undefined}
        >
          <Dialog.Title className="sr-only">Search parts, machines, jobs and commands</Dialog.Title>
          <Finder go={go} actions={actions} placeholder="6205-2RS, 20 x 42 x 12, carousel, settings" />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
