import type { Metadata } from 'next'
import { connection } from 'next/server'
import { StoreScreen } from '@/features/store'
import { stock } from '@/services/stock'

export const metadata: Metadata = { title: 'Store' }

export default async function Page() {
  await connection()
  return <StoreScreen initial={await stock()} />
}
