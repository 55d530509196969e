import type { Metadata } from 'next'
import { ComponentsScreen } from '@/features/components'

export const metadata: Metadata = { title: 'Components' }
export default function Page() {
  return <ComponentsScreen />
}
