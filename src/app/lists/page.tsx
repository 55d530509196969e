import type { Metadata } from 'next'
import { connection } from 'next/server'
import { ListsScreen } from '@/features/lists'
import { lists } from '@/services/lists'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.ownAndSupplierLists }

export default async function Page() {
  await connection()
  return <ListsScreen initial={(await lists()).lists} />
}
