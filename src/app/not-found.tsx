import type { Metadata } from 'next'
import { Frame } from '@/features/shell'
import { Link } from '@/ui/Link'

export const metadata: Metadata = { title: 'Page not found' }

export default function NotFound() {
  return (
    <Frame about="Page not found">
      <div className="mx-auto max-w-[48ch] px-6 pt-20">
        <h1 className="mb-2 text-[1.3125rem] font-bold">Page not found</h1>
        <p className="mb-5 text-ink2">Nothing has this address. A job that was removed is in the bin.</p>
        <div className="flex flex-wrap gap-2">
          <Link href="/jobs" data-primary className="button">
            All jobs
          </Link>
          <Link href="/bin" className="button">
            Bin
          </Link>
        </div>
      </div>
    </Frame>
  )
}
