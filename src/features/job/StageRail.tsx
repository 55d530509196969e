'use client'

import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { STAGES, STAGE_WORDS, type Stage } from '@/contract/choices'
import { stagePath } from './stagePath'

/** The stages in the order of the work; any may be opened first. */
export function StageRail({ jobId, now, reached }: { jobId: number; now: Stage; reached: Stage }) {
  const bearing = useSearchParams().get('bearing')
  const current = useRef<HTMLAnchorElement>(null)
  // Where the stages are a strip, the one that is open is brought into sight.
  useEffect(() => {
    current.current?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [now])
  return (
    <nav aria-label="Stages of the job" className="shrink-0 lg:pt-3">
      <ol className="flex lg:block">
        {STAGES.map((stage, i) => {
          const done = i < STAGES.indexOf(reached) || (stage !== now && stage === reached)
          const dot =
            stage === now
              ? 'border-4 border-lamp bg-sheet'
              : done
                ? 'border-[1.6px] border-ink2 bg-ink2'
                : 'border-[1.6px] border-ink3'
          return (
            <li key={stage} className="relative">
              {i < STAGES.length - 1 && (
                <span
                  aria-hidden
                  className="absolute top-[31px] max-lg:hidden left-[22px] h-[30px] w-[1.6px] bg-line"
                />
              )}
              <Link
                href={stagePath(jobId, stage, bearing)}
                ref={stage === now ? current : undefined}
                aria-current={stage === now ? 'step' : undefined}
                className={`relative flex h-[46px] items-center gap-2 px-3 text-[0.90625rem] whitespace-nowrap lg:gap-3 lg:pr-0 lg:pl-4 ${stage === now ? 'bg-sheet font-bold text-ink' : 'text-ink2'}`}
              >
                <i aria-hidden className={`size-[13px] shrink-0 rounded-full ${dot}`} />
                {STAGE_WORDS[stage]}
              </Link>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
