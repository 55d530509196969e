'use client'

import { typedAmount } from '@/core/quantity'
import type { StockItem } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/store'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'

const FIELDS = [
  ['designation', common.number, '6205-2RS'],
  ['bin', common.bin, 'A1'],
  ['quantity', texts.piecesThere, '0'],
  ['minimum', texts.minimum, '0'],
  ['price', texts.priceEachHint, ''],
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
          quantity: typedAmount(quantity || '0'),
          minimum: minimum === '' ? null : typedAmount(minimum),
          price: price === '' ? null : typedAmount(price),
        },
      })
      onMade(item)
    },
  })
  return (
    <form onSubmit={(e) => void submit(e)}>
      <h2 className="mb-1 text-[1.0625rem] font-bold">{texts.aNewPartIn}</h2>
      <p className="mb-3 text-[0.875rem] text-ink2">
        {texts.chooseAnItemOf} <span className="number">{texts.exampleWritten}</span> {common.and}{' '}
        <span className="number">{texts.exampleNumber}</span> {texts.shareABin}
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
        {texts.putIntoTheStore}
      </button>
    </form>
  )
}
