'use client'

import { X } from 'lucide-react'
import { useState, type FormEvent } from 'react'
import type { KitDraft } from '@/contract/kit'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'

type Extra = NonNullable<KitDraft['extras']>[number]

const MAX_EXTRAS = 30

/** Lines the arrangement does not ask for: wheel studs, a drum, what this machine has more. */
export function ExtraLines({
  extras,
  onChange,
}: {
  extras: readonly Extra[]
  onChange: (extras: Extra[]) => void
}) {
  const [label, setLabel] = useState('')
  const [designation, setDesignation] = useState('')
  const [quantity, setQuantity] = useState('1')
  const add = (event: FormEvent) => {
    event.preventDefault()
    const pieces = Number(quantity)
    if (label.trim() === '' || designation.trim() === '' || !(pieces >= 1)) return
    const used = new Set(extras.map(({ id }) => id))
    let n = extras.length + 1
    while (used.has(`x${n}`)) n++
    onChange([
      ...extras,
      { id: `x${n}`, label: label.trim(), designation: designation.trim(), quantity: pieces },
    ])
    setLabel('')
    setDesignation('')
    setQuantity('1')
  }
  return (
    <details className="text-[0.875rem] text-ink2" open={extras.length > 0}>
      <summary className="min-h-8 cursor-pointer font-semibold text-ink">{texts.furtherParts}</summary>
      <ul>
        {extras.map((extra) => (
          <li key={extra.id} className="flex items-center gap-2 border-t border-line2 py-1">
            <span className="mr-auto">
              {extra.label}: <span className="number">{extra.designation}</span>
              {texts.each(extra.quantity)}
            </span>
            <button
              type="button"
              className="chip px-2.5"
              aria-label={texts.takeOffTheKit(extra.label)}
              onClick={() => onChange(extras.filter(({ id }) => id !== extra.id))}
            >
              <X aria-hidden size={16} />
            </button>
          </li>
        ))}
      </ul>
      {extras.length < MAX_EXTRAS && (
        <form className="fields mb-2 [--field-width:8rem]" onSubmit={add}>
          <input
            className="field"
            aria-label={texts.whatItIs}
            placeholder={texts.wheelStuds}
            maxLength={60}
            value={label}
            onChange={(e) => setLabel(e.target.value)}
          />
          <input
            className="field number"
            data-takes-marks
            aria-label={texts.itsNumber}
            placeholder="M12x1.5x45"
            maxLength={80}
            value={designation}
            onChange={(e) => setDesignation(e.target.value)}
          />
          <input
            className="field number"
            aria-label={texts.piecesForOnePosition}
            inputMode="numeric"
            value={quantity}
            onFocus={(e) => e.target.select()}
            onChange={(e) => setQuantity(e.target.value.replace(/\D/g, '').slice(0, 3))}
          />
          <button type="submit" className="button min-h-10 px-3">
            {common.add}
          </button>
        </form>
      )}
    </details>
  )
}
