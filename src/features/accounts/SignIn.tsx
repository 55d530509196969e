'use client'

import { useState, type FormEvent } from 'react'
import { call, wordsOf } from '@/ui/call'
import { PasswordField } from './PasswordField'

/** Name and password; then on to what was asked for. @param to path of our own */
export function SignIn({ to }: { to: string }) {
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const enter = (event: FormEvent) => {
    event.preventDefault()
    setBusy(true)
    setError('')
    call('POST /api/session', { body: { name, password } })
      // A whole new page: nothing that was loaded for nobody stays.
      .then(() => window.location.replace(to))
      .catch((thrown: unknown) => {
        setError(wordsOf(thrown))
        setPassword('')
        setBusy(false)
      })
  }
  return (
    <main className="grid min-h-dvh content-start justify-items-center px-4 pt-[14vh]">
      <form onSubmit={enter} className="grid w-full max-w-[380px] gap-4">
        <h1 className="text-[1.5rem] font-bold">Amber Socket</h1>
        <label>
          <span className="caption mb-1 block">Name</span>
          <input
            autoFocus
            name="username"
            autoComplete="username"
            className="field"
            maxLength={60}
            value={name}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <PasswordField label="Password" kind="current-password" value={password} onChange={setPassword} />
        <p role="alert" className="min-h-5 text-contra">
          {error}
        </p>
        <button
          type="submit"
          data-primary
          className="button"
          disabled={busy || name.trim() === '' || password === ''}
        >
          Sign in
        </button>
        <p className="text-[0.875rem] text-ink2">
          Forgotten: an owner sets a new password, under Accounts or on the machine with ./account reset NAME.
        </p>
      </form>
    </main>
  )
}
