import { capital } from '@/core/capital'
import type { ArrangementFile } from '@/core/kit'

const MAX_MARKS = 36

/** A name for a place from its words: letters and figures, beginning with a letter. */
function nameOf(label: string, taken: readonly string[]): string {
  const parts = label.split(/[^A-Za-z0-9]+/).filter(Boolean)
  const joined = parts.map((p, i) => (i === 0 ? p.toLowerCase() : capital(p))).join('')
  const name = (/^[A-Za-z]/.test(joined) ? joined : `place${joined}`).slice(0, MAX_MARKS)
  return taken.includes(name) ? `${name}${taken.length}` : name
}

/**
 * An arrangement whose new places are named by their words, and are named so by those that name them.
 * @param base names of the places it is based on
 */
export function withNames(file: ArrangementFile, base: readonly string[]): ArrangementFile {
  const taken = [...base, ...file.slots.map(({ id }) => id)]
  const names = new Map<string, string>()
  for (const { id, label } of file.slots)
    if (/^place\d/.test(id) && label.trim() !== '') {
      const name = nameOf(label, taken)
      taken.push(name)
      names.set(id, name)
    }
  const renamed = (id: string): string => names.get(id) ?? id
  return {
    ...file,
    slots: file.slots.map((slot) => ({
      ...slot,
      id: renamed(slot.id),
      ...(slot.after !== undefined && { after: renamed(slot.after) }),
      ...(slot.mate !== undefined && { mate: renamed(slot.mate) }),
      ...(slot.at !== undefined && { at: renamed(slot.at) }),
    })),
  }
}
