'use client'

import { useEffect, useState } from 'react'
import { JobLinks, jobsLeft } from '@/features/job'

/** Jobs whose last entries are still in this browser: after a crash nobody else would know of them. */
export function NotStored() {
  const [jobs, setJobs] = useState<readonly number[]>([])
  useEffect(() => {
    void jobsLeft().then(setJobs)
  }, [])
  if (jobs.length === 0) return null
  return (
    <section
      aria-label="Not stored yet"
      className="mt-4 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2"
    >
      <p>
        <b>Not stored yet.</b> Typed in a window of this browser that was closed before the server had it.
        Open the job to store it: <JobLinks ids={jobs} />
      </p>
    </section>
  )
}
