'use client'

import { UnitText } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/identify'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import type { IdentifyResponse } from '@/contract/evidence'
import { ShowExample } from '@/ui/ShowExample'
import type { IdentifyError } from './useIdentification'
import { isUnlisted, percent, shownOf, USE_BUTTON, type Candidate } from './answerShares'
import { Bar, composed, Leader, Options } from './Leader'

const NONE_OPEN: ReadonlySet<number> = new Set()

interface Props {
  answer: IdentifyResponse | null
  error: IdentifyError | null
  away: boolean
  selected: number
  onSelect: (index: number) => void
  action: { label: string; run: (candidate: Candidate) => void }
  /** keeps what nobody lists as a part of the shop's own */
  onKeep: (() => void) | undefined
  keeping: string
  /** fills in the example; absent within a job */
  onExample: (() => void) | undefined
}

/** Candidates that are named. */
const NAMED = 5
/** A smaller share is not worth a row. */
const MIN_SHOWN = 0.005

/** Share of the listed parts that are not among those that are named. */
const restOf = ({ unlisted }: IdentifyResponse, named: readonly Candidate[]): number =>
  1 - unlisted.probability - named.reduce((sum, { probability }) => sum + probability, 0)

/** A share that is no part to choose. */
function Share({ name, share }: { name: string; share: number }) {
  return (
    <li className="grid min-h-10 grid-cols-[minmax(0,1fr)_76px_50px] items-center border-b border-line2 text-[0.90625rem] text-ink2">
      {name}
      <span className="mr-2.5">
        <Bar share={share} thin />
      </span>
      <span className="number text-right">{percent(share)}</span>
    </li>
  )
}

function Advice({ advice }: Pick<IdentifyResponse, 'advice'>) {
  if (!advice) return null
  return (
    <div className="my-3 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2.5">
      <b className="block text-[1.03125rem]">{advice.heading}</b>
      <span className="text-[0.875rem] text-ink2">
        <UnitText text={advice.line} />
      </span>
    </div>
  )
}

/** The ranked answer, why, what else it may be, what to do next. */
export function AnswerPane({
  answer,
  error,
  away,
  selected,
  onSelect,
  action,
  onKeep,
  keeping,
  onExample,
}: Props) {
  const [left, setLeft] = useState<{ of: string; open: ReadonlySet<number> }>({ of: '', open: new Set() })
  const shown = shownOf(answer)
  const candidate = shown[selected] ?? shown[0]
  const others = shown.filter((c) => c !== candidate).slice(0, NAMED - 1)
  const unlistedLeads = isUnlisted(answer)
  const rest = answer ? restOf(answer, candidate ? [candidate, ...others] : others) : 0
  const of = candidate ? `${candidate.front} ${candidate.options.map((o) => o.written).join('')}` : ''
  const open = left.of === of ? left.open : NONE_OPEN
  const toggle = (at: number) => {
    const next = new Set(open)
    if (!next.delete(at)) next.add(at)
    setLeft({ of, open: next })
  }
  const designation = candidate ? composed(candidate, open) : ''
  return (
    <section
      data-pane="answer"
      aria-label={texts.answer}
      className="flex min-h-0 flex-col overflow-auto border-l border-line bg-sheet px-[18px] py-3"
    >
      <h1 className="beside-pad caption mb-1.5 flex justify-between">
        {texts.result}
        <span className="font-normal">{answer && texts.ofParts(answer.parts)}</span>
      </h1>
      {away && (
        <p role="status" className="mb-2 rounded-lg bg-wash px-3 py-2 text-lamp-ink">
          {texts.noConnectionToThe}
        </p>
      )}
      {error && (
        <p role="alert" className="mb-2 rounded-lg border border-contra px-3 py-2 text-contra">
          {error.detail}
        </p>
      )}
      {!answer && !error && (
        <div className="max-w-[34ch] text-ink2">
          {texts.typeWhatIsStamped} <span className="number">{texts.exampleStamp}</span> {common.and}{' '}
          <span className="number">{texts.exampleSize}</span>
          {texts.asOnTheLandTrain}
          {onExample && <ShowExample onShow={onExample} />}
        </div>
      )}
      {unlistedLeads && answer && (
        <div className="mb-3 border-b border-line pb-3">
          <p className="flex items-baseline justify-between gap-2">
            <span data-testid="leader" className="text-[1.5rem] font-bold">
              {answer.hardware?.designation ?? common.notListed}
            </span>
            {!answer.hardware && (
              <b className="number text-reading font-semibold">{percent(answer.unlisted.probability)}</b>
            )}
          </p>
          {!answer.hardware && (
            <div className="my-1.5">
              <Bar share={answer.unlisted.probability} />
            </div>
          )}
          <p className="text-[0.875rem] text-ink2">
            <UnitText text={answer.unlisted.note} />
          </p>
          <Advice advice={answer.advice} />
          {answer.hardware ? (
            <Link id={USE_BUTTON} href={partPath(answer.hardware.designation)} className="button w-full">
              {texts.partSheet}
            </Link>
          ) : (
            shown.length > 0 && <h2 className="caption mt-3">{texts.nearestListed}</h2>
          )}
        </div>
      )}
      {candidate && (
        <Leader candidate={candidate} designation={designation} leads={!unlistedLeads}>
          {!unlistedLeads && <Options candidate={candidate} open={open} onToggle={toggle} />}
        </Leader>
      )}
      <ul aria-label={unlistedLeads ? texts.alsoNear : texts.alsoPossible}>
        {others.map((c) => (
          <li key={c.base} className="border-b border-line2">
            <button
              type="button"
              onClick={() => onSelect(shown.indexOf(c))}
              className="grid min-h-10 w-full grid-cols-[minmax(0,1fr)_76px_50px] items-center text-left"
            >
              <span className="number text-[0.96875rem] font-medium [overflow-wrap:anywhere]">
                {c.designation}
              </span>
              <span className="mr-2.5">
                <Bar share={c.probability} thin />
              </span>
              <span className="number text-right text-[0.90625rem]">{percent(c.probability)}</span>
            </button>
          </li>
        ))}
        {answer && !unlistedLeads && (
          <>
            {rest >= MIN_SHOWN && <Share name="Other listed parts" share={rest} />}
            <Share name="Not in the catalogue" share={answer.unlisted.probability} />
          </>
        )}
      </ul>
      {!unlistedLeads && <Advice advice={answer?.advice ?? null} />}
      {(candidate || (unlistedLeads && !answer?.hardware)) && (
        <div className="beside-pad sticky -bottom-3 -mb-3 mt-auto flex flex-wrap gap-2 bg-sheet pt-2 pb-3">
          {unlistedLeads ? (
            <>
              <button
                id={USE_BUTTON}
                type="button"
                data-primary={onKeep ? true : undefined}
                className="button w-full"
                disabled={!onKeep}
                onClick={onKeep}
              >
                {texts.keepAsOurOwnPart} <kbd>K</kbd>
              </button>
              {candidate && (
                <button
                  type="button"
                  className="button min-w-0 flex-1"
                  onClick={() => action.run({ ...candidate, designation })}
                >
                  <span>{texts.useAllTheSame(candidate.base)}</span>
                </button>
              )}
            </>
          ) : (
            candidate && (
              <button
                id={USE_BUTTON}
                type="button"
                data-primary
                className="button flex-1"
                onClick={() => action.run({ ...candidate, designation })}
              >
                {action.label} <kbd className="max-lg:hidden">Ctrl Enter</kbd>
              </button>
            )
          )}
          {candidate && (
            <Link href={partPath(designation)} className="button">
              {texts.partSheet}
            </Link>
          )}
          {keeping && (
            <p role="alert" className="w-full text-contra">
              {keeping}
            </p>
          )}
        </div>
      )}
    </section>
  )
}
