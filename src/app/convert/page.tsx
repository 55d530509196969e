import type { Metadata } from 'next'
import { ConvertScreen } from '@/features/convert'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.conversions }

export default function Page() {
  return <ConvertScreen />
}
