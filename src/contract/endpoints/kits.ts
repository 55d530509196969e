import { z } from 'zod'
import { ArrangementFile } from '@/core/kit'
import { ArrangementChange } from '../kit'
import { ArrangementsResponse, DrawnKit, KitDrawing, KitProposal, KitResponse } from '../kit'
import { KitFile } from '../kitFile'
import { PlanResponse, SeatsResponse } from '../plan'
import { ReservedResponse } from '../supply'
import { optional, type Endpoints } from './endpoint'

const UNITS = [optional('units', '`in`: each metric figure of a sentence with its twin beside it')]

/** Arrangements, the kit of a job, and what is worked out from it. */
export const kitEndpoints = {
  'GET /api/arrangements': {
    summary: 'Arrangements that ship and own ones, and which of them take a part',
    query: [optional('part', 'number of a part; may be given several times')],
    output: ArrangementsResponse,
    answer: 'All',
  },
  'PUT /api/arrangements': {
    summary:
      'Save an arrangement of your own; 422 for a circle or unknown places, 409 for a code that ships; with `over`, 409 with `current` where somebody else changed the same meanwhile',
    input: ArrangementChange,
    output: ArrangementFile,
    answer: 'Saved',
  },
  'DELETE /api/arrangements/{code}': {
    summary: 'Remove it; 409 while another is based on it',
    output: z.object({ code: z.string() }),
    answer: 'Removed',
  },
  'POST /api/kits/propose': {
    summary: 'Fill and check a kit',
    input: KitProposal,
    output: KitResponse,
    answer: 'The kit',
  },
  'POST /api/kits/draw': {
    summary: 'The same, with its exploded view',
    input: KitDrawing,
    output: DrawnKit,
    answer: 'The kit',
    screensOnly: true,
  },
  'GET /api/jobs/{id}/seats': {
    summary: 'Seats of the parts of a kit, with their usual class',
    query: [optional('load', 'light, normal or heavy')],
    output: SeatsResponse,
    answer: 'Seats',
  },
  'GET /api/jobs/{id}/plan': {
    summary: 'The job card, worked out',
    output: PlanResponse,
    answer: 'Plan',
  },
  'POST /api/jobs/{id}/reserve': {
    summary: 'Reserve for the kit what lies in the bins',
    output: ReservedResponse,
    answer: 'Reserved and short',
    repeatable: true,
  },
  'POST /api/jobs/{id}/release': {
    summary: 'Give back what the job has reserved',
    output: z.object({ released: z.number().int() }),
    answer: 'Pieces given back',
    repeatable: true,
  },
  'GET /api/jobs/{id}/kit.json': {
    summary: 'The kit as a versioned file, to be read back in',
    output: KitFile,
    answer: 'Kit file',
  },
  'GET /api/jobs/{id}/kit.csv': {
    summary: 'The pick list as CSV',
    output: 'text/csv',
    answer: 'Lines of the kit',
  },
  'GET /api/jobs/{id}/kit.pdf': {
    summary: 'Pick list with drawing',
    query: UNITS,
    output: 'application/pdf',
    answer: 'Pick list',
  },
  'GET /api/jobs/{id}/card.pdf': {
    summary: 'Job card of the kit',
    query: UNITS,
    output: 'application/pdf',
    answer: 'Job card',
  },
  'GET /api/jobs/{id}/labels.pdf': {
    summary: 'Labels of the kit',
    query: UNITS,
    output: 'application/pdf',
    answer: 'Labels',
  },
  'GET /api/jobs/{id}/quote.pdf': {
    summary: 'Quote for the kit',
    query: UNITS,
    output: 'application/pdf',
    answer: 'Quote',
  },
} as const satisfies Endpoints
