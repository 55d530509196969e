import type { Metadata } from 'next'
import { connection } from 'next/server'
import { ListsScreen } from '@/features/lists'
import { lists } from '@/services/lists'

export const metadata: Metadata = { title: 'Own and supplier lists' }

export default async function Page() {
  await connection()
  return <ListsScreen initial={(await lists()).lists} />
}
