import type { SchoolNote } from '@/core/procedure'

/** Where practice differs: what this shop does, and when the other way is right. */
export function SchoolBox({ note }: { note: SchoolNote }) {
  return (
    <p className="my-1 border-l-4 border-line pl-2.5 text-[13.5px] text-ink2" data-testid="school">
      <b className="text-ink">{note.about}.</b> This shop: {note.mine}.{' '}
      {note.others.map((other) => `Others: ${other}.`).join(' ')}
    </p>
  )
}
