'use client'

/** The database or the server is away: say so calmly; what was typed is kept. */
export default function ErrorScreen({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto max-w-[48ch] px-6 pt-28">
      <h1 className="mb-2 text-[1.3125rem] font-bold">This page could not be loaded</h1>
      <p className="mb-5 text-ink2">
        The database may be away. What you typed is kept on this machine. Try again in a moment.
      </p>
      <button type="button" data-primary className="button" onClick={reset}>
        Try again
      </button>
    </main>
  )
}
