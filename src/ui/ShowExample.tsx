'use client'

import * as texts from '@/texts/ui'

/** Where nothing is typed yet: fills in the example of the text before it. Never within a job, where it would become evidence. */
export function ShowExample({ onShow }: { onShow: () => void }) {
  return (
    <button type="button" className="chip mt-3 block px-3.5" onClick={onShow}>
      {texts.showThisExample}
    </button>
  )
}
