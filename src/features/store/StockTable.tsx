'use client'

import type { StockItem } from '@/contract/supply'
import { useTimes } from '@/ui/Times'
import { call, wordsOf } from '@/ui/call'

interface Props {
  items: readonly StockItem[]
  counting: boolean
  chosen: number | null
  onChoose: (item: StockItem) => void
  onCounted: (item: StockItem) => void
  onTrouble: (words: string) => void
}

const focusNext = (field: HTMLInputElement): void => {
  const fields = [...document.querySelectorAll<HTMLInputElement>('input[data-count]')]
  const next = fields[fields.indexOf(field) + 1]
  next?.focus()
  next?.select()
}

/** Items of the store; while counting, a field in each row: type what is there, Enter, next. */
export function StockTable({ items, counting, chosen, onChoose, onCounted, onTrouble }: Props) {
  const { day } = useTimes()
  const count = (item: StockItem, field: HTMLInputElement): void => {
    if (field.value.trim() === '') return focusNext(field)
    const pieces = Number(field.value)
    call('POST /api/stock/{id}/moves', {
      path: { id: item.id },
      body: { kind: 'count', pieces, note: 'Counted' },
    })
      .then((now) => {
        onCounted(now)
        onTrouble(
          (now.shortened ?? [])
            .map((s) => `${item.designation}: job ${s.jobId} had ${s.pieces} reserved that are not there.`)
            .join(' '),
        )
        field.value = ''
        focusNext(field)
      })
      .catch((error: unknown) => onTrouble(`${item.designation}: ${wordsOf(error)}`))
  }
  return (
    <table className="w-full text-[0.90625rem]">
      <thead className="caption text-left">
        <tr>
          {['Number', 'Bin', 'On hand', 'Reserved', 'Available', 'Minimum', 'Price', 'Last counted'].map(
            (name, i) => (
              <th key={name} className={`px-2 py-1.5 font-semibold ${i > 1 && i < 7 ? 'text-right' : ''}`}>
                {name}
              </th>
            ),
          )}
          {counting && <th className="px-2 font-semibold">Counted now</th>}
        </tr>
      </thead>
      <tbody>
        {items.map((item) => (
          <tr
            key={item.id}
            onClick={() => onChoose(item)}
            className={`h-[38px] cursor-pointer border-t border-line2 ${item.id === chosen ? 'shadow-[inset_4px_0_var(--lamp)]' : ''}`}
          >
            <td className="px-2">
              <button
                type="button"
                className="number min-h-[36px] text-left font-medium"
                aria-current={item.id === chosen ? 'true' : undefined}
                onClick={() => onChoose(item)}
              >
                {item.designation}
              </button>
            </td>
            <td className="number px-2 text-ink2">{item.bin || '–'}</td>
            <td className="number px-2 text-right">{item.quantity}</td>
            <td className="number px-2 text-right text-ink2">{item.reserved || '–'}</td>
            <td className="number px-2 text-right font-medium">
              {item.free < item.minimum && (
                <span className="mr-1.5 text-strain" aria-label="below minimum">
                  ▲
                </span>
              )}
              {item.free}
            </td>
            <td className="number px-2 text-right text-ink2">{item.minimum || '–'}</td>
            <td className="number px-2 text-right text-ink2">{item.price?.toFixed(2) ?? '–'}</td>
            <td className="number px-2 text-ink2">{item.countedAt ? day(item.countedAt) : 'never'}</td>
            {counting && (
              <td className="px-2">
                <input
                  data-count
                  className="field number w-[84px]"
                  inputMode="numeric"
                  aria-label={`Counted now: ${item.designation}`}
                  onClick={(e) => e.stopPropagation()}
                  onKeyDown={(e) => {
                    if (e.key === 'Enter') count(item, e.currentTarget)
                  }}
                />
              </td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
