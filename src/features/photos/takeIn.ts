import { errorMessage } from '@/ui/call'
import { endTaking, keepPhoto, sendPhoto, sendWaiting, type WaitingPhoto } from './outbox'

/**
 * Takes pictures in for a job: kept in this browser first, then sent; while the server is away they wait.
 * @returns words on those it refused, which are let go of: who chose them is here and has them; empty = none
 */
export async function takeIn(
  files: readonly File[],
  about: Pick<WaitingPhoto, 'jobId' | 'about'>,
): Promise<string> {
  const kept: string[] = []
  const refused: string[] = []
  for (const file of files) {
    const photo = { ...about, name: file.name, picture: file }
    const onRefused = (words: string) => void refused.push(`${file.name}: ${words}`)
    try {
      kept.push(await keepPhoto(photo, onRefused))
    } catch {
      // This browser keeps nothing or is full: it is sent at once, and does not wait.
      await sendPhoto({ ...photo, key: crypto.randomUUID(), at: 0 }).catch((error: unknown) =>
        onRefused(errorMessage(error)),
      )
    }
  }
  await sendWaiting()
  endTaking(kept)
  return refused.join(' ')
}
