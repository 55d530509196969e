'use client'

import { UnitText } from '@/features/shell'
import { useEffect, useRef, useState } from 'react'
import { countedText, SLOT_LABELS } from '@/core/kit'
import type { KitResponse } from '@/contract/kit'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'
import { VerdictMark } from '@/ui/VerdictMark'

const LINE_SIGNS = { filled: 'pass', gap: 'gap', conflict: 'fail' } as const
const LINE_LABELS = { filled: texts.filled, gap: texts.gap, conflict: common.doesNotFit } as const

interface Props {
  slot: KitSlot | undefined
  line: KitResponse['lines'][number]
  number: number
  chosen: string | undefined
  /** pieces typed by hand; the usual number when left out */
  typed: number | undefined
  onCount: (pieces: number | undefined) => void
  /** this machine has none of what is always renewed: why */
  onLeaveOut: (reason: string) => void
  onSet: (value: string | undefined) => void
  /** a number was typed and entered */
  onNumber: (value: string | undefined) => void
}

/** The field a number is typed into. */
export const NUMBER_FIELD = 'line-number'

type KitSlot = KitResponse['places'][number]

/** A part stands there: grease and what is only looked at are not chosen by hand. */
const holdsPart = (slot: KitSlot | undefined): boolean => slot?.role !== 'grease' && slot?.role !== 'check'
/** Always renewed: that there is none needs a reason. */
const isAlways = (slot: KitSlot | undefined): boolean => slot?.singleUse === true && !slot.onRequest
/** May be told “not fitted here” without more. */
export const mayBeNone = (slot: KitSlot): boolean => holdsPart(slot) && !isAlways(slot)

/** A number given by hand; the words that stand for a decision are none. */
const numberIn = (chosen: string | undefined): string =>
  chosen && !SLOT_LABELS.some((word) => word === chosen) ? chosen : ''

/** One place of the kit: what stands there, why, and what else may. */
export function LineEditor({
  slot,
  line,
  number,
  chosen,
  typed,
  onSet,
  onNumber,
  onCount,
  onLeaveOut,
}: Props) {
  const [asking, setAsking] = useState(false)
  const [reason, setReason] = useState('')
  const always = isAlways(slot)
  const asText = numberIn(chosen)
  const [text, setText] = useState(asText)
  const put = (value: string | undefined) => {
    setText(numberIn(value))
    onSet(value)
  }
  const self = useRef<HTMLElement>(null)
  // On a phone it stands below the list it was chosen from.
  useEffect(() => {
    self.current?.scrollIntoView({ block: 'nearest' })
  }, [])
  return (
    <section ref={self} aria-label={texts.place(number, line.label)} className="border-b border-line pb-3">
      <h2 className="mb-1 flex items-baseline justify-between text-[1.0625rem] font-bold">
        <span>
          {number} {line.label}
        </span>
        <span
          className={`text-[0.8125rem] font-semibold ${line.state === 'filled' ? 'text-agree' : line.state === 'gap' ? 'text-lamp-ink' : 'text-contra'}`}
        >
          <VerdictMark verdict={LINE_SIGNS[line.state]} isSaid /> {LINE_LABELS[line.state]}
        </span>
      </h2>
      <p className="mb-2 text-[0.875rem] text-ink2">
        <UnitText text={line.reason} />
        {line.stock && (
          <span className="block text-ink3">
            {texts.onTheShelf(line.stock.free, line.stock.bin && texts.bin(line.stock.bin))}
          </span>
        )}
      </p>
      {holdsPart(slot) && (
        <>
          <form
            className="flex gap-1.5"
            onSubmit={(e) => {
              e.preventDefault()
              if (slot) setText(countedText(slot.role, text).text)
              onNumber(text.trim() || undefined)
            }}
          >
            <label htmlFor={NUMBER_FIELD} className="sr-only">
              {texts.numberFor(line.label)}
            </label>
            <input
              id={NUMBER_FIELD}
              data-takes-marks
              className="field number"
              value={text}
              maxLength={80}
              placeholder={line.designation || texts.number}
              onChange={(e) => setText(e.target.value)}
            />
            <button type="submit" className="button min-h-10 px-3">
              {texts.set}
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
            {chosen !== undefined && (
              <button
                type="button"
                className="chip px-2.5"
                onClick={() => put(slot?.onRequest ? 'auto' : undefined)}
              >
                {texts.suggest}
              </button>
            )}
            {slot?.mayStay && (
              <button
                type="button"
                className="chip px-2.5"
                aria-pressed={chosen === 'keep'}
                onClick={() => put('keep')}
              >
                {texts.reuseOldPart}
              </button>
            )}
            <button
              type="button"
              className="chip px-2.5"
              aria-pressed={chosen === 'none'}
              onClick={() => (always ? setAsking(true) : put('none'))}
            >
              {texts.notFittedHere}
            </button>
          </div>
          {(asking || (always && chosen === 'none')) && (
            <form
              className="mt-2 flex gap-1.5"
              onSubmit={(e) => {
                e.preventDefault()
                if (reason.trim()) onLeaveOut(reason.trim())
              }}
            >
              <input
                autoFocus
                className="field"
                aria-label={texts.whyThereIsNone}
                placeholder={texts.whyEndCapsInstead}
                maxLength={120}
                value={reason}
                onChange={(e) => setReason(e.target.value)}
              />
              <button type="submit" className="button min-h-10 px-3" disabled={reason.trim() === ''}>
                {texts.none}
              </button>
            </form>
          )}
          {line.unit === 'pcs' && line.quantity > 0 && (
            <label className="mt-2 flex items-center gap-2 text-[0.875rem]">
              {texts.piecesForOnePosition}
              <input
                className="field number w-[64px]"
                inputMode="numeric"
                data-length
                value={typed ?? line.quantityPerPosition}
                onFocus={(e) => e.target.select()}
                onChange={(e) => {
                  const pieces = Number(e.target.value.replace(/\D/g, '').slice(0, 3))
                  onCount(pieces >= 1 ? pieces : undefined)
                }}
              />
            </label>
          )}
        </>
      )}
      <p className="mt-2 text-caption text-ink3">
        <UnitText text={line.note} />
      </p>
    </section>
  )
}
