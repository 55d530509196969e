'use client'

import NextLink, { type LinkProps } from 'next/link'
import { useState } from 'react'

/**
 * A link whose page is asked for once the pointer rests on it, or with the click. The router's own fetches ahead whatever comes
 * into sight: a catalogue of 400 rows asked the server for 400 pages, and drove what is kept for reading offline out of its store.
 */
export function Link<Path>({ onPointerEnter, ...rest }: LinkProps<Path>) {
  const [near, setNear] = useState(false)
  return (
    <NextLink<Path>
      {...(rest as LinkProps<Path>)}
      prefetch={near ? null : false}
      onPointerEnter={(event) => {
        setNear(true)
        onPointerEnter?.(event)
      }}
    />
  )
}
