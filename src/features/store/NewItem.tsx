'use client'

import type { StockItem } from '@/contract/supply'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'

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
  const { submit, message, ...fields } = useSentForm({
    blank: BLANK,
    storageKey: 'store.newItem',
    emptied: true,
    send: async ({ designation, bin, quantity, minimum, price }) => {
      const item = await call('POST /api/stock', {
        body: {
          designation,
          bin,
          quantity: Number(quantity || 0),
          minimum: minimum === '' ? null : Number(minimum),
          price: price === '' ? null : Number(price.replace(',', '.')),
        },
      })
      onMade(item)
    },
  })
  return (
    <form onSubmit={(e) => void submit(e)}>
      <h2 className="mb-1 text-[1.0625rem] font-bold">A new part in the store</h2>
      <p className="mb-3 text-[0.875rem] text-ink2">
        Choose an item of the list to move or count it. A number is known by what it means:{' '}
        <span className="number">6205 DDU</span> and <span className="number">6205-2RS</span> share a bin.
      </p>
      <div className="mb-3 grid gap-2">
        {FIELDS.map(([name, label, example]) => (
          <FormField
            key={name}
            of={fields}
            name={name}
            label={label}
            className="number"
            placeholder={example}
            maxLength={80}
          />
        ))}
      </div>
      <FormMessage message={message} />
      <button type="submit" className="button" data-primary>
        Put into the store
      </button>
    </form>
  )
}
