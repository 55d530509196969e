'use client'

import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/shell'
import { Link } from '@/ui/Link'
import { useEarlyInput } from '@/ui/useEarlyInput'
import { useEffect, useRef, type ReactNode, type RefObject } from 'react'
import { AreaMenu } from './AreaMenu'
import { KeyHelp } from './KeyHelp'
import type { KeyHint } from './keyHint'
import { Palette } from './Palette'
import { usePreferences } from './Preferences'
import { Waiting } from './Waiting'

interface Props {
  /** what this screen is about, beside the name of the application */
  about: ReactNode
  rail?: ReactNode
  hints?: readonly KeyHint[]
  /** right end of the foot: whether everything is saved */
  state?: ReactNode
  /** an act on what the screen is about, in the header */
  act?: ReactNode
  children: ReactNode
}

function Mark() {
  return (
    <svg width="26" height="26" viewBox="0 0 26 26" aria-hidden>
      <path d="M5 3h16v8a8 8 0 0 1-16 0z" fill="none" stroke="var(--ink)" strokeWidth="2" />
      <path d="M9 21h8M13 19v4" stroke="var(--ink)" strokeWidth="2" />
      <circle cx="13" cy="10" r="4.2" fill="var(--lamp)" />
    </svg>
  )
}

function UnitSwitch() {
  const { unit, setUnit } = usePreferences()
  return (
    <div
      role="group"
      aria-label={texts.unitsShownFirst}
      className="flex overflow-hidden rounded-[7px] border border-edge font-semibold"
    >
      {(['mm', 'in'] as const).map((u) => (
        <button
          key={u}
          type="button"
          aria-pressed={unit === u}
          onClick={() => setUnit(u)}
          className={`min-h-10 px-2.5 sm:px-3.5 ${unit === u ? 'bg-ink text-sheet' : 'bg-sheet text-ink3'}`}
        >
          {u}
        </button>
      ))}
    </div>
  )
}

function AccountLink() {
  const { accountName } = usePreferences()
  if (accountName === null) return null
  return (
    <Link
      href={'/account' as Route}
      className="flex min-h-10 max-w-[140px] items-center truncate rounded-[7px] border border-edge px-2.5 max-sm:hidden"
    >
      {accountName}
    </Link>
  )
}

/** Whether a screen has been shown since the page was loaded: then another one was gone to, and its work is where to go on. */
let hasShown = false

/** The work of a screen that was gone to has the focus, unless a field of it took it. */
function useFocusOnArrival(): RefObject<HTMLElement | null> {
  const work = useRef<HTMLElement>(null)
  useEffect(() => {
    const isFirst = !hasShown
    hasShown = true
    if (isFirst) return
    // After a dialog that led here has let go of the focus.
    const timer = setTimeout(() => {
      if (document.activeElement === document.body) work.current?.focus({ preventScroll: true })
    })
    return () => clearTimeout(timer)
  }, [])
  return work
}

/** The frame of every screen: name and context, the stages, the work, the keys. */
export function Frame({ about, rail, hints = [], state, act, children }: Props) {
  const work = useFocusOnArrival()
  useEarlyInput(work)
  return (
    <div
      className={`frame grid grid-cols-[minmax(0,1fr)] ${
        rail
          ? 'grid-rows-[56px_auto_minmax(0,1fr)] sm:grid-rows-[56px_auto_minmax(0,1fr)_36px] lg:grid-cols-[168px_minmax(0,1fr)] lg:grid-rows-[56px_minmax(0,1fr)_36px]'
          : 'grid-rows-[56px_minmax(0,1fr)] sm:grid-rows-[56px_minmax(0,1fr)_36px]'
      }`}
    >
      <a
        href="#work"
        className="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-40 focus:rounded-[7px] focus:bg-ink focus:px-4 focus:py-2 focus:text-sheet"
      >
        {texts.skipToTheWork}
      </a>
      <header className="col-span-full flex items-center gap-2 border-b border-line bg-sheet px-2.5 sm:px-[18px] lg:gap-4">
        <AreaMenu />
        <Link
          href="/"
          className="flex min-h-10 items-center gap-2 text-[1.0625rem] font-bold tracking-tight whitespace-nowrap max-sm:hidden"
        >
          <Mark /> {common.amberSocket}
        </Link>
        <div className="line-clamp-2 min-w-0 flex-1 text-ink2 max-lg:line-clamp-3 max-lg:text-[0.8125rem] max-lg:leading-tight">
          {about}
        </div>
        {act}
        <Palette />
        <AccountLink />
        <UnitSwitch />
      </header>
      {rail}
      <main
        ref={work}
        id="work"
        tabIndex={-1}
        className="relative min-h-0 min-w-0 overflow-hidden outline-none"
      >
        {children}
        <Waiting />
      </main>
      <footer className="col-span-full hidden items-center sm:flex gap-5 overflow-hidden border-t border-line px-[18px] text-caption whitespace-nowrap text-ink3">
        <span className="flex h-[34px] min-w-0 flex-wrap items-center gap-x-5 overflow-hidden [&>*]:h-[34px]">
          {hints
            .filter((hint) => hint.foot)
            .map(({ keys, label }) => (
              <span key={keys} className="flex items-center gap-1.5">
                <kbd>{keys}</kbd> {label}
              </span>
            ))}
        </span>
        <span className="shrink-0">
          <KeyHelp hints={hints} />
        </span>
        <span className="ml-auto shrink-0" aria-live="polite">
          {state}
        </span>
      </footer>
    </div>
  )
}
