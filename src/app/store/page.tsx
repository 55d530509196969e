import type { Metadata } from 'next'
import { connection } from 'next/server'
import { StoreScreen } from '@/features/store'
import { stock } from '@/services/stock'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.store }

type PageProps = { searchParams: Promise<Record<string, string | string[] | undefined>> }

export default async function Page({ searchParams }: PageProps) {
  await connection()
  const { q, view } = await searchParams
  const [text, low] = [typeof q === 'string' ? q.slice(0, 80) : '', view === 'low']
  return <StoreScreen initial={await stock({ q: text, low: String(low) })} initialQuery={{ text, low }} />
}
