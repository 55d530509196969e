import { ROLES, type Role } from '@/contract/choices'

/** What needs more than the counter's right: the first row that fits counts. */
const RIGHTS: readonly (readonly [methods: RegExp, path: RegExp, role: Role])[] = [
  [/./, /^\/(api\/)?(accounts|audit|status)(\/|$)/, 'owner'],
  [/PUT|POST|PATCH|DELETE/, /^\/api\/settings$/, 'owner'],
  [/./, /^\/settings$/, 'owner'],
  [
    /PUT|POST|PATCH|DELETE/,
    /^\/api\/(machines|arrangements|toolbox|part-names|bin\/(arrangement|partName))(\/|$)/,
    'bench',
  ],
]

/** Whether a role may ask for something. Everything that is not named is open to everybody who has signed in. */
export function isAllowed(role: Role, method: string, path: string): boolean {
  const needed = RIGHTS.find(([methods, paths]) => methods.test(method) && paths.test(path))?.[2] ?? 'counter'
  return ROLES.indexOf(role) >= ROLES.indexOf(needed)
}

/** What is answered to somebody who has not signed in. */
export const isPublic = (path: string): boolean => /^\/(sign-in|api\/(session|health))$/.test(path)
