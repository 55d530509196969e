'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { stagePath } from '@/features/job'
import { MachineField } from '@/features/machines'
import { Frame } from '@/features/shell'
import type { Machine } from '@/contract/machine'
import * as common from '@/texts/common'
import * as texts from '@/texts/jobs'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'

const BLANK = { title: '' }

/** Opens a job with as little as a title. */
export function NewJobForm() {
  const router = useRouter()
  const [machine, setMachine] = useState<Machine | null>(null)
  const { submit, message, isSending, ...fields } = useSentForm({
    blank: BLANK,
    storageKey: 'newJob',
    send: async ({ title }) => {
      const { id } = await call('POST /api/jobs', { body: { title, machineId: machine?.id ?? null } })
      router.push(stagePath(id, 'takeIn'))
    },
  })
  return (
    <Frame about={<b className="font-semibold text-ink">{common.newJob}</b>}>
      <div className="h-full overflow-auto">
        <form
          onSubmit={(e) => void submit(e)}
          className="mx-auto grid max-w-[520px] gap-4 px-4 py-8 sm:pt-20"
        >
          <h1 className="text-[1.3125rem] font-bold">{texts.openAJob}</h1>
          <FormField
            of={fields}
            name="title"
            label={texts.whatCameIn}
            autoFocus
            maxLength={160}
            placeholder={texts.exampleTitle}
          />
          <MachineField machine={machine} onChoose={setMachine} />
          <FormMessage message={message} />
          <button type="submit" data-primary className="button" disabled={isSending}>
            {texts.openTheJob}
          </button>
        </form>
      </div>
    </Frame>
  )
}
