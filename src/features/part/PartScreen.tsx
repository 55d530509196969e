'use client'

import { Frame } from '@/features/shell'
import type { PartSheetData } from '@/services/partSheet'
import { PartView } from './PartView'

export function PartScreen({ data }: { data: PartSheetData }) {
  return (
    <Frame about={<b className="font-semibold text-ink">Part sheet</b>}>
      <PartView data={data} />
    </Frame>
  )
}
