'use client'

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react'
import type { LengthUnit } from '@/core/quantity'

type Theme = 'light' | 'dim'

interface Preferences {
  unit: LengthUnit
  /** who is signed in; null where signing in is not asked for */
  accountName: string | null
  setUnit: (unit: LengthUnit) => void
  setTheme: (theme: Theme) => void
}

const Context = createContext<Preferences | null>(null)

const A_YEAR = 31_536_000
const keep = (name: string, value: string): void => {
  document.cookie = `${name}=${value}; path=/; max-age=${A_YEAR}; samesite=lax`
}

interface Props {
  unit: LengthUnit
  accountName: string | null
  children: ReactNode
}

/** Unit and light are kept in cookies, so that the server draws the page right the first time; an unchosen light follows the system. */
export function PreferencesProvider({ unit, accountName, children }: Props) {
  const [preferences, setPreferences] = useState({ unit })
  const setUnit = useCallback((next: LengthUnit) => {
    keep('unit', next)
    setPreferences({ unit: next })
  }, [])
  const setTheme = useCallback((next: Theme) => {
    keep('theme', next)
    document.documentElement.dataset['theme'] = next
  }, [])
  const value = useMemo(
    () => ({ ...preferences, accountName, setUnit, setTheme }),
    [preferences, accountName, setUnit, setTheme],
  )
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export function usePreferences(): Preferences {
  const value = useContext(Context)
  if (!value) throw new Error('usePreferences outside PreferencesProvider')
  return value
}
