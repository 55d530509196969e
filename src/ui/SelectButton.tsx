import { ChevronDown } from 'lucide-react'
import type { ComponentProps } from 'react'

interface Props extends ComponentProps<'button'> {
  label: string
}

/** A select field while its list is closed. */
export function SelectButton({ label, className = '', children, ...button }: Props) {
  return (
    <button
      type="button"
      role="combobox"
      aria-label={label}
      aria-haspopup="listbox"
      aria-expanded={false}
      aria-controls={undefined}
      className={`inline-flex items-center justify-between gap-1.5 text-left disabled:opacity-55 ${className}`}
      {...button}
    >
      <span className="min-w-0 py-1 leading-tight">{children}</span>
      <ChevronDown aria-hidden size={15} className="shrink-0 text-ink3" />
    </button>
  )
}
