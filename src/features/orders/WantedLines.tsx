'use client'

import { X } from 'lucide-react'
import * as texts from '@/texts/orders'
export interface Wanted {
  designation: string
  quantity: string
}

interface Props {
  wanted: readonly Wanted[]
  onChange: (wanted: Wanted[]) => void
  dayWorth: string
  onDayWorth: (text: string) => void
  currency: string
  busy: boolean
  /** prices are there: the next thing to do is to order */
  ready: boolean
  onPrice: () => void
}

/** What is to be bought, line by line. */
export function WantedLines({
  wanted,
  onChange,
  dayWorth,
  onDayWorth,
  currency,
  busy,
  ready,
  onPrice,
}: Props) {
  const lines = [...wanted, { designation: '', quantity: '1' }]
  const set = (at: number, change: Partial<Wanted>): void =>
    onChange(
      lines
        .map((l, i) => (i === at ? { ...l, ...change } : l))
        .filter((l, i) => l.designation !== '' || i < at),
    )
  return (
    <form
      aria-label={texts.toBuy}
      className="flex min-h-0 flex-col border-r border-line"
      onSubmit={(e) => {
        e.preventDefault()
        onPrice()
      }}
    >
      <h2 className="caption px-[18px] pt-3">{texts.toBuy}</h2>
      <div className="min-h-0 flex-1 overflow-auto px-[18px] py-2">
        {lines.map((line, i) => (
          <div key={i} className="mb-1.5 grid grid-cols-[minmax(0,1fr)_64px_40px] gap-1.5">
            <input
              className="field number"
              aria-label={texts.part(i + 1)}
              placeholder="6205-2RS"
              maxLength={80}
              value={line.designation}
              onChange={(e) => set(i, { designation: e.target.value })}
            />
            <input
              className="field number"
              aria-label={texts.piecesOfPart(i + 1)}
              inputMode="numeric"
              value={line.quantity}
              onChange={(e) => set(i, { quantity: e.target.value })}
            />
            {i < wanted.length && (
              <button
                type="button"
                className="chip justify-center px-0"
                aria-label={texts.takePartOffTheList(i + 1)}
                onClick={() => onChange(wanted.filter((_, at) => at !== i))}
              >
                <X aria-hidden size={16} />
              </button>
            )}
          </div>
        ))}
      </div>
      <div className="border-t border-line px-[18px] py-3">
        <label className="mb-2 block">
          <span className="caption block">{texts.aDayOfWaitingCosts(currency)}</span>
          <input
            className="field number"
            inputMode="decimal"
            value={dayWorth}
            onChange={(e) => onDayWorth(e.target.value)}
          />
        </label>
        <button
          type="submit"
          className="button w-full"
          data-primary={ready ? undefined : true}
          disabled={busy || wanted.length === 0}
        >
          {busy ? texts.askingTheSuppliers : texts.askForPrices}
        </button>
      </div>
    </form>
  )
}
