'use client'

import { capital } from '@/core/capital'
import * as common from '@/texts/common'
import * as texts from '@/texts/seals'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import { useEffect, useState } from 'react'
import { MEDIA } from '@/core/seals'
import { writeMm } from '@/core/quantity'
import { FigureField, firstProblem, Frame, usePreferences, UnitText } from '@/features/shell'
import type { SealsResponse } from '@/contract/lookUp'
import { ShowExample } from '@/ui/ShowExample'
import { SectionFigure } from '@/ui/drawing'
import { ReadAs } from '@/ui/ReadAs'
import { VerdictMark } from '@/ui/VerdictMark'
import { SelectField } from '@/ui/SelectField'
import { useAnswer } from '@/ui/useAnswer'
import { filled, sealsQuestion, type SealValues } from './sealsQuestion'

const FIELDS = [
  ['shaft', texts.journal, '42'],
  ['housing', texts.counterbore, '62'],
  ['width', texts.room, '8'],
] as const
const FIGURES = [
  ['rpm', common.turnsAMinute, '1450', 'turns'],
  ['temperatureC', texts.atTheLip, '60', 'temperature'],
] as const
type Field = keyof SealValues

const LENGTHS = [
  ['shaft', 'bore'],
  ['housing', 'outside'],
  ['width', 'width'],
] as const
const labelOf = (name: Field): string => FIELDS.find(([field]) => field === name)?.[1].toLowerCase() ?? name

const signOf = (checks: SealsResponse['seals'][number]['checks']) =>
  checks.some((c) => c.result === 'fail') ? 'fail' : checks.some((c) => c.result === 'warn') ? 'warn' : 'pass'

function Seal({
  seal,
  chosen,
  onChoose,
}: {
  seal: SealsResponse['seals'][number]
  chosen: boolean
  onChoose: () => void
}) {
  return (
    <li className={`border-t border-line2 ${chosen ? 'bg-sheet' : ''}`}>
      <button
        type="button"
        className="grid w-full grid-cols-[20px_minmax(0,1fr)] gap-x-2 gap-y-1 px-2 py-2 text-left sm:grid-cols-[20px_190px_minmax(0,1fr)]"
        aria-pressed={chosen}
        onClick={onChoose}
      >
        <VerdictMark verdict={signOf(seal.checks)} />
        <b className="number">{seal.designation}</b>
        <span className="text-[0.875rem] text-ink2 max-sm:col-start-2">
          <UnitText text={seal.detail} /> {seal.lip && texts.lip(capital(seal.lip))}
          {seal.material}.
          {seal.checks.map((c) => (
            <span
              key={c.check}
              className={`block ${c.result === 'fail' ? 'text-contra' : c.result === 'warn' ? 'text-strain' : ''}`}
            >
              <UnitText text={c.detail} />
            </span>
          ))}
        </span>
      </button>
    </li>
  )
}

/** Seals by journal, counterbore and room, by the work they do, and sleeves over a grooved journal. */
export function SealsScreen({ initial }: { initial: SealValues }) {
  const { unit } = usePreferences()
  const [values, setValues] = useState(initial)
  const [chosen, setChosen] = useState<string | null>(null)
  const query = new URLSearchParams(filled(values)).toString()
  useEffect(() => {
    window.history.replaceState(null, '', query === '' ? '/seals' : `/seals?${query}`)
  }, [query])
  const problem = firstProblem(
    FIGURES.map(([name, label, , quantity]) => [label, values[name] ?? '', quantity]),
  )
  const { answer, message: refusal } = useAnswer(
    'GET /api/seals',
    problem === '' ? sealsQuestion(values) : null,
  )
  const message = problem || refusal
  const set = (name: Field, value: string): void => setValues({ ...values, [name]: value })
  const shown = answer && [...answer.seals, ...answer.near].find((s) => s.designation === chosen)
  const drawn = shown ?? answer?.seals[0]
  return (
    <Frame about={<h1 className="font-semibold text-ink">{texts.sealsAndWearSleeves}</h1>}>
      <div className="panes [--panes:minmax(0,1fr)_330px] grid-rows-[auto_minmax(0,1fr)]">
        <form
          className="fields col-span-2 border-b [--field-width:6rem] border-line px-[18px] py-2.5"
          onSubmit={(e) => e.preventDefault()}
        >
          {FIELDS.map(([name, label, example], i) => (
            <label key={name}>
              <span className="caption mb-0.5 block leading-tight">{label}</span>
              <input
                className="field number"
                data-length
                autoFocus={i === 0}
                placeholder={example}
                maxLength={40}
                value={values[name] ?? ''}
                onChange={(e) => set(name, e.target.value)}
              />
            </label>
          ))}
          {FIGURES.map(([name, label, example, quantity]) => (
            <FigureField
              key={name}
              label={label}
              quantity={quantity}
              placeholder={example}
              value={values[name] ?? ''}
              onChange={(typed) => set(name, typed)}
            />
          ))}
          <SelectField
            caption
            label={texts.runsIn}
            value={values.medium ?? ''}
            options={[['', texts.notSaid], ...MEDIA.map((medium) => [medium, medium] as const)]}
            onPick={(medium) => set('medium', medium)}
          />
          <SelectField
            caption
            label={texts.lipWanted}
            value={values.lip ?? ''}
            options={[
              ['', texts.either],
              ['single', texts.oneLip],
              ['double', texts.withDustLip],
            ]}
            onPick={(lip) => set('lip', lip)}
          />
        </form>
        <section aria-label={texts.seals} className="min-h-0 overflow-auto px-[18px] py-3">
          <ReadAs
            fields={LENGTHS.map(([name, role]) => ({ name: labelOf(name), text: values[name] ?? '', role }))}
          />
          {message && (
            <p role="alert" className="mb-2 text-contra">
              {message}
            </p>
          )}
          {!answer ? (
            message === '' && (
              <div className="pt-10 text-ink2">
                {texts.measureTheJournalThe}
                <ShowExample onShow={() => setValues({ ...values, shaft: '42', housing: '62' })} />
              </div>
            )
          ) : (
            <>
              <h2 className="text-[1.3125rem] font-bold" data-testid="seal-answer">
                {answer.seals.length === 0 ? texts.noListedSealFits : texts.sealsFit(answer.seals.length)}
              </h2>
              <p className="mb-2 text-ink2">
                {answer.lipSpeed !== null && texts.mSAtTheLip(answer.lipSpeed.toFixed(1))}
                {texts.theSealMakersSheetRules(
                  answer.materials.length > 0
                    ? texts.elastomersThatStandThisWork(answer.materials.join(', '))
                    : texts.noElastomerListedStands,
                )}
              </p>
              <ul>
                {answer.seals.map((s) => (
                  <Seal
                    key={s.designation}
                    seal={s}
                    chosen={s === drawn}
                    onChoose={() => setChosen(s.designation)}
                  />
                ))}
              </ul>
              {answer.sleeves.length > 0 && (
                <>
                  <h3 className="mt-4 text-[1.0625rem] font-bold">{texts.overAGroovedJournal}</h3>
                  <ul>
                    {answer.sleeves.map((s) => (
                      <li
                        key={`${s.kind}${s.runsOnMm}`}
                        className="border-t border-line2 py-2 text-[0.90625rem]"
                      >
                        <UnitText text={s.text} />{' '}
                        <span className="number font-medium">{s.seals.join(', ')}</span>
                      </li>
                    ))}
                  </ul>
                </>
              )}
              {answer.near.length > 0 && (
                <>
                  <h3 className="mt-4 mb-1 text-[1.0625rem] font-bold">{texts.nearSizesDoNotFit}</h3>
                  <ul>
                    {answer.near.map((s) => (
                      <li
                        key={s.designation}
                        className="grid grid-cols-[20px_minmax(0,1fr)] gap-x-2 border-t border-line2 px-2 py-1.5 sm:grid-cols-[20px_190px_minmax(0,1fr)]"
                      >
                        <VerdictMark verdict="fail" />
                        <b className="number">{s.designation}</b>
                        <span className="text-[0.875rem] text-ink2 max-sm:col-start-2">
                          <UnitText text={s.detail} />
                        </span>
                      </li>
                    ))}
                  </ul>
                </>
              )}
              {answer.caps.length > 0 && (
                <p className="mt-4 text-ink2">
                  {texts.capsForABore(writeMm(answer.housing))}{' '}
                  <span className="number text-ink">{answer.caps.join(', ')}</span>
                </p>
              )}
            </>
          )}
        </section>
        <aside aria-label={common.section} className="min-h-0 border-l border-line bg-sheet px-3 py-3">
          {drawn && answer && (
            <>
              <Link
                href={partPath(drawn.designation)}
                className="number px-1 text-[1.3125rem] font-semibold underline underline-offset-4"
              >
                {drawn.designation}
              </Link>
              <div className="h-[88%]">
                <SectionFigure
                  part={{ family: 'seal', piece: 'seal', series: '', dimensions: drawn.dimensions }}
                  designation={drawn.designation}
                  closure={{ sides: 0, type: 'open' }}
                  unit={unit}
                  measured={{ bore: answer.shaft, outside: answer.housing }}
                />
              </div>
            </>
          )}
        </aside>
      </div>
    </Frame>
  )
}
