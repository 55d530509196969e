'use client'

import { ToggleGroup } from 'radix-ui'
import type { ObservedClosure } from '@/core/identify'
import type { EvidenceSheet } from '@/contract/evidence'
import * as common from '@/texts/common'
import * as texts from '@/texts/identify'

type Observed = EvidenceSheet['observed']

const ELEMENTS: [NonNullable<Observed['element']>, string, string][] = [
  ['ball', texts.ball, 'M13 3a8 8 0 1 0 .01 0z'],
  ['taperedRoller', texts.taper, 'M3 6l20-3v16l-20-3z'],
  ['cylindricalRoller', texts.roller, 'M4 4h18v14H4z'],
  ['needle', texts.needle, 'M4 7h18M4 11h18M4 15h18'],
  ['sphericalRoller', texts.barrel, 'M4 5q9-4 18 0v12q-9 4-18 0z'],
  ['none', texts.plain, 'M4 4h18v9q-9-7-18 0zM4 18v-5q9-7 18 0v5z'],
]

const PIECES: Record<'tapered' | 'other', [NonNullable<Observed['piece']>, string][]> = {
  tapered: [
    ['complete', texts.coneAndCup],
    ['cone', texts.coneOnly],
    ['cup', texts.cupOnly],
  ],
  other: [
    ['complete', texts.whole],
    ['innerRing', common.innerRing],
    ['outerRing', common.outerRing],
    ['seal', texts.seal],
    ['unit', texts.unit],
  ],
}

/** Housings of a unit as they are bolted on, seen along the shaft. */
const HOUSINGS: [NonNullable<Observed['housingKind']>, string, string][] = [
  ['pillow block', texts.pillowBlock, 'M1 19v-4h6a7.5 7.5 0 1 1 12 0h6v4zM13 8a3 3 0 1 0 .01 0z'],
  [
    'oval flange',
    texts.twoBoltFlange,
    'M2 11l8-7h6l8 7l-8 7h-6zM13 8a3 3 0 1 0 .01 0zM5 10.5h1v1H5zM20 10.5h1v1h-1z',
  ],
  [
    'square flange',
    texts.fourBoltFlange,
    'M4 2h18v18H4zM13 8a3 3 0 1 0 .01 0zM7 4.5h1v1H7zM18 4.5h1v1h-1zM7 16.5h1v1H7zM18 16.5h1v1h-1z',
  ],
  [
    'round flange',
    texts.roundFlange,
    'M13 2a9 9 0 1 0 .01 0zM13 8a3 3 0 1 0 .01 0zM8.5 5.5h1v1h-1zM16.5 5.5h1v1h-1zM8.5 15.5h1v1h-1zM16.5 15.5h1v1h-1z',
  ],
  ['take-up', texts.takeUp, 'M3 3h20v16H3zM3 6h20M3 16h20M13 8a3 3 0 1 0 .01 0z'],
]

const CLOSURES: [string, string, ObservedClosure[]][] = [
  ['open', common.open, ['open', 'open']],
  ['shields', texts.shields, ['shield', 'shield']],
  ['oneSeal', texts.oneSeal, ['seal', 'open']],
  ['seals', texts.twoSeals, ['seal', 'seal']],
]

type Shape =
  'doubleRow' | 'flange' | 'snapGroove' | 'sphericalOutside' | 'extendedInner' | 'taperBore' | 'encoder'

/** Shapes that tell kinds apart, drawn as the upper half of a section or a face. */
const SHAPES: [Shape, string, string][] = [
  ['doubleRow', texts.twoRows, 'M2 3h22v16H2zM8 8a3 3 0 1 0 .01 0zM18 8a3 3 0 1 0 .01 0z'],
  ['flange', texts.flangeLower, 'M2 2h4v4h18v13H2zM13 9a3.5 3.5 0 1 0 .01 0z'],
  ['snapGroove', texts.groove, 'M2 4h13v4h3V4h6v15H2zM11 9.5a3.5 3.5 0 1 0 .01 0z'],
  ['sphericalOutside', texts.roundOutside, 'M2 8q11-9 22 0v11H2zM13 9.5a3.5 3.5 0 1 0 .01 0z'],
  ['extendedInner', texts.longInner, 'M7 3h12v9H7zM1 14h24v5H1z'],
  ['taperBore', texts.taperBore, 'M2 3h22v10L2 18zM13 5a3 3 0 1 0 .01 0z'],
  ['encoder', texts.encoderSide, 'M3 3h15v16H3zM20 3v2M20 7v2M20 11v2M20 15v2M23 5v2M23 9v2M23 13v2'],
]

/** A picture with its word below. */
const PICTURE =
  'flex h-[50px] flex-col items-center justify-center rounded-lg border border-edge bg-sheet text-ink2 data-[state=on]:border-2 data-[state=on]:border-ink data-[state=on]:font-bold data-[state=on]:text-ink'

/** What rolls, seen anew: pieces are other ones where rings come apart, and such a bearing has no closures. */
function rolling(element: Observed['element'], wasTapered: boolean): Partial<Observed> {
  const isTapered = element === 'taperedRoller'
  return {
    element,
    ...(isTapered !== wasTapered && { piece: undefined }),
    ...(isTapered && { closures: undefined }),
  }
}

interface PicturesProps<T extends string> {
  label: string
  value: T | undefined
  /** what it is picked by, its word, the path of its picture */
  options: readonly (readonly [T, string, string])[]
  onPick: (value: T | undefined) => void
  /** columns and where it stands */
  className: string
}

/** A row of pictures of which one is on, or none. */
const Pictures = <T extends string>({ label, value, options, onPick, className }: PicturesProps<T>) => (
  <ToggleGroup.Root
    type="single"
    aria-label={label}
    value={value ?? ''}
    onValueChange={(picked) => onPick(options.find(([name]) => name === picked)?.[0])}
    className={`grid gap-1.5 ${className}`}
  >
    {options.map(([name, text, path]) => (
      <ToggleGroup.Item key={name} value={name} className={PICTURE}>
        <svg width="26" height="22" aria-hidden>
          <path d={path} fill="none" stroke="currentColor" strokeWidth="1.8" />
        </svg>
        {text}
      </ToggleGroup.Item>
    ))}
  </ToggleGroup.Root>
)

interface OneOrNoneProps {
  label: string
  value: string
  /** what it is picked by, and its word */
  options: readonly (readonly [string, string, ...unknown[]])[]
  /** empty = none */
  onPick: (value: string) => void
}

/** A row of chips of which one is on, or none: what is on is pressed again to take it back. */
const OneOrNone = ({ label, value, options, onPick }: OneOrNoneProps) => (
  <ToggleGroup.Root
    type="single"
    aria-label={label}
    value={value}
    onValueChange={onPick}
    className="mt-1.5 flex gap-1"
  >
    {options.map(([name, text]) => (
      <ToggleGroup.Item key={name} value={name} className="chip px-2 whitespace-nowrap">
        {text}
      </ToggleGroup.Item>
    ))}
  </ToggleGroup.Root>
)

interface Props {
  observed: Observed
  onObserve: (seen: Partial<Observed>) => void
}

/** What is seen: what rolls, which piece is there, how it is closed. Arrow keys move within a row. */
export function Observations({ observed, onObserve }: Props) {
  const tapered =
    observed.element === 'taperedRoller' || observed.piece === 'cone' || observed.piece === 'cup'
  const single = tapered || (observed.piece !== undefined && observed.piece !== 'complete')
  const isUnit = observed.piece === 'unit'
  const closure = CLOSURES.find(([, , seen]) => seen.join() === observed.closures?.join())?.[0] ?? ''
  return (
    <section aria-label={texts.seen} className="mt-2">
      <h2 className="caption mb-1">{texts.seen}</h2>
      {!isUnit && (
        <Pictures
          label={texts.whatRolls}
          value={observed.element}
          options={ELEMENTS}
          onPick={(element) => onObserve(rolling(element, tapered))}
          className="grid-cols-6 text-[0.78125rem]"
        />
      )}
      <OneOrNone
        label={texts.whichPiece}
        value={observed.piece ?? ''}
        options={PIECES[tapered ? 'tapered' : 'other']}
        onPick={(v) => onObserve({ piece: (v || undefined) as Observed['piece'] })}
      />
      {isUnit && (
        <Pictures
          label={texts.itsHousing}
          value={observed.housingKind}
          options={HOUSINGS}
          onPick={(housingKind) => onObserve({ housingKind })}
          className="mt-1.5 grid-cols-5 text-[0.6875rem] leading-[1.05]"
        />
      )}
      {!single && (
        <OneOrNone
          label={texts.howItIsClosed}
          value={closure}
          options={CLOSURES}
          onPick={(v) => onObserve({ closures: CLOSURES.find(([name]) => name === v)?.[2] })}
        />
      )}
      {!single && (
        <ToggleGroup.Root
          type="multiple"
          aria-label={texts.shape}
          value={SHAPES.flatMap(([shape]) => (observed[shape] ? [shape] : []))}
          onValueChange={(on) =>
            onObserve(Object.fromEntries(SHAPES.map(([shape]) => [shape, on.includes(shape) || undefined])))
          }
          className="mt-1.5 grid grid-cols-[repeat(auto-fill,minmax(43px,1fr))] gap-1"
        >
          {SHAPES.map(([shape, label, path]) => (
            <ToggleGroup.Item
              key={shape}
              value={shape}
              className={`${PICTURE} px-px text-[0.6875rem] leading-[1.05]`}
            >
              <svg width="26" height="22" aria-hidden className="shrink-0">
                <path d={path} fill="none" stroke="currentColor" strokeWidth="1.6" />
              </svg>
              {label}
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      )}
    </section>
  )
}
