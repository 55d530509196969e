'use client'

import { UnitText } from '@/features/shell'
import { rockTest } from '@/core/adjust'
import { Field } from '@/ui/Field'
import { figure, type Fields, type SetField } from './seatTypes'

const ROCK = [
  ['dial', 'Dial, mm'],
  ['radius', 'At radius, mm'],
  ['rows', 'Between rows, mm'],
  ['angle', 'Contact angle, °'],
] as const
/** Contact angle of usual tapered wheel bearings, degrees (common practice). */
const USUAL_ANGLE = '15'

/** A wheel rocked by hand, a dial at a radius: what end play that is. */
export function RockTest({ fields, set }: { fields: Fields; set: SetField }) {
  const value = (name: string) => fields[`adjust.${name}`] ?? (name === 'angle' ? USUAL_ANGLE : '')
  const [dial, radius, rows, angle] = ROCK.map(([name]) => figure(value(name))) as [
    number,
    number,
    number,
    number,
  ]
  const play = rockTest(dial, radius, rows, angle)
  const known = radius > 0 && rows > 0 && angle > 0 && angle < 90 && play > 0
  return (
    <>
      <h2 className="caption mt-3">Rocked at top and bottom</h2>
      <div className="mb-1.5 grid grid-cols-2 gap-1.5">
        {ROCK.map(([name, label]) => (
          <Field
            key={name}
            label={label}
            value={value(name)}
            most={7}
            onChange={(v) => set(`adjust.${name}`, v)}
          />
        ))}
      </div>
      <p className="text-[0.90625rem]" data-testid="rock">
        {known ? (
          <>
            About{' '}
            <b className="number">
              <UnitText text={`${play.toFixed(3)} mm`} />
            </b>{' '}
            end play
          </>
        ) : (
          <span className="text-ink3">Dial reading from one end of the rock to the other.</span>
        )}
      </p>
    </>
  )
}
