import type { Metadata } from 'next'
import { TrayScreen } from '@/features/tray'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.batchTray }

export default function Page() {
  return <TrayScreen />
}
