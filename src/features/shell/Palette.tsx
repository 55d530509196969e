'use client'

import { Search } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useCallback, useEffect, useRef } from 'react'
import * as texts from '@/texts/shell'
import { useKeys } from '@/ui/useKeys'
import { useOpen } from '@/ui/useOpen'
import type { Early } from './Finder'

const loadDialog = () => import('./PaletteDialog').then(({ PaletteDialog }) => PaletteDialog)
const PaletteDialog = dynamic(loadDialog, { ssr: false })

/** Parts, machines, jobs and actions from one field: Ctrl K. */
export function Palette() {
  const [open, setOpen] = useOpen()
  // Beside the state, for a key may come before the page is drawn anew: what was typed for a field that is not there yet.
  const early = useRef<Early | null>(null)
  const isOpen = useRef(false)
  const change = useCallback(
    (to: boolean) => {
      isOpen.current = to
      early.current = to ? { text: '', entered: false } : null
      setOpen(to)
    },
    [setOpen],
  )
  const takeEarly = useCallback((): Early | null => {
    const typed = early.current
    early.current = null
    return typed
  }, [])
  useEffect(() => {
    void loadDialog()
    const onKey = (event: KeyboardEvent) => {
      const waiting = early.current
      if (!waiting || event.ctrlKey || event.metaKey) return
      if (event.key === 'Escape') change(false)
      else if (event.key === 'Enter') early.current = { ...waiting, entered: true }
      else if (event.key === 'Backspace') early.current = { text: waiting.text.slice(0, -1), entered: false }
      else if (event.key.length === 1) early.current = { text: waiting.text + event.key, entered: false }
      else return
      event.preventDefault()
      event.stopPropagation()
    }
    window.addEventListener('keydown', onKey, true)
    return () => window.removeEventListener('keydown', onKey, true)
  }, [change])
  useKeys({ '$mod+k': () => change(!isOpen.current) }, { whileTyping: true, capture: true })
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => change(true)}
        className="ml-auto flex h-10 w-[44px] shrink-0 items-center justify-between overflow-hidden rounded-[7px] border border-edge px-2.5 text-ink3 lg:w-[292px]"
      >
        <Search className="size-5 shrink-0 lg:hidden" aria-hidden />
        <span className="max-lg:sr-only">{texts.searchPartsMachinesJobsUpper}</span>
        <kbd className="max-lg:hidden">Ctrl K</kbd>
      </button>
      {open && <PaletteDialog open onOpenChange={change} takeEarly={takeEarly} />}
    </>
  )
}
