import type { ConvertResponse } from '@/contract/convert'

interface Props {
  answer: ConvertResponse
  onOpen: () => void
}

/** Both opinions, the swap of the whole assembly, and the job that comes of it. */
export function Opinions({ answer, onOpen }: Props) {
  return (
    <>
      <h2 className="caption mt-2">Two opinions, both held</h2>
      {answer.opinions.map(({ opinion, right }) => (
        <p key={opinion} className="border-t border-line2 py-1.5 text-[0.90625rem]">
          <b>{opinion}.</b> <span className="text-ink2">Right: {right}</span>
        </p>
      ))}
      <details className="border-t border-line2 py-1.5 text-[0.90625rem]">
        <summary className="flex min-h-11 cursor-pointer items-center font-bold">
          Swap the whole assembly instead
        </summary>
        {(
          [
            ['Belongs to it', answer.assembly.parts],
            ['Must match', answer.assembly.mustMatch],
            ['Is lost', answer.assembly.lost],
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
        Open a job with this kit
      </button>
      <p className="mt-2 text-[0.8125rem] text-ink3">
        Ratings are typical ones or worked out from the sizes, right to about a fifth: a life may be half or
        double. Look the maker&apos;s up before it is decided. Wheel ends, brakes and what carries people: the
        manual of the machine and local rules come first.
      </p>
    </>
  )
}
