'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import * as common from '@/texts/common'
import * as texts from '@/texts/shell'
import { urlOf } from '@/ui/call'
import { useTimes } from '@/ui/Times'

/** How often the server is looked for while a page is shown as it was. */
const LOOK_MS = 3000

/** Registers what keeps the last pages, and says when one of those is shown instead of the present state. */
export function OfflinePages() {
  const { time } = useTimes()
  const [stale, setStale] = useState<string | null>(null)
  const router = useRouter()
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return
    const listen = ({ data }: MessageEvent<{ kind?: string; at?: string }>) => {
      const at = Date.parse(data.at ?? '')
      if (data.kind === 'stale') setStale(Number.isNaN(at) ? '' : new Date(at).toISOString())
    }
    navigator.serviceWorker.addEventListener('message', listen)
    navigator.serviceWorker.controller?.postMessage('fresh?')
    // Where it cannot be registered, such as without TLS beyond this machine, nothing is kept.
    navigator.serviceWorker.register('/sw.js').catch(() => undefined)
    return () => {
      navigator.serviceWorker.removeEventListener('message', listen)
    }
  }, [])
  const isStale = stale !== null
  useEffect(() => {
    if (!isStale) return
    // What tells whether the server is back is never answered from what was kept.
    const check = () =>
      void fetch(urlOf('GET /api/health'))
        .then(({ ok }) => {
          if (!ok) return
          setStale(null)
          router.refresh()
        })
        .catch(() => undefined)
    const timer = setInterval(check, LOOK_MS)
    return () => clearInterval(timer)
  }, [isStale, router])
  if (stale === null) return null
  return (
    <p
      role="status"
      className="fixed inset-x-0 bottom-0 z-40 border-t border-line bg-wash px-4 py-2 text-center text-lamp-ink"
    >
      {texts.noConnectionToThe(stale && texts.on(time(stale)))}{' '}
      <button type="button" className="underline underline-offset-4" onClick={() => window.location.reload()}>
        {common.tryAgain}
      </button>
    </p>
  )
}
