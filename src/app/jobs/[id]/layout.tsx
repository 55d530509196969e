import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { JobProvider } from '@/features/job'
import { machineOf } from '@/services/machines'
import * as common from '@/texts/common'
import * as texts from '@/texts/pages'
import { jobOf } from './jobOf'

interface Props {
  params: Promise<{ id: string }>
  children: ReactNode
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const job = common.jobNumber((await params).id)
  return { title: { template: texts.sAmberSocket(job), default: job } }
}

export default async function Layout({ params, children }: Props) {
  const job = await jobOf((await params).id)
  return (
    <JobProvider initial={job} initialMachine={await machineOf(job.machineId)}>
      {children}
    </JobProvider>
  )
}
