'use client'

import { useState } from 'react'
import type { Application } from '@/core/interchange'
import { Frame } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import { PartView } from './PartView'
import { usePartSheet } from './usePartSheet'

export function PartScreen({ data }: { data: PartSheet }) {
  const [place, setPlace] = useState<Application>({})
  const held = usePartSheet(data.designation, place, data)
  return (
    <Frame about={<b className="font-semibold text-ink">Part sheet</b>}>
      <PartView data={held.kind === 'found' ? held.data : data} place={place} onPlace={setPlace} />
    </Frame>
  )
}
