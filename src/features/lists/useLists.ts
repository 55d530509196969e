'use client'

import { useCallback, useEffect, useState } from 'react'
import type { ListDetail, ListSummary } from '@/contract/list'
import * as texts from '@/texts/lists'
import { call, errorMessage } from '@/ui/call'
import { notifyDone } from '@/ui/notify'

/** How often a list at work is asked how far it is, ms. */
const LOOK_EVERY_MS = 400

interface Lists {
  lists: readonly ListSummary[]
  /** the list that is looked at */
  detail: ListDetail | null
  problem: string
  show: (id: number | null) => void
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
      setLists((await call('GET /api/lists')).lists)
      setProblem('')
    } catch (error) {
      setProblem(errorMessage(error))
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
    call('GET /api/lists/{id}', { path: { id: chosen } })
      .then((found) => current && setDetail(found))
      .catch((error) => current && setProblem(errorMessage(error)))
    return () => {
      current = false
    }
  }, [chosen, state])

  const drop = useCallback(
    async (id: number) => {
      try {
        const { state: now } = await call('DELETE /api/lists/{id}', { path: { id } })
        if (now === 'removed') setChosen(null)
        await refresh()
        if (now === 'removed')
          await notifyDone(texts.listRemoved, () =>
            call('POST /api/bin/{kind}/{key}', { path: { kind: 'list', key: id } }).then(refresh),
          )
      } catch (error) {
        setProblem(errorMessage(error))
      }
    },
    [refresh],
  )

  return { lists, detail: detail?.id === chosen ? detail : null, problem, show: setChosen, drop, refresh }
}
