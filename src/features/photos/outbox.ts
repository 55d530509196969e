import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { ApiError, errorMessage, sendOnce } from '@/ui/call'

/** A photograph that the server has not got yet. */
export interface WaitingPhoto {
  /** the same for every try: a photograph whose answer was lost is kept once */
  key: string
  jobId: number
  about: string
  name: string
  picture: Blob
  /** milliseconds since 1970 */
  at: number
  /** why the server did not take it; it is not sent again by itself then */
  refusal?: string
}

interface Outbox extends DBSchema {
  photos: { key: string; value: WaitingPhoto }
}

const NAME = 'amber-socket'
/** Of the lock under which one window sends, and of the channel by which others hear of it. */
const LOCK = 'amber-socket.photos'
/** Answers of a server that may take it later: signed out, too many at once. Every other refusal stays one. */
const LATER = new Set([401, 403, 408, 429])

let opened: Promise<IDBPDatabase<Outbox>> | null = null

const open = (): Promise<IDBPDatabase<Outbox>> =>
  (opened ??= openDB<Outbox>(NAME, 1, {
    upgrade: (database) => void database.createObjectStore('photos', { keyPath: 'key' }),
    terminated: () => (opened = null),
  }).catch((error: unknown) => {
    opened = null
    throw error
  }))

const listeners = new Set<() => void>()
const tell = (): void => listeners.forEach((listener) => listener())
/** Other windows of this browser. */
const others = new BroadcastChannel(LOCK)
others.onmessage = tell

/** Calls back whenever a photograph was kept, sent, refused or taken away, in any window. @returns ends it */
export function onOutboxChange(listener: () => void): () => void {
  listeners.add(listener)
  return () => void listeners.delete(listener)
}

function changed(): void {
  tell()
  others.postMessage(null)
}

/** Who hears of a refusal, by the photograph's key: those being taken in by this window. */
const refusals = new Map<string, (words: string) => void>()

/**
 * Keeps a photograph until the server has it.
 * @param onRefused hears why the server did not take it: it is let go of then, and does not wait.
 *   It is asked until `endTaking`
 * @throws where this browser keeps nothing or is full
 */
export async function keepPhoto(
  photo: Pick<WaitingPhoto, 'jobId' | 'about' | 'name' | 'picture'>,
  onRefused: (words: string) => void,
): Promise<string> {
  const key = crypto.randomUUID()
  refusals.set(key, onRefused)
  try {
    await (await open()).put('photos', { ...photo, key, at: Date.now() })
  } catch (error) {
    refusals.delete(key)
    throw error
  }
  changed()
  return key
}

/** Nobody is there any more to hear of a refusal: a photograph that is refused from now on waits with its reason. */
export function endTaking(keys: readonly string[]): void {
  for (const key of keys) refusals.delete(key)
}

/** Photographs that wait, oldest first, of one job or of all; none where this browser keeps nothing. */
export async function waitingPhotos(jobId?: number): Promise<WaitingPhoto[]> {
  try {
    const all = await (await open()).getAll('photos')
    return all.filter((photo) => jobId === undefined || photo.jobId === jobId).sort((a, b) => a.at - b.at)
  } catch {
    return []
  }
}

/** Takes a photograph out, sent or not. */
export async function forgetPhoto(key: string): Promise<void> {
  await (await open()).delete('photos', key)
  changed()
}

/** Takes all of them out: after signing out they are nobody's. */
export async function forgetPhotos(): Promise<void> {
  try {
    await (await open()).clear('photos')
  } catch {
    // Where nothing is kept nothing has to go.
  }
}

/** Sends one photograph. @throws ApiError with words to show */
export const sendPhoto = ({ jobId, about, name, picture, key }: WaitingPhoto) =>
  sendOnce(
    'POST /api/jobs/{id}/photos',
    picture,
    picture.type.startsWith('image/') ? picture.type : 'application/octet-stream',
    key,
    { path: { id: jobId }, query: { about, name } },
  )

/** Whether a refusal will be the same at the next try. */
const isFinal = (error: unknown): error is ApiError =>
  error instanceof ApiError && error.answered && !LATER.has(error.status)

async function sendAll(again: boolean): Promise<void> {
  const tried = new Set<string>()
  for (;;) {
    const photo = (await waitingPhotos()).find(
      ({ key, refusal }) => !tried.has(key) && (again || refusal === undefined),
    )
    if (!photo) return
    tried.add(photo.key)
    try {
      await sendPhoto(photo)
    } catch (error) {
      // The server is away: the others wait with it.
      if (!isFinal(error)) return
      const words = errorMessage(error)
      const onRefused = refusals.get(photo.key)
      if (!onRefused) {
        await (await open()).put('photos', { ...photo, refusal: words })
        changed()
        continue
      }
      onRefused(words)
    }
    await forgetPhoto(photo.key)
  }
}

let sending: Promise<unknown> = Promise.resolve()

/**
 * Sends what waits, one window at a time and one after another.
 * @param again also what was refused
 */
export function sendWaiting(again = false): Promise<unknown> {
  const send = () => sendAll(again)
  sending = sending
    .then(() => (navigator.locks ? navigator.locks.request(LOCK, send) : send()))
    .catch(() => undefined)
  return sending
}
