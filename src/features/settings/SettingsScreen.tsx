'use client'

import { useState } from 'react'
import { SCHOOL_NAMES, SCHOOLS, type Schools } from '@/core/procedure'
import { Frame } from '@/features/shell'
import type { Settings } from '@/contract/supply'
import { call, wordsOf } from '@/ui/call'
import { SelectField } from '@/ui/SelectField'

const figure = (text: string): number => Number(text.replace(',', '.'))

/**
 * What stands on quotes, and what this shop does where practice differs.
 * @param zones names of the time zone database
 */
export function SettingsScreen({ initial, zones }: { initial: Settings; zones: readonly string[] }) {
  const [shop, setShop] = useState(initial.shop)
  const [currency, setCurrency] = useState(initial.currency)
  const [validDays, setValidDays] = useState(String(initial.validDays))
  const [margin, setMargin] = useState(String(initial.marginPercent))
  const [timeZone, setTimeZone] = useState(initial.timeZone)
  const [taxes, setTaxes] = useState(
    initial.taxes.map((t) => ({ words: t.words, percent: String(t.percent) })),
  )
  const [schools, setSchools] = useState<Schools>(initial.schools)
  const [gun, setGun] = useState(initial.gunGrams === null ? '' : String(initial.gunGrams))
  const [words, setWords] = useState('')
  const [state, setState] = useState('')
  const field = (label: string, value: string, set: (text: string) => void, most: number) => (
    <label className="mb-3 block">
      <span className="caption block">{label}</span>
      <input className="field" maxLength={most} value={value} onChange={(e) => set(e.target.value)} />
    </label>
  )
  return (
    <Frame about={<b className="font-semibold text-ink">Settings</b>} state={state}>
      <form
        className="mx-auto h-full max-w-[760px] overflow-auto px-6 py-5"
        onSubmit={(e) => {
          e.preventDefault()
          call('PUT /api/settings', {
            body: {
              shop,
              currency,
              timeZone,
              validDays: figure(validDays),
              marginPercent: figure(margin),
              gunGrams: gun.trim() === '' ? null : figure(gun),
              schools,
              taxes: taxes
                .filter((t) => t.words.trim() !== '')
                .map((t) => ({ words: t.words, percent: figure(t.percent) })),
            },
          })
            .then(() => {
              setWords('')
              setState('saved')
            })
            .catch((error: unknown) => setWords(wordsOf(error)))
        }}
      >
        <h1 className="mb-3 text-[1.3125rem] font-bold">On quotes and labels</h1>
        {field('Name of the shop', shop, setShop, 80)}
        <label className="mb-3 block">
          <span className="caption block">Time zone of the shop</span>
          <input
            className="field"
            list="time-zones"
            maxLength={60}
            value={timeZone}
            onChange={(e) => setTimeZone(e.target.value)}
          />
          <datalist id="time-zones">
            {zones.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
        </label>
        <div className="grid grid-cols-3 gap-3">
          {field('Currency', currency, setCurrency, 8)}
          {field('A quote holds, days', validDays, setValidDays, 3)}
          {field('Mark-up, %', margin, setMargin, 6)}
        </div>
        {field('One stroke of our grease gun, g (weigh ten, divide)', gun, setGun, 6)}
        <fieldset>
          <legend className="caption mb-1">Taxes</legend>
          {[...taxes, { words: '', percent: '' }].slice(0, 4).map((tax, i) => {
            const set = (change: Partial<typeof tax>): void => {
              const next = [...taxes]
              next[i] = { ...tax, ...change }
              setTaxes(next)
            }
            return (
              <div key={i} className="mb-1.5 grid grid-cols-[minmax(0,1fr)_110px] gap-2">
                <input
                  className="field"
                  aria-label={`Tax ${i + 1}`}
                  placeholder="another tax"
                  maxLength={40}
                  value={tax.words}
                  onChange={(e) => set({ words: e.target.value })}
                />
                <input
                  className="field number"
                  aria-label={`Per cent of tax ${i + 1}`}
                  placeholder="%"
                  maxLength={6}
                  value={tax.percent}
                  onChange={(e) => set({ percent: e.target.value })}
                />
              </div>
            )
          })}
        </fieldset>
        <fieldset className="mt-4">
          <legend className="text-[1.3125rem] font-bold">Workshop practice</legend>
          <p className="mb-1 text-[0.875rem] text-ink2">
            Practitioners differ. Yours is followed in every plan; the other way stands beside it, with when
            it is right.
          </p>
          {SCHOOL_NAMES.map((name) => (
            <div
              key={name}
              className="grid grid-cols-[210px_minmax(0,1fr)] items-center gap-2 border-t border-line2 py-1.5"
            >
              <span aria-hidden className="font-semibold">
                {SCHOOLS[name].words}
              </span>
              <SelectField
                label={SCHOOLS[name].words}
                value={schools[name]}
                options={Object.entries<string>(SCHOOLS[name].ways)}
                onPick={(way) => setSchools({ ...schools, [name]: way })}
              />
            </div>
          ))}
        </fieldset>
        {words && (
          <p role="alert" className="mt-2 text-contra">
            {words}
          </p>
        )}
        <button type="submit" className="button mt-4" data-primary>
          Save
        </button>
      </form>
    </Frame>
  )
}
