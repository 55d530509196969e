'use client'

import { TORQUE_UNITS } from '@/core/quantity'
import type { FittingDraft, PlanResponse } from '@/contract/plan'
import * as texts from '@/texts/plan'

export function Torques({
  plan,
  draft,
  put,
}: {
  plan: PlanResponse
  draft: FittingDraft
  put: (next: Partial<FittingDraft>) => void
}) {
  const free = plan.torques.filter((row) => row.free).map(({ id }) => id)
  const unnamed = Array.from({ length: free.length + 1 }, (_, i) => `free.${i + 1}`).find(
    (id) => !free.includes(id),
  )
  const rows = [
    ...plan.torques,
    ...(unnamed ? [{ id: unnamed, label: '', free: true, value: '', problem: '' }] : []),
  ]
  return (
    <section aria-label={texts.torques} className="mb-3">
      <h2 className="caption">{texts.torquesFromTheManual}</h2>
      {rows.map(({ id, label, free: isFree, value, problem }) => {
        const typed = draft.torques[id] ?? { value: '', page: '' }
        const set = (next: Partial<typeof typed>) =>
          put({ torques: { ...draft.torques, [id]: { ...typed, ...next } } })
        const name = typed.label ?? label
        const bare = /^\s*\d+([.,]\d+)?\s*$/.test(typed.value)
        const unit = draft.fields['plan.torqueUnit']
        // Asked once a job: which unit its manual speaks in.
        const inUnit = (chosen: string) =>
          put({
            torques: { ...draft.torques, [id]: { ...typed, value: `${typed.value.trim()} ${chosen}` } },
            fields: { ...draft.fields, 'plan.torqueUnit': chosen },
          })
        return (
          <div key={id} className="border-t border-line2 py-1.5">
            <div className="grid grid-cols-[minmax(0,1fr)_118px_62px] items-center gap-1.5">
              {isFree ? (
                <input
                  className="field px-2"
                  aria-label={texts.anotherFastener}
                  placeholder={texts.another}
                  maxLength={60}
                  value={name}
                  onChange={(e) => set({ label: e.target.value })}
                />
              ) : (
                <span className="text-[0.875rem]">{label}</span>
              )}
              <input
                className="field number px-2 text-[0.875rem]"
                aria-label={texts.torqueOf(name || texts.anotherFastenerLower)}
                placeholder={texts.valueUnit}
                maxLength={30}
                value={typed.value}
                onChange={(e) => set({ value: e.target.value })}
                onBlur={() => {
                  if (bare && unit) inUnit(unit)
                }}
              />
              <input
                className="field px-2"
                aria-label={texts.pageOfTheManualFor(name || texts.anotherFastenerLower)}
                placeholder={texts.page}
                maxLength={40}
                value={typed.page}
                onChange={(e) => set({ page: e.target.value })}
              />
            </div>
            {value && typed.value.trim() !== '' && (
              <p className="number text-[0.84375rem] text-ink2">{value}</p>
            )}
            {bare && (
              <div
                role="group"
                aria-label={texts.unitOfTheTorqueOf(name)}
                className="mt-1 flex flex-wrap gap-1"
              >
                {TORQUE_UNITS.map((choice) => (
                  <button
                    key={choice}
                    type="button"
                    className="chip px-2 text-[0.8125rem]"
                    onClick={() => inUnit(choice)}
                  >
                    {choice}
                  </button>
                ))}
              </div>
            )}
            {problem && typed.value.trim() !== '' && (
              <p role="alert" className="text-[0.84375rem] text-contra">
                {problem}
              </p>
            )}
          </div>
        )
      })}
    </section>
  )
}
