import type { Metadata } from 'next'
import { connection } from 'next/server'
import { JobList } from '@/features/jobs'
import { listJobs } from '@/services/jobs'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.allJobs }

type PageProps = { searchParams: Promise<Record<string, string | string[] | undefined>> }

export default async function Page({ searchParams }: PageProps) {
  await connection()
  const { q, open } = await searchParams
  const [text, onlyOpen] = [typeof q === 'string' ? q.slice(0, 80) : '', open === 'true']
  return (
    <JobList
      initial={await listJobs({ q: text, open: String(onlyOpen) })}
      initialQuery={{ text, open: onlyOpen }}
    />
  )
}
