/** Everything comes from here; scripts of a page carry the nonce of their own answer. Development needs eval and its socket. */
export function contentPolicy(nonce = ''): string {
  const development = process.env.NODE_ENV === 'development'
  return [
    "default-src 'self'",
    `script-src 'self'${nonce ? ` 'nonce-${nonce}' 'strict-dynamic'` : ''}${development ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${development ? ' ws:' : ''}`,
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

/** The headers every answer carries, whatever it is. @param policy what a page that shows it may load */
export function setAnswerHeaders({ headers }: Response, policy: string): void {
  headers.set('content-security-policy', policy)
  headers.set('x-content-type-options', 'nosniff')
  headers.set('referrer-policy', 'same-origin')
}
