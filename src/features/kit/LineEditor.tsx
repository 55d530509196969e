'use client'

import { useId, useState } from 'react'
import { SLOT_WORDS } from '@/core/kit'
import type { KitResponse } from '@/services/schemas/kit'

interface Props {
  place: KitResponse['places'][number] | undefined
  line: KitResponse['lines'][number]
  number: number
  given: string | undefined
  onSet: (value: string | undefined) => void
}

/** A number given by hand; the words that stand for a decision are none. */
const numberIn = (given: string | undefined): string =>
  given && !SLOT_WORDS.some((word) => word === given) ? given : ''

/** One place of the kit: what stands there, why, and what else may. */
export function LineEditor({ place, line, number, given, onSet }: Props) {
  const id = useId()
  const asText = numberIn(given)
  const [text, setText] = useState(asText)
  const put = (value: string | undefined) => {
    setText(numberIn(value))
    onSet(value)
  }
  return (
    <section aria-label={`Place ${number}: ${line.words}`} className="border-b border-line pb-3">
      <h2 className="mb-1 flex items-baseline justify-between text-[17px] font-bold">
        <span>
          {number} {line.words}
        </span>
        <span
          className={`text-[13px] font-semibold ${line.state === 'filled' ? 'text-agree' : line.state === 'gap' ? 'text-lamp-ink' : 'text-contra'}`}
        >
          {line.state === 'filled' ? '● filled' : line.state === 'gap' ? '○ missing' : '✕ does not fit'}
        </span>
      </h2>
      <p className="mb-2 text-[14px] text-ink2">
        {line.reason}
        {line.stock && (
          <span className="block text-ink3">
            On the shelf: {line.stock.free}
            {line.stock.bin && `, bin ${line.stock.bin}`}
          </span>
        )}
      </p>
      {place?.role !== 'grease' && place?.role !== 'check' && (
        <>
          <form
            className="flex gap-1.5"
            onSubmit={(e) => {
              e.preventDefault()
              onSet(text.trim() || undefined)
            }}
          >
            <label htmlFor={id} className="sr-only">
              Number for {line.words}
            </label>
            <input
              id={id}
              data-takes-marks
              className="field number"
              value={text}
              maxLength={80}
              placeholder={line.designation || 'number'}
              onChange={(e) => setText(e.target.value)}
            />
            <button type="submit" className="button min-h-10 px-3">
              Set
            </button>
          </form>
          <div className="mt-2 flex flex-wrap gap-1.5">
            {line.alternatives.slice(0, 4).map((alternative) => (
              <button
                key={alternative}
                type="button"
                className="chip number px-2.5"
                onClick={() => put(alternative)}
              >
                {alternative}
              </button>
            ))}
            {given !== undefined && (
              <button
                type="button"
                className="chip px-2.5"
                onClick={() => put(place?.onRequest ? 'auto' : undefined)}
              >
                propose one
              </button>
            )}
            {place?.mayStay && (
              <button
                type="button"
                className="chip px-2.5"
                aria-pressed={given === 'keep'}
                onClick={() => put('keep')}
              >
                keep the old one
              </button>
            )}
            <button
              type="button"
              className="chip px-2.5"
              aria-pressed={given === 'none'}
              onClick={() => put('none')}
            >
              none on this machine
            </button>
          </div>
        </>
      )}
      <p className="mt-2 text-caption text-ink3">{line.note}</p>
    </section>
  )
}
