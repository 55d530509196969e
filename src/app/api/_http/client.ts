import 'server-only'

/** The address a request comes from, as the server or the proxy before it wrote it down; empty when nobody did. */
export const addressOf = (request: Request): string =>
  (request.headers.get('x-forwarded-for') ?? '').split(',')[0]?.trim() ?? ''

/** Whether a request came over TLS, as the proxy before this server says. */
export const isSecure = (request: Request): boolean =>
  request.headers.get('x-forwarded-proto')?.split(',')[0]?.trim() === 'https' ||
  new URL(request.url).protocol === 'https:'

/** The address as it was asked for: the application itself knows only the one it listens on. */
export const originOf = (request: Request): string =>
  `${isSecure(request) ? 'https' : 'http'}://${request.headers.get('host') ?? new URL(request.url).host}`
