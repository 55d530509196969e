'use client'

import { writeCount } from '@/core/quantity'
import { Frame } from '@/features/shell'
import type { ListSummary } from '@/contract/list'
import { FileButton } from '@/ui/FileButton'
import { ImportPane } from './ImportPane'
import { ListPane } from './ListPane'
import { useImport } from './useImport'
import { useLists } from './useLists'

const STATE_LABELS: Record<ListSummary['state'], string> = {
  running: 'being taken in',
  done: '',
  cancelled: 'stopped',
  failed: 'not taken in',
}

function ListButton({ list, chosen, onShow }: { list: ListSummary; chosen: boolean; onShow: () => void }) {
  const state = STATE_LABELS[list.state]
  return (
    <button
      type="button"
      aria-current={chosen ? 'true' : undefined}
      onClick={onShow}
      className={`block min-h-12 w-full px-4 py-1.5 text-left ${chosen ? 'bg-sheet font-bold' : ''}`}
    >
      <span className="block break-note">{list.name}</span>
      <span className="block text-caption font-normal text-ink3">
        {list.kind === 'own' ? 'our own' : 'supplier'},{' '}
        {state || `${writeCount(list.listed + list.own)} parts`}
      </span>
    </button>
  )
}

function Empty() {
  return (
    <div className="mx-auto max-w-[62ch] px-6 pt-16 text-ink2">
      <h1 className="mb-2 text-[1.3125rem] font-bold text-ink">No lists yet</h1>
      <p>
        Choose a CSV file of what lies in your bins, or of what a supplier offers: one part a row, the first
        line names the columns. Numbers are read by what they mean, so that{' '}
        <span className="number">6205-2RS1</span> and <span className="number">6205 DDU</span> are one part.
        Specials, such as the turned bush of the capstan winch, are kept with their bore, outside and width
        and found by them.
      </p>
    </div>
  )
}

/** The shop's own stock lists and suppliers' lists: taken in from CSV, searched beside the standard parts. */
export function ListsScreen({ initial }: { initial: readonly ListSummary[] }) {
  const { lists, detail, problem, show, drop, refresh } = useLists(initial)
  const file = useImport()
  const shown = lists.find((list) => list.id === detail?.id) ?? lists.find((list) => list.state === 'running')
  const message = file.problem || problem
  const start = async (): Promise<void> => {
    const begun = await file.start()
    if (!begun) return
    await refresh()
    show(begun.id)
  }
  return (
    <Frame
      about={<b className="font-semibold text-ink">Own and supplier lists</b>}
      state={lists.length > 0 ? `${lists.length} list${lists.length === 1 ? '' : 's'}` : undefined}
    >
      <div className="panes [--panes:272px_minmax(0,1fr)]">
        <nav aria-label="Lists" className="flex min-h-0 flex-col border-r border-line">
          <FileButton
            className="button m-4"
            primary={!file.draft}
            accept=".csv,.txt,text/csv"
            onFile={(chosen) => void file.choose(chosen)}
          >
            Choose a CSV file
          </FileButton>
          <div className="min-h-0 overflow-auto">
            {lists.map((list) => (
              <ListButton
                key={list.id}
                list={list}
                chosen={!file.draft && list.id === shown?.id}
                onShow={() => {
                  file.leave()
                  show(list.id)
                }}
              />
            ))}
          </div>
        </nav>
        <div className="flex min-h-0 flex-col">
          {message && (
            <p role="alert" className="mx-6 mt-4 rounded-lg border border-contra px-3 py-2 text-contra">
              {message}
            </p>
          )}
          <div className="min-h-0 flex-1">
            {file.draft ? (
              <ImportPane
                draft={file.draft}
                onChange={file.change}
                onColumn={file.changeColumn}
                onStart={() => void start()}
                onLeave={file.leave}
              />
            ) : shown ? (
              <ListPane list={shown} detail={detail} onDrop={() => void drop(shown.id)} />
            ) : (
              <Empty />
            )}
          </div>
        </div>
      </div>
    </Frame>
  )
}
