import type { Metadata } from 'next'
import { connection } from 'next/server'
import { OrdersScreen } from '@/features/orders'
import { orders } from '@/services/orders'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.orders }

export default async function Page({ searchParams }: { searchParams: Promise<{ jobs?: string }> }) {
  await connection()
  return <OrdersScreen initial={await orders()} jobs={(await searchParams).jobs ?? ''} />
}
