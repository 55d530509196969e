/** A value as it is told of a change; what is empty is said to be so. */
const writeValue = (value: unknown): string =>
  value === null || value === undefined || value === '' ? 'nothing' : `“${String(value).slice(0, 60)}”`

/**
 * What changed between two states, aspect by aspect.
 * @param label aspect → what it is called; others are passed over
 * @returns such as `Place: “Pier head” → “Boat house”`; none when nothing did
 * @example changesOf({ minimum: 4 }, { minimum: 6 }, { minimum: 'Minimum' }) // ['Minimum: “4” → “6”']
 */
export const changesOf = <T extends object>(
  before: T,
  after: T,
  label: { readonly [aspect in keyof T]?: string },
): string[] =>
  (Object.keys(label) as (keyof T)[]).flatMap((aspect) =>
    JSON.stringify(before[aspect]) === JSON.stringify(after[aspect])
      ? []
      : [`${label[aspect] ?? ''}: ${writeValue(before[aspect])} → ${writeValue(after[aspect])}`],
  )

const MACHINE = { name: 'Name', place: 'Place', note: 'Note' } as const
const POSITION = {
  name: 'name',
  side: 'side',
  arrangement: 'arrangement',
  fitted: 'fitted',
  quantity: 'quantity',
} as const

/** The aspects that are told, and what else names it. */
type Tracked<W> = Readonly<Record<keyof W, string | number | null>>
type Position = Tracked<typeof POSITION> & { readonly id: number; readonly name: string }
type Machine = Tracked<typeof MACHINE> & { readonly positions: readonly Position[] }

/** What changed on a machine and its positions. */
export function machineChanges(before: Machine, after: Machine): string[] {
  const was = new Map(before.positions.map((position) => [position.id, position]))
  return [
    ...changesOf(before, after, MACHINE),
    ...after.positions.flatMap((position) => {
      const earlier = was.get(position.id)
      return earlier
        ? changesOf(earlier, position, POSITION).map((change) => `${earlier.name}, ${change}`)
        : [`Position ${position.name} added`]
    }),
  ]
}
