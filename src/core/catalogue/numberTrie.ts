import { numberKey } from './glyphs'
import { namesOf } from './names'
import type { Part } from './part'

export interface NamedPart {
  part: Part
  implies?: string
}

/** A tree of all numbers, mark by mark: numbers that begin alike share their path. */
export interface TrieNode {
  next: Map<string, TrieNode>
  /** the parts whose number ends here */
  parts: NamedPart[]
}

const node = (): TrieNode => ({ next: new Map(), parts: [] })

function plant(root: TrieNode, key: string, named: NamedPart): void {
  let at = root
  for (const char of key) {
    let next = at.next.get(char)
    if (!next) at.next.set(char, (next = node()))
    at = next
  }
  at.parts.push(named)
}

/** Numbers of hardware and seals are sizes, not stamps: they stay out. Sets are also written without the slash. */
export function buildNumberTrie(parts: readonly Part[]): TrieNode {
  const root = node()
  for (const part of parts) {
    if (part.piece === 'hardware' || part.piece === 'seal') continue
    for (const { text, implies } of namesOf(part)) {
      const named: NamedPart = implies ? { part, implies } : { part }
      const key = numberKey(text)
      plant(root, key, named)
      if (part.set) plant(root, key.replace('/', ''), named)
    }
  }
  return root
}
