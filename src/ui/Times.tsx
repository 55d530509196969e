'use client'

import { createContext, useContext, useMemo, type ReactNode } from 'react'
import { shopDay, shopTime } from '@/core/dates'

interface Times {
  /** the shop's time zone, as the settings name it */
  zone: string
  /** the day of an instant where the shop is, YYYY-MM-DD */
  day: (at: string) => string
  /** day and time to the minute */
  time: (at: string) => string
  today: () => string
}

const Context = createContext('UTC')

/** All times on screen are those of the shop's clocks, wherever the browser is. */
export function TimesProvider({ zone, children }: { zone: string; children: ReactNode }) {
  return <Context.Provider value={zone}>{children}</Context.Provider>
}

export function useTimes(): Times {
  const zone = useContext(Context)
  return useMemo(
    () => ({
      zone,
      day: (at) => shopDay(at, zone),
      time: (at) => shopTime(at, zone),
      today: () => shopDay(Date.now(), zone),
    }),
    [zone],
  )
}
