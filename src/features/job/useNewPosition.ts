'use client'

import { useRef, useState } from 'react'
import { call, errorMessage } from '@/ui/call'
import { useJob } from './JobContext'

/** Writes a position into the register of the job's machine, and chooses it for the job. */
export function useNewPosition(): {
  /** @returns whether it was written */
  add: (position: { name: string; side?: string }) => Promise<boolean>
  error: string
} {
  const { machine, setMachine, change } = useJob()
  const [error, setError] = useState('')
  const underWay = useRef(false)
  const add = async (position: { name: string; side?: string }): Promise<boolean> => {
    // A second press while the first is on its way would write it twice.
    if (!machine || underWay.current) return false
    underWay.current = true
    try {
      const stored = await call('PATCH /api/machines/{id}', {
        path: { id: machine.id },
        body: { positions: [position] },
      })
      setMachine(stored)
      setError('')
      change({ positionId: stored.positions.at(-1)?.id ?? null })
      return true
    } catch (thrown) {
      setError(errorMessage(thrown))
      return false
    } finally {
      underWay.current = false
    }
  }
  return { add, error }
}
