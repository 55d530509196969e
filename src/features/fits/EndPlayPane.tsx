'use client'

import { useEffect, useState } from 'react'
import type { EndPlayResponse } from '@/services/schemas/fit'
import { rockTest } from '@/core/adjust'
import { send, wordsOf } from '@/ui/ask'

const FIELDS = [
  ['threads', 'Threads an inch'],
  ['degrees', 'Turned back, °'],
  ['slots', 'Slots'],
  ['holes', 'Cross holes'],
  ['min', 'Play from, mm'],
  ['max', 'Play to, mm'],
] as const
type Field = (typeof FIELDS)[number][0]

const figure = (text: string): number => Number(text.replace(',', '.'))

const ROCK = [
  ['dial', 'Dial, mm'],
  ['radius', 'At radius, mm'],
  ['rows', 'Between rows, mm'],
  ['angle', 'Contact angle, °'],
] as const

/** A wheel rocked by hand, a dial at a radius: what end play that is. */
function RockTest() {
  const [values, setValues] = useState({ dial: '', radius: '', rows: '', angle: '15' })
  const [dial, radius, rows, angle] = [values.dial, values.radius, values.rows, values.angle].map(figure) as [
    number,
    number,
    number,
    number,
  ]
  const play = rockTest(dial, radius, rows, angle)
  const known = radius > 0 && rows > 0 && angle > 0 && angle < 90 && play > 0
  return (
    <>
      <h3 className="caption">Rocked at top and bottom</h3>
      <div className="mb-1.5 grid grid-cols-2 gap-1.5">
        {ROCK.map(([name, label]) => (
          <label key={name}>
            <span className="caption block truncate">{label}</span>
            <input
              className="field number"
              inputMode="decimal"
              maxLength={7}
              value={values[name]}
              onChange={(e) => setValues({ ...values, [name]: e.target.value })}
            />
          </label>
        ))}
      </div>
      <p className="mb-3 text-[14.5px]" data-testid="rock">
        {known ? (
          <>
            About <b className="number">{play.toFixed(3)}</b> mm end play
          </>
        ) : (
          <span className="text-ink3">Dial reading from one end of the rock to the other.</span>
        )}
      </p>
    </>
  )
}

/** Nut, thread and slots to end play, beside the two ways of setting it. */
export function EndPlayPane() {
  const [values, setValues] = useState<Record<Field, string>>({
    threads: '14',
    degrees: '90',
    slots: '6',
    holes: '1',
    min: '0.025',
    max: '0.25',
  })
  const [found, setFound] = useState<EndPlayResponse | null>(null)
  const [words, setWords] = useState('')
  useEffect(() => {
    let current = true
    send<EndPlayResponse>('POST', '/api/adjust/endplay', {
      threadsPerInch: figure(values.threads),
      degrees: figure(values.degrees),
      slots: figure(values.slots),
      crossHoles: figure(values.holes),
      target: { min: figure(values.min), max: figure(values.max) },
    })
      .then((answer) => {
        if (!current) return
        setFound(answer)
        setWords('')
      })
      .catch((error: unknown) => current && setWords(wordsOf(error)))
    return () => {
      current = false
    }
  }, [values])
  return (
    <section
      aria-label="Adjustment"
      className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3"
    >
      <h2 className="mb-1 text-[17px] font-bold">Nut to end play</h2>
      <div className="mb-3 grid grid-cols-3 gap-2">
        {FIELDS.map(([name, label]) => (
          <label key={name}>
            <span className="caption block truncate">{label}</span>
            <input
              className="field number"
              inputMode="decimal"
              maxLength={8}
              value={values[name]}
              onChange={(e) => setValues({ ...values, [name]: e.target.value })}
            />
          </label>
        ))}
      </div>
      {words && (
        <p role="alert" className="mb-2 text-[14px] text-contra">
          {words}
        </p>
      )}
      {found && (
        <>
          <p className="flex items-baseline gap-2" data-testid="end-play">
            <b className="number text-[29px]">{found.axialMm.toFixed(3)}</b> mm along the axis
          </p>
          <p className="mb-2 text-ink2">
            One slot is {found.slotStepDegrees}° and{' '}
            <span className="number">{found.slotStepMm.toFixed(3)}</span> mm
          </p>
          <ul className="mb-3 text-[14.5px]">
            {found.advice.map((line) => (
              <li key={line} className="border-t border-line2 py-1.5">
                {line}
              </li>
            ))}
          </ul>
        </>
      )}
      <RockTest />
      <h3 className="caption">Two ways, both in use</h3>
      <p className="border-t border-line2 py-1.5 text-[14.5px]">
        <b>By feel.</b> Spin the wheel while tightening until it drags, back off, re-snug by fingers, lock at
        the nearest slot loosened. Right for slow, sturdy axles where nobody has a dial.
      </p>
      <p className="border-t border-line2 py-1.5 text-[14.5px]">
        <b>Measured.</b> Dial indicator on the hub, pull and push: 0.025 to 0.25 mm for utility axles, about
        0.01 to 0.05 mm for finer ones. Right wherever the manual gives a figure.
      </p>
      <p className="mt-2 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2 text-[14px]">
        Wheel on stands, chocks in place. Look again after the first day&apos;s work.
      </p>
    </section>
  )
}
