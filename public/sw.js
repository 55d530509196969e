/**
 * Keeps what was seen last, so that it can be read while the server is away. Nothing is ever changed here: writes go to the server
 * or fail, and the screens keep what was typed. What is kept is thrown away when somebody signs out.
 */
const PAGES = 'amber-pages-1'
const FILES = 'amber-files-1'
/** Pages and answers kept; the oldest goes first. */
const MOST = 120
/** Built files never change under their name; answers about people and the server itself are not kept. */
const BUILT = /^\/_next\/static\//
const NOT_KEPT =
  /^\/(sign-in|account|accounts|status|api\/(session|accounts|audit|status|metrics|health|rechecks\.ics))(\/|$)|\.(pdf|csv|json)$/

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

const forget = async () => {
  for (const name of await caches.keys()) await caches.delete(name)
}
/** Screens whose page came from what was kept, with the time it is of. */
const staleSince = new Map()
self.addEventListener('message', (event) => {
  if (event.data === 'forget') event.waitUntil(forget())
  // A page cannot listen before it is alive, so it asks how it came.
  if (event.data === 'fresh?' && staleSince.has(event.source.id))
    event.source.postMessage({ kind: 'stale', at: staleSince.get(event.source.id) })
})

async function keep(name, request, response) {
  const cache = await caches.open(name)
  await cache.put(request, response)
  const keys = await cache.keys()
  for (const old of keys.slice(0, Math.max(0, keys.length - MOST))) await cache.delete(old)
}

/** Tells the screens that what they show is as it was, and since when. */
async function tellStale(response) {
  const at = response.headers.get('date') ?? ''
  for (const client of await self.clients.matchAll()) client.postMessage({ kind: 'stale', at })
}

async function built(request) {
  const there = await caches.match(request)
  if (there) return there
  const response = await fetch(request)
  if (response.ok) await keep(FILES, request, response.clone())
  return response
}

async function fresh(event) {
  const { request } = event
  try {
    const response = await fetch(request)
    if (response.ok && !response.redirected) event.waitUntil(keep(PAGES, request, response.clone()))
    // The session is over: what was kept for it is not for the next one.
    if (response.status === 401 || (response.redirected && new URL(response.url).pathname === '/sign-in'))
      event.waitUntil(forget())
    return response
  } catch (error) {
    const cache = await caches.open(PAGES)
    const there = await cache.match(request)
    if (!there) throw error
    if (event.resultingClientId) staleSince.set(event.resultingClientId, there.headers.get('date') ?? '')
    event.waitUntil(tellStale(there))
    return there
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (BUILT.test(url.pathname)) event.respondWith(built(request))
  else if (!NOT_KEPT.test(url.pathname)) event.respondWith(fresh(event))
})
