'use client'

import { useState } from 'react'
import type { OrderResponse } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/orders'
import { useTimes } from '@/ui/Times'
import { call, errorMessage } from '@/ui/call'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { VerdictMark } from '@/ui/VerdictMark'

type Line = OrderResponse['lines'][number]

const LINES: Column<Line>[] = [
  {
    id: 'number',
    head: common.number,
    by: ({ designation }) => designation,
    className: 'number',
    cell: ({ designation }) => designation,
  },
  { id: 'ordered', head: texts.ordered, figures: true, cell: ({ quantity }) => quantity },
  { id: 'here', head: texts.here, figures: true, cell: ({ received }) => received },
  {
    id: 'price',
    head: texts.unitPrice,
    by: ({ price }) => price,
    figures: true,
    className: 'text-ink2',
    cell: ({ price }) => price.toFixed(2),
  },
]

interface Props {
  order: OrderResponse
  state: string
  currency: string
  onChange: (order: OrderResponse) => void
  onError: (message: string) => Promise<void>
}

/** One order with its lines: sent again while its supplier was away, taken in when it comes, in part or whole. */
export function OrderPane({ order, state, currency, onChange, onError }: Props) {
  const [came, setCame] = useState<Record<number, string>>({})
  const [bin, setBin] = useState('')
  const { day } = useTimes()
  const expected = order.state === 'sent' || order.state === 'partiallyReceived'
  const receivedNow: Column<Line> = {
    id: 'now',
    head: texts.receivedNow,
    className: 'w-[112px]',
    cell: (line) =>
      line.received < line.quantity && (
        <input
          className="field number"
          inputMode="numeric"
          aria-label={texts.receivedNowOfDesignation(line.designation)}
          value={came[line.id] ?? ''}
          onChange={(e) => setCame({ ...came, [line.id]: e.target.value })}
        />
      ),
  }
  const run = (work: Promise<OrderResponse>): void => {
    work
      .then((now) => {
        setCame({})
        onChange(now)
      })
      .catch((error: unknown) => void onError(errorMessage(error)))
  }
  const note = (): void => {
    call('GET /api/orders/{id}/delivery', { path: { id: order.id } })
      .then(({ lines }) =>
        setCame(
          Object.fromEntries(
            order.lines.map((l) => {
              const pieces = lines.find((d) => d.designation === l.designation)?.pieces ?? 0
              const open = l.quantity - l.received
              return [l.id, String(l.received > 0 ? open : Math.min(open, pieces))]
            }),
          ),
        ),
      )
      .catch((error: unknown) => void onError(errorMessage(error)))
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        const lines = Object.entries(came).flatMap(([id, text]) =>
          Number(text) === 0 ? [] : [{ id: Number(id), pieces: Number(text) }],
        )
        run(call('POST /api/orders/{id}/receive', { path: { id: order.id }, body: { lines, bin } }))
      }}
    >
      <h1 className="text-[1.3125rem] font-bold">{texts.order(order.id, state)}</h1>
      <p className="mb-2 text-ink2">
        {order.supplierName}
        {order.supplierOrderNo && (
          <>
            {texts.theirNumber} <span className="number">{order.supplierOrderNo}</span>
          </>
        )}
        {texts.goodsFreightDaysFrom(
          order.subtotal.toFixed(2),
          order.freight.toFixed(2),
          currency,
          order.leadTimeDays,
          day(order.createdAt),
          order.note,
        )}
      </p>
      {order.lastError && (
        <p className="mb-2 text-strain">
          <VerdictMark verdict="warn" isSaid /> {order.lastError}
        </p>
      )}
      <div className="mb-3">
        <DataTable
          label={texts.linesOfOrder(order.id)}
          rows={order.lines}
          columns={expected ? [...LINES, receivedNow] : LINES}
          keyOf={({ id }) => id}
          rowHeight={40}
        />
      </div>
      <div className="flex items-end gap-2">
        {order.state === 'pending' && (
          <>
            <button
              type="button"
              className="button"
              data-primary
              onClick={() => run(call('POST /api/orders/{id}/send', { path: { id: order.id } }))}
            >
              {texts.sendAgain}
            </button>
            <button
              type="button"
              className="button"
              onClick={() => run(call('DELETE /api/orders/{id}', { path: { id: order.id } }))}
            >
              {texts.cancelOrder}
            </button>
          </>
        )}
        {expected && (
          <>
            <label>
              <span className="caption block">{texts.intoBin}</span>
              <input
                className="field number w-[120px]"
                placeholder={texts.asBefore}
                maxLength={40}
                value={bin}
                onChange={(e) => setBin(e.target.value)}
              />
            </label>
            <button type="button" className="button" onClick={note}>
              {texts.asOnTheDeliveryNote}
            </button>
            <button
              type="submit"
              className="button"
              data-primary
              disabled={Object.values(came).every((text) => !(Number(text) > 0))}
            >
              {texts.bookIntoStock}
            </button>
          </>
        )}
      </div>
    </form>
  )
}
