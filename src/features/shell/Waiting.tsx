'use client'

import { useIsFetching, useQueryClient, type Query, type QueryClient } from '@tanstack/react-query'
import * as common from '@/texts/common'
import * as texts from '@/texts/shell'
import { useRested } from '@/ui/useRested'

/** What is answered sooner needs no words. */
const SOON_MS = 300

const isFailing = ({ state }: Query): boolean => state.fetchFailureCount > 0

/** A question that rests before it is asked again is given up and asked anew. */
async function askAtOnce(client: QueryClient): Promise<void> {
  const exactly = client
    .getQueryCache()
    .findAll({ predicate: isFailing })
    .map(({ queryKey }) => ({ queryKey, exact: true }))
  await Promise.all(exactly.map((filter) => client.cancelQueries(filter)))
  await Promise.all(exactly.map((filter) => client.refetchQueries(filter)))
}

/** What a screen waits for: an answer under way, or a server that gives none, with a way to ask at once. */
export function Waiting() {
  const client = useQueryClient()
  const failing = useIsFetching({ predicate: isFailing })
  const asking = useIsFetching({
    predicate: ({ state }) => state.data === undefined && state.fetchFailureCount === 0,
  })
  const lasts = useRested(asking > 0, SOON_MS)
  const position =
    'pointer-events-none absolute inset-x-0 bottom-3 z-20 flex justify-center *:pointer-events-auto *:rounded-lg *:border *:bg-sheet *:px-4 *:py-2'
  if (failing > 0)
    return (
      <div role="status" className={position}>
        <p className="flex flex-wrap items-center gap-x-3 border-contra! text-contra">
          {texts.theServerDoesNot}
          <button
            type="button"
            className="min-h-10 font-semibold underline underline-offset-4"
            onClick={() => void askAtOnce(client)}
          >
            {common.tryAgain}
          </button>
        </p>
      </div>
    )
  if (asking > 0 && lasts)
    return (
      <div role="status" className={position}>
        <p className="border-line text-ink2">{texts.loading}</p>
      </div>
    )
  return null
}
