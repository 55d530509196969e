'use client'

import { writeMm } from '@/core/quantity'
import type { KitDraft } from '@/services/schemas/kit'

type Sizes = NonNullable<KitDraft['sizes']>
type SizeName = keyof Sizes

const FIELDS: Record<'A1' | 'B1', [SizeName, string][]> = {
  A1: [
    ['sealShaft', 'Seal journal'],
    ['sealHousing', 'Counterbore'],
    ['sealWidth', 'Seal room'],
    ['hubMouth', 'Hub mouth'],
    ['cavityLength', 'Between cups'],
  ],
  B1: [
    ['spacerLength', 'Between rings'],
    ['wheelSpacerLength', 'Wheel spacer'],
    ['sealShaft', 'Seal journal'],
    ['sealHousing', 'Counterbore'],
    ['sealWidth', 'Seal room'],
  ],
}

interface Props {
  request: KitDraft
  fields: Record<string, string>
  onChange: (request: KitDraft) => void
}

const shown = (value: Sizes[SizeName]): string =>
  value === undefined ? '' : typeof value === 'number' ? writeMm(value) : value

/** What is measured on the machine and decides the parts; text as people type it, millimetres unless said. */
export function SizeStrip({ request, fields, onChange }: Props) {
  const sizes: Sizes = request.sizes ?? {}
  const set = (name: SizeName, text: string) => {
    onChange({ ...request, sizes: { ...sizes, [name]: text.trim() === '' ? undefined : text } })
  }
  return (
    <div className="grid grid-cols-7 gap-2 border-b border-line px-[18px] py-2">
      <label>
        <span className="caption block truncate">
          {request.arrangement === 'A1' ? 'Wheel ends' : 'Wheels'}
        </span>
        <input
          className="field number"
          data-length
          inputMode="numeric"
          aria-keyshortcuts="W"
          id="positions"
          value={request.positions ?? 1}
          onChange={(e) => {
            const n = Number(e.target.value.replace(/\D/g, '').slice(0, 3))
            onChange({ ...request, positions: Math.min(500, Math.max(1, n)) })
          }}
        />
      </label>
      {FIELDS[request.arrangement].map(([name, words]) => (
        <label key={name}>
          <span className={`caption block truncate ${fields[name] ? 'text-contra' : ''}`}>{words}</span>
          <input
            className="field number"
            data-length
            placeholder="mm"
            value={shown(sizes[name])}
            aria-invalid={fields[name] ? true : undefined}
            title={fields[name]}
            onChange={(e) => set(name, e.target.value)}
          />
        </label>
      ))}
      {request.arrangement === 'A1' && (
        <label>
          <span className="caption block truncate">Spindle thread</span>
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
