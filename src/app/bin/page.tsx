import type { Metadata } from 'next'
import { connection } from 'next/server'
import { BinScreen } from '@/features/bin'
import { bin } from '@/services/bin'

export const metadata: Metadata = { title: 'Bin' }

export default async function Page() {
  await connection()
  return <BinScreen initial={await bin()} />
}
