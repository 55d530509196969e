import { withNamesOfToday } from '@/core/olderNames'
import type { JobPatch } from './withPatch'

/** A change of a job that the server has not got yet, and the version it was made on. */
export interface Draft {
  version: number
  patch: JobPatch
}

interface StoredDraft extends Draft {
  /** milliseconds since 1970; before windows had names there was none */
  at?: number
}

/** What the keys of all drafts begin with; the job and the window follow. */
export const DRAFTS = 'amber-socket.job.'
const WINDOW = 'amber-socket.window'
/** Where the browser cannot say which windows are open: a draft not touched for so long belongs to none. */
const LEFT_MS = 60_000

const prefixOf = (id: number): string => `${DRAFTS}${id}.`
const lockOf = (window: string): string => `${WINDOW}.${window}`

let current: string | null = null

/** The name of this window: kept over a reload, another one in a window that was opened as a copy of this. */
function windowName(): string {
  if (current !== null) return current
  const name = sessionStorage.getItem(WINDOW) ?? crypto.randomUUID()
  take(name)
  return name
}

function take(name: string): void {
  current = name
  sessionStorage.setItem(WINDOW, name)
  // Held until the window is closed: others see by it that its drafts have an owner.
  void navigator.locks?.request(lockOf(name), { ifAvailable: true }, (lock) => {
    if (lock) return new Promise(() => undefined)
    take(crypto.randomUUID())
    return undefined
  })
}

/** Keeps what this window has typed for a job; null = the server has it all. Drafts of other windows are not touched. */
export function keepDraft(id: number, draft: Draft | null): void {
  try {
    const key = prefixOf(id) + windowName()
    if (draft) localStorage.setItem(key, JSON.stringify({ ...draft, at: Date.now() } satisfies StoredDraft))
    else localStorage.removeItem(key)
  } catch {
    // A full or forbidden store only costs the safety net; saving itself goes on.
  }
}

const read = (key: string): StoredDraft | null => {
  try {
    return withNamesOfToday(JSON.parse(localStorage.getItem(key) ?? 'null')) as StoredDraft | null
  } catch {
    return null
  }
}

/** Names of the windows that are open; null = this browser does not say. */
async function openWindows(): Promise<Set<string> | null> {
  if (!navigator.locks) return null
  const { held: locks = [] } = await navigator.locks.query()
  return new Set(locks.flatMap(({ name }) => name ?? []))
}

/** Drafts that no open window of this browser owns: key of the store, job, and what was kept. */
async function draftsLeft(): Promise<{ key: string; id: number; draft: StoredDraft }[]> {
  const open = await openWindows()
  return Object.keys(localStorage).flatMap((key) => {
    if (!key.startsWith(DRAFTS)) return []
    const [id = '', window = ''] = key.slice(DRAFTS.length).split('.')
    const stored = read(key)
    if (!stored || window === current || open?.has(lockOf(window))) return []
    return open || Date.now() - (stored.at ?? 0) > LEFT_MS ? [{ key, id: Number(id), draft: stored }] : []
  })
}

/** Jobs that something was typed for which the server has not got, in a window that is closed; they take it up once opened. */
export async function jobsLeft(): Promise<number[]> {
  try {
    return [...new Set((await draftsLeft()).map(({ id }) => id))].sort((a, b) => a - b)
  } catch {
    return []
  }
}

/** What this window has kept for a job, if anything. */
export function ownDraft(id: number): Draft | null {
  try {
    return read(prefixOf(id) + windowName())
  } catch {
    return null
  }
}

/**
 * What was typed for a job and never reached the server: by this window before it was loaded again, else by one that was closed
 * since. A draft of a window that is still open stays its own.
 */
export async function takeDraft(id: number): Promise<Draft | null> {
  try {
    const own = ownDraft(id)
    if (own) return own
    const left = (await draftsLeft())
      .filter((draft) => draft.id === id)
      .sort((a, b) => (a.draft.at ?? 0) - (b.draft.at ?? 0))
    const [first] = left
    if (!first) return null
    keepDraft(id, first.draft)
    localStorage.removeItem(first.key)
    return first.draft
  } catch {
    return null
  }
}
