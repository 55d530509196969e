'use client'

import { useEffect, useState } from 'react'
import type { SaveState } from './useSaver'

function ago(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000))
  return seconds < 60 ? `${seconds} s ago` : `${Math.round(seconds / 60)} min ago`
}

/** Whether everything is saved, calmly. */
export function SaveMessage({ state }: { state: SaveState }) {
  const [now, setNow] = useState(0)
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 5000)
    return () => clearInterval(tick)
  }, [])
  switch (state.kind) {
    case 'saved':
      return (
        <>{state.at === null ? 'All changes saved' : `Saved ${ago(Math.max(now, state.at) - state.at)}`}</>
      )
    case 'saving':
      return <>Saving</>
    case 'waiting':
      return (
        <span className="text-lamp-ink">
          No connection to the server. Stored in this browser; sent when it is back
        </span>
      )
    case 'refused':
      return <span className="text-contra">Not saved: {state.detail}</span>
    case 'conflict':
      return <span className="text-contra">Changed on another screen too</span>
  }
}
