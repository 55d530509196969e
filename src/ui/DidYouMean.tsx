import type { Suggestion } from '@/core/designation'
import * as texts from '@/texts/ui'

interface Props {
  suggestions: readonly Suggestion[]
  /** what choosing one does: nothing is taken by itself */
  onPick: (designation: string) => void
}

/** Numbers that may have been meant, each with what was changed to come to it. */
export function DidYouMean({ suggestions, onPick }: Props) {
  if (suggestions.length === 0) return null
  return (
    <div role="group" aria-label={texts.didYouMean} className="my-2">
      <p className="caption mb-1">{texts.didYouMean}</p>
      <ul className="grid gap-1">
        {suggestions.map(({ designation, changed }) => (
          <li key={designation} className="flex flex-wrap items-center gap-2">
            <button type="button" className="chip number px-3" onClick={() => onPick(designation)}>
              {designation}
            </button>
            <span className="text-[0.875rem] text-ink2">{changed}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
