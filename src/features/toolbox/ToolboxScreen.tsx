'use client'

import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { Controller, useFieldArray, useWatch } from 'react-hook-form'
import { capital } from '@/core/capital'
import { TOOL_KINDS, TOOL_LABELS } from '@/core/procedure'
import { FIELD_UNITS, figureProblem, readFigure, type FieldQuantity } from '@/core/quantity'
import { FormFigure, Frame, usePreferences } from '@/features/shell'
import type { Toolbox } from '@/contract/plan'
import * as common from '@/texts/common'
import * as texts from '@/texts/toolbox'
import { call } from '@/ui/call'
import { FormField } from '@/ui/form/FormField'
import { FormMessage } from '@/ui/form/FormMessage'
import { SaveButtons } from '@/ui/form/SaveButtons'
import { useSentForm } from '@/ui/form/useSentForm'
import { SelectField } from '@/ui/SelectField'

const SIZES = ['from', 'to', 'insideMm', 'outsideMm', 'depthMm'] as const
const SIZE_LABELS: Record<(typeof SIZES)[number], string> = {
  from: texts.from,
  to: texts.to,
  insideMm: texts.inside,
  outsideMm: texts.outside,
  depthMm: texts.deepOrLong,
}
const MAX_TOOLS = 300

type Row = { kind: (typeof TOOL_KINDS)[number]; label: string } & Record<(typeof SIZES)[number], string>

const BLANK: Row = { kind: 'sleeve', label: '', from: '', to: '', insideMm: '', outsideMm: '', depthMm: '' }
const COLUMNS = 'grid grid-cols-[190px_minmax(200px,1fr)_repeat(5,106px)_44px] gap-1.5'
const errorId = (row: number): string => `tool-${row}-error`
const text = (n: number | undefined): string => (n === undefined ? '' : String(n))

const rowOf = (tool: Toolbox['tools'][number]): Row => ({
  ...BLANK,
  kind: tool.kind,
  label: tool.label,
  ...Object.fromEntries(SIZES.map((name) => [name, text(tool[name])])),
})
const rowsOf = ({ tools }: Toolbox): { tools: Row[] } => ({ tools: [...tools.map(rowOf), BLANK] })
const isBlank = (row: Row): boolean => [row.label, ...SIZES.map((name) => row[name])].every((t) => !t.trim())
/** A press is chosen by its force; what else has a size, by lengths. */
const quantityOf = (row: Row): FieldQuantity => (row.kind === 'press' ? 'force' : 'length')
/** Finer than any tool is told apart by is not kept. What is no figure goes as NaN: the server refuses it at its field. */
const toolOf = (row: Row): Toolbox['tools'][number] => ({
  kind: row.kind,
  label: row.label,
  ...Object.fromEntries(
    SIZES.flatMap((name) =>
      row[name].trim() === '' ? [] : [[name, Number(readFigure(row[name], quantityOf(row)).toFixed(3))]],
    ),
  ),
})

/** The shop's own tools with their sizes: plans pick from them. */
export function ToolboxScreen({ initial }: { initial: Toolbox }) {
  const { unit } = usePreferences()
  const [state, setState] = useState('')
  const [blank] = useState(() => rowsOf(initial))
  const { submit, form, message, isDirty, discard, ...fields } = useSentForm({
    blank,
    storageKey: 'toolbox',
    readCurrent: rowsOf,
    send: async ({ tools }, over) => {
      // The server counts the rows it is sent: blank ones go to the end.
      const rows = tools.filter((row) => !isBlank(row))
      form.setValue('tools', [...rows, BLANK])
      const was = over.tools.filter((row) => !isBlank(row))
      const body = { tools: rows.map(toolOf), over: { tools: was.map(toolOf) } }
      await call('PUT /api/toolbox', { body })
      setState('saved')
    },
  })
  const { fields: rows, append, remove } = useFieldArray({ control: form.control, name: 'tools' })
  const typed = useWatch({ control: form.control, name: 'tools' })
  const errorAt = (row: number, name: 'label' | (typeof SIZES)[number]): string => {
    const [refused, tool] = [fields.errorOf(`tools.${row}.${name}`), typed[row]]
    // What cannot be read is told in the words of its unit.
    return refused && name !== 'label' && tool
      ? figureProblem(tool[name], quantityOf(tool)) || refused
      : refused
  }
  return (
    <Frame
      about={<b className="font-semibold text-ink">{common.toolbox}</b>}
      state={isDirty ? common.notSavedYetKept : state}
    >
      <form
        className="mx-auto flex h-full max-w-[1120px] flex-col px-6 py-4"
        onSubmit={(e) => void submit(e)}
      >
        <div className="mb-2 flex items-center justify-between gap-2">
          <h1 className="text-[1.3125rem] font-bold">{texts.ourTools}</h1>
          <SaveButtons isDirty={isDirty} discard={discard} className="justify-end" />
        </div>
        <p className="mb-2 text-ink2">{texts.plansPickFromThese}</p>
        <FormMessage message={message} />
        <div className="min-h-0 flex-1 overflow-auto">
          <div className={`${COLUMNS} items-end text-caption text-ink3`}>
            <span>{texts.kind}</span>
            <span>{texts.whatItIsCalledHere}</span>
            {SIZES.map((name) => (
              <span key={name}>{texts.inUnit(SIZE_LABELS[name], unit)}</span>
            ))}
            <span />
          </div>
          {rows.map((row, i) => (
            <div key={row.id} className={`mt-1 ${COLUMNS} items-center`}>
              <Controller
                control={form.control}
                name={`tools.${i}.kind`}
                render={({ field }) => (
                  <SelectField
                    label={texts.kindOfTool(i + 1)}
                    value={field.value}
                    options={TOOL_KINDS.map((kind) => [kind, TOOL_LABELS[kind]] as const)}
                    onPick={field.onChange}
                  />
                )}
              />
              <FormField
                of={fields}
                name={`tools.${i}.label`}
                label={texts.tool(i + 1)}
                labelHidden
                errorIn={errorId(i)}
                placeholder={texts.anotherTool}
                maxLength={60}
              />
              {SIZES.map((name) => (
                <FormFigure
                  key={name}
                  control={form.control}
                  quantity={quantityOf(typed[i] ?? BLANK)}
                  of={fields}
                  name={`tools.${i}.${name}`}
                  label={texts.toolOfI(i + 1, SIZE_LABELS[name])}
                  labelHidden
                  errorIn={errorId(i)}
                  className="number"
                  placeholder={name === 'to' && typed[i]?.kind === 'press' ? FIELD_UNITS.force[unit] : ''}
                  maxLength={12}
                />
              ))}
              <button
                type="button"
                className="button px-0"
                aria-label={texts.takeToolAway(i + 1)}
                onClick={() => remove(i)}
              >
                <X aria-hidden size={16} />
              </button>
              <p
                id={errorId(i)}
                role="alert"
                className="col-span-full text-[0.875rem] text-contra empty:hidden"
              >
                {(['label', ...SIZES] as const)
                  .map((name) => [name, errorAt(i, name)] as const)
                  .filter(([, error]) => error !== '')
                  .map(
                    ([name, error]) =>
                      `${name === 'label' ? texts.name : capital(SIZE_LABELS[name])}: ${error}`,
                  )
                  .join(' ')}
              </p>
            </div>
          ))}
          {rows.length < MAX_TOOLS && (
            <button
              type="button"
              className="button mt-2"
              onClick={() => append(BLANK, { focusName: `tools.${rows.length}.label` })}
            >
              <Plus aria-hidden size={16} className="mr-1" /> {texts.anotherToolUpper}
            </button>
          )}
        </div>
      </form>
    </Frame>
  )
}
