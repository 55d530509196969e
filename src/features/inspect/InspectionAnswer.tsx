import { capital } from '@/core/capital'
import { inspectedText } from '@/core/inspect'
import type { InspectResponse } from '@/contract/judgement'
import * as texts from '@/texts/inspect'
import { VerdictMark } from '@/ui/VerdictMark'

const SIGNS = { good: 'pass', doubtful: 'warn', replace: 'fail' } as const
const RUNS = {
  yes: texts.mayRun,
  watch: texts.mayRunUnderWatch,
  notUntilRepaired: texts.notUntilRepaired,
} as const
/** Whether it may run, what is replaced, and why it failed. */
export function InspectionAnswer({ found }: { found: InspectResponse }) {
  const sure = found.causes.slice(0, 4)
  return (
    <>
      <p
        data-testid="run"
        className={`text-[1.3125rem] font-bold ${found.run === 'notUntilRepaired' ? 'text-contra' : ''}`}
      >
        {RUNS[found.run]}
      </p>
      <ul aria-label={texts.verdicts} className="mb-2">
        {found.parts.map(({ part, verdict, findings }) => (
          <li
            key={part}
            className="grid grid-cols-[20px_1fr] border-t border-line2 py-1.5 text-[0.90625rem]"
            data-part={part}
          >
            <VerdictMark verdict={SIGNS[verdict]} isSaid />
            <span>
              <b>{inspectedText(part, found.inspected)}</b>: {verdict}
              <span className="block text-[0.8125rem] text-ink3">
                {findings.join(', ') || texts.replacedAsASet}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {sure.length > 0 && (
        <>
          <h2 className="caption">{texts.likelyCauses}</h2>
          <ol className="mb-2" data-testid="causes">
            {sure.map((cause) => (
              <li key={cause.id} className="border-t border-line2 py-1.5 text-[0.90625rem]">
                <span className="flex justify-between gap-2">
                  <b>{cause.label}</b>
                  <span className="number shrink-0 text-ink2">{Math.round(cause.share * 100)}&nbsp;%</span>
                </span>
                <span aria-hidden className="my-0.5 block h-[5px] rounded bg-line2">
                  <i
                    className="block h-full rounded bg-ink2"
                    style={{ width: `${Math.round(cause.share * 100)}%` }}
                  />
                </span>
                <span className="block text-[0.8125rem] text-ink3">
                  {capital(cause.because.join(', '))}. <span className="text-ink2">{cause.remedy}</span>
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
      {found.replaceWith.length > 0 && (
        <p className="border-t border-line2 py-1.5 text-[0.90625rem]">
          <b>{texts.alsoReplace}</b> {found.replaceWith.join(' ')}
        </p>
      )}
      {found.checkNext.length > 0 && (
        <p className="border-t border-line2 py-1.5 text-[0.90625rem]">
          <b>{texts.alsoCheck}</b> {found.checkNext.join(' ')}
        </p>
      )}
    </>
  )
}
