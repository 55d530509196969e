import type { Metadata } from 'next'
import { ComponentsScreen } from '@/features/components'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.components }
export default function Page() {
  return <ComponentsScreen />
}
