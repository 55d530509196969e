'use client'

import type { ReactNode } from 'react'

interface Props {
  /** such as `.csv,text/csv` */
  accept: string
  onFile: (file: File) => void
  children: ReactNode
  className?: string
  label?: string
  /** the first thing to do on its screen */
  primary?: boolean
}

/** Asks for one file of this machine; the same file may be chosen again. */
export function FileButton({ accept, onFile, children, className = 'button', label, primary }: Props) {
  return (
    <label
      className={`${className} cursor-pointer`}
      aria-label={label}
      data-primary={primary ? true : undefined}
    >
      {children}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={({ target }) => {
          const file = target.files?.[0]
          target.value = ''
          if (file) onFile(file)
        }}
      />
    </label>
  )
}
