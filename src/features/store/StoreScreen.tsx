'use client'

import { useCallback, useMemo, useState } from 'react'
import { Frame } from '@/features/shell'
import type { StockItem, StockResponse } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/store'
import { sendFile, urlOf, errorMessage } from '@/ui/call'
import { FileButton } from '@/ui/FileButton'
import { useUrlChoice, useUrlText } from '@/ui/urlState'
import { usePages } from '@/ui/usePages'
import { ChipChoice } from '@/ui/ChipChoice'
import { ItemPane } from './ItemPane'
import { NewItem } from './NewItem'
import { StockTable } from './StockTable'

const VIEWS = [
  ['all', texts.all],
  ['low', texts.belowMinimum],
  ['count', texts.counting],
] as const

const queryOf = (text: string, low: boolean): string => `q=${encodeURIComponent(text.trim())}&low=${low}`

interface Props {
  initial: StockResponse
  /** what the page was asked for */
  initialQuery: { text: string; low: boolean }
}

/** What lies in the bins: moved, counted, never overwritten. */
export function StoreScreen({ initial, initialQuery: brought }: Props) {
  const [text, setText] = useUrlText('q')
  const [view, setView] = useUrlChoice('view', ['all', 'low', 'count'], 'all')
  const [chosen, setChosen] = useState<StockItem | null>(null)
  const [message, setMessage] = useState('')
  const [adding, setAdding] = useState(false)
  const query = queryOf(text, view === 'low')
  const list = usePages('GET /api/stock', {
    query: query,
    initial,
    initialQuery: queryOf(brought.text, brought.low),
  })
  const items = useMemo(() => list.pages.flatMap((page) => page.items), [list.pages])
  const { all = 0, low = 0 } = list.pages[0] ?? {}
  const count = view === 'low' ? low : all
  const put = (item: StockItem): void => {
    setChosen((was) => (was?.id === item.id ? item : was))
    list.put((page) => ({ ...page, items: page.items.map((i) => (i.id === item.id ? item : i)) }))
  }
  const choose = useCallback((item: StockItem) => {
    setAdding(false)
    setChosen(item)
  }, [])
  const readIn = async (file: File): Promise<void> => {
    try {
      const done = await sendFile('POST /api/stock.csv', file, 'text/csv')
      await list.again()
      const first = done.problems[0]
      setMessage(
        texts.ofRowsTakenIn(
          done.counted,
          done.rows,
          first ? texts.row(first.row, first.text, first.message) : '',
        ),
      )
    } catch (error) {
      setMessage(errorMessage(error))
    }
  }
  return (
    <Frame
      about={<h1 className="font-semibold text-ink">{common.store}</h1>}
      state={texts.itemsOfCount(count)}
    >
      <div className="panes [--panes:minmax(0,1fr)_340px]">
        <section aria-label={texts.items} className="flex min-h-0 flex-col">
          <div className="flex flex-wrap items-center gap-1.5 border-b border-line px-[18px] py-2 lg:flex-nowrap">
            <input
              className="field max-w-[230px]"
              aria-label={texts.filterItems}
              placeholder={texts.numberOrBin}
              value={text}
              onChange={(e) => void setText(e.target.value)}
            />
            <ChipChoice
              label={texts.itemsShown}
              className="px-2.5"
              value={view}
              options={VIEWS.map(
                ([key, name]) =>
                  [
                    key,
                    <>
                      {name}
                      {key === 'low' && <b className="number ml-1.5">{low}</b>}
                    </>,
                  ] as const,
              )}
              onPick={(key) => void setView(key)}
            />
            <span className="ml-auto" />
            <a className="chip px-2.5" href={urlOf('GET /api/stock.csv')} download>
              {common.csv}
            </a>
            <a
              className="chip px-2.5"
              href={urlOf('GET /api/stock-labels.pdf', { query: new URLSearchParams(query) })}
              target="_blank"
              rel="noreferrer"
            >
              {common.labels}
            </a>
            <FileButton className="chip px-2.5" accept=".csv,text/csv" onFile={(file) => void readIn(file)}>
              {common.importIt}
            </FileButton>
            <button
              type="button"
              className="button min-h-10 px-3"
              onClick={() => {
                setChosen(null)
                setAdding(true)
              }}
            >
              {texts.newPart}
            </button>
          </div>
          {(message || list.message) && (
            <p role="status" className="border-b border-line px-[18px] py-1.5 text-ink2">
              {message || list.message}
            </p>
          )}
          <div className="min-h-0 flex-1 px-2.5">
            {items.length === 0 ? (
              <p className="px-4 pt-10 text-ink2">
                {list.waiting
                  ? texts.looking
                  : text.trim() === '' && view !== 'low'
                    ? texts.nothingInTheBins
                    : texts.noMatchClearThe}
              </p>
            ) : (
              <StockTable
                items={items}
                pages={list}
                counting={view === 'count'}
                chosen={chosen?.id ?? null}
                onChoose={choose}
                onCounted={put}
                onError={setMessage}
              >
                {list.hasMore && (
                  <button type="button" className="button m-3" onClick={list.more}>
                    {texts.moreItemsOfShown(items.length, count)}
                  </button>
                )}
              </StockTable>
            )}
          </div>
        </section>
        <aside
          aria-label={texts.item}
          className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3"
        >
          {chosen && !adding ? (
            <ItemPane key={chosen.id} item={chosen} currency={initial.currency} onChange={put} />
          ) : (
            <NewItem
              onMade={(made) => {
                void list.again()
                setAdding(false)
                setChosen(made)
              }}
            />
          )}
        </aside>
      </div>
    </Frame>
  )
}
