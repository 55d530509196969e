'use client'

import dynamic from 'next/dynamic'
import { Plus } from 'lucide-react'
import { useEffect } from 'react'
import type { ArrangementFile } from '@/core/kit'
import * as texts from '@/texts/arrangements'
import type { Props } from './SlotList'

type Row = ArrangementFile['slots'][number]

/** The list, with all that dragging needs, is loaded behind the page. */
const loadList = () => import('./SlotList').then(({ SlotList }) => SlotList)
const SlotList = dynamic(loadList, { ssr: false })

/** Until it has a name of its own, it is called by a number that is free. */
const freeName = (taken: readonly string[]): string => {
  let n = taken.length + 1
  while (taken.includes(`place${n}`)) n++
  return `place${n}`
}

const newRow = (id: string): Row => ({
  id,
  label: '',
  role: 'plain',
  sealSet: 'first',
  carrier: false,
  stacked: false,
  byThumb: false,
  ring: 'bore',
  singleUse: false,
  mayStay: false,
  onRequest: false,
  addedBy: [],
  perPosition: 1,
  note: '',
})

/** Places that an own arrangement adds, and one more. */
export function SlotRows(props: Props) {
  const { slots, base, onChange } = props
  useEffect(() => void loadList(), [])
  return (
    <fieldset>
      <legend className="caption mb-1">{texts.placesAdded}</legend>
      {slots.length > 0 && <SlotList {...props} />}
      <button
        type="button"
        className="chip px-3"
        onClick={() => onChange([...slots, newRow(freeName([...base, ...slots].map(({ id }) => id)))])}
      >
        <Plus aria-hidden size={16} className="mr-1" /> {texts.addAPlace}
      </button>
    </fieldset>
  )
}
