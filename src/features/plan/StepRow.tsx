'use client'

import { UnitText } from '@/features/shell'
import type { FittingDraft } from '@/contract/plan'
import * as common from '@/texts/common'
import * as texts from '@/texts/plan'
import { useTimes } from '@/ui/Times'
import { PracticeBox } from '@/ui/PracticeBox'
import { type Step } from './NextStep'

export function StepRow({
  step,
  number,
  done,
  onTick,
}: {
  step: Step
  number: number
  done: FittingDraft['done'][string] | undefined
  onTick: () => void
}) {
  const { time } = useTimes()
  return (
    <li
      className="grid grid-cols-[44px_minmax(0,1fr)] gap-x-2 border-t sm:grid-cols-[44px_minmax(0,1fr)_218px] border-line2 py-1"
      data-step={step.id}
    >
      <label className="flex min-h-11 cursor-pointer items-start gap-1.5 pt-1">
        <input
          type="checkbox"
          className="mt-1 size-[18px] accent-[var(--ink)]"
          checked={done !== undefined}
          onChange={onTick}
        />
        <span className="number text-ink3">
          {number}
          <span className="sr-only">
            {' '}
            <UnitText text={step.text} />
          </span>
        </span>
      </label>
      <div
        className={`pt-1 ${step.caution === 'Safety' ? 'border-l-4 border-contra pl-2.5 sm:col-span-2' : ''} ${step.stop ? 'text-contra' : done ? 'text-ink3' : ''}`}
      >
        {step.stop && <b>{texts.stopHere} </b>}
        <UnitText text={step.text} />
        {step.tool && (
          <span className="block text-[0.84375rem] text-ink2">
            <UnitText text={step.tool} />
          </span>
        )}
        {step.practice && <PracticeBox note={step.practice} />}
        {done && (
          <span className="block text-[0.78125rem] text-ink3">
            {done.who || common.done}, {time(done.at)}
          </span>
        )}
      </div>
      {step.caution && step.caution !== 'Safety' ? (
        <p className="self-start rounded-r-lg max-sm:col-start-2 border-l-4 border-contra bg-sheet px-2 py-1 text-[0.8125rem]">
          <b className="text-contra">{texts.caution}</b> <UnitText text={step.caution} />
        </p>
      ) : (
        step.caution !== 'Safety' && <span className="max-sm:hidden" />
      )}
    </li>
  )
}
