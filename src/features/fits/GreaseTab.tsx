'use client'

import dynamic from 'next/dynamic'
import { FigureField, firstProblem, UnitText } from '@/features/shell'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { FILL_PRACTICES, mixing, PRACTICE_LABELS, THICKENER_LABELS, THICKENERS } from '@/core/grease'
import type { GreaseResponse } from '@/contract/setting'
import type { PracticeNote } from '@/core/procedure'
import { readFigure, readForm, writeCount } from '@/core/quantity'
import { ReadAs } from '@/ui/ReadAs'
import { ChipChoice } from '@/ui/ChipChoice'
import { Field } from '@/ui/Field'
import { PracticeBox } from '@/ui/PracticeBox'
import { useAnswer } from '@/ui/useAnswer'
import { VerdictMark } from '@/ui/VerdictMark'
import { SelectField } from '@/ui/SelectField'
import { GreaseFigure } from './GreaseFigure'
import type { Fields, SetField } from './seatTypes'

const MIXING_SIGNS = { same: 'pass', mixes: 'pass', doubtful: 'warn', clash: 'fail' } as const
const FLAGS = [
  ['washed', texts.washed],
  ['dusty', texts.dusty],
  ['upright', texts.shaftUpright],
] as const

/** The table comes behind the tab: the screen has no other. */
const GreaseAmounts = dynamic(() => import('./GreaseAmounts').then((amounts) => amounts.GreaseAmounts))

interface Props {
  /** bearings of the position, whole */
  bearings: readonly string[]
  usual: { inner?: string; outer?: string; length?: string; lips?: string }
  fields: Fields
  set: SetField
  practice: PracticeNote | null
}

/** Whether any grease goes in by hand: closed and lined parts come as they run. */
const isPackedByHand = ({ bearings, total }: GreaseResponse): boolean =>
  total.grams > 0 || bearings.some(({ greasing }) => greasing === 'byHand')

/** How much grease, in grams and millilitres, where it lies, when again, and whether two greases mix. */
export function GreaseTab({ bearings, usual, fields, set, practice }: Props) {
  const value = (name: string) => fields[`grease.${name}`] ?? ''
  const typed = value('bearings')
  const named =
    typed.trim() === ''
      ? bearings
      : typed
          .split(/[,;]/)
          .map((t) => t.trim())
          .filter(Boolean)
  const sized = (name: 'length' | 'inner' | 'outer') => value(name) || usual[name] || ''
  const room = [
    { name: 'length', text: sized('length'), role: 'length' },
    { name: 'inside', text: sized('inner'), role: 'bore' },
    { name: 'outside', text: sized('outer'), role: 'outside' },
  ] as const
  const roomRead = readForm(room)
  const mmOf = (name: (typeof room)[number]['name']): number => {
    const reading = roomRead.get(name)
    return reading?.ok ? reading.mm : NaN
  }
  const cavity = (['length', 'inner', 'outer'] as const).every((name) => sized(name).trim() !== '')
  const lips = (value('lips') || usual.lips || '')
    .split(/[;\s]+/)
    .map((t) => t.trim())
    .filter(Boolean)
  const flags = FLAGS.filter(([name]) => value(name) === 'yes').map(([name]) => [name, true] as const)
  const oldName = THICKENERS.find((t) => t === value('old'))
  const newName = THICKENERS.find((t) => t === value('new'))
  const chosen = FILL_PRACTICES.find((s) => s === value('practice'))
  const [rpm, kmh, celsius] = [
    readFigure(value('rpm'), 'turns'),
    readFigure(value('kmh'), 'speed'),
    readFigure(value('celsius'), 'temperature'),
  ]
  const problem = firstProblem([
    [texts.turnsAMin, value('rpm'), 'turns'],
    [texts.roadSpeed, value('kmh'), 'speed'],
    [texts.bearingWarm, value('celsius'), 'temperature'],
  ])
  const { answer, message: refusal } = useAnswer(
    'POST /api/grease',
    named.length > 0 && problem === ''
      ? {
          body: {
            bearings: [...named],
            ...(cavity && {
              cavity: { length: sized('length'), inner: sized('inner'), outer: sized('outer') },
            }),
            ...(lips.length > 0 && { lips }),
            ...(Number.isFinite(rpm) && { rpm }),
            ...(Number.isFinite(kmh) && value('tyre') && { wheel: { kmh, tyre: value('tyre') } }),
            ...(chosen && { practice: chosen }),
            ...(Number.isFinite(celsius) && { celsius }),
            ...Object.fromEntries(flags),
            ...(oldName && newName && { thickeners: { old: oldName, new: newName } }),
          },
        }
      : null,
  )
  const message = problem || refusal
  const isPacked = !answer || isPackedByHand(answer)
  const sheet = useAnswer(
    'GET /api/part-sheet',
    named[0] ? { query: { designation: named[0] } } : null,
  ).answer
  const sheet2 = useAnswer(
    'GET /api/part-sheet',
    named[1] ? { query: { designation: named[1] } } : null,
  ).answer
  const parts = [sheet?.part, sheet2?.part].flatMap((p) => p ?? [])
  const thickener = (name: 'old' | 'new', label: string) => (
    <SelectField
      caption
      label={label}
      value={value(name)}
      options={[['', texts.notKnown], ...THICKENERS.map((t) => [t, THICKENER_LABELS[t]] as const)]}
      onPick={(picked) => set(`grease.${name}`, picked)}
    />
  )
  return (
    <FitPane
      label={texts.amounts}
      message={message}
      inputs={
        <>
          <Field
            label={texts.bearingsOfOnePosition}
            value={typed}
            placeholder={bearings.join(', ') || 'L68149/L68110, LM12749/LM12710'}
            maxLength={120}
            onChange={(v) => set('grease.bearings', v)}
          />
          <div className="fields my-1.5 [--field-width:3.8rem]">
            <Field
              label={texts.cavityLength}
              value={value('length')}
              placeholder={usual.length ?? '48'}
              onChange={(v) => set('grease.length', v)}
            />
            <Field
              label={texts.inside}
              value={value('inner')}
              placeholder={usual.inner ?? '36'}
              onChange={(v) => set('grease.inner', v)}
            />
            <Field
              label={texts.outside}
              value={value('outer')}
              placeholder={usual.outer ?? '58'}
              onChange={(v) => set('grease.outer', v)}
            />
          </div>
          <ReadAs fields={room} />
          <div className="fields mb-1.5 [--field-width:3.8rem]">
            <FigureField
              label={texts.turnsAMin}
              quantity="turns"
              value={value('rpm')}
              onChange={(v) => set('grease.rpm', v)}
            />
            <FigureField
              label={texts.orRoadSpeed}
              quantity="speed"
              value={value('kmh')}
              onChange={(v) => set('grease.kmh', v)}
            />
            <Field
              label={texts.onATyreOf}
              value={value('tyre')}
              placeholder="420"
              onChange={(v) => set('grease.tyre', v)}
            />
          </div>
          <div className="fields mb-1.5">
            <Field
              label={texts.journalsOfLips}
              value={value('lips')}
              placeholder={usual.lips ?? '42'}
              onChange={(v) => set('grease.lips', v)}
            />
            <FigureField
              label={texts.bearingWarm}
              quantity="temperature"
              value={value('celsius')}
              onChange={(v) => set('grease.celsius', v)}
            />
          </div>
          <div className="mb-2 flex flex-wrap gap-1.5">
            {FLAGS.map(([name, label]) => (
              <button
                key={name}
                type="button"
                className="chip px-3"
                aria-pressed={value(name) === 'yes'}
                onClick={() => set(`grease.${name}`, value(name) === 'yes' ? '' : 'yes')}
              >
                {label}
              </button>
            ))}
          </div>
          {isPacked && (
            <>
              <span className="caption block">{texts.fill}</span>
              <ChipChoice
                label={texts.fill}
                value={chosen ?? ''}
                options={[
                  ['', texts.bySpeed],
                  ...FILL_PRACTICES.map((s) => [s, PRACTICE_LABELS[s].name] as const),
                ]}
                onPick={(s) => set('grease.practice', s)}
              />
              {practice && <PracticeBox note={practice} />}
            </>
          )}
        </>
      }
      beside={
        <>
          <h2 className="caption">{texts.oldAndNewGrease}</h2>
          <div className="fields mb-1.5">
            {thickener('old', texts.inThereNow)}
            {thickener('new', texts.goesIn)}
          </div>
          {answer?.mixing && (
            <p className="mb-2 grid grid-cols-[20px_1fr] text-[0.90625rem]" data-testid="mixing">
              <VerdictMark verdict={MIXING_SIGNS[answer.mixing.result]} />
              <span>
                <UnitText text={answer.mixing.message} />
              </span>
            </p>
          )}
          <MixingChart />
          {answer?.relubrication && (
            <>
              <h2 className="caption mt-3">{texts.again}</h2>
              <p className="text-[0.90625rem]" data-testid="relubrication">
                <b className="number">
                  <UnitText text={`${answer.relubrication.grams} g`} />
                </b>{' '}
                {texts.atATimeByFormula} <UnitText text={answer.relubrication.message} />
              </p>
            </>
          )}
        </>
      }
    >
      {!answer && !message && <p className="pt-14 text-ink2">{texts.nameTheBearingsOf}</p>}
      {answer && (
        <>
          <h1 className="text-[1.3125rem] font-bold" data-testid="grease">
            {isPacked ? (
              <UnitText text={texts.gMl(answer.total.grams, answer.total.ml)} />
            ) : (
              texts.nothingToPack
            )}
            {isPacked && answer.strokes !== null && texts.aboutStrokesOfYourGun(answer.strokes)}
          </h1>
          {isPacked && (
            <p className="text-[0.875rem] text-ink2">
              {answer.practiceText}. {answer.when}
              {answer.factor !== null && texts.hereNDm(writeCount(answer.factor))}
            </p>
          )}
          <div className="my-1 h-[292px]">
            <GreaseFigure
              bearings={parts}
              cavity={
                cavity
                  ? {
                      length: mmOf('length'),
                      inner: mmOf('inside'),
                      outer: mmOf('outside'),
                    }
                  : null
              }
              fill={answer.fill}
            />
          </div>
          <GreaseAmounts answer={answer} />
        </>
      )}
    </FitPane>
  )
}

const SHORT: Record<(typeof THICKENERS)[number], string> = {
  lithium: 'Li',
  lithiumComplex: 'LiX',
  calcium: 'Ca',
  calciumComplex: 'CaX',
  calciumSulfonate: 'CaS',
  aluminiumComplex: 'AlX',
  barium: 'Ba',
  sodium: 'Na',
  clay: texts.clay,
  polyurea: 'PU',
}

function MixingChart() {
  return (
    <table aria-label={texts.whichThickenersMix} className="w-full table-fixed text-center text-[0.78125rem]">
      <thead>
        <tr>
          <th scope="col" aria-label={texts.thickener} />
          {THICKENERS.map((t) => (
            <th scope="col" key={t} className="font-semibold text-ink3" title={THICKENER_LABELS[t]}>
              {SHORT[t]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {THICKENERS.map((a) => (
          <tr key={a} className="border-t border-line2">
            <th scope="row" className="py-0.5 text-left font-semibold text-ink3" title={THICKENER_LABELS[a]}>
              {SHORT[a]}
            </th>
            {THICKENERS.map((b) => (
              <td key={b}>
                <VerdictMark verdict={MIXING_SIGNS[mixing(a, b)]} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      <caption className="caption-bottom pt-1 text-left text-[0.78125rem] text-ink3">
        {texts.xComplexSSulfonate} <VerdictMark verdict="pass" isSaid /> {texts.mixes}{' '}
        <VerdictMark verdict="warn" isSaid /> {texts.doubtful} <VerdictMark verdict="fail" isSaid />{' '}
        {texts.cleanOutFirstA}
      </caption>
    </table>
  )
}
