'use client'

import { capital } from '@/core/capital'
import { SIZE_LABELS, type SizeName } from '@/core/kit'
import { writeInch, writeMm } from '@/core/quantity'
import { many } from '@/core/plural'
import { usePreferences } from '@/features/shell'
import type { KitDraft, KitResponse } from '@/contract/kit'
import * as texts from '@/texts/kit'

type Sizes = NonNullable<KitDraft['sizes']>
interface Props {
  request: KitDraft
  kit: KitResponse | null
  fields: Record<string, string>
  onChange: (request: KitDraft) => void
}

const shown = (value: Sizes[SizeName]): string =>
  value === undefined ? '' : typeof value === 'number' ? writeMm(value) : value

/** A figure with another unit behind it. */
const inUnit = (text: string, unit: 'mm' | 'in'): string =>
  `${text.replace(/\s*(mm|in|inch|inches|")\s*$/i, '')} ${unit}`

/** In which unit a size was read, what it is in the chosen one, and the way to the other reading. */
function UnitRead({
  read,
  text,
  onSwitch,
}: {
  read: KitResponse['sizesRead'][SizeName] | undefined
  text: string
  onSwitch: (text: string) => void
}) {
  const { unit } = usePreferences()
  if (!read || text.trim() === '') return null
  const other = read.unit === 'mm' ? 'in' : 'mm'
  return (
    <button
      type="button"
      className={`number min-h-6 text-caption ${read.guessed && read.unit === 'in' ? 'text-lamp-ink' : 'text-ink3'}`}
      title={texts.readAsPressFor(read.unit)}
      onClick={() => onSwitch(inUnit(text, other))}
    >
      {read.unit === unit
        ? unit
        : `${read.unit}, ${unit === 'mm' ? writeMm(read.mm) : writeInch(read.mm)} ${unit}`}
    </button>
  )
}

/** Caption, box and reading of every field on the same lines, however a caption wraps. */
const FIELD = 'row-span-3 grid min-w-0 grid-rows-subgrid gap-y-0'

/** What is measured on the machine and decides the parts; text as people type it, millimetres unless said. */
export function SizeStrip({ request, kit, fields, onChange }: Props) {
  const { unit } = usePreferences()
  const sizes: Sizes = request.sizes ?? {}
  const set = (name: SizeName, text: string) => {
    onChange({ ...request, sizes: { ...sizes, [name]: text.trim() === '' ? undefined : text } })
  }
  return (
    <div
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return
        const fields = [...event.currentTarget.querySelectorAll('input')]
        const next = fields[fields.indexOf(event.target) + 1]
        next?.focus()
        next?.select()
      }}
      className="fields items-start border-b border-line px-[18px] py-2 [--field-width:5.5rem]"
    >
      <label className={FIELD}>
        <span className="caption self-end leading-tight">
          {capital(many(kit?.position ?? texts.position))}
        </span>
        <input
          className="field number"
          data-length
          inputMode="numeric"
          aria-keyshortcuts="W"
          id="positions"
          value={request.positions ?? 1}
          onFocus={(e) => e.target.select()}
          onChange={(e) => {
            const n = Number(e.target.value.replace(/\D/g, '').slice(0, 3))
            onChange({ ...request, positions: Math.min(500, Math.max(1, n)) })
          }}
        />
      </label>
      {(kit?.sizes ?? []).map((name) => (
        <label key={name} className={FIELD}>
          <span className={`caption self-end leading-tight ${fields[name] ? 'text-contra' : ''}`}>
            {SIZE_LABELS[name]}
          </span>
          <input
            className="field number"
            data-length
            placeholder={name === 'ballCount' ? texts.pcs : unit}
            value={shown(sizes[name])}
            aria-invalid={fields[name] ? true : undefined}
            title={fields[name]}
            onChange={(e) => set(name, e.target.value)}
          />
          <UnitRead
            read={kit?.sizesRead[name]}
            text={shown(sizes[name])}
            onSwitch={(text) => set(name, text)}
          />
        </label>
      ))}
      {kit?.thread && (
        <label className={FIELD}>
          <span className="caption self-end leading-tight">{texts.spindleThread}</span>
          <input
            className="field number"
            placeholder="3/4-16"
            value={request.thread ?? ''}
            maxLength={30}
            onChange={(e) => onChange({ ...request, thread: e.target.value || undefined })}
          />
        </label>
      )}
    </div>
  )
}
