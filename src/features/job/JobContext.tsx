'use client'

import type { Route } from 'next'
import { useSearchParams } from 'next/navigation'
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react'
import { flushSync } from 'react-dom'
import type { Stage } from '@/contract/choices'
import type { Bearing, Job } from '@/contract/job'
import type { Machine } from '@/contract/machine'
import * as texts from '@/texts/job'
import { bearingOf } from './bearingOf'
import { stagePath } from './stagePath'
import { useSaver, type SaveState } from './useSaver'
import { withPatch, type JobPatch } from './withPatch'

/** A job as the screens of one of its bearings see it: evidence, decision, comparison and inspection are of that one. */
interface JobValue {
  job: Job
  bearing: Bearing
  machine: Machine | null
  setMachine: (machine: Machine | null) => void
  change: (patch: JobPatch) => void
  /** from now on the screens are of another bearing of the job */
  showBearing: (id: number) => void
  /** the page of a stage for the bearing that is worked on */
  pathTo: (stage: Stage) => Route
  /** a job the server answered with beside the saver, such as after a bearing was added */
  replace: (job: Job) => void
  state: SaveState
  keepMine: () => void
  takeTheirs: () => void
}

const Context = createContext<JobValue | null>(null)

interface Props {
  initial: Job
  initialMachine: Machine | null
  children: ReactNode
}

/** What changes on a bearing goes to that bearing. */
function addressed(patch: JobPatch, bearing: Bearing | undefined): JobPatch {
  const { evidence, decision, comparison, inspection, ...rest } = patch
  const own = Object.fromEntries(
    Object.entries({ evidence, decision, comparison, inspection }).filter(([, value]) => value !== undefined),
  )
  if (!bearing || Object.keys(own).length === 0) return patch
  return { ...rest, bearings: { ...rest.bearings, [bearing.id]: own } }
}

/** The job of all its screens: changed here at once, saved behind. */
export function JobProvider({ initial, initialMachine, children }: Props) {
  const [job, setJob] = useState(initial)
  const [machine, setMachine] = useState(initialMachine)
  const wanted = Number(useSearchParams().get('bearing'))
  // The address is told to the screen a moment after it changes; what is typed meanwhile is of the bearing that was chosen.
  const [shown, setShown] = useState({ address: wanted, bearing: wanted })
  if (shown.address !== wanted) setShown({ address: wanted, bearing: wanted })
  const bearing = bearingOf(job, shown.bearing)
  const onJob = useCallback((stored: Job) => setJob(stored), [])
  const { state, queue, adopt, keepMine, takeTheirs } = useSaver(initial, onJob)
  const change = useCallback(
    (patch: JobPatch) => {
      const sent = addressed(patch, bearing)
      setJob((was) => withPatch(was, sent))
      queue(sent)
    },
    [queue, bearing],
  )
  const replace = useCallback(
    (stored: Job) => {
      adopt(stored)
      setJob(stored)
    },
    [adopt],
  )
  const showBearing = useCallback(
    (id: number) => {
      flushSync(() => setShown({ address: wanted, bearing: id }))
      // The job has all its bearings here: nothing is asked of the server.
      window.history.pushState(null, '', `?bearing=${id}`)
    },
    [wanted],
  )
  const value = useMemo(
    () =>
      bearing && {
        job: {
          ...job,
          evidence: bearing.evidence,
          decision: bearing.decision,
          comparison: bearing.comparison,
          inspection: bearing.inspection,
        },
        bearing,
        machine,
        setMachine,
        change,
        showBearing,
        pathTo: (stage: Stage) => stagePath(job.id, stage, job.bearings.length > 1 ? bearing.id : null),
        replace,
        state,
        keepMine,
        takeTheirs,
      },
    [job, bearing, machine, change, showBearing, replace, state, keepMine, takeTheirs],
  )
  if (!value) return <p role="alert">{texts.thisJobHasNo}</p>
  return <Context.Provider value={value}>{children}</Context.Provider>
}

export function useJob(): JobValue {
  const value = useContext(Context)
  if (!value) throw new Error('useJob outside JobProvider')
  return value
}
