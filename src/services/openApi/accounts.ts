import 'server-only'
import {
  Account,
  AccountChange,
  Accounts,
  AuditPage,
  NewAccount,
  PasswordChange,
  Session,
  SignIn,
} from '@/contract/account'
import { StatusResponse } from '@/contract/status'
import { asked, id, json, ok, paging, problem } from './parts'

/** Signing in, accounts and what was done to them. */
export const accountPaths = {
  '/api/session': {
    get: { summary: 'Who is signed in', responses: ok(Session, 'The session') },
    post: { ...asked('Sign in: sets the cookie of the session', SignIn, Session, 'The session') },
    delete: { summary: 'Sign out', responses: ok(Session, 'No session') },
  },
  '/api/session/password': {
    put: {
      ...asked("Change one's own password; all other sessions end", PasswordChange, Session, 'The session'),
    },
  },
  '/api/accounts': {
    get: { summary: 'Accounts by name; owners only', responses: ok(Accounts, 'Accounts') },
    post: {
      summary: 'Make an account; owners only',
      requestBody: { required: true, ...json(NewAccount, 'input') },
      responses: { '201': { description: 'Made', ...json(Account, 'output') }, default: problem },
    },
  },
  '/api/accounts/{id}': {
    parameters: [id],
    patch: {
      ...asked('Role, password, right to sign in; its sessions end', AccountChange, Account, 'The account'),
    },
  },
  '/api/status': {
    get: { summary: 'How this server is; owners only', responses: ok(StatusResponse, 'The status') },
  },
  '/api/metrics': {
    get: {
      summary: 'Counts and durations of requests, memory and event loop, in the Prometheus text format',
      responses: {
        '200': { description: 'Metrics', content: { 'text/plain': { schema: { type: 'string' } } } },
        default: problem,
      },
    },
  },
  '/api/audit': {
    get: {
      summary: 'Who signed in and what was done to accounts and settings, the latest first; owners only',
      parameters: paging.filter(({ name }) => name !== 'q'),
      responses: ok(AuditPage, 'Entries'),
    },
  },
}
