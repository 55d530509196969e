'use client'

import * as texts from '@/texts/ui'
import { errorMessage } from './call'

/** How long a message with something to undo stays, ms. */
const STAYS_MS = 10_000

/**
 * Says what was done, with a key to undo it.
 * @param undo takes it back; a refusal of it is said in its words
 */
export async function notifyDone(message: string, undo?: () => Promise<unknown>): Promise<void> {
  const { toast } = await import('sonner')
  toast(message, {
    duration: STAYS_MS,
    ...(undo && {
      action: {
        label: texts.undo,
        onClick: () => {
          undo().catch((error: unknown) => toast.error(errorMessage(error)))
        },
      },
    }),
  })
}
