'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { Job } from '@/contract/job'
import { requestOf } from '@/ui/call'
import { keepDraft, ownDraft, takeDraft } from './drafts'
import { mergePatch } from './mergePatch'
import { withAdded } from './withAdded'
import { withPatch, type JobPatch } from './withPatch'

export type SaveState =
  | { kind: 'saved'; at: number | null }
  | { kind: 'saving' }
  /** the server cannot be reached; what was typed is kept here and tried again */
  | { kind: 'waiting' }
  | { kind: 'refused'; detail: string }
  | { kind: 'conflict'; current: Job }

/** Typing rests this long before it is sent. */
const DEBOUNCE_MS = 350
const TRY_AGAIN_MS = 3000
const MAX_KEEPALIVE_BYTES = 60 * 1024

/** Whether what was sent is in what is stored; the server may have added to it, such as decisions to a kit. */
function holds(stored: unknown, sent: unknown): boolean {
  if (sent === undefined) return true
  if (typeof sent !== 'object' || sent === null || Array.isArray(sent))
    return JSON.stringify(stored) === JSON.stringify(sent)
  if (typeof stored !== 'object' || stored === null) return false
  const there = stored as Record<string, unknown>
  return Object.entries(sent).every(([name, value]) => holds(there[name], value))
}

/** A change that reached the server although its answer did not reach us. */
function alreadyStored(job: Job, { bearings = {}, closed, ...patch }: JobPatch): boolean {
  return (
    holds(job, { ...patch, reason: undefined, who: undefined }) &&
    (closed === undefined || closed === (job.closedAt !== null)) &&
    Object.entries(bearings).every(([id, change]) =>
      holds(
        job.bearings.find((b) => b.id === Number(id)),
        change,
      ),
    )
  )
}

/** The later change on top of the earlier one, bearing by bearing. */
function joined(first: JobPatch | null, then: JobPatch): JobPatch {
  const bearings = { ...first?.bearings }
  for (const [id, change] of Object.entries(then.bearings ?? {}))
    bearings[id] = { ...bearings[id], ...change }
  return { ...first, ...then, ...(Object.keys(bearings).length > 0 && { bearings }) }
}

interface Saver {
  state: SaveState
  queue: (patch: JobPatch) => void
  /** a newer job that came beside the saver: changes go on from its version */
  adopt: (job: Job) => void
  /** conflict: send ours on top of theirs */
  keepMine: () => void
  /** conflict: drop ours */
  takeTheirs: () => void
}

/**
 * Saves changes of a job while they are typed: kept locally at once, sent after a short rest, one request at a time,
 * tried again while the server is away, merged with what another window changed beside it. `onJob` gets every job the server answers with, what is pending in it.
 */
export function useSaver(initial: Job, onJob: (job: Job) => void): Saver {
  const [state, setState] = useState<SaveState>({ kind: 'saved', at: null })
  const version = useRef(initial.version)
  /** the job of that version, as the server has it */
  const base = useRef(initial)
  const pending = useRef<JobPatch | null>(null)
  /** what is on its way: until the answer comes nobody knows whether it arrives */
  const sent = useRef<JobPatch | null>(null)
  /** whether what was left from before this screen was opened is in `pending` */
  const tookUp = useRef(false)
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const flush = useRef<() => void>(() => undefined)
  const id = initial.id

  const later = useCallback((ms: number) => {
    clearTimeout(timer.current)
    timer.current = setTimeout(() => flush.current(), ms)
  }, [])

  useEffect(() => {
    const putBack = (patch: JobPatch) => {
      pending.current = pending.current ? joined(patch, pending.current) : patch
      keepDraft(id, { version: version.current, patch: pending.current })
    }
    flush.current = () => {
      const patch = pending.current
      if (!patch || sent.current) return
      pending.current = null
      sent.current = patch
      setState({ kind: 'saving' })
      void send(id, version.current, patch).then((answer) => {
        sent.current = null
        switch (answer.kind) {
          case 'stored':
            version.current = answer.job.version
            base.current = answer.job
            if (pending.current) {
              pending.current = withAdded(pending.current, patch, answer.job)
              keepDraft(id, { version: version.current, patch: pending.current })
              onJob(withPatch(answer.job, pending.current))
              later(0)
            } else {
              keepDraft(id, null)
              setState({ kind: 'saved', at: Date.now() })
              onJob(answer.job)
            }
            return
          case 'away':
            putBack(patch)
            setState({ kind: 'waiting' })
            later(TRY_AGAIN_MS)
            return
          case 'conflict':
            if (alreadyStored(answer.current, patch)) {
              // Our own change, sent before this screen was opened.
              version.current = answer.current.version
              base.current = answer.current
              keepDraft(id, pending.current && { version: version.current, patch: pending.current })
              setState({ kind: 'saved', at: Date.now() })
              if (pending.current) later(0)
              else onJob(answer.current)
              return
            }
            putBack(patch)
            if (pending.current) {
              const merged = mergePatch(base.current, pending.current, answer.current)
              if (merged) {
                pending.current = merged
                version.current = answer.current.version
                base.current = answer.current
                keepDraft(id, { version: version.current, patch: merged })
                onJob(withPatch(answer.current, merged))
                later(0)
                return
              }
            }
            setState({ kind: 'conflict', current: answer.current })
            return
          case 'refused':
            putBack(patch)
            setState({ kind: 'refused', detail: answer.detail })
        }
      })
    }
  })

  const queue = useCallback(
    (patch: JobPatch) => {
      // A field may be typed in before this screen has taken up what was left: it is not written over.
      const left = tookUp.current ? null : ownDraft(id)
      pending.current = joined(left ? joined(left.patch, pending.current ?? {}) : pending.current, patch)
      keepDraft(id, {
        version: left?.version ?? version.current,
        patch: joined(sent.current, pending.current),
      })
      setState((was) => (was.kind === 'conflict' ? was : { kind: 'saving' }))
      later(DEBOUNCE_MS)
    },
    [id, later],
  )

  useEffect(() => {
    let here = true
    void takeDraft(id).then((draft) => {
      tookUp.current = true
      if (!draft || !here) return
      if (alreadyStored(initial, draft.patch)) return keepDraft(id, null)
      // What was typed since this screen was opened stands on top of it.
      const patch = pending.current ? joined(draft.patch, pending.current) : draft.patch
      pending.current = patch
      keepDraft(id, { version: draft.version, patch })
      onJob(withPatch(initial, patch))
      if (draft.version === version.current) later(0)
      else setState({ kind: 'conflict', current: initial })
    })
    return () => {
      here = false
    }
    // Only what was left from before this screen was opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id])

  useEffect(() => () => clearTimeout(timer.current), [])

  const keepMine = useCallback(() => {
    if (state.kind !== 'conflict') return
    version.current = state.current.version
    base.current = state.current
    later(0)
  }, [state, later])

  const takeTheirs = useCallback(() => {
    if (state.kind !== 'conflict') return
    pending.current = null
    version.current = state.current.version
    base.current = state.current
    keepDraft(id, null)
    onJob(state.current)
    setState({ kind: 'saved', at: Date.now() })
  }, [state, id, onJob])

  const adopt = useCallback((job: Job) => {
    version.current = job.version
    base.current = job
  }, [])

  return { state, queue, adopt, keepMine, takeTheirs }
}

type Answer =
  | { kind: 'stored'; job: Job }
  | { kind: 'away' }
  | { kind: 'conflict'; current: Job }
  | { kind: 'refused'; detail: string }

async function send(id: number, version: number, patch: JobPatch): Promise<Answer> {
  const { method, address, body } = requestOf('PATCH /api/jobs/{id}', {
    path: { id },
    body: { version, ...patch },
  })
  try {
    const response = await fetch(address, {
      method,
      headers: { 'content-type': 'application/json' },
      body,
      // Goes on when the tab is closed meanwhile; a larger one would be refused by the browser (Fetch, 64 KiB).
      keepalive: new Blob([body]).size <= MAX_KEEPALIVE_BYTES,
    })
    if (response.ok) return { kind: 'stored', job: (await response.json()) as Job }
    if (response.status >= 500) return { kind: 'away' }
    const refusal = (await response.json()) as { detail: string; current?: Job }
    return response.status === 409 && refusal.current
      ? { kind: 'conflict', current: refusal.current }
      : { kind: 'refused', detail: refusal.detail }
  } catch {
    return { kind: 'away' }
  }
}
