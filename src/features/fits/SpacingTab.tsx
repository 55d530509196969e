'use client'

import { FigureField, firstProblem, UnitText } from '@/features/shell'
import dynamic from 'next/dynamic'
import { readFigure, readForm, readThread, type FormRole } from '@/core/quantity'
import type { FittingDraft } from '@/contract/plan'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { FitPane } from './FitPane'
import { AXIAL_PLAY_MM, AXLE_MEASURES, AXLE_ROLES, DEPTH_ROLES, PAIR_ROLES } from '@/core/spacing'
import { ChipChoice } from '@/ui/ChipChoice'
import { Field } from '@/ui/Field'
import { ReadAs } from '@/ui/ReadAs'
import { useAnswer } from '@/ui/useAnswer'
import { VerdictMark } from '@/ui/VerdictMark'
import { readStack } from './readStack'
import { bothUnits, signedMm, type Fields, type SetField } from './seatTypes'
import { SpacerFigure } from './SpacerFigure'

const SqueezeChart = dynamic(() => import('./SqueezeChart').then((chart) => chart.SqueezeChart))

const SIGNS = { good: 'pass', doubtful: 'warn', sideLoad: 'fail', loose: 'fail' } as const
const MEASURES = [
  ['gap', texts.gapBesideIt],
  ['standsOut', texts.standsOut],
] as const satisfies readonly (readonly [(typeof AXLE_MEASURES)[number], string])[]
const SIDES = [
  ['', texts.notKnown],
  ['left', texts.left],
  ['right', texts.right],
] as const

type Depth = FittingDraft['depths'][number]

interface Props {
  fields: Fields
  set: SetField
  depths: readonly Depth[]
  onDepths: (depths: Depth[]) => void
  firstSide: FittingDraft['firstSide']
  onFirstSide: (side: FittingDraft['firstSide']) => void
}

/** Depths before and after, spacer against shoulders, a stack of lengths, an axle between its sides. */
export function SpacingTab({ fields, set, depths, onDepths, firstSide, onFirstSide }: Props) {
  const value = (name: string) => fields[`spacing.${name}`] ?? ''
  const stack = readStack(value('stack'))
  const both = (a: string, b: string) => value(a).trim() !== '' && value(b).trim() !== ''
  const measure = AXLE_MEASURES.find((name) => name === value('measure')) ?? 'gap'
  const axleThread = readThread(value('axleThread'))
  const nutThread = readThread(value('nutThread'))
  const pairForm = readForm(
    Object.entries(PAIR_ROLES).map(([name, role]) => ({ name, role, text: value(name) })),
  )
  const mmOf = (name: string): number => {
    const reading = pairForm.get(name)
    return reading?.ok ? reading.mm : 0
  }
  /** How much longer the spacer is than the shoulders are apart: play that clamping takes first. */
  const spacerLonger = mmOf('shoulders') > 0 && mmOf('spacer') > 0 ? mmOf('spacer') - mmOf('shoulders') : 0
  const mmTyped = (name: string): number | undefined => {
    const mm = readFigure(value(name), 'length')
    return Number.isFinite(mm) ? mm : undefined
  }
  const [off, play] = [mmTyped('off'), mmTyped('play')]
  const problem = firstProblem([
    [texts.tolerance, value('off'), 'length'],
    [texts.takenUp, value('play'), 'length'],
  ])
  const recorded = depths.filter((d) => d.before.trim() !== '')
  const body = {
    ...(both('shoulders', 'spacer') && {
      pair: {
        shoulders: value('shoulders'),
        spacer: value('spacer'),
        ...(off !== undefined && { shouldersOff: off, spacerOff: off }),
        ...(play !== undefined && { play }),
      },
    }),
    ...(stack.lines.length > 0 && { stack: stack.lines }),
    ...(both('left', 'right') && {
      axle: {
        left: value('left'),
        right: value('right'),
        measure,
        ...(axleThread && { pitchMm: axleThread.pitchMm }),
      },
    }),
    ...(nutThread &&
      both('tubeBore', 'tubeOutside') &&
      value('spacer').trim() !== '' && {
        clamp: {
          tubeBore: value('tubeBore'),
          tubeOutside: value('tubeOutside'),
          length: value('spacer'),
          threadMm: nutThread.diameterMm,
          playMm: (play ?? AXIAL_PLAY_MM) + spacerLonger,
        },
      }),
    ...(recorded.length > 0 && {
      depths: recorded.map(({ what, before, after }) => ({
        what,
        before,
        ...(after.trim() !== '' && { after }),
      })),
    }),
  }
  const { answer, message } = useAnswer('POST /api/spacing', Object.keys(body).length > 0 ? { body } : null)
  const typedOf = (roles: Readonly<Record<string, FormRole>>) =>
    Object.entries(roles).map(([name, role]) => ({ name, role, text: value(name) }))
  const field = (name: string, label: string, placeholder = '', most = 40) => (
    <Field
      label={label}
      value={value(name)}
      placeholder={placeholder}
      maxLength={most}
      onChange={(v) => set(`spacing.${name}`, v)}
    />
  )
  const small = (name: string, label: string, placeholder: string) => (
    <FigureField
      label={label}
      quantity="length"
      value={value(name)}
      placeholder={placeholder}
      onChange={(v) => set(`spacing.${name}`, v)}
    />
  )
  const rows: readonly Depth[] = [...depths, { what: '', before: '', after: '' }].slice(0, 20)
  const setDepth = (i: number, next: Partial<Depth>) => {
    const all = [...rows].map((row, at) => (at === i ? { ...row, ...next } : row))
    onDepths(all.filter((d) => d.what !== '' || d.before !== '' || d.after !== ''))
  }
  return (
    <FitPane
      label={texts.spacing}
      message={problem || message}
      inputs={
        <>
          <h2 className="caption">{texts.spacerBetweenTwoClampedBearings}</h2>
          <div className="mb-2 grid grid-cols-2 gap-1.5">
            {field('shoulders', texts.shoulders, '46')}
            {field('spacer', texts.spacerUpper, '45.9')}
            {small('off', texts.tolerance, '0.05')}
            {small('play', texts.takenUp, '0.1')}
          </div>
          <ReadAs fields={typedOf(PAIR_ROLES)} />
          <div className="fields mb-2 [--field-width:5.5rem]">
            {field('tubeBore', texts.tubeBore, '20.5')}
            {field('tubeOutside', texts.itsOutside, '26')}
            {field('nutThread', texts.nutThread, 'M20x1.5')}
          </div>
          <label className="mb-2 block">
            <span className="caption block">{texts.anotherStackSignLength}</span>
            <textarea
              className="field number h-[112px] py-2 text-[0.875rem]"
              placeholder={texts.exampleStack}
              maxLength={600}
              value={value('stack')}
              onChange={(e) => set('spacing.stack', e.target.value)}
            />
          </label>
          {stack.message && <p className="mb-2 text-[0.875rem] text-contra">{stack.message}</p>}
          <h2 className="caption">{texts.axleBetweenItsSides}</h2>
          <ChipChoice
            label={texts.whatWasMeasured}
            value={measure}
            options={MEASURES}
            onPick={(name) => set('spacing.measure', name)}
          />
          <div className="mb-2 grid grid-cols-2 gap-1.5">
            {field('left', texts.leftUpper)}
            {field('right', texts.rightUpper)}
            {field('axleThread', texts.itsThread, 'M10x1')}
          </div>
          <ReadAs fields={typedOf(AXLE_ROLES)} />
          <span className="caption block">{texts.locatingShoulderThisBearing}</span>
          <ChipChoice
            label={texts.locatingShoulder}
            value={firstSide === 'left' || firstSide === 'right' ? firstSide : ''}
            options={SIDES}
            onPick={onFirstSide}
          />
        </>
      }
      beside={
        <>
          <h2 className="caption">{texts.depthsFromAFace}</h2>
          <div className="mt-1 grid grid-cols-[minmax(0,1fr)_84px_84px] gap-1 text-caption text-ink3">
            <span>{texts.what}</span>
            <span>{texts.before}</span>
            <span>{texts.after}</span>
          </div>
          {rows.map((row, i) => {
            const judged = answer?.depths.find((d) => d.what === row.what)
            return (
              <div key={i} className="mt-1">
                <ReadAs
                  fields={[
                    { name: 'before', role: DEPTH_ROLES.before, text: row.before },
                    { name: 'after', role: DEPTH_ROLES.after, text: row.after },
                  ]}
                />
                <div className="grid grid-cols-[minmax(0,1fr)_84px_84px] gap-1">
                  {(['what', 'before', 'after'] as const).map((name) => (
                    <input
                      key={name}
                      className={`field min-w-0 ${name === 'what' ? '' : 'number'}`}
                      aria-label={texts.depth(i + 1, name)}
                      placeholder={i === 0 ? { what: texts.outerCup, before: '12.4', after: '' }[name] : ''}
                      maxLength={name === 'what' ? 60 : 40}
                      value={row[name]}
                      onChange={(e) => setDepth(i, { [name]: e.target.value })}
                    />
                  ))}
                </div>
                {judged && (
                  <p className="grid grid-cols-[18px_1fr] text-[0.84375rem] text-ink2">
                    <VerdictMark verdict={judged.result} />
                    <UnitText text={judged.message} />
                  </p>
                )}
              </div>
            )
          })}
        </>
      }
    >
      {!answer && !message && <p className="pt-14 text-ink2">{texts.typeTheSpacerAnd}</p>}
      {answer?.pair && (
        <>
          <p className="grid grid-cols-[20px_1fr]" data-testid="spacer">
            <VerdictMark verdict={SIGNS[answer.pair.verdict]} />
            <b>
              <UnitText text={answer.pair.message} />
            </b>
          </p>
          <div className="my-1 h-[230px]">
            <SpacerFigure pair={answer.pair} />
          </div>
          <p className="mb-2 text-[0.875rem] text-ink2">
            <UnitText
              text={texts.worstCaseToMm(
                signedMm(answer.pair.worst.min, 2),
                signedMm(answer.pair.worst.max, 2),
                signedMm(answer.pair.statistical.min, 2),
                signedMm(answer.pair.statistical.max, 2),
              )}
            />{' '}
            {texts.turningOneInnerRing}
          </p>
        </>
      )}
      {answer?.clamp && (
        <>
          <p className="border-t border-line2 pt-2" data-testid="clamp">
            <b>{texts.clampedUpper}</b>{' '}
            {answer.clamp.goneAtNm
              ? texts.theTubeGivesM(
                  (answer.clamp.mmPerKn * 1000).toFixed(2),
                  Math.round(answer.clamp.goneAtNm.oiled),
                  Math.round(answer.clamp.goneAtNm.dry),
                )
              : texts.noPlayIsLeft}
          </p>
          <SqueezeChart squeeze={answer.clamp} />
        </>
      )}
      {answer?.stack && (
        <p className="border-t border-line2 py-2" data-testid="stack">
          <b>{texts.stack}</b> {texts.leftOver}{' '}
          <span className="number">{signedMm(answer.stack.nominalMm, 3)}</span> {texts.mmWorst}{' '}
          <span className="number">
            {common.fromTo(signedMm(answer.stack.worst.min, 3), signedMm(answer.stack.worst.max, 3))}
          </span>
          {texts.likely}{' '}
          <span className="number">
            {common.fromTo(
              signedMm(answer.stack.statistical.min, 3),
              signedMm(answer.stack.statistical.max, 3),
            )}
          </span>{' '}
          {texts.mmLower}
        </p>
      )}
      {answer?.axle && (
        <p className="border-t border-line2 py-2" data-testid="axle">
          <b>{texts.axle}</b>{' '}
          {answer.axle.toward
            ? texts.shiftToTheHalf(
                bothUnits(answer.axle.shiftMm),
                answer.axle.toward,
                answer.axle.turns?.toFixed(2) ?? null,
                bothUnits(answer.axle.mustReadMm),
              )
            : texts.standsCentral}
        </p>
      )}
    </FitPane>
  )
}
