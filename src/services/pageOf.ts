import 'server-only'

/**
 * A page of a list from rows of which one more was asked for than it shows: whether there is a next one is known by that.
 * @param cursorOf the cursor that follows the last item of the page
 */
export function pageOf<T>(
  rows: readonly T[],
  limit: number,
  cursorOf: (last: T) => string,
): { items: T[]; next: string | null } {
  const last = rows.length > limit ? rows[limit - 1] : undefined
  return { items: rows.slice(0, limit), next: last === undefined ? null : cursorOf(last) }
}
