'use client'

import { useRouter } from 'next/navigation'
import type { ReactNode } from 'react'
import { JobFrame, useJob } from '@/features/job'
import { MachineField } from '@/features/machines'
import { ARRIVED, HEARD, HEARD_LABELS, USE } from '@/contract/choices'
import type { Intake } from '@/contract/job'
import * as common from '@/texts/common'
import * as texts from '@/texts/intake'
import { Comeback } from './Comeback'
import { PositionField } from './PositionField'

function Chips<T extends string>({
  label,
  all,
  chosen,
  errorMessage = (name) => name,
  onChange,
}: {
  label: string
  all: readonly T[]
  chosen: readonly T[]
  /** how one is said; as it is named when left out */
  errorMessage?: (name: T) => string
  onChange: (next: T[]) => void
}) {
  return (
    <fieldset>
      <legend className="caption mb-1.5">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {all.map((name) => {
          const on = chosen.includes(name)
          return (
            <button
              key={name}
              type="button"
              aria-pressed={on}
              className="chip"
              onClick={() => onChange(on ? chosen.filter((c) => c !== name) : [...chosen, name])}
            >
              {errorMessage(name)}
            </button>
          )
        })}
      </div>
    </fieldset>
  )
}

function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <label className="block">
      <span className="caption mb-1 block">{label}</span>
      {children}
    </label>
  )
}

/** What came in: machine, position, what was heard, how it is used, what arrived. */
export function TakeIn() {
  const { job, machine, setMachine, change, pathTo } = useJob()
  const router = useRouter()
  const { intake } = job
  const set = (next: Partial<Intake>) => change({ intake: { ...intake, ...next } })
  const position = machine?.positions.find((p) => p.id === job.positionId)
  return (
    <JobFrame stage="takeIn">
      <div className="panes [--panes:minmax(0,1fr)_340px]">
        <form
          className="grid content-start gap-4 overflow-auto px-6 py-4"
          onSubmit={(e) => e.preventDefault()}
        >
          <h1 className="text-[1.3125rem] font-bold">{texts.intake}</h1>
          <Labelled label={texts.jobTitle}>
            <input
              className="field"
              value={job.title}
              maxLength={160}
              onChange={(e) => change({ title: e.target.value })}
            />
          </Labelled>
          <div className="grid gap-4 sm:grid-cols-2">
            <MachineField
              machine={machine}
              onChoose={(chosen) => {
                setMachine(chosen)
                change({ machineId: chosen?.id ?? null, positionId: null })
              }}
            />
            <PositionField />
            <Labelled label={texts.whereOnIt}>
              <input
                className="field"
                value={intake.position}
                maxLength={120}
                placeholder={texts.outerBearing}
                onChange={(e) => set({ position: e.target.value })}
              />
            </Labelled>
            <Labelled label={texts.side}>
              <input
                className="field"
                value={intake.side}
                maxLength={40}
                placeholder={texts.leftSeenInDrivingDirection}
                onChange={(e) => set({ side: e.target.value })}
              />
            </Labelled>
          </div>
          <Chips
            label={texts.symptoms}
            all={HEARD}
            chosen={intake.heard}
            errorMessage={(heard) => HEARD_LABELS[heard]}
            onChange={(heard) => set({ heard })}
          />
          <Chips
            label={texts.operatingConditions}
            all={USE}
            chosen={intake.use}
            onChange={(use) => set({ use })}
          />
          <Chips
            label={texts.partsReceived}
            all={ARRIVED}
            chosen={intake.arrived}
            onChange={(arrived) => set({ arrived })}
          />
          <Labelled label={common.note}>
            <textarea
              className="field min-h-[84px]"
              value={intake.note}
              maxLength={4000}
              onChange={(e) => set({ note: e.target.value })}
            />
          </Labelled>
        </form>
        <aside className="flex min-h-0 flex-col gap-3 overflow-auto border-l border-line bg-sheet px-5 py-4">
          <h2 className="caption">{texts.fromTheMachineRegister}</h2>
          {!machine && <p className="text-ink2">{texts.chooseTheMachineAnd}</p>}
          {machine && (
            <div>
              <p className="font-semibold">{machine.name}</p>
              <p className="text-ink2">{machine.place}</p>
              {position && (
                <p className="mt-2 rounded-lg border border-line px-3 py-2">
                  <span className="block text-caption text-ink3">{position.name}</span>
                  {position.fitted ? (
                    <span className="number">{position.fitted}</span>
                  ) : (
                    texts.nothingRecordedYet
                  )}
                </p>
              )}
            </div>
          )}
          <Comeback />
          <div className="rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2.5 text-[0.875rem]">
            <b className="block text-[0.9375rem]">{texts.beforeDismantling}</b>
            {texts.standTheMachineOn}
          </div>
          <button
            type="button"
            data-primary
            className="button mt-auto"
            onClick={() => (change({ stage: 'identify' }), router.push(pathTo('identify')))}
          >
            {texts.continueIdentify}
          </button>
        </aside>
      </div>
    </JobFrame>
  )
}
