import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { JobProvider } from '@/features/job'
import { ServiceError } from '@/services/errors'
import { getJob, machines } from '@/services/jobs'

interface Props {
  params: Promise<{ id: string }>
  children: ReactNode
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Job ${(await params).id}` }
}

async function load(text: string) {
  if (!/^\d{1,9}$/.test(text)) notFound()
  try {
    return await getJob(Number(text))
  } catch (error) {
    if (error instanceof ServiceError && error.code === 'notFound') notFound()
    throw error
  }
}

export default async function Layout({ params, children }: Props) {
  const [job, all] = await Promise.all([load((await params).id), machines()])
  return (
    <JobProvider initial={job} machines={all}>
      {children}
    </JobProvider>
  )
}
