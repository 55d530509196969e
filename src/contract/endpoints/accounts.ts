import {
  Account,
  AccountChange,
  Accounts,
  AuditPage,
  NewAccount,
  PasswordChange,
  Session,
  SignIn,
} from '../account'
import { HealthResponse } from '../lookUp'
import { StatusResponse } from '../status'
import { PAGING, type Endpoints } from './endpoint'

/** Signing in, accounts and what was done to them; how the server is. */
export const accountEndpoints = {
  'GET /api/session': { summary: 'Who is signed in', output: Session, answer: 'The session' },
  'POST /api/session': {
    summary: 'Sign in: sets the cookie of the session',
    input: SignIn,
    output: Session,
    answer: 'The session',
  },
  'DELETE /api/session': { summary: 'Sign out', output: Session, answer: 'No session' },
  'PUT /api/session/password': {
    summary: "Change one's own password; all other sessions end",
    input: PasswordChange,
    output: Session,
    answer: 'The session',
  },
  'GET /api/accounts': { summary: 'Accounts by name; owners only', output: Accounts, answer: 'Accounts' },
  'POST /api/accounts': {
    summary: 'Make an account; owners only',
    input: NewAccount,
    output: Account,
    answer: 'Made',
    status: 201,
  },
  'PATCH /api/accounts/{id}': {
    summary: 'Role, password, right to sign in; its sessions end',
    input: AccountChange,
    output: Account,
    answer: 'The account',
  },
  'GET /api/audit': {
    summary: 'Who signed in and what was done to accounts and settings, the latest first; owners only',
    query: PAGING,
    output: AuditPage,
    answer: 'Entries',
  },
  'GET /api/status': {
    summary: 'How this server is; owners only',
    output: StatusResponse,
    answer: 'The status',
  },
  'GET /api/health': {
    summary: 'Application, database and catalogue',
    output: HealthResponse,
    answer: 'All is well',
  },
  'GET /api/metrics': {
    summary: 'Counts and durations of requests, memory and event loop, in the Prometheus text format',
    output: 'text/plain',
    answer: 'Metrics',
  },
} as const satisfies Endpoints
