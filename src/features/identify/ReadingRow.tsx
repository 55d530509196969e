'use client'

import { X } from 'lucide-react'
import { useState } from 'react'
import type { EvidenceSheet, IdentifyResponse } from '@/contract/evidence'
import { endsInUnit, INSTRUMENT_LABELS } from '@/core/quantity'
import * as texts from '@/texts/identify'
import type { How } from './HowButton'
import { HowMeasured } from './HowMeasured'
import { textOf, type Row } from './sheet'

type Measurement = EvidenceSheet['measurements'][number]

interface Props {
  row: Row
  measurement: Measurement | undefined
  read: IdentifyResponse['readings'][number] | undefined
  error: string | undefined
  /** the measurement asked for next */
  isNext: boolean
  how: How
  /** how most readings of the sheet were taken */
  usual: How
  onHow: (how: How) => void
  onText: (text: string) => void
  onUnit: () => void
  onStrike: () => void
  onKey: (key: string) => boolean
  onNext: () => void
}

const UNIT_NAMES = { mm: 'millimetres', in: 'inches', auto: 'guessed' } as const

/** Whether a letter goes on with the unit that is typed behind the figure, `in` or `mm`; a `c` behind it is the key of the cone. */
function isOfUnit({ value, selectionStart }: HTMLInputElement, letter: string): boolean {
  const before = value.slice(0, selectionStart ?? value.length)
  return endsInUnit(before + letter) && !(letter === 'c' && !endsInUnit(before))
}

/** A longer reading (a fraction, four places) is written smaller, so that the whole of it is in sight. */
const sizeOf = (text: string): string =>
  text.length <= 5 ? 'text-[1.5625rem]' : text.length <= 7 ? 'text-[1.125rem]' : 'text-[0.9375rem]'

/** One size: large figure, unit, the same in the other unit. Letters in the field are keys, but those of a unit behind the figure. */
export function ReadingRow({
  row,
  measurement,
  read,
  error,
  isNext,
  how,
  usual,
  onHow,
  onText,
  onUnit,
  onStrike,
  onKey,
  onNext,
}: Props) {
  const [asking, setAsking] = useState(false)
  const text = textOf(measurement)
  const struck = measurement?.struck ?? false
  const shown = measurement?.unit && measurement.unit !== 'auto' ? measurement.unit : read?.unit
  const twin = read && (read.unit === 'in' ? read.mmText : read.inText)
  const special = [
    ...(how.instrument === usual.instrument ? [] : [INSTRUMENT_LABELS[how.instrument]]),
    ...(how.condition === usual.condition ? [] : [how.condition]),
  ]
  const below = struck
    ? texts.excludedNotCounted
    : (error ??
      (text !== '' && read
        ? [...(read.pattern ? [read.pattern] : []), ...special, read.unitText].join(', ')
        : isNext
          ? texts.measureNext
          : ''))
  return (
    <div
      className={`-mx-[18px] grid min-h-[50px] grid-cols-[96px_1fr_auto_auto] content-center items-center gap-x-1 border-b max-xl:grid-cols-[66px_1fr_auto_auto] border-line2 px-[18px] py-0.5 ${isNext ? 'bg-wash shadow-[inset_4px_0_var(--lamp)]' : ''}`}
    >
      <label htmlFor={row.feature} className="row-span-2 flex items-center gap-1.5 self-center text-ink2">
        {row.label} <kbd className="max-xl:hidden">{row.key}</kbd>
      </label>
      <input
        id={row.feature}
        type="text"
        inputMode="decimal"
        data-length
        autoComplete="off"
        value={text}
        aria-invalid={error ? true : undefined}
        aria-describedby={`${row.feature}-note`}
        onChange={(e) => onText(e.target.value)}
        onKeyDown={(e) => {
          if (e.ctrlKey || e.metaKey || e.altKey) return
          if (e.key === 'Enter') onNext()
          else if (e.key === 'ArrowDown') onKey('next')
          else if (e.key === 'ArrowUp') onKey('previous')
          else if (!/^[a-zA-Z]$/.test(e.key) || isOfUnit(e.currentTarget, e.key)) return
          else if (e.key === 'r' && text !== '') setAsking(true)
          else if (!onKey(e.key.toLowerCase())) return
          e.preventDefault()
        }}
        className={`number -ml-1.5 h-[40px] w-[calc(100%+0.375rem)] min-w-0 rounded pl-1.5 bg-transparent ${sizeOf(text)} font-medium focus-visible:bg-sheet focus-visible:-outline-offset-2 ${struck ? 'text-ink3 line-through' : ''}`}
      />
      <span className="flex">
        {text !== '' && (
          <>
            <button
              type="button"
              tabIndex={-1}
              onClick={onUnit}
              aria-label={texts.unitChange(row.label, UNIT_NAMES[measurement?.unit ?? 'auto'])}
              className="number min-h-10 min-w-9 rounded text-[0.875rem] max-xl:min-w-8 text-ink3 underline decoration-dotted underline-offset-4"
            >
              {shown ?? '?'}
            </button>
            <button
              type="button"
              tabIndex={-1}
              onClick={onStrike}
              aria-pressed={struck}
              aria-label={texts.exclude(row.label)}
              className="min-h-10 min-w-9 rounded text-[0.9375rem] text-ink3 max-xl:min-w-8"
            >
              <X aria-hidden size={16} className="mx-auto" />
            </button>
          </>
        )}
      </span>
      {text === '' ? (
        <span className="number text-right text-[0.875rem] text-ink3">{isNext ? texts.next : ''}</span>
      ) : (
        <HowMeasured label={row.label} how={how} open={asking} onOpen={setAsking} onChange={onHow}>
          {twin ?? texts.how}
        </HowMeasured>
      )}
      <span
        id={`${row.feature}-note`}
        className={`col-span-3 col-start-2 text-[0.78125rem] leading-[1.15] empty:hidden ${error ? 'text-contra' : 'text-ink3'}`}
      >
        {below}
      </span>
    </div>
  )
}
