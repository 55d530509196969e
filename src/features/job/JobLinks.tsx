import type { Route } from 'next'
import * as common from '@/texts/common'
import { Link } from '@/ui/Link'

/** Jobs by their numbers, each a link to open it. */
export function JobLinks({ ids }: { ids: readonly number[] }) {
  return ids.map((id) => (
    <Link
      key={id}
      href={`/jobs/${id}` as Route}
      className="mr-3 inline-flex min-h-11 items-center underline underline-offset-4"
    >
      {common.job} <span className="number ml-1">{id}</span>
    </Link>
  ))
}
