import { UnitText } from '@/features/shell'
import type { FitResponse } from '@/contract/fit'
import * as texts from '@/texts/fits'
import { VerdictMark } from '@/ui/VerdictMark'
import { signedUm } from './seatTypes'

const SEAT_SIGNS = { good: 'pass', doubtful: 'warn', replace: 'fail' } as const

/** Whether the measured seat is still good, and what can be done. */
export function SeatVerdict({ fit }: { fit: FitResponse }) {
  if (!fit.seat) return null
  return (
    <div
      className="mb-2 rounded-lg border border-line bg-sheet px-3 py-2 text-[0.90625rem]"
      data-testid="seat"
    >
      <p className="grid grid-cols-[20px_1fr]">
        <VerdictMark verdict={SEAT_SIGNS[fit.seat.verdict]} />
        <span>
          <b>{texts.seat(fit.seat.verdict)}</b> <UnitText text={fit.seat.why} />{' '}
          <UnitText text={texts.outOfRoundM(fit.seat.outOfRound, fit.seat.taper, signedUm(fit.seat.mean))} />
        </span>
      </p>
      {fit.repair.length > 0 && (
        <ol className="mt-1 list-decimal pl-6 text-[0.84375rem]" data-testid="repair">
          {fit.repair.map(({ way, when, advised }) => (
            <li key={way} className={advised ? '' : 'text-contra'}>
              <b>{way}</b>
              {advised ? '' : texts.notAdvised}. <span className="text-ink2">{when}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}
