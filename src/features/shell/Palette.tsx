'use client'

import { Search } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { useOpen } from '@/ui/useOpen'
import type { Early } from './Finder'

const loadDialog = () => import('./PaletteDialog').then(({ PaletteDialog }) => PaletteDialog)
const PaletteDialog = dynamic(loadDialog, { ssr: false })

const NOTHING_YET: Early = { text: '', entered: false }

/** Parts, machines, jobs and actions from one field: Ctrl K. */
export function Palette() {
  const [open, setOpen] = useOpen()
  const [loaded, setLoaded] = useState(false)
  const [early, setEarly] = useState(NOTHING_YET)
  useEffect(() => {
    void loadDialog().then(() => setLoaded(true))
  }, [])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey)) {
        setEarly(NOTHING_YET)
        setOpen(!open)
      } else if (open && !loaded && event.key === 'Enter') setEarly(({ text }) => ({ text, entered: true }))
      // Keys that are faster than the field they are meant for.
      else if (open && !loaded && event.key.length === 1)
        setEarly(({ text }) => ({ text: text + event.key, entered: false }))
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [open, loaded, setOpen])
  return (
    <>
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => {
          setEarly(NOTHING_YET)
          setOpen(true)
        }}
        className="ml-auto flex h-10 w-[44px] shrink-0 items-center justify-between overflow-hidden rounded-[7px] border border-edge px-2.5 text-ink3 sm:w-[150px] lg:w-[292px]"
      >
        <Search className="size-5 shrink-0 sm:hidden" aria-hidden />
        <span className="truncate max-sm:sr-only">Search parts, machines, jobs</span>
        <kbd className="max-lg:hidden">Ctrl K</kbd>
      </button>
      {open && <PaletteDialog open onOpenChange={setOpen} early={early} />}
    </>
  )
}
