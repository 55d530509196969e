'use client'

import Link from 'next/link'
import { useSearchParams } from 'next/navigation'
import { STAGE_WORDS, STAGES, type Stage } from '@/contract/job'
import { stagePath } from './stagePath'

/** The stages in the order of the work; any may be opened first. */
export function StageRail({ jobId, now, reached }: { jobId: number; now: Stage; reached: Stage }) {
  const bearing = useSearchParams().get('bearing')
  return (
    <nav aria-label="Stages of the job" className="shrink-0 pt-3">
      <ol>
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
                <span aria-hidden className="absolute top-[31px] left-[22px] h-[30px] w-[1.6px] bg-line" />
              )}
              <Link
                href={stagePath(jobId, stage, bearing)}
                aria-current={stage === now ? 'step' : undefined}
                className={`relative grid h-[46px] grid-cols-[26px_1fr] items-center pl-4 text-[14.5px] ${stage === now ? 'bg-sheet font-bold text-ink' : 'text-ink2'}`}
              >
                <i aria-hidden className={`size-[13px] rounded-full ${dot}`} />
                {STAGE_WORDS[stage]}
              </Link>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
