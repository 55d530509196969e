import type { Metadata } from 'next'
import { connection } from 'next/server'
import { AccountsScreen } from '@/features/accounts'
import { accounts, audit } from '@/services/accounts'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.accounts }

export default async function Page() {
  await connection()
  const [all, trail] = await Promise.all([accounts(), audit({})])
  return <AccountsScreen accounts={all} audit={trail} />
}
