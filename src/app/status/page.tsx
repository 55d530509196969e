import type { Metadata } from 'next'
import { connection } from 'next/server'
import { StatusScreen } from '@/features/status'
import { status } from '@/services/status'

export const metadata: Metadata = { title: 'Server status' }

export default async function Page() {
  await connection()
  return <StatusScreen status={await status()} />
}
