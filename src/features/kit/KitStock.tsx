'use client'

import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import type { KitResponse } from '@/contract/kit'
import { usePaperUrl } from '@/features/shell'
import { call, errorMessage } from '@/ui/call'

interface Props {
  jobId: number
  lines: KitResponse['lines']
  price: number | null
}

/** What of the kit lies in the bins, and the way to the rest of it. */
export function KitStock({ jobId, lines, price }: Props) {
  const paperUrl = usePaperUrl()
  const [message, setMessage] = useState('')
  const bought = lines.filter((l) => l.unit === 'pcs' && l.quantity > 0 && l.state === 'filled')
  const there = bought.filter((l) => (l.stock?.free ?? 0) >= l.quantity).length
  const reserve = () => {
    call('POST /api/jobs/{id}/reserve', { path: { id: jobId } })
      .then(({ reserved, short }) => {
        const pieces = reserved.reduce((sum, r) => sum + r.pieces, 0)
        setMessage(texts.reserved(pieces, short.map((s) => `${s.pieces} × ${s.designation}`).join(', ')))
      })
      .catch((error: unknown) => setMessage(errorMessage(error)))
  }
  return (
    <section aria-label={texts.stockAndPapers} className="mb-2 text-[0.875rem]">
      <p className="mb-1.5 text-ink2">
        {texts.ofSelectedItemsInStock(there, bought.length)}
        {price !== null && (
          <>
            {texts.total} <b className="number">{price.toFixed(2)}</b>
          </>
        )}
      </p>
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="chip px-2.5" onClick={reserve}>
          {texts.reserve}
        </button>
        <Link className="chip px-2.5" href={`/orders?jobs=${jobId}` as Route}>
          {texts.orderShortages}
        </Link>
        <a
          className="chip px-2.5"
          href={paperUrl('GET /api/jobs/{id}/labels.pdf', jobId)}
          target="_blank"
          rel="noreferrer"
        >
          {common.labels}
        </a>
        <a
          className="chip px-2.5"
          href={paperUrl('GET /api/jobs/{id}/quote.pdf', jobId)}
          target="_blank"
          rel="noreferrer"
        >
          {texts.quote}
        </a>
        <a
          className="chip px-2.5"
          href={paperUrl('GET /api/jobs/{id}/card.pdf', jobId)}
          target="_blank"
          rel="noreferrer"
        >
          {texts.jobCard}
        </a>
      </div>
      {message && (
        <p role="status" className="mt-1.5 text-ink2">
          {message}
        </p>
      )}
    </section>
  )
}
