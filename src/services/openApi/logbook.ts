import 'server-only'
import { z } from 'zod'
import { BenchResponse } from '@/contract/bench'
import {
  ClosuresResponse,
  CostResponse,
  FailuresResponse,
  LOGBOOK_VIEWS,
  NewRecheck,
  Recheck,
  RecheckAnswer,
  RecheckPage,
  SeatsTrendResponse,
  ServiceResponse,
} from '@/contract/logbook'
import { asked, id, json, ok, paging, problem, text } from './parts'

const View = z.union([FailuresResponse, ServiceResponse, ClosuresResponse, CostResponse, SeatsTrendResponse])

/** What asks for something today, rechecks, and what the history says. */
export const logbookPaths = {
  '/api/bench': {
    get: {
      summary: 'Open jobs by what they wait for, rechecks due, short stock, what failed lately',
      responses: ok(BenchResponse, 'The bench'),
    },
  },
  '/api/rechecks': {
    get: {
      summary: 'Rechecks, the one due first at the top',
      parameters: [
        ...paging.filter(({ name }) => name !== 'q'),
        text('open', false, '`false`: the answered ones too'),
        text('until', false, 'due up to this day, YYYY-MM-DD'),
        text('job', false, 'of this job'),
      ],
      responses: ok(RecheckPage, 'Rechecks'),
    },
  },
  '/api/rechecks/{id}': {
    parameters: [id],
    patch: {
      ...asked('What was found when it was looked at again', RecheckAnswer, Recheck, 'The recheck'),
    },
  },
  '/api/rechecks.ics': {
    get: {
      summary: 'Rechecks to do as an iCalendar feed (RFC 5545)',
      responses: {
        '200': { description: 'Calendar', content: { 'text/calendar': { schema: { type: 'string' } } } },
        default: problem,
      },
    },
  },
  '/api/jobs/{id}/rechecks': {
    parameters: [id],
    post: {
      summary: 'Another recheck of a job, by distance, hours or days',
      requestBody: { required: true, ...json(NewRecheck, 'input') },
      responses: { '201': { description: 'The recheck', ...json(Recheck, 'output') }, default: problem },
    },
  },
  '/api/logbook/{view}': {
    get: {
      summary: `What the history says; \`.csv\` behind the name gives its table`,
      parameters: [
        text('view', true, LOGBOOK_VIEWS.join(', '), 'path'),
        text('months', false, 'months back from today, usually 24'),
        text('machine', false, 'number of a machine'),
      ],
      responses: ok(View, 'The view'),
    },
  },
}
