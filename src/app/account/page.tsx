import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { OwnAccount } from '@/features/accounts'
import { accountIn } from '@/services/accounts'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.yourAccount }

export default async function Page() {
  const account = accountIn(await headers())
  return <OwnAccount account={account && { name: account.name, role: account.role }} />
}
