import { numberKey } from './glyphs'
import { namesOf } from './names'
import { buildNumberIndex, type NumberIndex } from './numberIndex'
import type { Part } from './part'

export interface NamedPart {
  part: Part
  /** how many numbers the part goes by: a stamp is one of them */
  names: number
}

/** Numbers to search, and the part that each entry names. */
export interface PartNumbers {
  index: NumberIndex
  named: (entry: number) => NamedPart | undefined
}

/** Every stamped number of the catalogue under all its spellings. Numbers of hardware and seals are sizes, not stamps: they stay out. Sets are also written without the slash. */
export function partNumbers(parts: readonly Part[]): PartNumbers {
  const named: NamedPart[] = []
  const keys: string[] = []
  const entryOf: number[] = []
  const add = (key: string, entry: number): void => {
    keys.push(key)
    entryOf.push(entry)
  }
  for (const part of parts) {
    if (part.piece === 'hardware' || part.piece === 'seal') continue
    const names = namesOf(part)
    for (const { text } of names) {
      const entry = named.push({ part, names: names.length }) - 1
      const key = numberKey(text)
      add(key, entry)
      if (part.set) add(key.replace('/', ''), entry)
    }
  }
  return { index: buildNumberIndex(keys, entryOf), named: (entry) => named[entry] }
}
