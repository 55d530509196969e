'use client'

import { useEffect, useState } from 'react'
import { JobLinks, jobsLeft } from '@/features/job'
import { jobsWithWaitingPhotos } from '@/features/photos'
import * as texts from '@/texts/bench'

/** Jobs whose last entries are still in this browser: after a crash nobody else would know of them. */
export function NotStored() {
  const [jobs, setJobs] = useState<readonly number[]>([])
  useEffect(() => {
    void Promise.all([jobsLeft(), jobsWithWaitingPhotos()]).then((all) =>
      setJobs([...new Set(all.flat())].sort((a, b) => a - b)),
    )
  }, [])
  if (jobs.length === 0) return null
  return (
    <section
      aria-label={texts.notStoredYetLabel}
      className="mt-4 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2"
    >
      <p>
        <b>{texts.notStoredYet}</b> {texts.typedOrPhotographedIn} <JobLinks ids={jobs} />
      </p>
    </section>
  )
}
