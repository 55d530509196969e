const MARKS = {
  agrees: ['●', 'text-agree', 'agrees'],
  pass: ['●', 'text-agree', 'agrees'],
  strained: ['▲', 'text-strain', 'doubtful'],
  warn: ['▲', 'text-strain', 'look again'],
  contradicts: ['✕', 'text-contra', 'contradicts'],
  fail: ['✕', 'text-contra', 'does not fit'],
  gap: ['○', 'text-lamp-ink', 'missing'],
} as const

interface Props {
  verdict: keyof typeof MARKS
  /** the words beside it say the verdict already */
  isSaid?: boolean
}

/** A verdict as shape and colour; its word is read out. */
export function VerdictMark({ verdict, isSaid = false }: Props) {
  const [sign, colour, word] = MARKS[verdict]
  return (
    <span className={`font-bold ${colour}`}>
      <span aria-hidden>{sign}</span>
      {!isSaid && <span className="sr-only">{word}</span>}
    </span>
  )
}
