import { UnitText } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import * as texts from '@/texts/part'
import { VerdictMark } from '@/ui/VerdictMark'

type Equivalent = PartSheet['interchange']['equivalents'][number]

const HEADINGS: [Equivalent['verdict'], string, 'pass' | 'warn' | 'fail'][] = [
  ['upgrade', texts.possibleUpgrade, 'pass'],
  ['conditional', texts.underACondition, 'warn'],
  ['not-interchangeable', texts.notSuitableHere, 'fail'],
]

interface Props {
  equivalents: readonly Equivalent[]
  /** on a job: take this one instead */
  onUse?: ((designation: string) => void) | undefined
  used?: string | undefined
}

function Use({ designation, onUse, used }: { designation: string } & Pick<Props, 'onUse' | 'used'>) {
  if (!onUse) return null
  return used === designation ? (
    <span className="tag self-center">{texts.onThisJob}</span>
  ) : (
    <button
      type="button"
      className="chip self-center"
      onClick={() => onUse(designation)}
      aria-label={texts.use(designation)}
    >
      {texts.useThis}
    </button>
  )
}

/** Substitutes, by verdict, each with the checks that decided it. */
export function Equivalents({ equivalents, onUse, used }: Props) {
  const identical = equivalents.filter((e) => e.verdict === 'identical')
  return (
    <div>
      {identical.length > 0 && (
        <h3 className="caption mb-1.5 flex gap-2">
          <VerdictMark verdict="pass" /> {texts.identicalInOtherSpellings}
        </h3>
      )}
      <ul className="flex flex-wrap gap-1.5">
        {identical.map((e) => (
          <li
            key={e.designation}
            className="number rounded-md border border-line bg-sheet px-2.5 py-1 font-medium"
          >
            {e.designation}
          </li>
        ))}
      </ul>
      {HEADINGS.map(([verdict, heading, sign]) => {
        const list = equivalents.filter((e) => e.verdict === verdict)
        if (list.length === 0) return null
        return (
          <section key={verdict} className="mt-3.5">
            <h3 className="caption mb-1 flex gap-2">
              <VerdictMark verdict={sign} /> {heading}
            </h3>
            <ul>
              {list.map((e) => (
                <li
                  key={e.designation}
                  className="grid grid-cols-[128px_1fr_auto] gap-3 border-t border-line2 py-1.5"
                >
                  <span className="number font-medium">{e.designation}</span>
                  <ul className="text-[0.875rem] text-ink2">
                    {e.checks
                      .filter(
                        (c) =>
                          c.result !== 'pass' ||
                          c.values !== undefined ||
                          (c.check === 'speed' && verdict === 'upgrade'),
                      )
                      .map((c) => (
                        <li key={c.check}>
                          <UnitText text={c.detail} />
                        </li>
                      ))}
                  </ul>
                  {verdict !== 'not-interchangeable' && (
                    <Use designation={e.designation} onUse={onUse} used={used} />
                  )}
                </li>
              ))}
            </ul>
          </section>
        )
      })}
    </div>
  )
}
