'use client'

import { UNIT_FEATURE_FACTS, UNIT_FEATURES } from '@/core/compare'
import type { ComparisonDraft } from '@/contract/judgement'
import * as common from '@/texts/common'
import * as texts from '@/texts/compare'
import { PairRow } from './PairRow'
import { SIZES } from './sizes'

interface Props {
  draft: ComparisonDraft
  /** the new number, typed or proposed */
  to: string
  /** one of the two is a hub unit */
  isUnit: boolean
  put: (next: Partial<ComparisonDraft>) => void
}

/** Numbers, sizes and features of the old and the new part. */
export function PairForm({ draft, to, isUnit, put }: Props) {
  return (
    <form
      className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
      onSubmit={(e) => e.preventDefault()}
    >
      <PairRow
        wide
        label={common.number}
        old={draft.from}
        next={to}
        example="6003RS"
        onOld={(from) => put({ from })}
        onNext={(value) => put({ to: value })}
      />
      <h2 className="caption mt-2 mb-1">{texts.measuredWhereThereIs}</h2>
      {SIZES.map(([name, label]) => (
        <PairRow
          key={name}
          label={label}
          old={draft.sizesOld[name] ?? ''}
          next={draft.sizesNew[name] ?? ''}
          example={name === 'bore' ? '0.74 in' : ''}
          onOld={(v) => put({ sizesOld: { ...draft.sizesOld, [name]: v } })}
          onNext={(v) => put({ sizesNew: { ...draft.sizesNew, [name]: v } })}
        />
      ))}
      <details open={isUnit || Object.keys({ ...draft.old, ...draft.new }).length > 0}>
        <summary className="caption mt-2 min-h-8 cursor-pointer">{texts.hubUnitFeaturesOld}</summary>
        {UNIT_FEATURES.map((feature) => (
          <PairRow
            key={feature}
            label={UNIT_FEATURE_FACTS[feature].label}
            old={draft.old[feature] ?? ''}
            next={draft.new[feature] ?? ''}
            example={UNIT_FEATURE_FACTS[feature].example}
            onOld={(v) => put({ old: { ...draft.old, [feature]: v } })}
            onNext={(v) => put({ new: { ...draft.new, [feature]: v } })}
          />
        ))}
      </details>
    </form>
  )
}
