import type { Metadata } from 'next'
import { connection } from 'next/server'
import { BinScreen } from '@/features/bin'
import { bin } from '@/services/bin'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.bin }

export default async function Page() {
  await connection()
  return <BinScreen initial={await bin()} />
}
