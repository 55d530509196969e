'use client'

import type { Route } from 'next'
import * as common from '@/texts/common'
import * as texts from '@/texts/part'
import { partPath } from '@/ui/partPath'
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
        <h1 className="mb-2 text-[1.3125rem] font-bold">{common.notListed}</h1>
        <p className="mb-3 text-ink2">{message || texts.isNotInTheCatalogue(requested)}</p>
        <DidYouMean suggestions={suggestions} onPick={(designation) => router.push(partPath(designation))} />
        <p className="mt-5 flex flex-wrap gap-2">
          <Link
            href={
              `/identify?e=${encodeURIComponent(JSON.stringify({ stamps: [{ text: requested }] }))}` as Route
            }
            data-primary
            className="button"
          >
            {texts.identifyItByItsSizes}
          </Link>
          <Link href="/jobs" className="button">
            {common.allJobs}
          </Link>
        </p>
      </div>
    </Frame>
  )
}
