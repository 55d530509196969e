'use client'

import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { PASSWORD, ROLES, ROLE_NAMES, ROLE_RIGHTS, type Role } from '@/contract/choices'
import type { Account, Accounts, AuditPage } from '@/contract/account'
import { Frame } from '@/features/shell'
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
        {account.lockedUntil && <span className="tag ml-2">locked</span>}
      </span>
      <RoleChoice
        label={`Role of ${account.name}`}
        value={account.role}
        onChange={(role) => change({ role })}
      />
      <span className="flex flex-wrap gap-1.5">
        <input
          type="password"
          autoComplete="new-password"
          aria-label={`New password of ${account.name}`}
          placeholder="new password"
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
          Set
        </button>
        <button type="button" className="button" onClick={() => change({ isActive: !account.isActive })}>
          {account.isActive ? 'Block' : 'Allow'}
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
    <Frame about={<h1 className="font-semibold text-ink">Accounts</h1>} state={`${items.length} accounts`}>
      <div className="panes [--panes:minmax(0,1fr)_420px]">
        <section className="min-h-0 overflow-auto px-4 py-4 sm:px-6">
          <p className="text-ink2">
            {accounts.required
              ? 'Signing in is asked for on this server.'
              : 'Nobody has to sign in here: the server listens on this machine only. Make an owner before you open it to the shop.'}
          </p>
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
            aria-label="New account"
            className="mt-4 grid gap-2 border-t border-line pt-4 sm:grid-cols-2"
          >
            <FormField of={fields} name="name" label="Name" labelHidden placeholder="Name" maxLength={60} />
            <RoleChoice label="Role" value={role} onChange={setRole} />
            <PasswordField
              of={fields}
              name="password"
              label="Password"
              labelHidden
              kind="new-password"
              placeholder={`Password, at least ${PASSWORD.min} characters`}
            />
            <button
              type="submit"
              data-primary
              className="button"
              disabled={name.trim() === '' || password === ''}
            >
              Add account
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
          <h2 className="text-[1rem] font-bold">Audit trail</h2>
          <ul className="mt-2 text-[0.875rem]">
            {trail.pages
              .flatMap((page) => page.items)
              .map((entry) => (
                <li key={entry.id} className="border-t border-line2 py-1.5">
                  <span className="number text-ink3">{time(entry.at)}</span>{' '}
                  <b className="font-semibold">{entry.who}</b>
                  <span className="block text-ink2">
                    {entry.what}
                    {entry.address && ` from ${entry.address}`}
                  </span>
                </li>
              ))}
          </ul>
          {trail.hasMore && (
            <button type="button" className="button mt-2" onClick={trail.more}>
              More
            </button>
          )}
          {audit.items.length === 0 && <p className="mt-2 text-ink2">Nothing yet.</p>}
        </section>
      </div>
    </Frame>
  )
}
