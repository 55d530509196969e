'use client'

import { useEffect, useState } from 'react'
import { JobLinks, jobsLeft } from '@/features/job'
import { jobsWithWaitingPhotos } from '@/features/photos'

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
      aria-label="Not stored yet"
      className="mt-4 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2"
    >
      <p>
        <b>Not stored yet.</b> Typed or photographed in this browser before the server had it. Open the job to
        store it: <JobLinks ids={jobs} />
      </p>
    </section>
  )
}
