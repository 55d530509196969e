import type { Metadata } from 'next'
import { Frame } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/pages'
import { Link } from '@/ui/Link'

export const metadata: Metadata = { title: texts.pageNotFound }

export default function NotFound() {
  return (
    <Frame about={texts.pageNotFound}>
      <div className="mx-auto max-w-[48ch] px-6 pt-20">
        <h1 className="mb-2 text-[1.3125rem] font-bold">{texts.pageNotFound}</h1>
        <p className="mb-5 text-ink2">{texts.nothingHasThisAddress}</p>
        <div className="flex flex-wrap gap-2">
          <Link href="/jobs" data-primary className="button">
            {common.allJobs}
          </Link>
          <Link href="/bin" className="button">
            {common.bin}
          </Link>
        </div>
      </div>
    </Frame>
  )
}
