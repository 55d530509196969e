import type { Metadata } from 'next'
import { TrayScreen } from '@/features/tray'

export const metadata: Metadata = { title: 'Batch tray' }

export default function Page() {
  return <TrayScreen />
}
