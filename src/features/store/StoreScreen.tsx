'use client'

import { useState } from 'react'
import { Frame } from '@/features/shell'
import type { StockImported, StockItem, StockResponse } from '@/services/schemas/supply'
import { ask, wordsOf } from '@/ui/ask'
import { ItemPane } from './ItemPane'
import { NewItem } from './NewItem'
import { StockTable } from './StockTable'

type View = 'all' | 'low' | 'count'
const VIEWS: readonly [View, string][] = [
  ['all', 'all'],
  ['low', 'below minimum'],
  ['count', 'counting'],
]

/** What lies in the bins: moved, counted, never overwritten. */
export function StoreScreen({ initial }: { initial: StockResponse }) {
  const [items, setItems] = useState(initial.items)
  const [text, setText] = useState('')
  const [view, setView] = useState<View>('all')
  const [chosen, setChosen] = useState<number | null>(null)
  const [words, setWords] = useState('')
  const [adding, setAdding] = useState(false)
  const put = (item: StockItem): void =>
    setItems((all) =>
      all.some((i) => i.id === item.id) ? all.map((i) => (i.id === item.id ? item : i)) : [...all, item],
    )
  const refresh = async (): Promise<void> => setItems((await ask<StockResponse>('/api/stock')).items)
  const readIn = async (file: File): Promise<void> => {
    try {
      const done = await ask<StockImported>('/api/stock.csv', {
        method: 'POST',
        headers: { 'content-type': 'text/csv' },
        body: file,
      })
      await refresh()
      const first = done.problems[0]
      setWords(
        `${done.counted} of ${done.rows} rows taken in.${first ? ` Row ${first.row}, ${first.text}: ${first.words}` : ''}`,
      )
    } catch (error) {
      setWords(wordsOf(error))
    }
  }
  const shown = items.filter(
    (i) =>
      `${i.designation} ${i.bin}`.toLowerCase().includes(text.toLowerCase()) &&
      (view !== 'low' || i.free < i.minimum),
  )
  const item = items.find((i) => i.id === chosen)
  return (
    <Frame about={<b className="font-semibold text-ink">Store</b>} state={`${items.length} items`}>
      <div className="grid h-full min-h-0 grid-cols-[minmax(0,1fr)_340px]">
        <section aria-label="Items" className="flex min-h-0 flex-col">
          <div className="flex items-center gap-1.5 border-b border-line px-[18px] py-2">
            <input
              className="field max-w-[230px]"
              aria-label="Filter items"
              placeholder="Number or bin"
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
            {VIEWS.map(([key, name]) => (
              <button
                key={key}
                type="button"
                className="chip px-2.5"
                aria-pressed={view === key}
                onClick={() => setView(key)}
              >
                {name}
                {key === 'low' && (
                  <b className="number ml-1.5">{items.filter((i) => i.free < i.minimum).length}</b>
                )}
              </button>
            ))}
            <span className="ml-auto" />
            <a className="chip px-2.5" href="/api/stock.csv" download>
              CSV
            </a>
            <a className="chip px-2.5" href="/api/stock-labels.pdf" target="_blank" rel="noreferrer">
              Labels
            </a>
            <label className="chip cursor-pointer px-2.5">
              Read in
              <input
                type="file"
                accept=".csv,text/csv"
                className="sr-only"
                onChange={(e) => {
                  const file = e.target.files?.[0]
                  e.target.value = ''
                  if (file) void readIn(file)
                }}
              />
            </label>
            <button
              type="button"
              className="button min-h-10 px-3"
              onClick={() => {
                setChosen(null)
                setAdding(true)
              }}
            >
              New part
            </button>
          </div>
          {words && (
            <p role="status" className="border-b border-line px-[18px] py-1.5 text-ink2">
              {words}
            </p>
          )}
          <div className="min-h-0 flex-1 overflow-auto px-2.5">
            {shown.length === 0 ? (
              <p className="px-4 pt-10 text-ink2">
                {items.length === 0
                  ? 'Nothing in the bins yet. Add a part, such as 6205-2RS in bin A1, or read a stock list in.'
                  : 'Nothing by that name. Clear the filter to see everything.'}
              </p>
            ) : (
              <StockTable
                items={shown}
                counting={view === 'count'}
                chosen={chosen}
                onChoose={(id) => {
                  setAdding(false)
                  setChosen(id)
                }}
                onCounted={put}
                onTrouble={setWords}
              />
            )}
          </div>
        </section>
        <aside
          aria-label="Item"
          className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3"
        >
          {item && !adding ? (
            <ItemPane key={item.id} item={item} currency={initial.currency} onChange={put} />
          ) : (
            <NewItem
              onMade={(made) => {
                put(made)
                setAdding(false)
                setChosen(made.id)
              }}
            />
          )}
        </aside>
      </div>
    </Frame>
  )
}
