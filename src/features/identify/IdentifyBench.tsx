'use client'

import dynamic from 'next/dynamic'
import { useEffect, useRef, useState } from 'react'
import type { KeyHint } from '@/features/shell'
import type { EvidenceSheet, IdentifyResponse } from '@/contract/evidence'
import * as common from '@/texts/common'
import * as texts from '@/texts/identify'
import { call, errorMessage } from '@/ui/call'
import { useKeys } from '@/ui/useKeys'
import { AnswerPane } from './AnswerPane'
import { isUnlisted, shownOf, USE_BUTTON } from './answerShares'
import { EvidencePane } from './EvidencePane'
import { exampleSheet, ownPartOf } from './sheet'
import { useIdentification } from './useIdentification'

export type Candidate = IdentifyResponse['candidates'][number]

export const IDENTIFY_HINTS: readonly KeyHint[] = [
  { keys: 'Enter', label: texts.nextField, foot: true },
  { keys: 'U', label: texts.unitOfTheField, foot: true },
  { keys: 'X', label: texts.excludeAReading, foot: true },
  { keys: 'R', label: texts.instrumentAndConditionOf },
  { keys: 'Ctrl Enter', label: texts.useTheAnswer },
  { keys: 'K', label: texts.keepAsOurOwn },
  { keys: 'S', label: texts.stampLower },
  { keys: 'B O W T C P', label: texts.boreOutsideWidthTotal },
  { keys: 'H G', label: texts.shaftHousing },
  { keys: 'A E L', label: texts.boltsCentreHeightRails },
  { keys: '↑ ↓', label: texts.fieldBeforeFieldAfter },
  { keys: ';', label: texts.anotherReadingOfThe },
]

interface Props {
  sheet: EvidenceSheet
  onChange: (sheet: EvidenceSheet) => void
  actionText: string
  onUse: (candidate: Candidate) => void
  /** a part that no list holds, now kept as one of the shop's own */
  onOwnPart: (designation: string) => void
  /** whether the example of the empty answer may be filled in: not in a job, where it would become evidence */
  example?: boolean
}

/** Drawings come behind the page: they are asked for at once and wanted with the first answer. */
const loadSection = () => import('./CandidateSection').then((section) => section.CandidateSection)
const CandidateSection = dynamic(loadSection, { ssr: false })

/** Evidence on one side, the section in the middle, the answer on the other; it answers while one types. */
export function IdentifyBench({ sheet, onChange, actionText, onUse, onOwnPart, example = false }: Props) {
  const { answer, error, away, current } = useIdentification(sheet)
  const [selected, setSelected] = useState(0)
  useEffect(() => void loadSection(), [])
  const shown = shownOf(answer)
  const candidate = shown[selected] ?? shown[0]
  const [keeping, setKeeping] = useState('')
  const own = answer && isUnlisted(answer) ? ownPartOf(sheet, answer.readings) : null
  const keepable = own !== null && (own.bore !== undefined || own.outside !== undefined)
  const keep = () => {
    if (!own || !keepable) return
    // The readings of what is typed now: the answer on the screen may still be to what was typed before.
    const readings = current
      ? Promise.resolve(answer?.readings ?? [])
      : call('POST /api/identify', { body: { ...sheet, limit: 1 } }).then((fresh) => fresh.readings)
    readings
      .then((found) => call('POST /api/parts', { body: ownPartOf(sheet, found) }))
      .then(({ designation }) => onOwnPart(designation))
      .catch((error: unknown) => setKeeping(errorMessage(error)))
  }
  const unlisted = isUnlisted(answer)
  const wanted = useRef(false)
  useKeys(
    {
      '$mod+Enter': () => {
        // An answer to what was typed before decides nothing: the key counts when the new one is there.
        if (!current) wanted.current = true
        // While nothing listed fits there is nothing to use: what is kept is chosen by its own key.
        else if (!unlisted) document.getElementById(USE_BUTTON)?.click()
      },
    },
    { whileTyping: true },
  )
  useEffect(() => {
    if (!current || !wanted.current) return
    wanted.current = false
    if (!unlisted) document.getElementById(USE_BUTTON)?.click()
  }, [current, unlisted])
  const change = (next: EvidenceSheet) => {
    setSelected(0)
    onChange(next)
  }
  return (
    <div className="panes [--panes:minmax(290px,366px)_minmax(220px,1fr)_minmax(330px,392px)]">
      <EvidencePane
        sheet={sheet}
        answer={answer}
        error={error}
        onChange={change}
        onKeep={keepable ? keep : undefined}
        onDone={() => document.getElementById(USE_BUTTON)?.focus()}
      />
      <section
        aria-label={common.section}
        data-pane="drawing"
        className="flex min-h-0 min-w-0 flex-col px-2.5 py-3"
      >
        {candidate ? (
          <>
            <p className="flex flex-wrap justify-between gap-x-2 px-1 text-caption text-ink3">
              <span>{texts.sectionToScale(candidate.designation)}</span>
              <span>
                <span className="text-lamp-ink">▬</span> {texts.measured} <span className="ml-1">▬</span>{' '}
                {texts.nominal}
              </span>
            </p>
            <div className="min-h-0 flex-1">
              <CandidateSection candidate={candidate} readings={answer?.readings ?? []} />
            </div>
          </>
        ) : (
          <p className="m-auto max-w-[26ch] text-center text-ink3">{texts.theSectionAppearsHere}</p>
        )}
      </section>
      <AnswerPane
        answer={answer}
        error={error}
        away={away}
        selected={selected}
        onSelect={setSelected}
        action={{ label: actionText, run: onUse }}
        onKeep={keepable ? keep : undefined}
        keeping={keeping}
        onExample={example ? () => change(exampleSheet(sheet)) : undefined}
      />
    </div>
  )
}
