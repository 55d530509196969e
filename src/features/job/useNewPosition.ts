'use client'

import { useState } from 'react'
import { call, wordsOf } from '@/ui/call'
import { useJob } from './JobContext'

/** Writes a position into the register of the job's machine, and chooses it for the job. */
export function useNewPosition(): {
  /** @returns whether it was written */
  add: (position: { name: string; side?: string }) => Promise<boolean>
  error: string
} {
  const { machine, setMachine, change } = useJob()
  const [error, setError] = useState('')
  const add = async (position: { name: string; side?: string }): Promise<boolean> => {
    if (!machine) return false
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
      setError(wordsOf(thrown))
      return false
    }
  }
  return { add, error }
}
