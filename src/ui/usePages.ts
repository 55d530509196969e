'use client'

import { keepPreviousData, useInfiniteQuery, useQueryClient, type InfiniteData } from '@tanstack/react-query'
import { useCallback } from 'react'
import type { Output, RequestLine } from '@/contract/endpoints'
import { read, requestOf, errorMessage, type CallInput } from './call'
import { useRested } from './useRested'

/** Endpoints that answer a list in pages. */
type PagedLine = {
  [L in RequestLine]: L extends `GET ${string}`
    ? Output<L> extends { items: unknown[]; next: string | null }
      ? L
      : never
    : never
}[RequestLine]

interface Pages<P> {
  pages: P[]
  /** what to change, or that the server is away; empty = nothing */
  message: string
  /** whether the answer to what is asked now is still under way */
  waiting: boolean
  hasMore: boolean
  more: () => void
  /** brings the pages that are still missing, as far as `MAX_PAGES`; whether the list is whole then */
  all: () => Promise<boolean>
  /** asks all pages anew, after something was changed */
  again: () => Promise<void>
  /** puts changes into the pages that are shown */
  put: (change: (page: P) => P) => void
}

/** A list is brought whole only as far as a browser holds it easily. */
const MAX_PAGES = 60

/** What the page brought along is not asked again at once. */
const FRESH_MS = 5000

interface List<L extends PagedLine> {
  /** the varying parts of its path */
  path?: CallInput<L>['path']
  /** such as `q=6205`; the cursor is added */
  query: string
  /** the first page of `initialQuery`, which came with the screen */
  initial: Output<L>
  initialQuery: string
}

/** A list in pages, asked anew when its query changes. */
export function usePages<L extends PagedLine>(
  line: L,
  { path, query, initial, initialQuery }: List<L>,
): Pages<Output<L>> {
  const rested = useRested(query)
  const client = useQueryClient()
  const key = ['pages', line, path, rested]
  const found = useInfiniteQuery({
    queryKey: key,
    queryFn: ({ pageParam, signal }) => {
      const query = new URLSearchParams(rested)
      if (pageParam !== null) query.set('cursor', pageParam)
      return read<Output<L>>(requestOf(line, { path, query } as unknown as CallInput<L>), signal)
    },
    initialPageParam: null as string | null,
    getNextPageParam: (page: Output<L>) => (page as { next: string | null }).next,
    placeholderData: keepPreviousData,
    staleTime: FRESH_MS,
    ...(rested === initialQuery && { initialData: { pages: [initial], pageParams: [null] } }),
  })
  const { fetchNextPage, refetch } = found
  const error = found.error ?? found.failureReason
  return {
    pages: found.data?.pages ?? [],
    message: error ? errorMessage(error) : '',
    waiting: rested !== query || found.isPlaceholderData || found.isPending,
    hasMore: found.hasNextPage && !found.isPlaceholderData,
    more: useCallback(() => void fetchNextPage(), [fetchNextPage]),
    all: useCallback(async () => {
      for (let page = 0; page < MAX_PAGES; page += 1) {
        const { hasNextPage, isError } = await fetchNextPage()
        if (!hasNextPage || isError) return !isError
      }
      return false
    }, [fetchNextPage]),
    again: useCallback(async () => void (await refetch()), [refetch]),
    put: (change) =>
      client.setQueryData<InfiniteData<Output<L>, string | null>>(
        key,
        (data) => data && { ...data, pages: data.pages.map(change) },
      ),
  }
}
