'use client'

import { useState } from 'react'
import { forgetDrafts, JobLinks, jobsTyped } from '@/features/job'
import { forgetWaitingPhotos, jobsWithWaitingPhotos } from '@/features/photos'
import * as texts from '@/texts/accounts'
import { call } from '@/ui/call'
import { forgetAllTyped } from '@/ui/useStoredState'

/**
 * Ends the session and forgets what this browser keeps of it: who signs in next finds nothing of it, and sends nothing of it
 * under another name. What the server has not got yet is told first.
 */
export function SignOut({ onRefused }: { onRefused: (thrown: unknown) => void }) {
  const [unsaved, setUnsaved] = useState<readonly number[]>([])
  const leave = async (): Promise<void> => {
    const typed = [...new Set([...jobsTyped(), ...(await jobsWithWaitingPhotos())])].sort((a, b) => a - b)
    if (typed.some((id) => !unsaved.includes(id))) return setUnsaved(typed)
    try {
      await call('DELETE /api/session')
      forgetAllTyped()
      forgetDrafts()
      await forgetWaitingPhotos()
      navigator.serviceWorker?.controller?.postMessage('forget')
      window.location.replace('/sign-in')
    } catch (thrown) {
      onRefused(thrown)
    }
  }
  return (
    <div className="grid gap-2">
      {unsaved.length > 0 && (
        <p role="alert" className="rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2">
          <b>{texts.notStoredYet}</b> {texts.openTheJobAnd}
          <JobLinks ids={unsaved} />
        </p>
      )}
      <button type="button" data-primary className="button justify-self-start" onClick={() => void leave()}>
        {unsaved.length > 0 ? texts.discardAndSignOut : texts.signOut}
      </button>
    </div>
  )
}
