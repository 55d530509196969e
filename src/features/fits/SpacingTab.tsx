'use client'

import { FigureField, UnitText } from '@/features/shell'
import dynamic from 'next/dynamic'
import { readThread } from '@/core/kit'
import { readFigure, readForm, type FormRole } from '@/core/quantity'
import type { FittingDraft } from '@/contract/plan'
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
  ['gap', 'gap beside it'],
  ['standsOut', 'stands out'],
] as const satisfies readonly (readonly [(typeof AXLE_MEASURES)[number], string])[]
const SIDES = [
  ['', 'not known'],
  ['left', 'left'],
  ['right', 'right'],
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
      label="Spacing"
      message={message}
      inputs={
        <>
          <h2 className="caption">Spacer between two clamped bearings</h2>
          <div className="mb-2 grid grid-cols-2 gap-1.5">
            {field('shoulders', 'Shoulders', '46')}
            {field('spacer', 'Spacer', '45.9')}
            {small('off', 'Tolerance ±', '0.05')}
            {small('play', 'Taken up', '0.1')}
          </div>
          <ReadAs fields={typedOf(PAIR_ROLES)} />
          <div className="fields mb-2 [--field-width:5.5rem]">
            {field('tubeBore', 'Tube bore', '20.5')}
            {field('tubeOutside', 'its outside', '26')}
            {field('nutThread', 'Nut thread', 'M20x1.5')}
          </div>
          <label className="mb-2 block">
            <span className="caption block">Another stack: sign, length, off, what</span>
            <textarea
              className="field number h-[112px] py-2 text-[0.875rem]"
              placeholder={'+ 46.0 0.1 shoulders\n- 30.0 0.05 tube\n- 15.9 0.05 shim'}
              maxLength={600}
              value={value('stack')}
              onChange={(e) => set('spacing.stack', e.target.value)}
            />
          </label>
          {stack.message && <p className="mb-2 text-[0.875rem] text-contra">{stack.message}</p>}
          <h2 className="caption">Axle between its sides, from the same feature</h2>
          <ChipChoice
            label="What was measured"
            value={measure}
            options={MEASURES}
            onPick={(name) => set('spacing.measure', name)}
          />
          <div className="mb-2 grid grid-cols-2 gap-1.5">
            {field('left', 'Left')}
            {field('right', 'Right')}
            {field('axleThread', 'Its thread', 'M10x1')}
          </div>
          <ReadAs fields={typedOf(AXLE_ROLES)} />
          <span className="caption block">Locating shoulder: this bearing goes first</span>
          <ChipChoice
            label="Locating shoulder"
            value={firstSide === 'left' || firstSide === 'right' ? firstSide : ''}
            options={SIDES}
            onPick={onFirstSide}
          />
        </>
      }
      beside={
        <>
          <h2 className="caption">Depths from a face that stays, recorded before removal</h2>
          <div className="mt-1 grid grid-cols-[minmax(0,1fr)_84px_84px] gap-1 text-caption text-ink3">
            <span>What</span>
            <span>Before</span>
            <span>After</span>
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
                      aria-label={`Depth ${i + 1}, ${name}`}
                      placeholder={i === 0 ? { what: 'outer cup', before: '12.4', after: '' }[name] : ''}
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
      {!answer && !message && (
        <p className="pt-14 text-ink2">
          Type the spacer and the distance between the shoulders, as of carousel roller 12. Worst case and
          what is likely follow.
        </p>
      )}
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
              text={`Worst case ${signedMm(answer.pair.worst.min, 2)} to ${signedMm(answer.pair.worst.max, 2)} mm; likely ${signedMm(answer.pair.statistical.min, 2)} to ${signedMm(answer.pair.statistical.max, 2)} mm.`}
            />{' '}
            Turning one inner ring should just drag the other.
          </p>
        </>
      )}
      {answer?.clamp && (
        <>
          <p className="border-t border-line2 pt-2" data-testid="clamp">
            <b>Clamped:</b>{' '}
            {answer.clamp.goneAtNm
              ? `the tube gives ${(answer.clamp.mmPerKn * 1000).toFixed(2)} µm a kilonewton; its play is gone between about ${Math.round(answer.clamp.goneAtNm.oiled)} N·m with an oiled thread and ${Math.round(answer.clamp.goneAtNm.dry)} N·m dry. No torque to tighten to: the manual's counts.`
              : 'no play is left before the nut is touched: the spacer is short.'}
          </p>
          <SqueezeChart squeeze={answer.clamp} />
        </>
      )}
      {answer?.stack && (
        <p className="border-t border-line2 py-2" data-testid="stack">
          <b>Stack:</b> left over <span className="number">{signedMm(answer.stack.nominalMm, 3)}</span> mm,
          worst{' '}
          <span className="number">
            {signedMm(answer.stack.worst.min, 3)} to {signedMm(answer.stack.worst.max, 3)}
          </span>
          , likely{' '}
          <span className="number">
            {signedMm(answer.stack.statistical.min, 3)} to {signedMm(answer.stack.statistical.max, 3)}
          </span>{' '}
          mm.
        </p>
      )}
      {answer?.axle && (
        <p className="border-t border-line2 py-2" data-testid="axle">
          <b>Axle:</b>{' '}
          {answer.axle.toward
            ? `shift ${bothUnits(answer.axle.shiftMm)} to the ${answer.axle.toward}, half the difference${answer.axle.turns === null ? '' : `: ${answer.axle.turns.toFixed(2)} turns of its thread`}. Each side then reads ${bothUnits(answer.axle.mustReadMm)}. Wheel, disc and chain line move with it.`
            : 'stands central.'}
        </p>
      )}
    </FitPane>
  )
}
