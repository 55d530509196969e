import type { ConvertResponse } from '@/contract/convert'
import * as texts from '@/texts/convert'

interface Props {
  answer: ConvertResponse
  onOpen: () => void
}

/** Both opinions, the swap of the whole assembly, and the job that comes of it. */
export function Opinions({ answer, onOpen }: Props) {
  return (
    <>
      <h2 className="caption mt-2">{texts.twoOpinionsBothHeld}</h2>
      {answer.opinions.map(({ opinion, right }) => (
        <p key={opinion} className="border-t border-line2 py-1.5 text-[0.90625rem]">
          <b>{opinion}.</b> <span className="text-ink2">{texts.right(right)}</span>
        </p>
      ))}
      <details className="border-t border-line2 py-1.5 text-[0.90625rem]">
        <summary className="flex min-h-11 cursor-pointer items-center font-bold">
          {texts.swapTheWholeAssemblyInstead}
        </summary>
        {(
          [
            [texts.belongsToIt, answer.assembly.parts],
            [texts.mustMatch, answer.assembly.mustMatch],
            [texts.isLost, answer.assembly.lost],
          ] as const
        ).map(([name, list]) => (
          <p key={name} className="mb-1.5 text-ink2">
            <b className="text-ink">{name}:</b> {list.join('; ')}.
          </p>
        ))}
      </details>
      <button
        type="button"
        data-primary
        className="button mt-2 w-full"
        disabled={!answer.kit}
        onClick={onOpen}
      >
        {texts.openAJobWith}
      </button>
      <p className="mt-2 text-[0.8125rem] text-ink3">{texts.ratingsAreTypicalOnes}</p>
    </>
  )
}
