import type { ReactNode } from 'react'

interface Props {
  /** what the middle shows */
  label: string
  inputs: ReactNode
  /** what to change; empty = nothing */
  message: string
  /** right column; none = the middle takes its room */
  beside?: ReactNode
  children: ReactNode
}

/** The frame of one judgement: what is typed, what comes of it, what stands beside it. */
export function FitPane({ label, inputs, message, beside, children }: Props) {
  return (
    <div
      className={`panes ${beside ? '[--panes:270px_minmax(0,1fr)_330px]' : '[--panes:300px_minmax(0,1fr)]'}`}
    >
      <form
        className="min-h-0 overflow-auto border-r border-line px-[18px] py-2"
        onSubmit={(e) => e.preventDefault()}
      >
        {inputs}
      </form>
      <section aria-label={label} className="min-h-0 overflow-auto px-[18px] py-2" tabIndex={0}>
        {message && (
          <p role="alert" className="mb-2 text-contra">
            {message}
          </p>
        )}
        {children}
      </section>
      {beside && (
        <aside className="min-h-0 overflow-auto border-l border-line bg-sheet px-4 py-2">{beside}</aside>
      )}
    </div>
  )
}
