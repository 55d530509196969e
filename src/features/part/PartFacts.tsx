'use client'

import { capital } from '@/core/capital'
import { hardwareFacts } from '@/core/catalogue'
import { writeInch, writeMm } from '@/core/quantity'
import { SEAL_MATERIALS } from '@/core/seals'
import { UnitText, usePreferences } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import * as texts from '@/texts/part'

type Part = PartSheet['part']

const LIPS: Record<string, string> = { single: texts.single, double: texts.doubleSealingLipAnd }

function sealFacts({ lip, material }: NonNullable<Part['seal']>): [string, string][] {
  const known = SEAL_MATERIALS.find(({ code }) => code === material)
  return [
    [texts.lip, LIPS[lip] ?? lip],
    [texts.material, known ? `${material}, ${known.label}` : material],
    ...(known
      ? [
          [texts.temperature, texts.toCAtTheLip(known.minC, known.maxC)] as [string, string],
          [texts.speed, texts.toAboutMS(known.maxSpeed)] as [string, string],
        ]
      : []),
  ]
}

/** What a seal, a piece of hardware or the housing of a unit is known by; nothing for bearings, whose section tells their sizes. */
export function PartFacts({ part: { hardware, housing, seal } }: { part: Part }) {
  const details = hardware ?? housing
  const { unit } = usePreferences()
  const write = (mm: number): string => (unit === 'mm' ? texts.mm(writeMm(mm)) : texts.inches(writeInch(mm)))
  const rows: [string, string][] = [
    ...(details ? hardwareFacts(details) : []).map(({ label, mm, text }): [string, string] => [
      capital(label),
      mm === undefined ? (text ?? '') : write(mm),
    ]),
    ...(seal ? sealFacts(seal) : []),
  ]
  if (rows.length === 0) return null
  return (
    <section className="mb-4">
      <h2 className="mb-1 text-[1.0625rem] font-bold">{housing ? texts.itsHousing : texts.knownBy}</h2>
      <dl className="grid grid-cols-[minmax(110px,auto)_1fr] gap-x-4">
        {rows.map(([label, value]) => (
          <div key={label} className="col-span-2 grid grid-cols-subgrid border-t border-line2 py-1.5">
            <dt className="text-ink2">{label}</dt>
            <dd className="font-medium tabular-nums">
              <UnitText text={value} />
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
