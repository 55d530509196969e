import 'server-only'
import { collectDefaultMetrics, Histogram, Registry } from 'prom-client'

/** Upper ends of the buckets of durations, seconds. */
const BUCKETS = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10]

interface Metrics {
  registry: Registry
  requests: Histogram<'method' | 'route' | 'status'>
}

const store = globalThis as typeof globalThis & { amberMetrics?: Metrics }

function begin(): Metrics {
  const registry = new Registry()
  collectDefaultMetrics({ register: registry, prefix: 'amber_' })
  const requests = new Histogram({
    name: 'amber_http_request_duration_seconds',
    help: 'Duration of requests of the interface',
    labelNames: ['method', 'route', 'status'],
    buckets: BUCKETS,
    registers: [registry],
  })
  return { registry, requests }
}

/** Figures of this process; each web process has its own, and whoever gathers them adds them up. */
const metrics = (): Metrics => (store.amberMetrics ??= begin())

/** A path without the numbers and names in it, so that there are no more routes than the interface has. */
const routeOf = (path: string): string =>
  path
    .split('/')
    .slice(0, 5)
    .map((part, i) => (i > 2 && !/^[a-z-]+(\.[a-z]+)?$/.test(part) ? ':id' : part))
    .join('/')

/** Most different routes that are told apart; a stranger's inventions are counted as one. */
const MAX_ROUTES = 200
const routes = new Set<string>()

/** Counts an answer. @param ms it took */
export function observe(method: string, path: string, status: number, ms: number): void {
  const route = routeOf(path)
  if (status !== 404 && routes.size < MAX_ROUTES) routes.add(route)
  metrics().requests.observe({ method, route: routes.has(route) ? route : 'other', status }, ms / 1000)
}

/** All figures in the Prometheus text format. */
export const metricsText = async (): Promise<{ text: string; type: string }> => ({
  text: await metrics().registry.metrics(),
  type: metrics().registry.contentType,
})
