'use client'

import { useEffect, useState } from 'react'
import { typedAmount } from '@/core/quantity'
import type { StockDetail, StockItem, StockMoves } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/store'
import { partPath } from '@/ui/partPath'
import { ChangeList } from '@/ui/ChangeList'
import { useTimes } from '@/ui/Times'
import { call, errorMessage } from '@/ui/call'
import { ChipChoice } from '@/ui/ChipChoice'

type Kind = StockDetail['moves'][number]['kind']
const MOVES: readonly [Kind, string, string][] = [
  ['receive', texts.receive, texts.received],
  ['issue', texts.issue, texts.issued],
  ['reserve', texts.reserve, texts.reserved],
  ['release', texts.release, texts.released],
  ['take', texts.takeReserved, texts.reservedTaken],
  ['count', texts.count, texts.counted],
]
const signed = (n: number): string => (n > 0 ? `+${n}` : n < 0 ? `−${-n}` : '')

interface Props {
  item: StockItem
  currency: string
  onChange: (item: StockItem) => void
}

/** One item: what is free, moving pieces, and every move there was. */
export function ItemPane({ item, currency, onChange }: Props) {
  const { time } = useTimes()
  const [detail, setDetail] = useState<StockDetail | null>(null)
  const [earlier, setEarlier] = useState<StockMoves | null>(null)
  const [kind, setKind] = useState<Kind>('issue')
  const [pieces, setPieces] = useState('1')
  const [note, setNote] = useState('')
  const [message, setMessage] = useState('')
  const stamp = `${item.quantity} ${item.reserved} ${item.countedAt ?? ''}`
  useEffect(() => {
    let current = true
    call('GET /api/stock/{id}', { path: { id: item.id } })
      .then((found) => {
        if (!current) return
        setDetail(found)
        setEarlier(null)
      })
      .catch((error) => current && setMessage(errorMessage(error)))
    return () => {
      current = false
    }
  }, [item.id, stamp])
  const further = (): void => {
    const cursor = earlier ? earlier.next : detail?.moreMoves
    call('GET /api/stock/{id}/moves', { path: { id: item.id }, query: cursor === null ? {} : { cursor } })
      .then(({ items, next }) => setEarlier((was) => ({ items: [...(was?.items ?? []), ...items], next })))
      .catch((error: unknown) => setMessage(errorMessage(error)))
  }
  const run = (work: Promise<StockItem>): void => {
    work
      .then((now) => {
        setMessage('')
        setNote('')
        onChange(now)
      })
      .catch((error: unknown) => {
        setMessage(errorMessage(error))
        call('GET /api/stock/{id}', { path: { id: item.id } }).then(onChange, () => undefined)
      })
  }
  const change = (body: { minimum?: number; price?: number | null }): void =>
    run(call('PATCH /api/stock/{id}', { path: { id: item.id }, body }))
  return (
    <>
      <h2 className="number text-[1.3125rem] font-bold">{item.designation}</h2>
      <p className="mb-2 text-ink2">
        {item.bin ? texts.bin(item.bin) : texts.noBinYet} ·{' '}
        <a className="underline underline-offset-4" href={partPath(item.designation)}>
          {texts.partSheet}
        </a>
      </p>
      <p className="mb-3 flex items-baseline gap-2">
        <b className="number text-[1.8125rem]">{item.free}</b>
        <span className="text-ink2">
          {texts.freeOf(item.quantity)}
          {item.reserved > 0 && texts.reservedOfReserved(item.reserved)}
        </span>
      </p>
      <form
        className="border-y border-line py-3"
        onSubmit={(e) => {
          e.preventDefault()
          run(
            call('POST /api/stock/{id}/moves', {
              path: { id: item.id },
              body: { kind, pieces: typedAmount(pieces), note },
            }),
          )
        }}
      >
        <div className="mb-2">
          <ChipChoice
            label={texts.whatHappens}
            className="px-2.5"
            value={kind}
            options={MOVES.map(([key, name]) => [key, name] as const)}
            onPick={setKind}
          />
        </div>
        <div className="flex gap-1.5">
          <input
            className="field number w-[80px]"
            aria-label={texts.pieces}
            inputMode="numeric"
            value={pieces}
            onChange={(e) => setPieces(e.target.value)}
          />
          <input
            className="field"
            aria-label={common.note}
            placeholder={texts.whatFor}
            maxLength={200}
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
          <button type="submit" className="button min-h-10 px-3" data-primary>
            {texts.record}
          </button>
        </div>
        {message && (
          <p role="alert" className="mt-2 text-[0.875rem] text-contra">
            {message}
          </p>
        )}
      </form>
      <div className="grid grid-cols-2 gap-2 border-b border-line py-3">
        <label>
          <span className="caption block">{texts.minimum}</span>
          <input
            className="field number"
            inputMode="numeric"
            defaultValue={item.minimum}
            onBlur={(e) => {
              const minimum = typedAmount(e.target.value || '0')
              if (minimum !== item.minimum) change({ minimum })
            }}
          />
        </label>
        <label>
          <span className="caption block">{texts.priceEach(currency)}</span>
          <input
            className="field number"
            inputMode="decimal"
            defaultValue={item.price ?? ''}
            onBlur={(e) => {
              const text = e.target.value.trim()
              const price = text === '' ? null : typedAmount(text)
              if (price !== item.price) change({ price })
            }}
          />
        </label>
      </div>
      <h3 className="caption mt-3">{texts.everyMove}</h3>
      <ol>
        {[...(detail?.moves ?? []), ...(earlier?.items ?? [])].map((move) => (
          <li key={move.id} className="border-b border-line2 py-1.5 text-[0.875rem]">
            <span className="flex justify-between gap-2">
              <span>{MOVES.find(([k]) => k === move.kind)?.[2]}</span>
              <b className="number">
                {signed(move.changeQuantity) || signed(move.changeReserved) || '0'}
                <span className="ml-2 font-normal text-ink3">→ {move.quantityAfter}</span>
              </b>
            </span>
            <span className="text-[0.8125rem] text-ink3">
              {time(move.at)} {move.note}
            </span>
          </li>
        ))}
      </ol>
      {(earlier ? earlier.next : detail?.moreMoves) && (
        <button type="button" className="button mt-2" onClick={further}>
          {texts.earlierMoves}
        </button>
      )}
      <ChangeList of={{ kind: 'stock', id: item.id }} stamp={JSON.stringify(item)} />
    </>
  )
}
