import { AsyncLocalStorage } from 'node:async_hooks'

const store = globalThis as typeof globalThis & { amberActor?: AsyncLocalStorage<string> }
/** One for the process: this file may be loaded more than once, by pages and by routes. */
const actors = (store.amberActor ??= new AsyncLocalStorage())

/** Does something in somebody's name: what is written into histories meanwhile carries it. */
export const inNameOf = <T>(name: string, work: () => Promise<T>): Promise<T> => actors.run(name, work)

/** Who does what is under way: the signed-in account, else who was typed. */
export const actorOr = (typed: string): string => actors.getStore() ?? typed
