'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/pages'

/** The database or the server is away: say so calmly; what was typed is kept. */
export default function ErrorScreen({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-[48ch] px-6 pt-28">
      <h1 className="mb-2 text-[1.3125rem] font-bold">{texts.thisPageCouldNot}</h1>
      <p className="mb-5 text-ink2">{texts.theDatabaseMayBe}</p>
      <button type="button" data-primary className="button" onClick={reset}>
        {common.tryAgain}
      </button>
    </main>
  )
}
