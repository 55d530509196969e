import type { Metadata } from 'next'
import { connection } from 'next/server'
import { StatusScreen } from '@/features/status'
import { status } from '@/services/status'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.serverStatus }

export default async function Page() {
  await connection()
  return <StatusScreen status={await status()} />
}
