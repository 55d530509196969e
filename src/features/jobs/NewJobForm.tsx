'use client'

import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { stagePath } from '@/features/job'
import { MachineField } from '@/features/machines'
import { Frame } from '@/features/shell'
import type { Machine } from '@/contract/machine'
import { call, wordsOf } from '@/ui/call'
import { useKept } from '@/ui/useKept'

/** Opens a job with as little as a title. */
export function NewJobForm() {
  const router = useRouter()
  const [title, setTitle, forgetTitle] = useKept('newJob.title', '')
  const [machine, setMachine] = useState<Machine | null>(null)
  const [trouble, setTrouble] = useState('')
  const [busy, setBusy] = useState(false)
  const open = async (event: FormEvent) => {
    event.preventDefault()
    setBusy(true)
    try {
      const { id } = await call('POST /api/jobs', { body: { title, machineId: machine?.id ?? null } })
      forgetTitle()
      return router.push(stagePath(id, 'takeIn'))
    } catch (error) {
      setTrouble(wordsOf(error).replace(/^title: /, ''))
    }
    setBusy(false)
  }
  return (
    <Frame about={<b className="font-semibold text-ink">New job</b>}>
      <form onSubmit={(e) => void open(e)} className="mx-auto grid max-w-[520px] gap-4 px-4 pt-8 sm:pt-20">
        <h1 className="text-[1.3125rem] font-bold">Open a job</h1>
        <label>
          <span className="caption mb-1 block">What came in</span>
          <input
            autoFocus
            className="field"
            value={title}
            maxLength={160}
            placeholder="Land train, coach 3, rear right wheel"
            onChange={(e) => setTitle(e.target.value)}
            aria-describedby="trouble"
          />
        </label>
        <MachineField machine={machine} onChoose={setMachine} />
        <p id="trouble" role="alert" className="min-h-5 text-contra">
          {trouble}
        </p>
        <button type="submit" data-primary className="button" disabled={busy}>
          Open the job
        </button>
      </form>
    </Frame>
  )
}
