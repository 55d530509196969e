import type { Metadata } from 'next'
import { connection } from 'next/server'
import { ToolboxScreen } from '@/features/toolbox'
import { toolbox } from '@/services/settings'

export const metadata: Metadata = { title: 'Toolbox' }
export default async function Page() {
  await connection()
  return <ToolboxScreen initial={await toolbox()} />
}
