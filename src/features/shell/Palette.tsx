'use client'

import { Command } from 'cmdk'
import type { Route } from 'next'
import { useRouter } from 'next/navigation'
import { Dialog } from 'radix-ui'
import { useEffect, useRef, useState, type KeyboardEvent as ReactKeyboardEvent } from 'react'
import { useAnswer } from '@/ui/useAnswer'
import { usePreferences } from './Preferences'

interface Found {
  /** The text these were found for: null before the first answer. */
  text: string | null
  parts: { designation: string; base: string; familyWords: string; changed: string }[]
  machines: { id: number; name: string; place: string }[]
  jobs: { id: number; title: string }[]
}
const NOTHING: Found = { text: null, parts: [], machines: [], jobs: [] }

function useSearch(text: string, open: boolean): Found {
  const { answer, current } = useAnswer<Omit<Found, 'text'>>(
    open ? `/api/search?text=${encodeURIComponent(text)}` : null,
    undefined,
    0,
  )
  return answer ? { ...answer, text: current ? text : null } : NOTHING
}

/** Parts, machines, jobs and actions from one field: Ctrl K. */
export function Palette() {
  const [open, setOpen] = useState(false)
  const [text, setText] = useState('')
  const router = useRouter()
  const { unit, setUnit, setTheme } = usePreferences()
  const dim = open && document.documentElement.dataset['theme'] === 'dim'
  const found = useSearch(text, open)
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
    ['Quick look-up', () => go('/identify')],
    ['Open a new job', () => go('/jobs/new')],
    ['All jobs', () => go('/')],
    ['Machines and positions', () => go('/machines')],
    ['Catalogue by family', () => go('/catalogue')],
    ['Batch tray: a CSV of unknowns', () => go('/tray')],
    ['Own and supplier lists', () => go('/lists')],
    ['Store: bins, quantities, counting', () => go('/store')],
    ['Orders and supplier prices', () => go('/orders')],
    ['Service campaign: one list over many kits', () => go('/campaign')],
    ['Arrangements of your own', () => go('/arrangements')],
    ['Seals and wear sleeves', () => go('/seals')],
    ['Fits, spacing, setting, grease, life', () => go('/fits')],
    ['Conversions: bush, ball, tapered', () => go('/convert')],
    ['Toolbox: our tools with their sizes', () => go('/toolbox')],
    ['Settings: quotes, what this shop does', () => go('/settings')],
    [
      unit === 'mm' ? 'Show inches first' : 'Show millimetres first',
      () => act(() => setUnit(unit === 'mm' ? 'in' : 'mm')),
    ],
    [dim ? 'Light screen' : 'Dim the screen', () => act(() => setTheme(dim ? 'light' : 'dim'))],
  ]
  const meant = found.parts.filter(({ changed }) => changed !== '')
  const shown = actions.filter(([words]) => words.toLowerCase().includes(text.toLowerCase()))
  const groups: Listed[] = [
    {
      heading: 'Not listed',
      items: meant.slice(0, 1).map(() => ({
        key: text,
        main: text.trim(),
        side: 'see what may be meant, or identify it by its sizes',
        mono: true,
        run: () => go(`/parts/${encodeURIComponent(text.trim())}`),
      })),
    },
    {
      heading: meant.length > 0 ? 'Did you mean' : 'Parts',
      items: found.parts.map((p) => ({
        key: p.designation,
        main: p.designation,
        side: p.changed ? `${p.changed} · ${p.familyWords}` : p.familyWords,
        mono: true,
        run: () => go(`/parts/${encodeURIComponent(p.designation)}`),
      })),
    },
    {
      heading: 'Jobs',
      items: found.jobs.map((j) => ({
        key: `job ${j.id}`,
        main: `Job ${j.id}`,
        side: j.title,
        run: () => go(`/jobs/${j.id}`),
      })),
    },
    {
      heading: 'Machines',
      items: found.machines.map((m) => ({
        key: `machine ${m.id}`,
        main: m.name,
        side: m.place,
        run: () => go(`/machines#machine-${m.id}`),
      })),
    },
    {
      heading: 'Actions',
      items: shown.map(([words, run]) => ({ key: words, main: words, side: '', run })),
    },
  ].filter(({ items }) => items.length > 0)
  const first = groups[0]?.items[0]
  const [moved, setMoved] = useState({ found, to: '' })
  // The first row of every new answer is the picked one until the arrows move it.
  const picked = moved.found === found ? moved.to : first ? valueOf(groups[0]?.heading, first.key) : ''
  const enterWaits = useRef(false)
  useEffect(() => {
    if (found.text !== text || !enterWaits.current) return
    enterWaits.current = false
    first?.run()
  }, [found, text, first])
  const onEnter = (event: ReactKeyboardEvent) => {
    // An Enter pressed before the answer came counts when it comes, never for the answer before it.
    if (event.key !== 'Enter' || found.text === text) return
    event.preventDefault()
    enterWaits.current = true
  }
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="ml-auto flex h-10 w-[44px] shrink-0 items-center justify-between overflow-hidden rounded-[7px] border border-edge px-2.5 text-ink3 sm:w-[150px] lg:w-[270px]">
        <svg viewBox="0 0 20 20" className="size-5 shrink-0 sm:hidden" aria-hidden>
          <circle cx="8.5" cy="8.5" r="5.5" fill="none" stroke="currentColor" strokeWidth="2" />
          <path d="M13 13l5 5" stroke="currentColor" strokeWidth="2" />
        </svg>
        <span className="truncate max-sm:sr-only">Part, machine, job, action</span>
        <kbd className="max-lg:hidden">Ctrl K</kbd>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
        <Dialog.Content
          className="fixed top-[12vh] left-1/2 z-30 w-[620px] max-w-[92vw] -translate-x-1/2 rounded-lg border border-line bg-sheet"
          aria-describedby={undefined}
        >
          <Dialog.Title className="sr-only">Find a part, machine, job or action</Dialog.Title>
          <Command
            shouldFilter={false}
            label="Find"
            value={picked}
            onValueChange={(to) => setMoved({ found, to })}
            onKeyDown={onEnter}
          >
            <Command.Input
              value={text}
              onValueChange={(typed) => {
                enterWaits.current = false
                setText(typed)
              }}
              placeholder="6205-2RS, carousel, coach 2, dim the screen"
              className="number h-14 w-full rounded-t-lg border-b border-line bg-sheet px-4 text-[18px] outline-none placeholder:text-ink3"
            />
            <Command.List className="max-h-[56vh] overflow-auto p-2">
              <Command.Empty className="p-3 text-ink3">
                Nothing by that name. Try a number without its suffix.
              </Command.Empty>
              {groups.map((group) => (
                <Group key={group.heading} {...group} />
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

interface Item {
  key: string
  main: string
  side: string
  mono?: boolean
  run: () => void
}

interface Listed {
  heading: string
  items: Item[]
}

/** cmdk trims and compares values as they are: one form for the row and for the picked one. */
const valueOf = (heading = '', key: string) => `${heading} ${key}`.trim()

function Group({ heading, items }: Listed) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:caption [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2"
    >
      {items.map(({ key, main, side, mono, run }) => (
        <Command.Item
          key={key}
          value={valueOf(heading, key)}
          onSelect={run}
          className="flex min-h-10 cursor-pointer items-center justify-between gap-4 rounded-md px-3 data-[selected=true]:bg-wash"
        >
          <span className={mono ? 'number font-medium' : 'font-medium'}>{main}</span>
          <span className="truncate text-ink2">{side}</span>
        </Command.Item>
      ))}
    </Command.Group>
  )
}
