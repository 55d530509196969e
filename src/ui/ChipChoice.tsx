interface Props<T extends string> {
  label: string
  value: T
  options: readonly (readonly [value: T, words: string])[]
  onPick: (value: T) => void
}

/** One of a few, as chips. */
export function ChipChoice<T extends string>({ label, value, options, onPick }: Props<T>) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-1.5">
      {options.map(([option, words]) => (
        <button
          key={option}
          type="button"
          className="chip px-3"
          aria-pressed={value === option}
          onClick={() => onPick(option)}
        >
          {words}
        </button>
      ))}
    </div>
  )
}
