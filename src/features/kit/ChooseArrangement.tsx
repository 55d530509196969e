'use client'

import type { Route } from 'next'
import dynamic from 'next/dynamic'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'
import { Link } from '@/ui/Link'
import { useEffect, useEffectEvent, useMemo, useState } from 'react'
import { useAnswer } from '@/ui/useAnswer'
import { useKeys } from '@/ui/useKeys'

/** Drawn once the choices are there: it brings the arrangements' geometry along. */
const Sketch = dynamic(() =>
  import('@/ui/drawing/ArrangementSketch').then(({ ArrangementSketch }) => ArrangementSketch),
)

/** Longest code that can be typed. */
const MAX_CODE = 12

interface Props {
  onChoose: (code: string) => void
  /** what was decided: arrangements that take all of it come first */
  decided: readonly string[]
}

/** The first question of a kit: how the bearings stand in the machine. Its code can be typed. */
export function ChooseArrangement({ onChoose, decided }: Props) {
  const { answer, message: error } = useAnswer(
    'GET /api/arrangements',
    { query: new URLSearchParams(decided.map((part) => ['part', part])) },
    0,
  )
  const [typed, setTyped] = useState('')
  /** Enter was pressed before the arrangements were here: the code is taken once they are. */
  const [isAsked, setAsked] = useState(false)
  const choices = useMemo(() => {
    const all = answer?.arrangements ?? []
    return [...all.filter((a) => a.suits), ...all.filter((a) => !a.suits)]
  }, [answer])
  const isNoneMade = decided.length > 0 && choices.length > 0 && !choices.some(({ suits }) => suits)
  const files = useMemo(() => choices.map(({ file }) => file), [choices])
  const matching = choices.filter(
    ({ code, error: broken }) => broken === '' && code.toLowerCase().startsWith(typed),
  )
  const type = ({ key }: KeyboardEvent) => {
    setTyped((typed + key.toLowerCase()).slice(-MAX_CODE))
    setAsked(false)
  }
  const take = () => {
    const [first] = matching
    if (first) onChoose(first.code)
  }
  const takeLater = useEffectEvent(take)
  useEffect(() => {
    if (isAsked && answer) takeLater()
  }, [isAsked, answer])
  useKeys({
    Enter: () => {
      if (typed === '') return false
      if (answer) take()
      else setAsked(true)
    },
    Backspace: () => {
      setTyped(typed.slice(0, -1))
      setAsked(false)
    },
    Escape: () => {
      setTyped('')
      setAsked(false)
    },
    '([\\w\\-])': type,
    'Shift+([\\w\\-])': type,
  })
  return (
    <div className="h-full overflow-auto px-4 py-5 sm:px-6">
      <div className="mx-auto max-w-[1080px]">
        <h1 className="mb-1 text-[1.3125rem] font-bold">{texts.whichArrangementIsIt}</h1>
        <p className="mb-4 text-ink2">
          {texts.itDecidesThePlaces}{' '}
          <Link href={'/arrangements' as Route} className="underline underline-offset-4">
            {texts.makeOneOfYourOwn}
          </Link>
        </p>
        {isNoneMade && (
          <p className="mb-4 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2">
            {texts.noneOfTheseIs(decided.join(common.betweenNames))}
          </p>
        )}
        <p role="status" className="sr-only">
          {typed && (matching[0] ? texts.enterTakes(matching[0].code, matching[0].title) : texts.noMatch)}
        </p>
        {error && (
          <p role="alert" className="text-contra">
            {error}
          </p>
        )}
        <div className="grid gap-2.5 sm:grid-cols-2 xl:grid-cols-3">
          {choices.map(({ code, title, own, places, error: broken, file }) => {
            const isPicked = typed !== '' && matching[0]?.code === code
            return (
              <button
                key={code}
                type="button"
                disabled={broken !== ''}
                onClick={() => onChoose(code)}
                className={`grid content-start rounded-lg border bg-sheet px-3.5 py-2.5 text-left ${isPicked ? 'border-2 border-ink' : 'border-edge'} ${typed !== '' && !matching.some((m) => m.code === code) ? 'opacity-50' : ''}`}
              >
                <b className="block text-[0.96875rem]">
                  <span className="number">{code}</span> {title}
                  {own && <span className="tag ml-2">{common.own}</span>}
                </b>
                {broken === '' && <Sketch file={file} others={files} />}
                <span className="text-[0.84375rem] text-ink2">
                  {broken || places.map((p) => p.toLowerCase()).join(' · ')}
                </span>
              </button>
            )
          })}
        </div>
      </div>
    </div>
  )
}
