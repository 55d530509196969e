import type { Metadata } from 'next'
import { connection } from 'next/server'
import { ToolboxScreen } from '@/features/toolbox'
import { toolbox } from '@/services/settings'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.toolbox }
export default async function Page() {
  await connection()
  return <ToolboxScreen initial={await toolbox()} />
}
