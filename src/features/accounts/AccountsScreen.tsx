'use client'

import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { PASSWORD, ROLES, ROLE_NAMES, ROLE_RIGHTS, type Role } from '@/contract/choices'
import type { Account, Accounts, AuditPage } from '@/contract/account'
import { Frame } from '@/features/shell'
import * as texts from '@/texts/accounts'
import * as common from '@/texts/common'
import { call, errorMessage } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { useSentForm } from '@/ui/form/useSentForm'
import { useTimes } from '@/ui/Times'
import { usePages } from '@/ui/usePages'
import { SelectField } from '@/ui/SelectField'
import { PasswordField } from './PasswordField'

function RoleChoice({
  label,
  value,
  onChange,
}: {
  label: string
  value: Role
  onChange: (role: Role) => void
}) {
  return (
    <SelectField
      label={label}
      value={value}
      options={ROLES.map((role) => [role, ROLE_NAMES[role]] as const)}
      onPick={onChange}
    />
  )
}

interface RowProps {
  account: Account
  onChanged: (account: Account) => void
  onError: (message: string) => void
}

function AccountRow({ account, onChanged, onError }: RowProps) {
  const [password, setPassword] = useState('')
  const change = (body: object) => {
    call('PATCH /api/accounts/{id}', { path: { id: account.id }, body })
      .then((changed) => {
        setPassword('')
        onError('')
        onChanged(changed)
      })
      .catch((thrown: unknown) => onError(errorMessage(thrown)))
  }
  return (
    <li className="grid items-center gap-2 border-t border-line2 py-2 sm:grid-cols-[minmax(0,1fr)_140px_auto]">
      <span className={account.isActive ? 'font-medium' : 'text-ink3 line-through'}>
        {account.name}
        {account.lockedUntil && <span className="tag ml-2">{texts.locked}</span>}
      </span>
      <RoleChoice
        label={texts.roleOf(account.name)}
        value={account.role}
        onChange={(role) => change({ role })}
      />
      <span className="flex flex-wrap gap-1.5">
        <input
          type="password"
          autoComplete="new-password"
          aria-label={texts.newPasswordOf(account.name)}
          placeholder={texts.newPassword}
          className="field max-w-[180px]"
          maxLength={PASSWORD.max}
          value={password}
          onChange={(e) => setPassword(e.target.value)}
        />
        <button
          type="button"
          className="button"
          disabled={password === ''}
          onClick={() => change({ password })}
        >
          {texts.set}
        </button>
        <button type="button" className="button" onClick={() => change({ isActive: !account.isActive })}>
          {account.isActive ? texts.block : texts.allow}
        </button>
      </span>
    </li>
  )
}

const BLANK = { name: '', password: '' }

interface Props {
  accounts: Accounts
  audit: AuditPage
}

/** Who may sign in and with which right, and what was done to accounts and settings. */
export function AccountsScreen({ accounts, audit }: Props) {
  const { time } = useTimes()
  const [items, setItems] = useState(accounts.items)
  const [role, setRole] = useState<Role>(accounts.items.length === 0 ? 'owner' : 'bench')
  const [error, setError] = useState('')
  const trail = usePages('GET /api/audit', { query: '', initial: audit, initialQuery: '' })
  const changed = (account: Account) => {
    setItems((was) =>
      [...was.filter(({ id }) => id !== account.id), account].sort((a, b) => a.name.localeCompare(b.name)),
    )
    void trail.again()
  }
  const { submit, form, message, ...fields } = useSentForm({
    blank: BLANK,
    emptied: true,
    send: async ({ name, password }) =>
      changed(await call('POST /api/accounts', { body: { name, role, password } })),
  })
  const [name, password] = useWatch({ control: form.control, name: ['name', 'password'] })
  return (
    <Frame
      about={<h1 className="font-semibold text-ink">{common.accounts}</h1>}
      state={texts.accounts(items.length)}
    >
      <div className="panes [--panes:minmax(0,1fr)_420px]">
        <section className="min-h-0 overflow-auto px-4 py-4 sm:px-6">
          <p className="text-ink2">{accounts.required ? texts.signingInIsAsked : texts.nobodyHasToSign}</p>
          <ul className="mt-2 text-[0.875rem] text-ink2">
            {ROLES.map((role) => (
              <li key={role}>
                <b className="font-semibold text-ink">{ROLE_NAMES[role]}</b>: {ROLE_RIGHTS[role]}
              </li>
            ))}
          </ul>
          <ul className="mt-3">
            {items.map((account) => (
              <AccountRow key={account.id} account={account} onChanged={changed} onError={setError} />
            ))}
          </ul>
          <form
            onSubmit={(e) => void submit(e)}
            aria-label={texts.newAccount}
            className="mt-4 grid gap-2 border-t border-line pt-4 sm:grid-cols-2"
          >
            <FormField
              of={fields}
              name="name"
              label={texts.name}
              labelHidden
              placeholder={texts.name}
              maxLength={60}
            />
            <RoleChoice label={texts.role} value={role} onChange={setRole} />
            <PasswordField
              of={fields}
              name="password"
              label={texts.password}
              labelHidden
              kind="new-password"
              placeholder={texts.passwordAtLeastCharacters(PASSWORD.min)}
            />
            <button
              type="submit"
              data-primary
              className="button"
              disabled={name.trim() === '' || password === ''}
            >
              {texts.addAccount}
            </button>
          </form>
          <FormMessage message={message} />
          {error && (
            <p role="alert" className="mt-2 text-contra">
              {error}
            </p>
          )}
        </section>
        <section className="min-h-0 overflow-auto border-l border-line bg-sheet px-4 py-4">
          <h2 className="text-[1rem] font-bold">{texts.auditTrail}</h2>
          <ul className="mt-2 text-[0.875rem]">
            {trail.pages
              .flatMap((page) => page.items)
              .map((entry) => (
                <li key={entry.id} className="border-t border-line2 py-1.5">
                  <span className="number text-ink3">{time(entry.at)}</span>{' '}
                  <b className="font-semibold">{entry.who}</b>
                  <span className="block text-ink2">
                    {entry.what}
                    {entry.address && texts.from(entry.address)}
                  </span>
                </li>
              ))}
          </ul>
          {trail.hasMore && (
            <button type="button" className="button mt-2" onClick={trail.more}>
              {texts.more}
            </button>
          )}
          {audit.items.length === 0 && <p className="mt-2 text-ink2">{texts.nothingYet}</p>}
        </section>
      </div>
    </Frame>
  )
}
