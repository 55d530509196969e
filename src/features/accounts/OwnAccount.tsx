'use client'

import { useState, type FormEvent } from 'react'
import { PASSWORD, ROLE_NAMES, ROLE_RIGHTS } from '@/contract/choices'
import type { Session } from '@/contract/account'
import { Frame } from '@/features/shell'
import { call, wordsOf } from '@/ui/call'
import { forgetAllTyped } from '@/ui/useKept'
import { PasswordField } from './PasswordField'

/** One's own account: its right, its password, signing out. */
export function OwnAccount({ account }: Session) {
  const [current, setCurrent] = useState('')
  const [next, setNext] = useState('')
  const [words, setWords] = useState('')
  const change = (event: FormEvent) => {
    event.preventDefault()
    call('PUT /api/session/password', { body: { current, next } })
      .then(() => {
        setWords('Password changed. Every other session of yours has ended.')
        setCurrent('')
        setNext('')
      })
      .catch((thrown: unknown) => setWords(wordsOf(thrown)))
  }
  const leave = () => {
    call('DELETE /api/session')
      .then(() => {
        forgetAllTyped()
        navigator.serviceWorker?.controller?.postMessage('forget')
        window.location.replace('/sign-in')
      })
      .catch((thrown: unknown) => setWords(wordsOf(thrown)))
  }
  return (
    <Frame about={<h1 className="font-semibold text-ink">Your account</h1>}>
      <div className="mx-auto grid h-full max-w-[520px] content-start gap-4 overflow-auto px-4 py-6">
        {!account && (
          <p>
            Nobody has to sign in on this server: it listens on this machine only. Listening beyond it asks
            for accounts.
          </p>
        )}
        {account && (
          <>
            <p>
              <b className="font-semibold">{account.name}</b>
              <span className="block text-ink2">
                {ROLE_NAMES[account.role]}: {ROLE_RIGHTS[account.role]}
              </span>
            </p>
            <form onSubmit={change} className="grid gap-3">
              <PasswordField
                label="Present password"
                kind="current-password"
                value={current}
                onChange={setCurrent}
              />
              <PasswordField
                label={`New password, at least ${PASSWORD.min} characters`}
                kind="new-password"
                value={next}
                onChange={setNext}
              />
              <button
                type="submit"
                className="button justify-self-start"
                disabled={current === '' || next === ''}
              >
                Change password
              </button>
            </form>
            <button type="button" data-primary className="button justify-self-start" onClick={leave}>
              Sign out
            </button>
          </>
        )}
        <p role="status">{words}</p>
      </div>
    </Frame>
  )
}
