import { Circle, Triangle, X, type LucideIcon } from 'lucide-react'
import * as common from '@/texts/common'
import * as texts from '@/texts/ui'

const MARKS = {
  agrees: [Circle, 'text-agree', 'agrees'],
  pass: [Circle, 'text-agree', 'agrees'],
  strained: [Triangle, 'text-strain', 'doubtful'],
  warn: [Triangle, 'text-strain', texts.lookAgain],
  contradicts: [X, 'text-contra', 'contradicts'],
  fail: [X, 'text-contra', common.doesNotFit],
  gap: [Circle, 'text-lamp-ink', 'missing'],
} as const satisfies Record<string, readonly [LucideIcon, string, string]>

interface Props {
  verdict: keyof typeof MARKS
  /** the words beside it say the verdict already */
  isSaid?: boolean
}

/** A verdict as shape and colour; its word is read out. */
export function VerdictMark({ verdict, isSaid = false }: Props) {
  const [Sign, colour, word] = MARKS[verdict]
  const isFilled = verdict !== 'gap' && Sign !== X
  return (
    <span className={colour}>
      <Sign
        aria-hidden
        className="inline-block size-[0.72em] align-[-0.02em]"
        strokeWidth={Sign === X ? 5 : 3.5}
        fill={isFilled ? 'currentColor' : 'none'}
      />
      {!isSaid && <span className="sr-only">{word}</span>}
    </span>
  )
}
