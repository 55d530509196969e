'use client'

import { useRef } from 'react'
import { useWatch } from 'react-hook-form'
import * as texts from '@/texts/accounts'
import * as common from '@/texts/common'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'
import { useEarlyInput } from '@/ui/useEarlyInput'
import { PasswordField } from './PasswordField'

const BLANK = { name: '', password: '' }

/** Name and password; then on to what was asked for. @param to path of our own */
export function SignIn({ to }: { to: string }) {
  const { submit, form, message, isSending, ...fields } = useSentForm({
    blank: BLANK,
    send: async (body) => {
      try {
        await call('POST /api/session', { body })
      } catch (error) {
        form.resetField('password')
        throw error
      }
      // A whole new page: nothing that was loaded for nobody stays.
      window.location.replace(to)
      await new Promise(() => undefined)
    },
  })
  const screen = useRef<HTMLElement>(null)
  useEarlyInput(screen)
  const [name, password] = useWatch({ control: form.control, name: ['name', 'password'] })
  return (
    <main ref={screen} className="grid min-h-dvh content-start justify-items-center px-4 pt-[14vh]">
      <form onSubmit={(e) => void submit(e)} className="grid w-full max-w-[380px] gap-4">
        <h1 className="text-[1.5rem] font-bold">{common.amberSocket}</h1>
        <FormField
          of={fields}
          name="name"
          label={texts.name}
          autoFocus
          autoComplete="username"
          maxLength={60}
        />
        <PasswordField of={fields} name="password" label={texts.password} kind="current-password" />
        <FormMessage message={message} />
        <button
          type="submit"
          data-primary
          className="button"
          disabled={isSending || name.trim() === '' || password === ''}
        >
          {texts.signIn}
        </button>
        <p className="text-[0.875rem] text-ink2">{texts.forgottenAnOwnerSets}</p>
      </form>
    </main>
  )
}
