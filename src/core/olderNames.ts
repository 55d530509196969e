/**
 * What was written before November 2026 called labels, titles and messages alike `words`. The same value with the names of today;
 * anything else stays as it is. Files and stored rows of then are read through this, so it is never changed.
 */
export function withNamesOfToday(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withNamesOfToday)
  if (typeof value !== 'object' || value === null) return value
  const name = nameOfToday(value)
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [
      key === 'words' && !(name in value) ? name : key,
      withNamesOfToday(inner),
    ]),
  )
}

/** By what stands beside it. */
function nameOfToday(value: object): 'label' | 'title' | 'message' | 'text' {
  // A mark on a photograph.
  if ('x' in value && 'y' in value) return 'text'
  // A check of a kit; an arrangement.
  if (('result' in value && 'detail' in value) || 'slots' in value) return 'title'
  // What came of a comparison; an open point; a row of a list that was not kept.
  if ('verdict' in value || 'stage' in value || ('row' in value && 'text' in value)) return 'message'
  return 'label'
}
