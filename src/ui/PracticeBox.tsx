import type { PracticeNote } from '@/core/procedure'
import * as texts from '@/texts/ui'

/** Where practice differs: what this shop does, and when the other way is right. */
export function PracticeBox({ note }: { note: PracticeNote }) {
  return (
    <p className="my-1 border-l-4 border-line pl-2.5 text-[0.84375rem] text-ink2" data-testid="practice">
      <b className="text-ink">{note.about}.</b>{' '}
      {texts.workshopPractice(note.mine, note.others.map((other) => texts.alternative(other)).join(' '))}
    </p>
  )
}
