import 'server-only'
import { Worker } from 'node:worker_threads'
import { wrap } from 'comlink'
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs'
import { log } from '../log'
import { valueOf, type Outcome } from './outcome'
import type { BackgroundWork } from './work'

interface Background {
  work: BackgroundWork
  /** rejects when the thread is gone: what was asked of it gets no answer */
  gone: Promise<never>
}

const store = globalThis as typeof globalThis & { amberBackground?: Background }

function start(): Background {
  const worker = new Worker(new URL('../../workers/background.worker.ts', import.meta.url))
  worker.unref()
  const gone = new Promise<never>((_, reject) => {
    worker.once('error', reject)
    worker.once('exit', (code) => reject(new Error(`The background thread ended with ${code}.`)))
  })
  gone.catch((error: unknown) => {
    log.error({ err: error }, 'background thread ended')
    delete store.amberBackground
  })
  // Every function of `work` answers with a promise, so its remote form has the same type.
  return { work: wrap<BackgroundWork>(nodeEndpoint(worker)) as unknown as BackgroundWork, gone }
}

type Rest<F> = F extends (...rest: infer R) => unknown ? R : never
type Value<F> = F extends (...args: never[]) => Promise<Outcome<infer T>> ? T : never

/**
 * Runs heavy work in a thread of its own, so that other answers do not wait for it. The thread is started when first
 * asked, with its own catalogue (some seconds), and started anew when it has died.
 * @throws ServiceError what the work refuses; Error when the thread died
 */
export async function inBackground<K extends keyof BackgroundWork>(
  name: K,
  ...rest: Rest<BackgroundWork[K]>
): Promise<Value<BackgroundWork[K]>> {
  const { work, gone } = (store.amberBackground ??= start())
  const run = work[name] as (...rest: unknown[]) => Promise<Outcome<Value<BackgroundWork[K]>>>
  return valueOf(await Promise.race([run(...rest), gone]))
}
