import { sealData, unsealData, type SessionOptions } from 'iron-session'
import { ROLES, type Role } from '@/contract/choices'

/** What the cookie of a session holds, sealed. */
export interface Sealed {
  id: number
  /** of the account when it signed in: another one now ends the session */
  version: number
  name: string
  role: Role
}

export const SESSION_COOKIE = 'amber-session'
/** A session ends by itself after a shift. */
const TTL_SECONDS = 12 * 3600

/** Whether signing in is asked for: ./start says so whenever it listens beyond loopback. */
export const isSignInRequired = (): boolean => process.env['AMBER_SIGN_IN'] === 'on'

/** @throws Error without a secret of at least 32 characters */
function secret(): string {
  const text = process.env['AMBER_SECRET'] ?? ''
  if (text.length < 32) throw new Error('AMBER_SECRET needs at least 32 characters. ./start makes one.')
  return text
}

/** @param isSecure whether the request came over TLS */
export const sessionOptions = (isSecure: boolean): SessionOptions => ({
  cookieName: SESSION_COOKIE,
  password: secret(),
  ttl: TTL_SECONDS,
  cookieOptions: { httpOnly: true, sameSite: 'strict', secure: isSecure, path: '/' },
})

/** What a cookie holds; null when it is none of ours, or too old. */
export async function unseal(cookie: string | undefined): Promise<Sealed | null> {
  if (!cookie) return null
  const data = await unsealData<Partial<Sealed>>(cookie, { password: secret(), ttl: TTL_SECONDS }).catch(
    () => null,
  )
  const role = ROLES.find((r) => r === data?.role)
  return data && role && typeof data.id === 'number' && typeof data.version === 'number' && data.name
    ? { id: data.id, version: data.version, name: data.name, role }
    : null
}

/** A calendar asks for its feed by itself and cannot sign in: the address carries a key instead, which reads the feed and nothing else. */
export const CALENDAR_PATH = '/api/rechecks.ics'

/** A key of the calendar feed; it ends with the password or the account it was made for. */
export const calendarKey = ({ id, version }: Pick<Sealed, 'id' | 'version'>): Promise<string> =>
  sealData({ feed: CALENDAR_PATH, id, version }, { password: secret(), ttl: 0 })

/** Whose key of the calendar feed it is; null when it is none, or a session. */
export async function unsealCalendarKey(key: string | null): Promise<Pick<Sealed, 'id' | 'version'> | null> {
  if (!key) return null
  const data = await unsealData<{ feed?: unknown; id?: unknown; version?: unknown }>(key, {
    password: secret(),
    ttl: 0,
  }).catch(() => null)
  return data?.feed === CALENDAR_PATH && typeof data.id === 'number' && typeof data.version === 'number'
    ? { id: data.id, version: data.version }
    : null
}
