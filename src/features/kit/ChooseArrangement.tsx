'use client'

import type { Route } from 'next'
import Link from 'next/link'
import type { Takes } from '@/core/kit'
import type { ArrangementsResponse } from '@/contract/kit'
import { useAnswer } from '@/ui/useAnswer'

/** The first question of a kit: how the bearings stand in the machine. */
export function ChooseArrangement({ onChoose }: { onChoose: (code: string, takes: Takes) => void }) {
  const { answer, words: trouble } = useAnswer<ArrangementsResponse>('/api/arrangements', undefined, 0)
  const choices = answer?.arrangements ?? []
  return (
    <div className="h-full overflow-auto px-6 py-6">
      <div className="mx-auto max-w-[980px]">
        <h1 className="mb-1 text-[1.3125rem] font-bold">Which arrangement is it?</h1>
        <p className="mb-4 text-ink2">
          It decides the places of the kit and the order they are fitted in.{' '}
          <Link href={'/arrangements' as Route} className="underline underline-offset-4">
            Make one of your own
          </Link>
        </p>
        {trouble && (
          <p role="alert" className="text-contra">
            {trouble}
          </p>
        )}
        <div className="grid grid-cols-2 gap-2.5">
          {choices.map(({ code, words, own, places, takes, trouble: broken }) => (
            <button
              key={code}
              type="button"
              disabled={broken !== ''}
              onClick={() => onChoose(code, takes)}
              className="rounded-lg border border-edge bg-sheet px-4 py-2.5 text-left"
            >
              <b className="block text-[0.96875rem]">
                <span className="number">{code}</span> {words}
                {own && <span className="tag ml-2">own</span>}
              </b>
              <span className="line-clamp-2 text-[0.84375rem] text-ink2">
                {broken || places.map((p) => p.toLowerCase()).join(' · ')}
              </span>
            </button>
          ))}
        </div>
      </div>
    </div>
  )
}
