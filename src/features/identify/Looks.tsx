'use client'

import { ToggleGroup } from 'radix-ui'
import type { ClosureLook } from '@/core/identify'
import type { EvidenceSheet } from '@/services/schemas/evidence'

type Observed = EvidenceSheet['observed']

const ELEMENTS: [NonNullable<Observed['element']>, string, string][] = [
  ['ball', 'ball', 'M13 3a8 8 0 1 0 .01 0z'],
  ['taperedRoller', 'taper', 'M3 6l20-3v16l-20-3z'],
  ['cylindricalRoller', 'roller', 'M4 4h18v14H4z'],
  ['needle', 'needle', 'M4 7h18M4 11h18M4 15h18'],
  ['sphericalRoller', 'barrel', 'M4 5q9-4 18 0v12q-9 4-18 0z'],
]

const PIECES: Record<'tapered' | 'other', [NonNullable<Observed['piece']>, string][]> = {
  tapered: [
    ['complete', 'cone and cup'],
    ['cone', 'cone only'],
    ['cup', 'cup only'],
  ],
  other: [
    ['complete', 'whole bearing'],
    ['seal', 'a seal'],
  ],
}

const CLOSURES: [string, string, ClosureLook[]][] = [
  ['open', 'open', ['open', 'open']],
  ['shields', 'shields', ['shield', 'shield']],
  ['oneSeal', 'one seal', ['seal', 'open']],
  ['seals', 'two seals', ['seal', 'seal']],
]

interface Props {
  observed: Observed
  onLook: (look: Partial<Observed>) => void
}

/** What is seen: what rolls, which piece is there, how it is closed. Arrow keys move within a row. */
export function Looks({ observed, onLook }: Props) {
  const tapered =
    observed.element === 'taperedRoller' || observed.piece === 'cone' || observed.piece === 'cup'
  const closure = CLOSURES.find(([, , looks]) => looks.join() === observed.closures?.join())?.[0] ?? ''
  return (
    <section aria-label="Seen" className="mt-3">
      <h2 className="caption mb-1.5">Seen</h2>
      <ToggleGroup.Root
        type="single"
        aria-label="What rolls"
        value={observed.element ?? ''}
        onValueChange={(v) =>
          onLook({ element: (v || undefined) as Observed['element'], piece: undefined, closures: undefined })
        }
        className="grid grid-cols-5 gap-1.5"
      >
        {ELEMENTS.map(([value, words, path]) => (
          <ToggleGroup.Item
            key={value}
            value={value}
            className="flex h-[56px] flex-col items-center justify-center gap-0.5 rounded-lg border border-edge bg-sheet text-[12.5px] text-ink2 data-[state=on]:border-2 data-[state=on]:border-ink data-[state=on]:font-bold data-[state=on]:text-ink"
          >
            <svg width="26" height="22" aria-hidden>
              <path d={path} fill="none" stroke="currentColor" strokeWidth="1.8" />
            </svg>
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <ToggleGroup.Root
        type="single"
        aria-label="Which piece"
        value={observed.piece ?? ''}
        onValueChange={(v) => onLook({ piece: (v || undefined) as Observed['piece'] })}
        className="mt-2 flex gap-1.5"
      >
        {PIECES[tapered ? 'tapered' : 'other'].map(([value, words]) => (
          <ToggleGroup.Item key={value} value={value} className="chip">
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      {!tapered && observed.piece !== 'seal' && (
        <ToggleGroup.Root
          type="single"
          aria-label="How it is closed"
          value={closure}
          onValueChange={(v) => onLook({ closures: CLOSURES.find(([name]) => name === v)?.[2] })}
          className="mt-2 flex gap-1.5"
        >
          {CLOSURES.map(([value, words]) => (
            <ToggleGroup.Item key={value} value={value} className="chip px-2.5">
              {words}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      )}
    </section>
  )
}
