import 'server-only'
import { countOwn } from '@/db'
import { inBackground } from './background'
import { answerWith, identifierWith, readShop, ready } from './language'

const store = globalThis as typeof globalThis & { amberShop?: number }

/** More than this, own parts and fitted positions together, is read in the background thread. */
const MUCH = 2000

/** How often the shop's own knowledge changed since this process began: the background thread asks whether its copy is old. */
export const shopVersion = (): number => store.amberShop ?? 0

/** Takes in what the shop has added or removed; questions go on with the old knowledge until the new one stands. */
export async function refreshShop(): Promise<void> {
  const { language } = await ready()
  const version = shopVersion() + 1
  store.amberShop = version
  const shop = (await countOwn()) > MUCH ? await inBackground('readShop', version) : await readShop(language)
  // Of two changes at a time the later one knows of both.
  if (shopVersion() === version) answerWith({ language, identifier: identifierWith(language, shop) })
}
