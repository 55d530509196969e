'use client'

import type { EvidenceSheet, IdentifyResponse } from '@/contract/evidence'
import * as texts from '@/texts/identify'
import { SelectField } from '@/ui/SelectField'

type On = EvidenceSheet['stamps'][number]['on']

const ON_LABELS: [NonNullable<On> | '', string][] = [
  ['', texts.anywhere],
  ['cone', texts.onTheCone],
  ['cup', texts.onTheCup],
  ['ring', texts.onARing],
  ['seal', texts.onTheSeal],
  ['box', texts.onTheBox],
]

interface Props {
  stamp: EvidenceSheet['stamps'][number] | undefined
  answer: IdentifyResponse | null
  error: string | undefined
  onChange: (text: string, on: On) => void
  onNext: () => void
}

const line = (answer: IdentifyResponse | null): string =>
  answer?.candidates[0]?.evidence.find((e) => e.item === 'stamp')?.detail ?? ''

/** What is stamped, in large marks; ? = one unreadable character, * = several. */
export function StampField({ stamp, answer, error, onChange, onNext }: Props) {
  const text = stamp?.text ?? ''
  const note =
    text === ''
      ? '? = one unreadable character, * = several'
      : (error ?? (answer?.stampNotes[0] || line(answer)))
  return (
    <div>
      <div className="mb-1.5 flex items-baseline justify-between">
        <label htmlFor="stamp" className="caption">
          {texts.stamped}
        </label>
        <kbd>S</kbd>
      </div>
      <div className="flex h-[54px] items-center gap-2 rounded-lg border-[1.5px] border-ink bg-sheet pr-2 focus-within:outline-[2.5px] focus-within:outline-offset-2 focus-within:outline-lamp-ink">
        <input
          id="stamp"
          value={text}
          data-takes-marks
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          placeholder="6205-2RS"
          aria-describedby="stamp-note"
          onChange={(e) => onChange(e.target.value, stamp?.on)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') {
              e.preventDefault()
              onNext()
            }
          }}
          className={`number h-full min-w-0 flex-1 rounded-lg bg-transparent px-3 ${text.length > 11 ? 'text-[1.125rem]' : 'text-[1.5625rem]'} font-medium tracking-wide outline-none placeholder:text-ink3`}
        />
        <SelectField
          label={texts.whereItIsStamped}
          value={stamp?.on ?? ''}
          options={ON_LABELS}
          onPick={(on) => onChange(text, on || undefined)}
          className="h-10 max-w-[112px] rounded-[20px] border border-edge bg-sheet px-2 text-caption text-ink2"
        />
      </div>
      <p
        id="stamp-note"
        className={`mt-1 min-h-[19px] text-[0.875rem] ${error ? 'text-contra' : 'text-ink2'}`}
      >
        {note}
      </p>
    </div>
  )
}
