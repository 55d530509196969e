'use client'

import { useEffect, useState } from 'react'
import { typedAmount } from '@/core/quantity'
import * as common from '@/texts/common'
import * as texts from '@/texts/orders'
import { Link } from '@/ui/Link'
import { stagePath } from '@/features/job'
import { Frame } from '@/features/shell'
import type { BasketResponse, OrderResponse, OrdersResponse } from '@/contract/supply'
import { call, errorMessage } from '@/ui/call'
import { ShowExample } from '@/ui/ShowExample'
import { useStoredState } from '@/ui/useStoredState'
import { usePages } from '@/ui/usePages'
import { BasketPane } from './BasketPane'
import { OrderPane } from './OrderPane'
import { WantedLines, type Wanted } from './WantedLines'

interface Props {
  initial: OrdersResponse
  /** jobs whose kits are short, as `3,4x2` */
  jobs: string
}

const STATE_LABELS: Record<OrderResponse['state'], string> = {
  pending: texts.notSentYet,
  sent: texts.onItsWay,
  partiallyReceived: texts.partlyHere,
  received: texts.allHere,
  cancelled: texts.givenUp,
}

/** `3,4x2` names job 3 once and job 4 twice. */
const jobsIn = (text: string) =>
  text.split(',').flatMap((part) => {
    const read = /^(\d{1,9})(?:x(\d{1,3}))?$/.exec(part)
    return read
      ? [{ name: common.jobNumber(Number(read[1])), job: Number(read[1]), times: Number(read[2] ?? 1) }]
      : []
  })

/** What the text of the empty screen speaks of. */
const EXAMPLE: Wanted[] = [
  { designation: 'LM12749', quantity: '8' },
  { designation: '6204-2RS', quantity: '4' },
]

/** Kits one came from that the header leads back to. */
const MAX_LINKS = 5

/** What is short, what the suppliers ask for it, the best way to buy it, and the orders until they are here. */
export function OrdersScreen({ initial, jobs }: Props) {
  const [find, setFind] = useState('')
  const list = usePages('GET /api/orders', {
    query: `q=${encodeURIComponent(find.trim())}`,
    initial,
    initialQuery: 'q=',
  })
  const orders = list.pages.flatMap((page) => page.items)
  const [wanted, setWanted, forgetWanted] = useStoredState<Wanted[]>('orders.wanted', [])
  const [dayWorth, setDayWorth] = useStoredState('orders.dayWorth', '0')
  const [basket, setBasket] = useState<BasketResponse | null>(null)
  const [idempotencyKey, setOnce] = useState('')
  const [busy, setBusy] = useState(false)
  const [message, setMessage] = useState('')
  const [shown, setShown] = useState<OrderResponse | null>(null)
  useEffect(() => {
    const kits = jobsIn(jobs)
    if (kits.length === 0) return
    let current = true
    call('POST /api/campaign', { body: { kits } })
      .then(({ lines }) => {
        if (!current) return
        const short = lines.filter((l) => l.short > 0)
        setWanted(
          short.map(({ designation, short: quantity }) => ({ designation, quantity: String(quantity) })),
        )
        if (short.length === 0) setMessage(texts.everythingOfTheseKits)
      })
      .catch((error: unknown) => current && setMessage(errorMessage(error)))
    return () => {
      current = false
    }
  }, [jobs, setWanted])
  const put = (next: readonly OrderResponse[]): void => {
    setShown((was) => next.find((n) => n.id === was?.id) ?? was)
    list.put((page) => ({ ...page, items: page.items.map((o) => next.find((n) => n.id === o.id) ?? o) }))
  }
  const work = (task: Promise<unknown>): void => {
    setBusy(true)
    setMessage('')
    task.catch((error: unknown) => setMessage(errorMessage(error))).finally(() => setBusy(false))
  }
  const price = (): void =>
    work(
      call('POST /api/basket', {
        body: {
          lines: wanted
            .filter((w) => w.designation.trim() !== '')
            .map((w) => ({ designation: w.designation.trim(), quantity: typedAmount(w.quantity) })),
          dayWorth: typedAmount(dayWorth),
        },
      }).then((found) => {
        setBasket(found)
        setShown(null)
        // One key for this basket: pressing the button twice orders once.
        setOnce(crypto.randomUUID())
      }),
    )
  const send = (): void => {
    if (!basket) return
    const picks = basket.picks.map(({ designation, supplier, pieces, price }) => ({
      designation,
      supplier,
      pieces,
      price,
    }))
    work(
      call('POST /api/orders', {
        body: {
          idempotencyKey,
          picks,
          note: jobs && texts.forJobs(jobs),
        },
      }).then(({ orders: made }) => {
        void list.again()
        setBasket(null)
        forgetWanted()
        setShown(made[0] ?? null)
        setMessage(made.find((o) => o.lastError)?.lastError ?? '')
      }),
    )
  }
  const order = shown
  return (
    <Frame
      about={
        <>
          <b className="font-semibold text-ink">{common.orders}</b>
          {jobsIn(jobs)
            .slice(0, MAX_LINKS)
            .map(({ name, job }) => (
              <span key={job}>
                {' · '}
                <Link href={stagePath(job, 'kit')} className="underline decoration-dotted underline-offset-4">
                  {name}
                </Link>
              </span>
            ))}
        </>
      }
      state={texts.orderCount(orders.length, list.hasMore)}
    >
      <div className="panes [--panes:360px_minmax(0,1fr)_260px]">
        <WantedLines
          wanted={wanted}
          onChange={setWanted}
          dayWorth={dayWorth}
          onDayWorth={setDayWorth}
          currency={initial.currency}
          busy={busy}
          ready={basket !== null}
          onPrice={price}
        />
        <section aria-label={texts.basketAndOrder} className="min-h-0 overflow-auto px-[18px] py-3">
          {message && (
            <p role="alert" className="mb-2 rounded-lg border border-line bg-wash px-3 py-2">
              {message}
            </p>
          )}
          {order ? (
            <OrderPane
              key={order.id}
              order={order}
              state={STATE_LABELS[order.state]}
              currency={initial.currency}
              onChange={(now) => put([now])}
              onError={async (error) => {
                setMessage(error)
                put([await call('GET /api/orders/{id}', { path: { id: order.id } })])
              }}
            />
          ) : basket ? (
            <BasketPane basket={basket} busy={busy} onOrder={send} />
          ) : (
            <div className="pt-14 text-ink2">
              <h1 className="mb-2 text-[1.3125rem] font-bold text-ink">{texts.nothingPricedYet}</h1>
              <p className="max-w-[52ch]">{texts.typeWhatIsNeeded}</p>
              {wanted.length === 0 && <ShowExample onShow={() => setWanted(EXAMPLE)} />}
            </div>
          )}
        </section>
        <nav aria-label={common.orders} className="min-h-0 overflow-auto border-l border-line bg-sheet py-2">
          <h2 className="caption px-4 pb-1">{texts.ordersLatestFirst}</h2>
          <div className="px-4 pb-2">
            <input
              className="field"
              aria-label={texts.findAnOrder}
              placeholder={texts.numberPartOrSupplier}
              value={find}
              onChange={(e) => setFind(e.target.value)}
            />
          </div>
          {orders.length === 0 && !list.waiting && (
            <p className="px-4 text-[0.875rem] text-ink2">
              {find.trim() === '' ? texts.noneYet : texts.noSuchOrder}
            </p>
          )}
          {orders.map((o) => (
            <button
              key={o.id}
              type="button"
              aria-current={o.id === shown?.id ? 'true' : undefined}
              onClick={() => setShown(o.id === shown?.id ? null : o)}
              className={`block min-h-12 w-full px-4 py-1.5 text-left ${o.id === shown?.id ? 'bg-wash' : ''}`}
            >
              <span className="flex justify-between gap-2">
                <b className="number">{texts.orderOfId(o.id)}</b>
                <span className={o.state === 'pending' ? 'text-strain' : 'text-ink2'}>
                  {STATE_LABELS[o.state]}
                </span>
              </span>
              <span className="block text-caption text-ink3">
                {o.supplierName}, {(o.subtotal + o.freight).toFixed(2)}
              </span>
            </button>
          ))}
          {list.hasMore && (
            <button type="button" className="button m-3" onClick={list.more}>
              {texts.earlierOrders}
            </button>
          )}
        </nav>
      </div>
    </Frame>
  )
}
