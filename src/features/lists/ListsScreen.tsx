'use client'

import { writeCount } from '@/core/quantity'
import { Frame } from '@/features/shell'
import type { ListSummary } from '@/contract/list'
import * as common from '@/texts/common'
import * as texts from '@/texts/lists'
import { FileButton } from '@/ui/FileButton'
import { ImportPane } from './ImportPane'
import { ListPane } from './ListPane'
import { useImport } from './useImport'
import { useLists } from './useLists'

const STATE_LABELS: Record<ListSummary['state'], string> = {
  running: texts.beingTakenIn,
  done: '',
  cancelled: texts.stopped,
  failed: texts.notTakenIn,
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
        {list.kind === 'own' ? texts.ourOwnLower : texts.supplier},{' '}
        {state || texts.parts(writeCount(list.listed + list.own))}
      </span>
    </button>
  )
}

function Empty() {
  return (
    <div className="mx-auto max-w-[62ch] px-6 pt-16 text-ink2">
      <h1 className="mb-2 text-[1.3125rem] font-bold text-ink">{texts.noListsYet}</h1>
      <p>
        {texts.chooseACsvFile} <span className="number">{texts.exampleNumber}</span> {common.and}{' '}
        <span className="number">{texts.exampleWritten}</span> {texts.areOnePartSpecials}
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
      about={<b className="font-semibold text-ink">{common.ownAndSupplierLists}</b>}
      state={lists.length > 0 ? texts.listCount(lists.length) : undefined}
    >
      <div className="panes [--panes:272px_minmax(0,1fr)]">
        <nav aria-label={texts.lists} className="flex min-h-0 flex-col border-r border-line">
          <FileButton
            className="button m-4"
            primary={!file.draft}
            accept=".csv,.txt,text/csv"
            onFile={(chosen) => void file.choose(chosen)}
          >
            {texts.chooseACsvFileLabel}
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
