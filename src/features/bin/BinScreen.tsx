'use client'

import * as texts from '@/texts/bin'
import * as common from '@/texts/common'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import type { BinItem, BinResponse } from '@/contract/bin'
import { Frame } from '@/features/shell'
import { call, errorMessage } from '@/ui/call'
import { notifyDone } from '@/ui/notify'
import { useTimes } from '@/ui/Times'

const keyOf = ({ kind, id }: BinItem): string => `${kind} ${id}`

/** What was removed: everything can be put back until it has lain here too long. */
export function BinScreen({ initial }: { initial: BinResponse }) {
  const [{ items, keptDays }, setBin] = useState(initial)
  const [error, setError] = useState('')
  const [busy, setBusy] = useState('')
  const { time } = useTimes()
  const putBack = (item: BinItem) => {
    setBusy(keyOf(item))
    setError('')
    call('POST /api/bin/{kind}/{key}', { path: { kind: item.kind, key: item.id } })
      .then((now) => {
        setBin(now)
        return notifyDone(texts.isBack(item.label))
      })
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
      .finally(() => setBusy(''))
  }
  return (
    <Frame about={<h1 className="font-semibold text-ink">{common.bin}</h1>}>
      <div className="h-full overflow-auto px-5 py-4">
        <p className="mb-3 max-w-[72ch] text-ink2">{texts.jobsPhotographsListsArrangements(keptDays)}</p>
        {error && (
          <p role="alert" className="mb-3 text-contra">
            {error}
          </p>
        )}
        {items.length === 0 ? (
          <p>
            {texts.theBinIsEmpty} <Link href="/jobs">{texts.aJob}</Link>,{' '}
            <Link href="/lists">{texts.theLists}</Link> {texts.or}{' '}
            <Link href="/arrangements">{texts.theArrangements}</Link> {texts.comesHereFirst}
          </p>
        ) : (
          <ul className="max-w-[900px]">
            {items.map((item) => (
              <li
                key={`${item.kind} ${item.id}`}
                className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line2 py-1.5"
              >
                <b className="min-w-0 flex-1 basis-[240px] font-semibold">{item.label}</b>
                <span className="text-[0.875rem] text-ink3">
                  {texts.removed(time(item.deletedAt), item.deletedBy && texts.by(item.deletedBy))}
                </span>
                <button
                  type="button"
                  className="button"
                  disabled={busy !== ''}
                  aria-label={texts.putBackOfLabel(item.label)}
                  onClick={() => putBack(item)}
                >
                  {texts.putBack}
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
    </Frame>
  )
}
