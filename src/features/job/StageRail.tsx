'use client'

import * as texts from '@/texts/job'
import { Link } from '@/ui/Link'
import { useSearchParams } from 'next/navigation'
import { useEffect, useRef } from 'react'
import { STAGES, STAGE_LABELS, type Stage } from '@/contract/choices'
import { useJob } from './JobContext'
import { MARK_LABELS, stageMarks, type StageMark } from './stageMarks'
import { stagePath } from './stagePath'

/** Filled = something is kept, a bar = passed by, empty = ahead. */
const DOTS: Record<StageMark, string> = {
  done: 'border-[1.6px] border-ink2 bg-ink2',
  passed:
    'border-[1.6px] border-ink3 bg-[linear-gradient(var(--ink3),var(--ink3))] bg-[length:7px_2px] bg-center bg-no-repeat',
  ahead: 'border-[1.6px] border-ink3',
}

/**
 * Where the stages are a strip, the one that is open is brought into sight. By hand: to scroll it into view would let the next
 * Tab begin behind it instead of at the top of the page.
 */
function centreInStrip(link: HTMLElement): void {
  let strip = link.parentElement
  while (strip && strip.scrollWidth <= strip.clientWidth) strip = strip.parentElement
  if (!strip) return
  const offset = link.getBoundingClientRect().left - strip.getBoundingClientRect().left
  strip.scrollLeft += offset - (strip.clientWidth - link.offsetWidth) / 2
}

/** The stages in the order of the work; any may be opened first. */
export function StageRail({ now }: { now: Stage }) {
  const { job, bearing } = useJob()
  const marks = stageMarks(job, bearing)
  const requested = useSearchParams().get('bearing')
  const current = useRef<HTMLAnchorElement>(null)
  useEffect(() => {
    if (current.current) centreInStrip(current.current)
  }, [now])
  return (
    <nav aria-label={texts.stagesOfTheJob} className="shrink-0 lg:pt-3">
      <ol className="flex lg:block">
        {STAGES.map((stage, i) => {
          const mark = marks[stage]
          const dot = stage === now ? 'border-4 border-lamp bg-sheet' : DOTS[mark]
          return (
            <li key={stage} className="relative">
              {i < STAGES.length - 1 && (
                <span
                  aria-hidden
                  className="absolute top-[31px] max-lg:hidden left-[22px] h-[30px] w-[1.6px] bg-line"
                />
              )}
              <Link
                href={stagePath(job.id, stage, requested)}
                ref={stage === now ? current : undefined}
                aria-current={stage === now ? 'step' : undefined}
                className={`relative flex h-[46px] items-center gap-2 px-3 text-[0.90625rem] whitespace-nowrap lg:gap-3 lg:pr-0 lg:pl-4 ${stage === now ? 'bg-sheet font-bold text-ink' : 'text-ink2'}`}
              >
                <i aria-hidden className={`size-[13px] shrink-0 rounded-full ${dot}`} />
                {STAGE_LABELS[stage]}
                <span className="sr-only">, {MARK_LABELS[mark]}</span>
              </Link>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
