import type { Metadata } from 'next'
import { ConvertScreen } from '@/features/convert'

export const metadata: Metadata = { title: 'Conversions' }

export default function Page() {
  return <ConvertScreen />
}
