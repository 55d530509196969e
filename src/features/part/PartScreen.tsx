'use client'

import { useState } from 'react'
import type { Application } from '@/core/interchange'
import { Frame } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import * as texts from '@/texts/part'
import { PartView } from './PartView'
import { usePartSheet } from './usePartSheet'

export function PartScreen({ data }: { data: PartSheet }) {
  const [application, setApplication] = useState<Application>({})
  const sheet = usePartSheet(data.designation, application, data)
  return (
    <Frame about={<b className="font-semibold text-ink">{texts.partSheet}</b>}>
      <PartView
        data={sheet.kind === 'found' ? sheet.data : data}
        application={application}
        onApplication={setApplication}
      />
    </Frame>
  )
}
