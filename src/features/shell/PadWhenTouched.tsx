'use client'

import dynamic from 'next/dynamic'
import { useSyncExternalStore } from 'react'

const NumberPad = dynamic(() => import('./NumberPad').then((pad) => pad.NumberPad), { ssr: false })

const nothing = () => () => undefined
const isTouchable = () => navigator.maxTouchPoints > 0
const isNotKnown = () => false

/** The number pad, loaded where there is something to touch. */
export function PadWhenTouched() {
  const touchable = useSyncExternalStore(nothing, isTouchable, isNotKnown)
  return touchable ? <NumberPad /> : null
}
