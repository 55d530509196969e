'use client'

import type { Route } from 'next'
import { Link } from '@/ui/Link'
import { usePathname, useRouter } from 'next/navigation'
import { Frame } from '@/features/shell'
import { DidYouMean } from '@/ui/DidYouMean'
import { useAnswer } from '@/ui/useAnswer'

/** A number that no part has: why, and which numbers may have been meant. */
export function NotListed() {
  const router = useRouter()
  const requested = decodeURIComponent(usePathname().split('/').at(-1) ?? '')
  const { message, suggestions } = useAnswer('GET /api/parts', { query: { designation: requested } })
  return (
    <Frame about={<b className="number font-semibold text-ink">{requested}</b>}>
      <div className="mx-auto max-w-[52ch] px-6 pt-20">
        <h1 className="mb-2 text-[1.3125rem] font-bold">Not listed</h1>
        <p className="mb-3 text-ink2">{message || `“${requested}” is not in the catalogue.`}</p>
        <DidYouMean
          suggestions={suggestions}
          onPick={(designation) => router.push(`/parts/${encodeURIComponent(designation)}` as Route)}
        />
        <p className="mt-5 flex flex-wrap gap-2">
          <Link
            href={
              `/identify?e=${encodeURIComponent(JSON.stringify({ stamps: [{ text: requested }] }))}` as Route
            }
            data-primary
            className="button"
          >
            Identify it by its sizes
          </Link>
          <Link href="/jobs" className="button">
            All jobs
          </Link>
        </p>
      </div>
    </Frame>
  )
}
