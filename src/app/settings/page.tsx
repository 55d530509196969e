import type { Metadata } from 'next'
import { connection } from 'next/server'
import { SettingsScreen } from '@/features/settings'
import { settings } from '@/services/settings'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.settings }

export default async function Page() {
  await connection()
  return <SettingsScreen initial={await settings()} zones={['UTC', ...Intl.supportedValuesOf('timeZone')]} />
}
