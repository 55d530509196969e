'use client'

import { HUB_ATTACHMENT_LABELS, HUB_ATTACHMENTS, type HubAttachment } from '@/core/procedure'
import type { FittingDraft } from '@/contract/plan'
import * as texts from '@/texts/plan'

/** Asked once for the hub: what its heat would spoil. Everything on the card follows the lowest limit. */
export function HubHas({
  value,
  onChange,
}: {
  value: FittingDraft['hubHas']
  onChange: (value: FittingDraft['hubHas']) => void
}) {
  const toggle = (what: HubAttachment): void => {
    const has = value ?? []
    onChange(has.includes(what) ? has.filter((other) => other !== what) : [...has, what])
  }
  return (
    <fieldset className="mb-3">
      <legend className="caption mb-1">{texts.onOrInThe}</legend>
      <div className="flex flex-wrap gap-1.5">
        <button
          type="button"
          className="chip px-2.5"
          aria-pressed={value?.length === 0}
          onClick={() => onChange(value?.length === 0 ? null : [])}
        >
          {texts.nothingBare}
        </button>
        {HUB_ATTACHMENTS.map((what) => (
          <button
            key={what}
            type="button"
            className="chip px-2.5"
            aria-pressed={value?.includes(what) ?? false}
            onClick={() => toggle(what)}
          >
            {HUB_ATTACHMENT_LABELS[what]}
          </button>
        ))}
      </div>
    </fieldset>
  )
}
