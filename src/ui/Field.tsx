interface Props {
  label: string
  value: string
  onChange: (value: string) => void
  placeholder?: string
  maxLength?: number
  /** text instead of figures */
  text?: boolean
  /** cannot be read; what to change is told beside it */
  invalid?: boolean
}

/** A labelled line to type in. */
export function Field({ label, value, onChange, placeholder, maxLength = 40, text, invalid = false }: Props) {
  return (
    <label className="block min-w-0">
      <span className="caption mb-0.5 block leading-tight">{label}</span>
      <input
        className={`field ${text ? '' : 'number'}`}
        data-length={text ? undefined : true}
        maxLength={maxLength}
        aria-invalid={invalid || undefined}
        placeholder={placeholder}
        value={value}
        onChange={(e) => onChange(e.target.value)}
      />
    </label>
  )
}
