'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { stagePath } from '@/features/job'
import { Frame, UnitText } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/convert'
import { call, errorMessage } from '@/ui/call'
import { ShowExample } from '@/ui/ShowExample'
import { ConversionForm } from './ConversionForm'
import { Opinions } from './Opinions'
import { SeatFigure } from './SeatFigure'
import { SeatParts } from './SeatParts'
import { KIND_NAMES, NO_SEAT, useConversion } from './useConversion'

const EXAMPLE = { shaft: '25', housing: '52', width: '20' }

/** Another kind of bearing in the same seats: what fits, what else changes, both opinions, and its kit. */
export function ConvertScreen() {
  const router = useRouter()
  const conversion = useConversion()
  const { kind, whole, answer, message } = conversion
  const [error, setError] = useState('')
  const [drawn, setDrawn] = useState(0)
  const end = answer?.seats[drawn] ?? answer?.seats[0]
  const pick = end?.parts.find((p) => p.designation === end.chosen)
  const openJob = () => {
    if (!answer?.kit) return
    call('POST /api/jobs', {
      body: {
        title: texts.conversionTo(
          KIND_NAMES[kind],
          answer.seats.map((s) => s.chosen).join(common.betweenNames),
        ),
      },
    })
      .then((job) =>
        call('PATCH /api/jobs/{id}', {
          path: { id: job.id },
          body: { version: job.version, kit: answer.kit, stage: 'kit' },
        }),
      )
      .then((job) => router.push(stagePath(job.id, 'kit')))
      .catch((thrown: unknown) => setError(errorMessage(thrown)))
  }
  return (
    <Frame about={<h1 className="font-semibold text-ink">{common.conversions}</h1>}>
      <div className="panes [--panes:300px_minmax(0,1fr)_330px]">
        <ConversionForm conversion={conversion} />
        <section aria-label={common.parts} className="min-h-0 overflow-auto px-[18px] py-3" tabIndex={0}>
          {(message || error) && (
            <p role="alert" className="mb-2 text-contra">
              {message || error}
            </p>
          )}
          {!answer && !message && (
            <div className="pt-14 text-ink2">
              <UnitText text={texts.typeTheSeatOf} />
              <ShowExample onShow={() => conversion.setSeats([EXAMPLE, NO_SEAT])} />
            </div>
          )}
          {answer && (
            <SeatParts
              seats={answer.seats}
              onChoose={(end, designation) => {
                conversion.setChosen(
                  answer.seats.map((seat, at) => (at === end ? designation : (seat.chosen ?? ''))),
                )
                setDrawn(end)
              }}
            />
          )}
          {answer && answer.changes.length > 0 && (
            <>
              <h2 className="text-[1.0625rem] font-bold">{texts.whatElseChanges}</h2>
              <dl className="grid grid-cols-[120px_1fr] text-[0.90625rem]" data-testid="changes">
                {answer.changes.map(({ what, message: text }) => (
                  <div key={what} className="contents">
                    <dt className="border-t border-line2 py-1.5 font-semibold">{what}</dt>
                    <dd className="border-t border-line2 py-1.5">{text}</dd>
                  </div>
                ))}
              </dl>
            </>
          )}
        </section>
        <aside className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3">
          {pick && whole[drawn < whole.length ? drawn : 0] && (
            <div className="h-[300px]">
              <SeatFigure part={pick} seat={whole[drawn < whole.length ? drawn : 0] ?? NO_SEAT} />
            </div>
          )}
          {answer && <Opinions answer={answer} onOpen={openJob} />}
        </aside>
      </div>
    </Frame>
  )
}
