'use client'

import { UnitText } from '@/features/shell'
import type { PlanResponse } from '@/contract/plan'
import type { ExplodedView } from '@/core/kit'
import { partsAt } from '@/core/procedure'
import * as texts from '@/texts/plan'
import { StepStrip } from '@/ui/drawing'

export type Step = PlanResponse['sections'][number]['steps'][number]

interface Props {
  steps: readonly Step[]
  step: Step
  number: number
  /** null until it is there: its room is kept */
  view: ExplodedView | null
  onDone: () => void
  onBack: (() => void) | null
}

/** The next step, large enough for the bench: what to do, what can hurt, what is in already and what would be in the way. */
export function NextStep({ steps, step, number, view, onDone, onBack }: Props) {
  return (
    <section
      aria-label={texts.nextStep}
      className="mb-3 rounded-lg border border-line bg-sheet px-3.5 py-2.5"
      data-testid="next-step"
    >
      <p className="caption">{texts.nextOf(number, steps.length)}</p>
      <p className={`text-[1.1875rem] leading-snug ${step.stop ? 'text-contra' : ''}`}>
        <UnitText text={step.text} />
      </p>
      {step.tool && (
        <p className="mt-1 text-[0.90625rem] text-ink2">
          <UnitText text={step.tool} />
        </p>
      )}
      {step.caution && (
        <p className="mt-1.5 rounded-r-lg border-l-4 border-contra bg-wash px-2.5 py-1 text-[0.90625rem]">
          <b className="text-contra">{texts.caution}</b>{' '}
          {step.caution === 'Safety' ? texts.beforeAnythingElse : <UnitText text={step.caution} />}
        </p>
      )}
      {step.place && (view === null || view.parts.some(({ slot }) => slot === step.place)) && (
        <figure className="mt-1.5">
          <div className="h-[108px]">
            {view && (
              <StepStrip view={view} message={texts.thePartsAlongThe} stateOf={partsAt(steps, step)} />
            )}
          </div>
          <figcaption className="text-[0.78125rem] text-ink3">
            {texts.amberNowFaintNotIn(step.blockedBy ? texts.dashedWouldBeIn : '')}
          </figcaption>
        </figure>
      )}
      <div className="mt-2 flex gap-2">
        <button type="button" className="button min-h-[48px] flex-1" data-primary onClick={onDone}>
          {texts.doneNext}
        </button>
        {onBack && (
          <button type="button" className="button min-h-[48px]" onClick={onBack}>
            {texts.backOne}
          </button>
        )}
      </div>
    </section>
  )
}
