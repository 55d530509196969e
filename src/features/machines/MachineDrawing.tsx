'use client'

import dynamic from 'next/dynamic'
import type { MachineDetail } from '@/contract/machine'
import * as texts from '@/texts/machines'
import { useAnswer } from '@/ui/useAnswer'

const Sketch = dynamic(() =>
  import('@/ui/drawing/ArrangementSketch').then(({ ArrangementSketch }) => ArrangementSketch),
)

/** Beyond so many a drawing helps nobody. */
const MAX_DRAWN = 24

type Position = MachineDetail['positions'][number]

const isRight = ({ side }: Position): boolean => /^(right|outer|rear|back)/i.test(side)
const isLeft = ({ side }: Position): boolean => /^(left|inner|front)/i.test(side)

/** Positions as they stand along the machine: those on the left first, those on the right last. */
const alongAxle = (positions: readonly Position[]): Position[] => [
  ...positions.filter(isLeft),
  ...positions.filter((p) => !isLeft(p) && !isRight(p)),
  ...positions.filter(isRight),
]

/** The machine as an axle with its positions, each with its arrangement; one on the right is seen from the other side. */
export function MachineDrawing({ positions }: { positions: readonly Position[] }) {
  const { answer } = useAnswer('GET /api/arrangements', {}, 0)
  if (positions.length === 0 || positions.length > MAX_DRAWN) return null
  const files = answer?.arrangements.map(({ file }) => file) ?? []
  return (
    <nav aria-label={texts.positionsAlongTheMachine} className="mb-4 overflow-x-auto">
      <ol className="flex min-w-full">
        {alongAxle(positions).map((p) => {
          const file = files.find(({ code }) => code === p.arrangement)
          return (
            <li key={p.id} className="min-w-[210px] flex-1">
              <a href={`#position-${p.id}`} className="block rounded-md px-1.5 py-1 hover:bg-sheet">
                <span className={`block h-[84px] ${isRight(p) ? '-scale-x-100' : ''}`}>
                  {file ? (
                    <Sketch file={file} others={files} />
                  ) : (
                    <svg viewBox="0 0 300 84" className="h-[84px] w-full" aria-hidden>
                      <path d="M0 42H300" stroke="var(--ink3)" strokeDasharray="12 3 3 3" strokeWidth={0.8} />
                      <rect
                        x={118}
                        y={12}
                        width={64}
                        height={60}
                        rx={6}
                        fill="none"
                        stroke="var(--ink3)"
                        strokeDasharray="5 4"
                      />
                    </svg>
                  )}
                </span>
                <b className="block text-[0.9375rem]">
                  {p.name}
                  {p.side && `, ${p.side}`}
                </b>
                <span className="block text-[0.84375rem] text-ink2">
                  {p.quantity > 1 && `${p.quantity} × `}
                  <span className="number">{p.fitted || texts.nothingRecorded}</span>
                  {p.arrangement ? ` · ${p.arrangement}` : texts.arrangementNotRecorded}
                </span>
              </a>
            </li>
          )
        })}
      </ol>
      <p className="text-[0.8125rem] text-ink3">{texts.arrangementsInUsualProportions}</p>
    </nav>
  )
}
