import 'server-only'
import { notFound } from 'next/navigation'
import { cache } from 'react'
import { ServiceError } from '@/services/errors'
import { getJob } from '@/services/jobs'

/** The job of an address, read once a page; the page of nothing where there is none. */
export const jobOf = cache(async (id: string) => {
  if (!/^\d{1,9}$/.test(id)) notFound()
  try {
    return await getJob(Number(id))
  } catch (error) {
    if (error instanceof ServiceError && error.code === 'notFound') notFound()
    throw error
  }
})
