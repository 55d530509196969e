import { hasClearance, mayBeClosed } from '@/core/catalogue'
import { closureText } from '@/core/designation'
import type { PartSheet } from '@/contract/lookUp'
import * as texts from '@/texts/part'

type Reading = NonNullable<PartSheet['reading']>

interface Piece {
  text: string
  meaning: string
  known: boolean
}

const notListed = ({ family }: Reading): string =>
  family === 'seal' ? texts.namedByItsSizes : texts.computedFromTheSeries

function pieces(reading: Reading): Piece[] {
  const base = {
    text: reading.base,
    meaning: `${reading.familyText}${reading.listed ? '' : texts.notInTheCatalogue(notListed(reading))}`,
    known: true,
  }
  const isInFront = ({ at }: Piece & { at: number }): boolean => at < reading.basePlace.from
  const front = reading.tokens.filter(isInFront)
  const back = reading.tokens.filter((t) => !isInFront(t))
  return [...front, base, ...back]
}

/** The tokens of another reading that mean something else. */
function differing(reading: Reading, other: Reading): string {
  const said = new Set(reading.tokens.map((t) => `${t.text} ${t.meaning}`))
  return other.tokens
    .filter((t) => t.known && !said.has(`${t.text} ${t.meaning}`))
    .map((t) => `${t.text} ${t.meaning}`)
    .join(', ')
}

/** Closure and clearance, as far as this kind has them, and what of the number is not decoded. */
function stated({ family, closure, clearance, unknown }: Reading, series: string): string {
  const has = [
    mayBeClosed(family) ? closureText(family, closure) : '',
    hasClearance({ family, series }) || clearance !== 'CN' ? texts.internalClearance(clearance) : '',
  ].filter(Boolean)
  return [has.join(', '), unknown.length > 0 ? texts.notDecoded(unknown.join(' ')) : '']
    .filter(Boolean)
    .join('. ')
}

interface Props {
  reading: Reading
  others: readonly Reading[]
  /** of the part */
  series: string
}

/** A stamped number token by token, in place; what is not known is said. */
export function StampExplained({ reading, others, series }: Props) {
  const facts = stated(reading, series)
  return (
    <div>
      <ol aria-label={texts.designationExplained} className="flex flex-wrap gap-x-3 gap-y-2">
        {pieces(reading).map(({ text, meaning, known }, i) => (
          <li
            key={i}
            className={`rounded-lg border px-3 py-1.5 ${known ? 'border-line bg-sheet' : 'border-dashed border-lamp-ink bg-wash'}`}
          >
            <span className="number block text-[1.3125rem] font-medium">{text}</span>
            <span className="block max-w-[24ch] text-caption text-ink2">{meaning}</span>
          </li>
        ))}
      </ol>
      {facts !== '' && <p className="mt-2 text-[0.875rem] text-ink2">{facts}</p>}
      {others.length > 0 && (
        <p className="mt-1 text-[0.875rem] text-ink2">
          {texts.inAnotherConvention(
            others
              .map((other) => differing(reading, other))
              .filter(Boolean)
              .join('; '),
          )}
        </p>
      )}
    </div>
  )
}
