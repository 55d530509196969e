import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { JobProvider } from '@/features/job'
import { ServiceError } from '@/services/errors'
import { getJob } from '@/services/jobs'
import { machineOf } from '@/services/machines'

interface Props {
  params: Promise<{ id: string }>
  children: ReactNode
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const job = `Job ${(await params).id}`
  return { title: { template: `%s · ${job} · Amber Socket`, default: job } }
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
  const job = await load((await params).id)
  return (
    <JobProvider initial={job} initialMachine={await machineOf(job.machineId)}>
      {children}
    </JobProvider>
  )
}
