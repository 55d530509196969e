import type { ServiceCode } from '@/services/errors'

/** Every refusal has its status; a new one without does not compile. */
export const STATUS: Record<ServiceCode, { status: number; title: string }> = {
  unreadable: { status: 400, title: 'Unreadable' },
  notFound: { status: 404, title: 'Not found' },
  conflict: { status: 409, title: 'Changed by another user' },
  settled: { status: 409, title: 'This is settled and not changed any more' },
  tooFew: { status: 409, title: 'Too few pieces' },
  inUse: { status: 409, title: 'Something else depends on it' },
  taken: { status: 409, title: 'Another has it already' },
  priceChanged: { status: 409, title: 'The price has changed' },
  keyReused: { status: 422, title: 'This key belongs to another request' },
  signedOut: { status: 401, title: 'Not signed in' },
  notAllowed: { status: 403, title: 'Not allowed' },
  tooMany: { status: 429, title: 'Too many tries' },
  tooLarge: { status: 413, title: 'Too large' },
  wrongType: { status: 415, title: 'Wrong content type' },
  impossible: { status: 422, title: 'Invalid values' },
  unavailable: { status: 503, title: 'Service unavailable' },
}
