/** One thing of the old part and of the new one. */
export function PairRow({
  label,
  old,
  next,
  example,
  onOld,
  onNext,
  wide = false,
}: {
  label: string
  old: string
  next: string
  example: string
  onOld: (value: string) => void
  onNext: (value: string) => void
  /** one above the other, so that whole numbers find room */
  wide?: boolean
}) {
  const field = (side: string, value: string, set: (text: string) => void) => (
    <input
      className="field number min-w-0"
      aria-label={`${label}, ${side}`}
      placeholder={side === 'old' ? example : ''}
      maxLength={60}
      value={value}
      onChange={(e) => set(e.target.value)}
    />
  )
  const name = 'text-[0.84375rem] text-ink2'
  const row = 'mb-1 grid items-center gap-1.5'
  if (wide)
    return (
      <>
        {(['old', 'new'] as const).map((side) => (
          <div key={side} className={`${row} grid-cols-[88px_minmax(0,1fr)]`}>
            <span className={name}>{`${label}, ${side}`}</span>
            {side === 'old' ? field(side, old, onOld) : field(side, next, onNext)}
          </div>
        ))}
      </>
    )
  return (
    <div className={`${row} grid-cols-[88px_minmax(0,1fr)_minmax(0,1fr)]`}>
      <span className={name}>{label}</span>
      {field('old', old, onOld)}
      {field('new', next, onNext)}
    </div>
  )
}
