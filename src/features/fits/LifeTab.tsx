'use client'

import { FigureField, firstProblem, UnitText } from '@/features/shell'
import { readFigure, writeCount, type FieldQuantity } from '@/core/quantity'
import { CONTACT_ANGLES, RUNNINGS } from '@/core/life'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { Field } from '@/ui/Field'
import { useAnswer } from '@/ui/useAnswer'
import { SelectField } from '@/ui/SelectField'
import type { Fields, SetField } from './seatTypes'

const FIELDS = [
  ['rpm', common.turnsAMinute, '300', 'turns'],
  ['hours', texts.wantedHours, '10000', 'hours'],
  ['radial', texts.radialLoad, '', 'force'],
  ['axial', texts.axialLoad, '', 'force'],
  ['c', texts.cOfTheMaker, '', 'force'],
  ['c0', texts.c0OfTheMaker, '', 'force'],
  ['count', texts.balls, '', 'plain'],
  ['ball', texts.ballDiameter, '', 'length'],
  ['circle', texts.circleOfBalls, '', 'length'],
  ['e', texts.limitEOfTheMaker, '', 'plain'],
  ['of', texts.reliability, '90', 'plain'],
] as const satisfies readonly (readonly [string, string, string, FieldQuantity])[]
type FieldName = (typeof FIELDS)[number][0]
const QUANTITY = Object.fromEntries(FIELDS.map(([name, , , quantity]) => [name, quantity])) as Record<
  FieldName,
  FieldQuantity
>

interface Props {
  designation: string
  fields: Fields
  set: SetField
}

/** Rating life as a sanity check; without a load, the load that would give the life wanted. */
export function LifeTab({ designation, fields, set }: Props) {
  const value = (name: FieldName): string =>
    fields[`life.${name}`] ?? FIELDS.find(([field]) => field === name)?.[2] ?? ''
  const number = (name: FieldName): number | undefined => {
    const figure = readFigure(value(name), QUANTITY[name])
    return Number.isFinite(figure) ? figure : undefined
  }
  const problem = firstProblem(FIELDS.map(([name, label, , quantity]) => [label, value(name), quantity]))
  const ballCount = number('count')
  const angle = CONTACT_ANGLES.find((degrees) => String(degrees) === fields['life.angle'])
  const running = RUNNINGS.find((name) => name === fields['life.running']) ?? 'normal'
  const named = fields['life.bearing']?.trim() || designation
  const optional = (key: string, name: FieldName) => {
    const n = number(name)
    return n === undefined ? {} : { [key]: n }
  }
  const { answer, message: refusal } = useAnswer(
    'POST /api/life',
    named === '' || problem !== ''
      ? null
      : {
          body: {
            designation: named,
            rpm: number('rpm') ?? 0,
            ...optional('wantedHours', 'hours'),
            ...optional('radialKn', 'radial'),
            ...optional('axialKn', 'axial'),
            ...optional('cKn', 'c'),
            ...optional('c0Kn', 'c0'),
            ...optional('reliability', 'of'),
            ...optional('e', 'e'),
            ...(angle !== undefined && { contactAngle: angle }),
            running,
            ...(ballCount !== undefined &&
              value('ball') &&
              value('circle') && {
                balls: { count: ballCount, mm: value('ball'), circle: value('circle') },
              }),
          },
        },
  )
  const message = problem || refusal
  return (
    <FitPane
      label={texts.life}
      message={message}
      inputs={
        <>
          <Field
            label={texts.bearing}
            value={fields['life.bearing'] ?? ''}
            placeholder={designation || '6205'}
            maxLength={80}
            onChange={(v) => set('life.bearing', v)}
          />
          <div className="mt-1.5 grid grid-cols-2 gap-1.5">
            {FIELDS.map(([name, label, , quantity]) => (
              <FigureField
                key={name}
                label={label}
                quantity={quantity}
                value={value(name)}
                onChange={(v) => set(`life.${name}`, v)}
              />
            ))}
            <SelectField
              caption
              label={texts.contactAngleLabel}
              value={fields['life.angle'] ?? ''}
              options={[
                ['', texts.asNumbered],
                ...CONTACT_ANGLES.map((degrees) => [String(degrees), `${degrees}°`] as const),
              ]}
              onPick={(angle) => set('life.angle', angle)}
            />
            <SelectField
              caption
              label={texts.itRuns}
              value={running}
              options={RUNNINGS.map((name) => [name, name] as const)}
              onPick={(name) => set('life.running', name)}
            />
          </div>
        </>
      }
    >
      {answer ? (
        <div className="max-w-[62ch]">
          <h1 className="text-[1.3125rem] font-bold" data-testid="life">
            {answer.hours === null ? (
              <UnitText text={texts.knForTheLifeWanted(answer.loadForWantedKn.toFixed(2))} />
            ) : (
              texts.hours(writeCount(Math.round(answer.hours)))
            )}
          </h1>
          <p className="mb-2 text-ink2">
            <UnitText
              text={texts.cKnC0Kn(
                answer.rating.cKn.toFixed(1),
                answer.rating.c0Kn.toFixed(1),
                answer.rating.from,
              )}
            />{' '}
            {texts.iso281L10}
            <sup>p</sup> {texts.millionTurns}
            {answer.equivalentKn !== null && (
              <>
                {' '}
                <UnitText text={texts.pKn(answer.equivalentKn.toFixed(2))} />
                {answer.counted && (
                  <>
                    {' '}
                    = <span className="number">{answer.counted.x.toFixed(2)}</span> · F<sub>r</sub> +{' '}
                    <span className="number">{answer.counted.y.toFixed(2)}</span> · F<sub>a</sub>
                    {texts.e} <span className="number">{answer.counted.e.toFixed(2)}</span>
                  </>
                )}
                .
              </>
            )}
            {answer.speedLimit !== null && (
              <>
                {' '}
                {texts.withGreaseItBearsAbout}{' '}
                <span className="number">{Math.round(answer.speedLimit / 100) * 100}</span> {texts.aMinute}
              </>
            )}
          </p>
          <ul>
            {answer.remarks.map((line) => (
              <li key={line} className="border-t border-line2 py-1.5">
                <UnitText text={line} />
              </li>
            ))}
          </ul>
          <p className="border-t border-line2 py-1.5 text-ink3">{texts.anEstimateNotA}</p>
        </div>
      ) : (
        !message && <p className="pt-14 text-ink2">{texts.nameABearingSuch}</p>
      )}
    </FitPane>
  )
}
