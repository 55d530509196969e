'use client'

import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react'
import type { Job } from '@/services/schemas/job'
import { useSaver, type JobPatch, type SaveState } from './useSaver'

export interface MachineChoice {
  id: number
  name: string
  place: string
  positions: { id: number; name: string; arrangement: string | null; fitted: string; quantity: number }[]
}

interface JobValue {
  job: Job
  machines: readonly MachineChoice[]
  change: (patch: JobPatch) => void
  state: SaveState
  keepMine: () => void
  takeTheirs: () => void
}

const Context = createContext<JobValue | null>(null)

interface Props {
  initial: Job
  machines: readonly MachineChoice[]
  children: ReactNode
}

/** The job of all its screens: changed here at once, saved behind. */
export function JobProvider({ initial, machines, children }: Props) {
  const [job, setJob] = useState(initial)
  const onJob = useCallback((stored: Job) => setJob(stored), [])
  const { state, queue, keepMine, takeTheirs } = useSaver(initial, onJob)
  const change = useCallback(
    (patch: JobPatch) => {
      setJob((was) => ({ ...was, ...patch }) as Job)
      queue(patch)
    },
    [queue],
  )
  const value = useMemo(
    () => ({ job, machines, change, state, keepMine, takeTheirs }),
    [job, machines, change, state, keepMine, takeTheirs],
  )
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export function useJob(): JobValue {
  const value = useContext(Context)
  if (!value) throw new Error('useJob outside JobProvider')
  return value
}
