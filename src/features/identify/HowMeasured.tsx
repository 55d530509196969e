'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { HowButton, type HowProps } from './HowButton'

const HowMeasuredPopover = dynamic(() =>
  import('./HowMeasuredPopover').then((popover) => popover.HowMeasuredPopover),
)

/** Instrument and condition of one reading, behind the figure in the other unit; loaded when first opened. */
export function HowMeasured(props: HowProps) {
  const { label, how, open, onOpen, children } = props
  const [used, setUsed] = useState(open)
  if (open && !used) setUsed(true)
  return used ? (
    <HowMeasuredPopover {...props} />
  ) : (
    <HowButton label={label} how={how} onClick={() => onOpen(true)}>
      {children}
    </HowButton>
  )
}
