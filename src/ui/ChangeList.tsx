'use client'

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { ChangePage } from '@/contract/account'
import * as texts from '@/texts/ui'
import { read, requestOf, errorMessage } from './call'
import { useTimes } from './Times'

interface Props {
  /** of what these are the changes */
  of: { kind: 'machines' | 'stock'; id: number }
  /** changes with the thing itself, so that its history is asked anew */
  stamp: string
}

/** Who changed what, the latest first; asked for once it is opened. */
export function ChangeList({ of: { kind, id: about }, stamp }: Props) {
  const { time, zone } = useTimes()
  const [isOpen, setIsOpen] = useState(false)
  const { data, error } = useQuery({
    queryKey: ['changes', kind, about, stamp],
    queryFn: ({ signal }) =>
      read<ChangePage>(requestOf(`GET /api/${kind}/{id}/history`, { path: { id: about } }), signal),
    enabled: isOpen,
  })
  return (
    <details className="mt-3" onToggle={(e) => setIsOpen(e.currentTarget.open)}>
      <summary className="cursor-pointer py-3 font-semibold text-ink2">{texts.whoChangedWhat}</summary>
      {error && (
        <p role="alert" className="text-contra">
          {errorMessage(error)}
        </p>
      )}
      {data?.items.length === 0 && <p className="text-ink2">{texts.nothingWasChangedSince}</p>}
      <ol aria-label={texts.changesTheLatestFirst(zone)}>
        {data?.items.map(({ id, who, what, at }) => (
          <li key={id} className="border-t border-line2 py-1.5 text-[0.875rem]">
            <span className="number mr-2 text-[0.8125rem] text-ink3">{time(at)}</span>
            {what} <span className="text-ink3">· {who}</span>
          </li>
        ))}
      </ol>
      {data?.next && <p className="text-ink2">{texts.theLatestThereAre(data.items.length)}</p>}
    </details>
  )
}
