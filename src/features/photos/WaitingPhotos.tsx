'use client'

import { X } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import * as common from '@/texts/common'
import * as texts from '@/texts/photos'
import type { WaitingPhoto } from './outbox'

/** A picture that is in this browser only. */
function Picture({ picture, name }: Pick<WaitingPhoto, 'picture' | 'name'>) {
  const image = useRef<HTMLImageElement>(null)
  useEffect(() => {
    const address = URL.createObjectURL(picture)
    if (image.current) image.current.src = address
    return () => URL.revokeObjectURL(address)
  }, [picture])
  return (
    // eslint-disable-next-line @next/next/no-img-element -- of this browser
    <img
      ref={image}
      alt={name}
      className="h-[72px] w-full rounded-[7px] border-2 border-dashed border-lamp object-cover"
    />
  )
}

/** Photographs of a job that the server has not got yet, and why. */
export function WaitingPhotos({ jobId, onSent }: { jobId: number; onSent: () => void }) {
  const [waiting, setWaiting] = useState<readonly WaitingPhoto[]>([])
  useEffect(() => {
    let ended = false
    let end = () => {}
    void import('./outbox').then(({ onOutboxChange, waitingPhotos }) => {
      let count = 0
      const look = async (): Promise<void> => {
        const now = await waitingPhotos(jobId)
        if (ended) return
        setWaiting(now)
        if (now.length < count) onSent()
        count = now.length
      }
      if (ended) return
      end = onOutboxChange(() => void look())
      void look()
    })
    return () => {
      ended = true
      end()
    }
  }, [jobId, onSent])
  const discard = (key: string) => void import('./outbox').then(({ forgetPhoto }) => forgetPhoto(key))
  const again = () => void import('./outbox').then(({ sendWaiting }) => sendWaiting(true))
  const refused = waiting.filter(({ refusal }) => refusal !== undefined)
  if (waiting.length === 0) return null
  return (
    <div className="mb-1.5">
      <ul className="mb-1 grid grid-cols-3 gap-1.5">
        {waiting.map(({ key, name, picture }) => (
          <li key={key} className="relative">
            <Picture picture={picture} name={`${name}, not sent yet`} />
            <button
              type="button"
              aria-label={texts.discardNotSentYet(name)}
              className="absolute top-0 right-0 size-7 rounded-bl-[7px] border border-line bg-sheet font-bold"
              onClick={() => discard(key)}
            >
              <X className="mx-auto size-4" aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <p role="status" className="text-[0.875rem] text-ink2">
        {texts.wait(waiting.length, refused.length === 0)}
      </p>
      {refused.map(({ key, name, refusal }) => (
        <p key={key} role="alert" className="text-[0.875rem] text-contra">
          {name}: {refusal}
        </p>
      ))}
      {refused.length > 0 && (
        <button type="button" className="button mt-1" onClick={again}>
          {common.tryAgain}
        </button>
      )}
    </div>
  )
}
