import type { Metadata } from 'next'
import { connection } from 'next/server'
import { MachineList } from '@/features/machines'
import { listMachines } from '@/services/machines'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.machines }

type PageProps = { searchParams: Promise<Record<string, string | string[] | undefined>> }

export default async function Page({ searchParams }: PageProps) {
  await connection()
  const { q } = await searchParams
  const query = typeof q === 'string' ? q.trim().slice(0, 80) : ''
  return <MachineList initial={await listMachines({ q: query })} initialQuery={query} />
}
