/** Keys that have another name now. */
const RENAMED: Readonly<Record<string, string>> = {
  school: 'practice',
  schools: 'practices',
  'grease.school': 'grease.practice',
  turning: 'rotatingRing',
  trouble: 'error',
}

/**
 * A value with the names of today; what has none of the older ones stays as it is. What was written before November 2026 called
 * labels, titles and messages alike `words`. Files and stored rows of then are read through this, so it is never changed.
 */
export function withNamesOfToday(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withNamesOfToday)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => {
      const name = key === 'words' ? ofWords(value) : (RENAMED[key] ?? key)
      return [name in value ? key : name, withNamesOfToday(inner)]
    }),
  )
}

/** What `words` were, by what stands beside them. */
function ofWords(value: object): 'label' | 'title' | 'message' | 'text' {
  // A mark on a photograph.
  if ('x' in value && 'y' in value) return 'text'
  // A check of a kit; an arrangement.
  if (('result' in value && 'detail' in value) || 'slots' in value) return 'title'
  // What came of a comparison; an open point; a row of a list that was not kept.
  if ('verdict' in value || 'stage' in value || ('row' in value && 'text' in value)) return 'message'
  return 'label'
}
