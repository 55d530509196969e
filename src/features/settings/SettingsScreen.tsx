'use client'

import { useState } from 'react'
import { useFieldArray, useWatch } from 'react-hook-form'
import { PRACTICE_NAMES, PRACTICES, type PracticePreferences } from '@/core/procedure'
import { typedAmount } from '@/core/quantity'
import { Frame } from '@/features/shell'
import type { Settings } from '@/contract/supply'
import * as common from '@/texts/common'
import * as texts from '@/texts/settings'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { SaveButtons } from '@/ui/form/SaveButtons'
import { useSentForm } from '@/ui/form/useSentForm'
import { SelectField } from '@/ui/SelectField'

/** Taxes a quote may carry; empty rows are for another one. */
const MAX_TAXES = 4

/** Settings as they stand in the fields. */
const textsOf = (settings: Settings) => ({
  shop: settings.shop,
  currency: settings.currency,
  timeZone: settings.timeZone,
  validDays: String(settings.validDays),
  marginPercent: String(settings.marginPercent),
  gunGrams: settings.gunGrams === null ? '' : String(settings.gunGrams),
  practices: settings.practices as PracticePreferences,
  taxes: Array.from({ length: MAX_TAXES }, (_, i) => {
    const tax = settings.taxes[i]
    return { label: tax?.label ?? '', percent: tax ? String(tax.percent) : '' }
  }),
})

const isTax = ({ label }: { label: string }): boolean => label.trim() !== ''

const settingsOf = ({ validDays, marginPercent, gunGrams, taxes, ...same }: ReturnType<typeof textsOf>) => ({
  ...same,
  validDays: typedAmount(validDays),
  marginPercent: typedAmount(marginPercent),
  gunGrams: gunGrams.trim() === '' ? null : typedAmount(gunGrams),
  taxes: taxes.filter(isTax).map(({ label, percent }) => ({ label, percent: typedAmount(percent) })),
})

/**
 * What stands on quotes, and what this shop does where practice differs.
 * @param zones names of the time zone database
 */
export function SettingsScreen({ initial, zones }: { initial: Settings; zones: readonly string[] }) {
  const [state, setState] = useState('')
  const [blank] = useState(() => textsOf(initial))
  const { submit, form, message, isDirty, discard, ...fields } = useSentForm({
    blank,
    storageKey: 'settings',
    readCurrent: textsOf,
    send: async (values, over) => {
      // Rows without a name go to the end: the server counts those it is sent.
      const rows = [...values.taxes.filter(isTax), ...values.taxes.filter((tax) => !isTax(tax))]
      form.setValue('taxes', rows)
      const body = { ...settingsOf({ ...values, taxes: rows }), over: settingsOf(over) }
      const stands = await call('PUT /api/settings', { body })
      setState('saved')
      return textsOf(stands)
    },
  })
  const taxes = useFieldArray({ control: form.control, name: 'taxes' })
  const practices = useWatch({ control: form.control, name: 'practices' })
  return (
    <Frame
      about={<b className="font-semibold text-ink">{common.settings}</b>}
      state={isDirty ? common.notSavedYetKept : state}
    >
      <form className="mx-auto h-full max-w-[760px] overflow-auto px-6 py-5" onSubmit={(e) => void submit(e)}>
        <h1 className="mb-3 text-[1.3125rem] font-bold">{texts.onQuotesAndLabels}</h1>
        <div className="grid gap-3">
          <FormField of={fields} name="shop" label={texts.nameOfTheShop} maxLength={80} />
          <FormField
            of={fields}
            name="timeZone"
            label={texts.timeZoneOfTheShop}
            list="time-zones"
            maxLength={60}
          />
          <datalist id="time-zones">
            {zones.map((name) => (
              <option key={name} value={name} />
            ))}
          </datalist>
          <div className="grid grid-cols-3 items-start gap-3">
            <FormField of={fields} name="currency" label={texts.currency} maxLength={8} />
            <FormField of={fields} name="validDays" label={texts.aQuoteHoldsDays} maxLength={3} />
            <FormField of={fields} name="marginPercent" label={texts.markUp} maxLength={6} />
          </div>
          <FormField of={fields} name="gunGrams" label={texts.oneStrokeOfOur} maxLength={6} />
        </div>
        <fieldset className="mt-3">
          <legend className="caption mb-1">{texts.taxes}</legend>
          {taxes.fields.map((tax, i) => (
            <div key={tax.id} className="mb-1.5 grid grid-cols-[minmax(0,1fr)_110px] gap-2">
              <FormField
                of={fields}
                name={`taxes.${i}.label`}
                label={texts.tax(i + 1)}
                labelHidden
                placeholder={texts.anotherTax}
                maxLength={40}
              />
              <FormField
                of={fields}
                name={`taxes.${i}.percent`}
                label={texts.perCentOfTax(i + 1)}
                labelHidden
                className="number"
                placeholder="%"
                maxLength={6}
              />
            </div>
          ))}
        </fieldset>
        <fieldset className="mt-4">
          <legend className="text-[1.3125rem] font-bold">{texts.workshopPractice}</legend>
          <p className="mb-1 text-[0.875rem] text-ink2">{texts.practitionersDifferYoursIs}</p>
          {PRACTICE_NAMES.map((name) => (
            <div
              key={name}
              className="grid items-center gap-x-2 gap-y-1 sm:grid-cols-[210px_minmax(0,1fr)] border-t border-line2 py-1.5"
            >
              <span aria-hidden className="font-semibold">
                {PRACTICES[name].label}
              </span>
              <SelectField
                label={PRACTICES[name].label}
                value={practices[name]}
                options={Object.entries<string>(PRACTICES[name].ways)}
                onPick={(way) =>
                  form.setValue('practices', { ...practices, [name]: way }, { shouldDirty: true })
                }
              />
            </div>
          ))}
        </fieldset>
        <FormMessage message={message} />
        <SaveButtons isDirty={isDirty} discard={discard} className="mt-4" />
      </form>
    </Frame>
  )
}
