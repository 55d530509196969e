'use client'

import { useEffect } from 'react'
import { sendWaiting } from './outbox'

/** How often photographs that wait are tried. */
const TRY_MS = 15_000

/** Sends photographs that wait in this browser, from whatever screen is open: at once, when the network is back, and now and then. */
export function SendPhotos() {
  useEffect(() => {
    const send = () => void sendWaiting()
    send()
    window.addEventListener('online', send)
    const timer = setInterval(send, TRY_MS)
    return () => {
      window.removeEventListener('online', send)
      clearInterval(timer)
    }
  }, [])
  return null
}
