'use client'

import { useState } from 'react'
import type { StockItem } from '@/contract/supply'
import { call, wordsOf } from '@/ui/call'
import { useKept } from '@/ui/useKept'

const FIELDS = [
  ['designation', 'Number', '6205-2RS'],
  ['bin', 'Bin', 'A1'],
  ['quantity', 'Pieces there', '0'],
  ['minimum', 'Minimum', '0'],
  ['price', 'Price each', ''],
] as const
type Field = (typeof FIELDS)[number][0]
const BLANK: Record<Field, string> = { designation: '', bin: '', quantity: '', minimum: '', price: '' }

/** A part that lay in no bin so far. */
export function NewItem({ onMade }: { onMade: (item: StockItem) => void }) {
  const [values, setValues, forget] = useKept<Record<Field, string>>('store.newItem', BLANK)
  const [words, setWords] = useState('')
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        const { designation, bin, quantity, minimum, price } = values
        call('POST /api/stock', {
          body: {
            designation,
            bin,
            quantity: Number(quantity || 0),
            minimum: minimum === '' ? null : Number(minimum),
            price: price === '' ? null : Number(price.replace(',', '.')),
          },
        })
          .then((item) => {
            forget()
            onMade(item)
          })
          .catch((error: unknown) => setWords(wordsOf(error)))
      }}
    >
      <h2 className="mb-1 text-[1.0625rem] font-bold">A new part in the store</h2>
      <p className="mb-3 text-[0.875rem] text-ink2">
        Choose an item on the left to move or count it. A number is known by what it means:{' '}
        <span className="number">6205 DDU</span> and <span className="number">6205-2RS</span> share a bin.
      </p>
      {FIELDS.map(([name, label, example]) => (
        <label key={name} className="mb-2 block">
          <span className="caption block">{label}</span>
          <input
            className="field number"
            placeholder={example}
            maxLength={80}
            value={values[name]}
            onChange={(e) => setValues({ ...values, [name]: e.target.value })}
          />
        </label>
      ))}
      {words && (
        <p role="alert" className="mb-2 text-[0.875rem] text-contra">
          {words}
        </p>
      )}
      <button type="submit" className="button" data-primary>
        Put into the store
      </button>
    </form>
  )
}
