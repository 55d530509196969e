'use client'

import { useEffect, useState } from 'react'
import * as texts from '@/texts/job'
import type { SaveState } from './useSaver'

function ago(ms: number): string {
  const seconds = Math.max(0, Math.round(ms / 1000))
  return seconds < 60 ? texts.sAgo(seconds) : texts.minAgo(Math.round(seconds / 60))
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
        <>
          {state.at === null ? texts.allChangesSaved : texts.saved(ago(Math.max(now, state.at) - state.at))}
        </>
      )
    case 'saving':
      return <>{texts.saving}</>
    case 'waiting':
      return <span className="text-lamp-ink">{texts.noConnectionToThe}</span>
    case 'refused':
      return <span className="text-contra">{texts.notSaved(state.detail)}</span>
    case 'conflict':
      return <span className="text-contra">{texts.changedOnAnotherScreenToo}</span>
  }
}
