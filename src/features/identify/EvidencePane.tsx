'use client'

import { CONDITIONS } from '@/core/identify'
import { INSTRUMENTS, INSTRUMENT_LABELS } from '@/core/quantity'
import type { EvidenceSheet, IdentifyResponse } from '@/contract/evidence'
import * as common from '@/texts/common'
import * as texts from '@/texts/identify'
import { useKeys } from '@/ui/useKeys'
import { SelectField } from '@/ui/SelectField'
import { Observations } from './Observations'
import { ReadingRow } from './ReadingRow'
import {
  measurementOf,
  rowsFor,
  usualHow,
  withAll,
  withObservation,
  withMeasurement,
  withStamp,
} from './sheet'
import { StampField } from './StampField'
import type { IdentifyError } from './useIdentification'

const NEXT_UNIT = { auto: 'mm', mm: 'in', in: 'auto' } as const

interface Props {
  sheet: EvidenceSheet
  answer: IdentifyResponse | null
  error: IdentifyError | null
  onChange: (sheet: EvidenceSheet) => void
  /** keeps the part as one of the own; undefined while something listed fits */
  onKeep: (() => void) | undefined
  /** Enter after the last field */
  onDone: () => void
}

/** Fields carry their feature as id; focusing one selects its text, so that typing replaces it. */
function focus(name: string | undefined): boolean {
  const element = name === undefined ? null : document.getElementById(name)
  if (!(element instanceof HTMLInputElement)) return false
  element.focus()
  element.select()
  return true
}

/** Everything that is known of the part: stamp, sizes, looks. One key to each field, Enter to the next. */
export function EvidencePane({ sheet, answer, error, onChange, onKeep, onDone }: Props) {
  const rows = rowsFor(sheet)
  const order = ['stamp', ...rows.map((row) => row.feature)]
  const { instrument, condition } = usualHow(sheet)
  const letters: Record<string, () => false | void> = {
    ...Object.fromEntries(
      rows.map((row) => [row.key.toLowerCase(), () => (focus(row.feature) ? undefined : false)]),
    ),
    s: () => void focus('stamp'),
    ...(onKeep && { k: onKeep }),
  }
  useKeys({
    ...letters,
    // A number typed with no field in hand is a stamp; the field takes the digit itself.
    '([0-9])': () => {
      if (!sheet.stamps[0]?.text) focus('stamp')
      return false
    },
  })
  const next = (from: string) => {
    if (!focus(order[order.indexOf(from) + 1])) onDone()
  }
  const setText = (feature: (typeof rows)[number]['feature'], text: string) =>
    onChange(
      withMeasurement(sheet, feature, {
        text,
        ...(measurementOf(sheet, feature) ? {} : { instrument, condition }),
      }),
    )
  const stamp = sheet.stamps[0]
  return (
    <section aria-label={texts.evidence} className="overflow-auto border-r border-line px-[18px] py-3">
      <StampField
        stamp={stamp}
        answer={answer}
        error={error?.fields['stamp']}
        onChange={(text, on) => onChange(withStamp(sheet, text, on))}
        onNext={() => next('stamp')}
      />
      <div className="mt-2 flex items-center justify-between gap-1">
        <h2 className="caption">{common.measured}</h2>
        <span className="flex gap-1">
          <SelectField
            label={texts.instrumentOfAllReadings}
            value={instrument}
            options={INSTRUMENTS.map((name) => [name, INSTRUMENT_LABELS[name]] as const)}
            onPick={(picked) => onChange(withAll(sheet, { instrument: picked, condition }))}
            className="h-10 rounded-md text-caption font-semibold text-ink2"
          />
          <SelectField
            label={texts.conditionOfAllSurfaces}
            value={condition}
            options={CONDITIONS.map((name) => [name, name] as const)}
            onPick={(picked) => onChange(withAll(sheet, { instrument, condition: picked }))}
            className="h-10 rounded-md text-caption font-semibold text-ink2"
          />
        </span>
      </div>
      {rows.map((row) => {
        const measurement = measurementOf(sheet, row.feature)
        const act = (key: string): boolean => {
          if (key === 'next') return focus(order[order.indexOf(row.feature) + 1])
          if (key === 'previous') return focus(order[order.indexOf(row.feature) - 1])
          if (key === 'u')
            onChange(withMeasurement(sheet, row.feature, { unit: NEXT_UNIT[measurement?.unit ?? 'auto'] }))
          else if (key === 'x')
            onChange(
              withMeasurement(sheet, row.feature, { struck: !measurement?.struck, struckBy: undefined }),
            )
          else {
            const press = letters[key]
            return press !== undefined && press() !== false
          }
          return true
        }
        return (
          <ReadingRow
            key={row.feature}
            row={row}
            measurement={measurement}
            read={
              measurement && !measurement.struck
                ? answer?.readings.find((r) => r.feature === row.feature)
                : undefined
            }
            error={error?.fields[row.feature]}
            isNext={answer?.next?.feature === row.feature && measurement === undefined}
            onText={(text) => setText(row.feature, text)}
            onUnit={() => act('u')}
            onStrike={() => act('x')}
            how={{
              instrument: measurement?.instrument ?? instrument,
              condition: measurement?.condition ?? condition,
            }}
            usual={{ instrument, condition }}
            onHow={(how) => onChange(withMeasurement(sheet, row.feature, how))}
            onKey={act}
            onNext={() => next(row.feature)}
          />
        )
      })}
      <Observations
        observed={sheet.observed}
        onObserve={(observation) => onChange(withObservation(sheet, observation))}
      />
    </section>
  )
}
