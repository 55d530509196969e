'use client'

import { UnitText } from '@/features/shell'
import * as texts from '@/texts/part'
import { Link } from '@/ui/Link'
import { useState } from 'react'
import type { Application } from '@/core/interchange'
import { JobFrame, useJob } from '@/features/job'
import { DidYouMean } from '@/ui/DidYouMean'
import { PartView } from './PartView'
import { applicationOf } from './sheetQuestion'
import { usePartSheet } from './usePartSheet'

/** Cross-reference of a job: what may stand in for the part that was decided on. */
export function CrossReference() {
  const { job, change, pathTo } = useJob()
  const decision = job.decision
  const [application, setApplication] = useState<Application>(() => applicationOf(job.intake))
  const sheet = usePartSheet(decision?.designation, application)
  return (
    <JobFrame stage="crossReference">
      {!decision && (
        <div className="mx-auto max-w-[46ch] pt-24 text-center">
          <p className="mb-4 text-ink2">{texts.nothingIsDecidedYet}</p>
          <Link href={pathTo('identify')} data-primary className="button">
            {texts.identifyIt}
          </Link>
        </div>
      )}
      {decision && sheet.kind === 'refused' && (
        <div className="m-6">
          <p role="alert" className="rounded-lg border border-contra p-4 text-contra">
            <UnitText text={sheet.detail} />
          </p>
          <DidYouMean
            suggestions={sheet.suggestions}
            onPick={(designation) =>
              change({ decision: { ...decision, designation }, stage: 'crossReference' })
            }
          />
        </div>
      )}
      {decision && sheet.kind === 'found' && (
        <div className="flex h-full min-h-0 flex-col">
          <div className="min-h-0 flex-1">
            <PartView
              data={sheet.data}
              application={application}
              onApplication={setApplication}
              used={decision.designation}
              onUse={(designation) =>
                change({ decision: { ...decision, designation }, stage: 'crossReference' })
              }
            />
          </div>
          <div className="flex items-center gap-3 border-t border-line bg-sheet px-[18px] py-2">
            <p className="mr-auto text-ink2">
              {texts.onThisJobUpper} <b className="number text-ink">{decision.designation}</b>
            </p>
            <Link
              href={pathTo('kit')}
              data-primary
              className="button"
              onClick={() => change({ stage: 'kit' })}
            >
              {texts.buildTheKit}
            </Link>
          </div>
        </div>
      )}
    </JobFrame>
  )
}
