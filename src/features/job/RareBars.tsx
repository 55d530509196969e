'use client'

import * as texts from '@/texts/job'
import { useJob } from './JobContext'

/** The job was changed on another screen: whose version stays is chosen. */
export function ConflictBar() {
  const { keepMine, takeTheirs } = useJob()
  return (
    <div role="alert" className="flex items-center gap-3 border-b border-line bg-wash px-5 py-2">
      <p className="mr-auto">
        <b>{texts.thisJobWasChanged}</b> {texts.yourEntriesAreKept}
      </p>
      <button type="button" className="button" onClick={takeTheirs}>
        {texts.useTheirsDiscardMine}
      </button>
      <button type="button" className="button" onClick={keepMine}>
        {texts.keepMineOverwriteTheirs}
      </button>
    </div>
  )
}

/** Stored entries that cannot be read: shown, so that nobody takes them for empty. */
export function UnreadableBar() {
  const { job } = useJob()
  return (
    <details className="border-b border-line bg-wash px-5 py-2">
      <summary className="min-h-8 cursor-pointer font-semibold text-contra">
        {texts.setAsideBecauseIt(job.unreadable.map(({ what }) => what.toLowerCase()).join('; '))}
      </summary>
      {job.unreadable.map(({ what, text }) => (
        <p key={what} className="number break-all text-[0.8125rem] text-ink2">
          {what}: {text}
        </p>
      ))}
    </details>
  )
}
