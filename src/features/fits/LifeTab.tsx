'use client'

import { FigureField, UnitText } from '@/features/shell'
import { readFigure, writeCount } from '@/core/quantity'
import { CONTACT_ANGLES, RUNNINGS } from '@/core/life'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { Field } from '@/ui/Field'
import { useAnswer } from '@/ui/useAnswer'
import { SelectField } from '@/ui/SelectField'
import { given, type Fields, type SetField } from './seatTypes'

const FIELDS = [
  ['rpm', common.turnsAMinute, '300'],
  ['hours', texts.wantedHours, '10000'],
  ['radial', texts.radialLoad, ''],
  ['axial', texts.axialLoad, ''],
  ['c', texts.cOfTheMaker, ''],
  ['c0', texts.c0OfTheMaker, ''],
  ['count', texts.balls, ''],
  ['ball', texts.ballDiameter, ''],
  ['circle', texts.circleOfBalls, ''],
  ['e', texts.limitEOfTheMaker, ''],
  ['of', texts.reliability, '90'],
] as const

const FORCES: readonly string[] = ['radial', 'axial', 'c', 'c0']
const LENGTHS: readonly string[] = ['ball', 'circle']
const quantityOf = (name: string): 'force' | 'length' | undefined => {
  if (FORCES.includes(name)) return 'force'
  return LENGTHS.includes(name) ? 'length' : undefined
}

interface Props {
  designation: string
  fields: Fields
  set: SetField
}

/** Rating life as a sanity check; without a load, the load that would give the life wanted. */
export function LifeTab({ designation, fields, set }: Props) {
  const value = (name: string) =>
    fields[`life.${name}`] ?? FIELDS.find(([field]) => field === name)?.[2] ?? ''
  const number = (name: string): number | undefined => {
    if (!FORCES.includes(name)) return given(value(name))
    const kn = readFigure(value(name), 'force')
    return Number.isFinite(kn) ? kn : undefined
  }
  const ballCount = number('count')
  const running = RUNNINGS.find((name) => name === fields['life.running']) ?? 'normal'
  const named = fields['life.bearing']?.trim() || designation
  const optional = (key: string, name: string) => {
    const n = number(name)
    return n === undefined ? {} : { [key]: n }
  }
  const { answer, message } = useAnswer(
    'POST /api/life',
    named === ''
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
            ...optional('contactAngle', 'angle'),
            running,
            ...(ballCount !== undefined &&
              value('ball') &&
              value('circle') && {
                balls: { count: ballCount, mm: value('ball'), circle: value('circle') },
              }),
          },
        },
  )
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
            {FIELDS.map(([name, label]) => (
              <FigureField
                key={name}
                label={label}
                quantity={quantityOf(name)}
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
