import { BenchResponse } from '../bench'
import {
  ClosuresResponse,
  CostResponse,
  FailuresResponse,
  IdentificationResponse,
  LOGBOOK_VIEWS,
  NewRecheck,
  Recheck,
  RecheckAnswer,
  RecheckPage,
  SeatsTrendResponse,
  ServiceResponse,
} from '../logbook'
import { optional, PAGING, type Endpoints } from './endpoint'

const SPAN = [
  optional('months', 'months back from today, usually 24'),
  optional('machine', 'number of a machine'),
] as const

/** What asks for something today, rechecks, and what the history says. */
export const logbookEndpoints = {
  'GET /api/bench': {
    summary: 'Open jobs by what they wait for, rechecks due, short stock, what failed lately',
    output: BenchResponse,
    answer: 'The bench',
  },
  'GET /api/logbook/failures': {
    summary: 'What failed, why, on which machines',
    query: SPAN,
    output: FailuresResponse,
    answer: 'The view',
  },
  'GET /api/logbook/service': {
    summary: 'Time in service: share still in service by days (Kaplan and Meier)',
    query: SPAN,
    output: ServiceResponse,
    answer: 'The view',
  },
  'GET /api/logbook/closures': {
    summary: 'Effect of closures on time in service',
    query: SPAN,
    output: ClosuresResponse,
    answer: 'The view',
  },
  'GET /api/logbook/cost': {
    summary: 'Cost of machines',
    query: SPAN,
    output: CostResponse,
    answer: 'The view',
  },
  'GET /api/logbook/seats': {
    summary: 'Wear of seats, with the day the limit is reached',
    query: SPAN,
    output: SeatsTrendResponse,
    answer: 'The view',
  },
  'GET /api/logbook/identification': {
    summary: 'How often identification proved right, beside how sure it was',
    query: SPAN,
    output: IdentificationResponse,
    answer: 'The view',
  },
  'GET /api/logbook/{table}': {
    summary: `One of these views as a table: ${LOGBOOK_VIEWS.map((view) => `${view}.csv`).join(', ')}`,
    query: SPAN,
    output: 'text/csv',
    answer: 'Rows of the table',
  },
  'GET /api/rechecks': {
    summary: 'Rechecks, the one due first at the top',
    query: [
      ...PAGING,
      optional('open', '`false`: the answered ones too'),
      optional('until', 'due up to this day, YYYY-MM-DD'),
      optional('job', 'of this job'),
    ],
    output: RecheckPage,
    answer: 'Rechecks',
  },
  'PATCH /api/rechecks/{id}': {
    summary: 'What was found when it was looked at again',
    input: RecheckAnswer,
    output: Recheck,
    answer: 'The recheck',
    repeatable: true,
  },
  'GET /api/rechecks.ics': {
    summary: 'Rechecks to do as an iCalendar feed (RFC 5545)',
    output: 'text/calendar',
    answer: 'Calendar',
  },
  'POST /api/jobs/{id}/rechecks': {
    summary: 'Another recheck of a job, by distance, hours or days',
    input: NewRecheck,
    output: Recheck,
    answer: 'The recheck',
    status: 201,
    repeatable: true,
  },
} as const satisfies Endpoints
