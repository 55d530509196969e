'use client'

import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { ApiError } from './call'

const TRY_AGAIN_MS = 3000
/**
 * Answers of the server, shared by all that show them: asked again while it is away, never while it refuses in words. What nobody
 * shows is forgotten at once: a screen opened again starts from what is true then.
 */
export function QueriesProvider({ children }: { children: ReactNode }) {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: {
          queries: {
            retry: (_, error) => !(error instanceof ApiError && error.answered),
            retryDelay: TRY_AGAIN_MS,
            gcTime: 0,
            // The server is on this machine or in this shop: whether there is an internet says nothing.
            networkMode: 'always',
            refetchOnWindowFocus: false,
          },
        },
      }),
  )
  return <QueryClientProvider client={client}>{children}</QueryClientProvider>
}
