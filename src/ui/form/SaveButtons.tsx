import * as common from '@/texts/common'
import * as texts from '@/texts/ui'

interface Props {
  isDirty: boolean
  discard: () => void
  /** more buttons of the same form */
  children?: React.ReactNode
  className?: string
}

/** Save, and while something is not saved the way back to what was. */
export function SaveButtons({ isDirty, discard, children, className = '' }: Props) {
  return (
    <div className={`flex flex-wrap gap-2 ${className}`}>
      <button type="submit" className="button" data-primary>
        {common.save}
      </button>
      {isDirty && (
        <button type="button" className="button" onClick={discard}>
          {texts.discardChanges}
        </button>
      )}
      {children}
    </div>
  )
}
