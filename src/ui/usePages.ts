'use client'

import { keepPreviousData, useInfiniteQuery, useQueryClient, type InfiniteData } from '@tanstack/react-query'
import { useCallback } from 'react'
import { ask, wordsOf } from './ask'
import { useRested } from './useRested'

/** A page of a list as every list of the interface answers. */
export interface Page<T> {
  items: T[]
  /** the cursor of the next page; null = this is the last */
  next: string | null
}

interface Pages<P> {
  pages: P[]
  /** what to change, or that the server is away; empty = nothing */
  words: string
  /** whether the answer to what is asked now is still under way */
  waiting: boolean
  hasMore: boolean
  more: () => void
  /** asks all pages anew, after something was changed */
  again: () => Promise<void>
  /** puts changes into the pages that are shown */
  put: (change: (page: P) => P) => void
}

/** What the page brought along is not asked again at once. */
const FRESH_MS = 5000

/**
 * A list in pages, asked anew when its query changes.
 * @param query of the list, such as `q=6205`; the cursor is added
 * @param initial the first page of `initialQuery`, which came with the screen
 */
export function usePages<P extends Page<unknown>>(
  path: string,
  query: string,
  initial: P,
  initialQuery: string,
): Pages<P> {
  const rested = useRested(query)
  const client = useQueryClient()
  const found = useInfiniteQuery({
    queryKey: ['pages', path, rested],
    queryFn: ({ pageParam, signal }) =>
      ask<P>(`${path}?${rested}${pageParam === null ? '' : `&cursor=${encodeURIComponent(pageParam)}`}`, {
        signal,
      }),
    initialPageParam: null as string | null,
    getNextPageParam: (page: P) => page.next,
    placeholderData: keepPreviousData,
    staleTime: FRESH_MS,
    ...(rested === initialQuery && { initialData: { pages: [initial], pageParams: [null] } }),
  })
  const { fetchNextPage, refetch } = found
  const error = found.error ?? found.failureReason
  return {
    pages: found.data?.pages ?? [],
    words: error ? wordsOf(error) : '',
    waiting: rested !== query || found.isPlaceholderData || found.isPending,
    hasMore: found.hasNextPage && !found.isPlaceholderData,
    more: useCallback(() => void fetchNextPage(), [fetchNextPage]),
    again: useCallback(async () => void (await refetch()), [refetch]),
    put: useCallback(
      (change: (page: P) => P) =>
        client.setQueryData<InfiniteData<P, string | null>>(
          ['pages', path, rested],
          (data) => data && { ...data, pages: data.pages.map(change) },
        ),
      [client, path, rested],
    ),
  }
}
