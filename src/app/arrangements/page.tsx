import type { Metadata } from 'next'
import { connection } from 'next/server'
import { ArrangementsScreen } from '@/features/arrangements'
import { arrangements } from '@/services/arrangements'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.arrangements }

export default async function Page() {
  await connection()
  return <ArrangementsScreen initial={(await arrangements()).arrangements} />
}
