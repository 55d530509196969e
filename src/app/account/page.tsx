import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { OwnAccount } from '@/features/accounts'
import { accountIn } from '@/services/accounts'

export const metadata: Metadata = { title: 'Your account' }

export default async function Page() {
  const account = accountIn(await headers())
  return <OwnAccount account={account && { name: account.name, role: account.role }} />
}
