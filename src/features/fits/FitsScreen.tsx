'use client'

import { useEffect, useState } from 'react'
import { Frame } from '@/features/shell'
import type { PartSheetData } from '@/services/partSheet'
import type { FitResponse } from '@/services/schemas/fit'
import { ask, send, wordsOf } from '@/ui/ask'
import { VerdictMark } from '@/ui/VerdictMark'
import { EndPlayPane } from './EndPlayPane'
import { readSeat } from './readSeat'
import { ZoneFigure } from './ZoneFigure'

/** Usual classes by which ring is tight (common practice, handbooks). */
const CLASSES = {
  inner: ['g6', 'h6', 'j6', 'k5', 'k6', 'm6'],
  outer: ['H7', 'J7', 'K7', 'M7', 'N7', 'P7'],
} as const
const MATERIALS = [
  ['steel', 'steel'],
  ['castIron', 'cast iron'],
  ['aluminium', 'aluminium'],
  ['magnesium', 'magnesium'],
] as const
const SEAT_SIGNS = { good: 'pass', doubtful: 'warn', replace: 'fail' } as const
const REST_MS = 150

const um = (value: number): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${Math.abs(Math.round(value * 10) / 10)}`

/** What a seat does to a bearing ring, whether a measured seat is still good, and the nut that sets the play. */
export function FitsScreen({ designation }: { designation: string }) {
  const [number, setNumber] = useState(designation)
  const [sheet, setSheet] = useState<PartSheetData | null>(null)
  const [ring, setRing] = useState<'inner' | 'outer'>('inner')
  const [classes, setClasses] = useState<{ inner: string; outer: string }>({ inner: 'k5', outer: 'N7' })
  const [group, setGroup] = useState('CN')
  const [material, setMaterial] = useState<(typeof MATERIALS)[number][0]>('steel')
  const [seat, setSeat] = useState('')
  const [found, setFound] = useState<FitResponse | null>(null)
  const [words, setWords] = useState('')
  useEffect(() => {
    if (number.trim() === '') return
    let current = true
    const timer = setTimeout(() => {
      ask<PartSheetData>(`/api/part-sheet?designation=${encodeURIComponent(number.trim())}`)
        .then((answer) => current && setSheet(answer))
        .catch((error: unknown) => current && setWords(wordsOf(error)))
    }, REST_MS)
    return () => {
      current = false
      clearTimeout(timer)
    }
  }, [number])
  const part = sheet?.part
  const d = part?.dimensions
  const width = d?.width ?? d?.totalWidth ?? d?.coneWidth
  const readings = readSeat(seat)
  const body =
    part && d?.bore && d.outside && width
      ? JSON.stringify({
          ring,
          class: classes[ring],
          bore: d.bore,
          outside: d.outside,
          width,
          clearanceClass: group,
          family: part.family,
          // Shields and seals both keep a grease that heat harms.
          sealed: (sheet?.reading?.closure.sides ?? 0) > 0,
          materials: ring === 'inner' ? { shaft: material } : { housing: material },
          ...(readings.length > 0 && { readings }),
        })
      : null
  useEffect(() => {
    if (body === null) return
    let current = true
    send<FitResponse>('POST', '/api/fits/check', JSON.parse(body))
      .then((answer) => {
        if (!current) return
        setFound(answer)
        setWords('')
      })
      .catch((error: unknown) => current && setWords(wordsOf(error)))
    return () => {
      current = false
    }
  }, [body])
  const fit = body === null ? null : found
  const nominal = ring === 'inner' ? d?.bore : d?.outside
  const measured = readings.flatMap((r) => {
    const mm = Number(r.value.replace(',', '.'))
    return nominal !== undefined && Math.abs(mm - nominal) < 1 ? [(mm - nominal) * 1000] : []
  })
  return (
    <Frame about={<b className="font-semibold text-ink">Fits and adjustment</b>}>
      <div className="grid h-full min-h-0 grid-cols-[300px_minmax(0,1fr)_340px]">
        <form
          className="min-h-0 overflow-auto border-r border-line px-[18px] py-3"
          onSubmit={(e) => e.preventDefault()}
        >
          <label className="mb-2.5 block">
            <span className="caption block">Bearing</span>
            <input
              className="field number"
              autoFocus
              placeholder="6205-2RS"
              maxLength={80}
              value={number}
              onChange={(e) => setNumber(e.target.value)}
            />
          </label>
          <div role="group" aria-label="Ring" className="mb-2.5 flex gap-1.5">
            {(['inner', 'outer'] as const).map((r) => (
              <button
                key={r}
                type="button"
                className="chip px-3"
                aria-pressed={ring === r}
                onClick={() => setRing(r)}
              >
                {r === 'inner' ? 'inner, on its shaft' : 'outer, in its bore'}
              </button>
            ))}
          </div>
          <label className="mb-1 block">
            <span className="caption block">Class of the {ring === 'inner' ? 'shaft' : 'housing'}</span>
            <input
              className="field number"
              maxLength={5}
              value={classes[ring]}
              onChange={(e) => setClasses({ ...classes, [ring]: e.target.value })}
            />
          </label>
          <div className="mb-2.5 flex flex-wrap gap-1.5">
            {CLASSES[ring].map((name) => (
              <button
                key={name}
                type="button"
                className="chip number px-2.5"
                aria-pressed={classes[ring] === name}
                onClick={() => setClasses({ ...classes, [ring]: name })}
              >
                {name}
              </button>
            ))}
          </div>
          <p className="mb-2.5 text-[13.5px] text-ink3">
            The ring that turns against its load is the tight one: a wheel on a standing axle N7 outside and
            g6 inside, a turning shaft k5 inside and H7 outside.
          </p>
          <div className="mb-2.5 grid grid-cols-2 gap-2">
            <label>
              <span className="caption block">Clearance</span>
              <select className="field" value={group} onChange={(e) => setGroup(e.target.value)}>
                {['C2', 'CN', 'C3', 'C4', 'C5'].map((g) => (
                  <option key={g}>{g}</option>
                ))}
              </select>
            </label>
            <label>
              <span className="caption block">{ring === 'inner' ? 'Shaft of' : 'Housing of'}</span>
              <select
                className="field"
                value={material}
                onChange={(e) => setMaterial(MATERIALS.find(([m]) => m === e.target.value)?.[0] ?? 'steel')}
              >
                {MATERIALS.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          </div>
          <label className="block">
            <span className="caption block">The seat as measured: clock, size, depth</span>
            <textarea
              className="field number h-[150px] py-2"
              placeholder={'12 25.004 front\n3 25.006 front\n12 25.003 back'}
              maxLength={2000}
              value={seat}
              onChange={(e) => setSeat(e.target.value)}
            />
          </label>
        </form>
        <section aria-label="Fit" className="min-h-0 overflow-auto px-[18px] py-3">
          {words && (
            <p role="alert" className="mb-2 text-contra">
              {words}
            </p>
          )}
          {!fit ? (
            <p className="pt-14 text-ink2">
              Type the bearing, such as <span className="number">6205-2RS</span> of the carousel rollers.
              Limits, interference, the clearance that is left, heat and force follow.
            </p>
          ) : (
            <>
              <h1 className="text-[21px] font-bold" data-testid="fit-answer">
                {um(fit.interference.min)} to {um(fit.interference.max)} µm
                {fit.interference.min >= 0
                  ? ' tight'
                  : fit.interference.max <= 0
                    ? ' loose'
                    : ', from loose to tight'}
              </h1>
              <p className="text-ink2">
                {part?.base}, {ring === 'inner' ? 'bore' : 'outside'}{' '}
                <span className="number">{nominal}</span> mm in {classes[ring]}. Plus is tight.
              </p>
              <div className="my-1 h-[290px]">
                <ZoneFigure fit={fit} ring={ring} readings={measured} />
              </div>
              {fit.seat && (
                <p
                  className="mb-2 grid grid-cols-[20px_1fr] rounded-lg border border-line bg-sheet px-3 py-2"
                  data-testid="seat"
                >
                  <VerdictMark verdict={SEAT_SIGNS[fit.seat.verdict]} />
                  <span>
                    <b>Seat {fit.seat.verdict}.</b> {fit.seat.why} Out of round {fit.seat.outOfRound} µm,
                    taper {fit.seat.taper} µm, mean {um(fit.seat.mean)} µm.
                  </span>
                </p>
              )}
              <dl className="grid grid-cols-[190px_1fr] text-[14.5px]">
                {(
                  [
                    [
                      'Clearance left',
                      fit.clearanceLeft
                        ? `${um(fit.clearanceLeft.min)} to ${um(fit.clearanceLeft.max)} µm of ${group}`
                        : 'no table of this family here',
                    ],
                    ['Heat', fit.heat.advice],
                    [
                      'Press force',
                      fit.pressForceKn.max > 0
                        ? `${fit.pressForceKn.min} to ${fit.pressForceKn.max} kN, only through this ring`
                        : 'none: by hand',
                    ],
                  ] as const
                ).map(([name, text]) => (
                  <div key={name} className="contents">
                    <dt className="border-t border-line2 py-1.5 font-semibold">{name}</dt>
                    <dd className="border-t border-line2 py-1.5">{text}</dd>
                  </div>
                ))}
              </dl>
              <ul className="mt-1 text-[14.5px] text-ink2">
                {fit.advice.map((line) => (
                  <li key={line} className="border-t border-line2 py-1.5">
                    {line}
                  </li>
                ))}
              </ul>
            </>
          )}
        </section>
        <EndPlayPane />
      </div>
    </Frame>
  )
}
