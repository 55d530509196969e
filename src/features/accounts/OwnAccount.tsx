'use client'

import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { PASSWORD, ROLE_NAMES, ROLE_RIGHTS } from '@/contract/choices'
import type { Session } from '@/contract/account'
import { Frame } from '@/features/shell'
import * as texts from '@/texts/accounts'
import { call, errorMessage } from '@/ui/call'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'
import { PasswordField } from './PasswordField'
import { SignOut } from './SignOut'

const BLANK = { current: '', next: '' }

/** One's own account: its right, its password, signing out. */
export function OwnAccount({ account }: Session) {
  const [message, setMessage] = useState('')
  const {
    submit,
    form,
    message: refused,
    ...fields
  } = useSentForm({
    blank: BLANK,
    emptied: true,
    send: async (body) => {
      setMessage('')
      await call('PUT /api/session/password', { body })
      setMessage(texts.passwordChangedEveryOther)
    },
  })
  const [current, next] = useWatch({ control: form.control, name: ['current', 'next'] })
  return (
    <Frame about={<h1 className="font-semibold text-ink">{texts.yourAccount}</h1>}>
      <div className="mx-auto grid h-full max-w-[520px] content-start gap-4 overflow-auto px-4 py-6">
        {!account && <p>{texts.nobodyHasToSignIn}</p>}
        {account && (
          <>
            <p>
              <b className="font-semibold">{account.name}</b>
              <span className="block text-ink2">
                {ROLE_NAMES[account.role]}: {ROLE_RIGHTS[account.role]}
              </span>
            </p>
            <form onSubmit={(e) => void submit(e)} className="grid gap-3">
              <PasswordField
                of={fields}
                name="current"
                label={texts.presentPassword}
                kind="current-password"
              />
              <PasswordField
                of={fields}
                name="next"
                label={texts.newPasswordAtLeastCharacters(PASSWORD.min)}
                kind="new-password"
              />
              <FormMessage message={refused} />
              <button
                type="submit"
                className="button justify-self-start"
                disabled={current === '' || next === ''}
              >
                {texts.changePassword}
              </button>
            </form>
            <SignOut onRefused={(thrown) => setMessage(errorMessage(thrown))} />
          </>
        )}
        <p role="status">{message}</p>
      </div>
    </Frame>
  )
}
