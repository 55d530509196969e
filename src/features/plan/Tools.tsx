'use client'

import { UnitText } from '@/features/shell'
import * as texts from '@/texts/plan'
import { Link } from '@/ui/Link'
import type { PlanResponse } from '@/contract/plan'
import { VerdictMark } from '@/ui/VerdictMark'

export function Tools({ plan }: { plan: PlanResponse }) {
  return (
    <section aria-label={texts.tools} className="mb-3">
      <h2 className="caption flex justify-between">
        {texts.toolsBySize}
        <Link href="/toolbox" className="underline decoration-dotted underline-offset-4">
          {texts.ourToolbox}
        </Link>
      </h2>
      <ul data-testid="tools">
        {plan.tools.map((tool) => (
          <li
            key={tool.label}
            className="grid grid-cols-[20px_1fr] border-t border-line2 py-1 text-[0.875rem]"
          >
            <VerdictMark verdict={tool.own ? 'pass' : 'gap'} />
            <span>
              <UnitText text={tool.label} />
              <span className="block text-[0.8125rem] text-ink3">
                <UnitText
                  text={
                    tool.own
                      ? texts.take(tool.own)
                      : tool.improvise
                        ? texts.missing(tool.improvise)
                        : texts.notInToolboxObtain
                  }
                />
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
