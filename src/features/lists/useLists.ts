'use client'

import { useCallback, useEffect, useState } from 'react'
import type { ListDetail, ListSummary } from '@/contract/list'
import { ask, send, wordsOf } from '@/ui/ask'
import { notifyDone } from '@/ui/notify'

/** How often a list at work is asked how far it is, ms. */
const LOOK_EVERY_MS = 400

interface Lists {
  lists: readonly ListSummary[]
  /** the list that is looked at */
  detail: ListDetail | null
  problem: string
  look: (id: number | null) => void
  /** stops an import at work, or takes a finished list away */
  drop: (id: number) => Promise<void>
  refresh: () => Promise<void>
}

/** The shop's lists; those at work move by themselves. */
export function useLists(initial: readonly ListSummary[]): Lists {
  const [lists, setLists] = useState(initial)
  const [chosen, setChosen] = useState<number | null>(initial[0]?.id ?? null)
  const [detail, setDetail] = useState<ListDetail | null>(null)
  const [problem, setProblem] = useState('')
  const working = lists.some((list) => list.state === 'running')

  const refresh = useCallback(async () => {
    try {
      setLists((await ask<{ lists: ListSummary[] }>('/api/lists')).lists)
      setProblem('')
    } catch (error) {
      setProblem(wordsOf(error))
    }
  }, [])

  useEffect(() => {
    if (!working) return
    const timer = setInterval(() => void refresh(), LOOK_EVERY_MS)
    return () => clearInterval(timer)
  }, [working, refresh])

  const state = lists.find((list) => list.id === chosen)?.state
  useEffect(() => {
    if (chosen === null || state === undefined) return
    let current = true
    ask<ListDetail>(`/api/lists/${chosen}`)
      .then((found) => current && setDetail(found))
      .catch((error) => current && setProblem(wordsOf(error)))
    return () => {
      current = false
    }
  }, [chosen, state])

  const drop = useCallback(
    async (id: number) => {
      try {
        const { state: now } = await ask<{ state: string }>(`/api/lists/${id}`, { method: 'DELETE' })
        if (now === 'removed') setChosen(null)
        await refresh()
        if (now === 'removed')
          await notifyDone('List removed', () => send('POST', `/api/bin/list/${id}`).then(refresh))
      } catch (error) {
        setProblem(wordsOf(error))
      }
    },
    [refresh],
  )

  return { lists, detail: detail?.id === chosen ? detail : null, problem, look: setChosen, drop, refresh }
}
