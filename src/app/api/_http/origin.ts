import 'server-only'

/** The address as it was asked for: the application itself knows only the one it listens on. */
export function originOf(request: Request): string {
  const host = request.headers.get('host') ?? new URL(request.url).host
  const protocol = request.headers.get('x-forwarded-proto') === 'https' ? 'https' : 'http'
  return `${protocol}://${host}`
}
