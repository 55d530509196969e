import { z } from 'zod'
import { PASSWORD, ROLES } from './choices'
import { idCursor, pageLimit } from './paging'

const name = z
  .string()
  .trim()
  .min(2, 'At least two characters.')
  .max(60, 'At most 60 characters.')
  .regex(/^[\p{L}\p{N}][\p{L}\p{N} ._-]*$/u, 'Letters, figures, spaces, dots and hyphens.')

/** A password: long, and not one character over and over. No rule asks for kinds of characters (ASVS 2.1.9). */
export const Password = z
  .string()
  .min(PASSWORD.min, `At least ${PASSWORD.min} characters: a few words are easier to remember.`)
  .max(PASSWORD.max, `At most ${PASSWORD.max} characters.`)
  .refine((text) => new Set(text).size >= 5, 'Use more different characters.')

export const SignIn = z.object({
  name: z.string().trim().min(1, 'Your name.').max(60),
  password: z.string().min(1, 'Your password.').max(PASSWORD.max, `At most ${PASSWORD.max} characters.`),
})

export const NewAccount = z
  .object({ name, role: z.enum(ROLES), password: Password })
  .refine((a) => !a.password.toLowerCase().includes(a.name.toLowerCase()), {
    path: ['password'],
    message: 'A password without the name in it.',
  })

export const AccountChange = z.object({
  role: z.enum(ROLES).optional(),
  password: Password.optional(),
  isActive: z.boolean().optional(),
})

export const PasswordChange = z.object({
  current: z.string().min(1, 'Your present password.').max(PASSWORD.max),
  next: Password,
})

export const Account = z.object({
  id: z.number().int(),
  name: z.string(),
  role: z.enum(ROLES),
  isActive: z.boolean(),
  lockedUntil: z.string().nullable(),
})
export type Account = z.output<typeof Account>

export const Accounts = z.object({
  items: z.array(Account),
  /** whether signing in is asked for on this server */
  required: z.boolean(),
})
export type Accounts = z.output<typeof Accounts>

/** Who is signed in; null where signing in is not asked for. */
export const Session = z.object({ account: z.object({ name: z.string(), role: z.enum(ROLES) }).nullable() })
export type Session = z.output<typeof Session>

export const AuditQuery = z.object({ limit: pageLimit(100), cursor: idCursor })
export const AuditPage = z.object({
  items: z.array(
    z.object({
      id: z.number().int(),
      who: z.string(),
      what: z.string(),
      address: z.string(),
      at: z.string(),
    }),
  ),
  next: z.string().nullable(),
})
export type AuditPage = z.output<typeof AuditPage>

/** Who changed what of one machine or stock item, the latest first. */
export const ChangePage = z.object({
  items: z.array(AuditPage.shape.items.element.omit({ address: true })),
  next: z.string().nullable(),
})
export type ChangePage = z.output<typeof ChangePage>
