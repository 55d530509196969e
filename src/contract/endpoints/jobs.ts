import { z } from 'zod'
import { BinResponse } from '../bin'
import {
  AtVersion,
  BearingAdded,
  Job,
  JobChange,
  JobHistory,
  JobPositions,
  JobReturns,
  JobSummary,
  JobUndone,
  NewJob,
  OpenPoint,
} from '../job'
import { PhotoAnswer, PhotoChange } from '../judgement'
import { pageSchemaOf } from '../paging'
import { optional, PAGING, required, SEARCH, type Endpoints } from './endpoint'

const AT_VERSION = [required('version', 'version of the job this is done on')] as const

/** Jobs with their bearings and photographs; the bin. */
export const jobEndpoints = {
  'GET /api/jobs': {
    summary: 'Jobs, the one changed last first',
    query: [...PAGING, SEARCH, optional('open', '`true`: only open ones')],
    output: pageSchemaOf(JobSummary),
    answer: 'Jobs',
  },
  'POST /api/jobs': {
    summary: 'Open a job; `copyOf` takes intake, bearings and kit from another',
    input: NewJob,
    output: Job,
    answer: 'Opened',
    status: 201,
    repeatable: true,
  },
  'GET /api/jobs/{id}': { summary: 'One job', output: Job, answer: 'The job' },
  'PATCH /api/jobs/{id}': {
    summary:
      'Change a job and its bearings; 409 with `current` when somebody saved in between or it is closed; 422 when it is closed with something open and no reason',
    input: JobChange,
    output: Job,
    answer: 'The job',
  },
  'DELETE /api/jobs/{id}': {
    summary: 'Put an open job into the bin; what it has reserved is free again',
    query: AT_VERSION,
    output: z.object({ removed: z.boolean() }),
    answer: 'Removed',
    repeatable: true,
  },
  'POST /api/jobs/{id}/undo': {
    summary: 'Undo the last act on an open job, whoever did it; 422 when there is nothing to undo',
    input: AtVersion,
    output: JobUndone,
    answer: 'The job, and what was undone',
    repeatable: true,
  },
  'GET /api/jobs/{id}/history': {
    summary: 'What happened to a job, the latest first',
    query: PAGING,
    output: JobHistory,
    answer: 'Entries',
  },
  'POST /api/jobs/{id}/bearings': {
    summary: 'Add a bearing to a job',
    input: BearingAdded,
    output: Job,
    answer: 'The job',
    status: 201,
    repeatable: true,
  },
  'DELETE /api/jobs/{id}/bearings/{bearing}': {
    summary: 'Remove a bearing from a job',
    query: AT_VERSION,
    output: Job,
    answer: 'The job',
    repeatable: true,
  },
  'GET /api/jobs/{id}/open': {
    summary: 'Everything that is not settled yet, from any stage',
    output: z.object({ points: z.array(OpenPoint) }),
    answer: 'Open points',
  },
  'GET /api/jobs/{id}/positions': {
    summary: 'The positions of the job this one belongs to, the first one first',
    output: JobPositions,
    answer: 'Positions',
  },
  'GET /api/jobs/{id}/returns': {
    summary: 'Jobs closed before at the same place, and jobs that came back of this one',
    query: [optional('position', 'number of a position of the register, where not the stored one')],
    output: JobReturns,
    answer: 'Earlier jobs and comebacks',
  },
  'GET /api/jobs/{id}/photos': {
    summary: 'Photographs of a job',
    output: z.object({ photos: z.array(PhotoAnswer) }),
    answer: 'Photographs',
  },
  'POST /api/jobs/{id}/photos': {
    summary: 'Keep a picture with a job; made smaller, without place and camera',
    query: [optional('about', 'the part it shows'), optional('name', 'name of the file')],
    input: 'image/*',
    output: PhotoAnswer,
    answer: 'Kept',
    status: 201,
  },
  'GET /api/jobs/{id}/photos/{photo}': {
    summary: 'One picture',
    output: 'image/jpeg',
    answer: 'The picture',
  },
  'PATCH /api/jobs/{id}/photos/{photo}': {
    summary: 'Put other marks on it; 409 with `current` when somebody marked it meanwhile',
    input: PhotoChange,
    output: PhotoAnswer,
    answer: 'The photograph',
  },
  'DELETE /api/jobs/{id}/photos/{photo}': {
    summary: 'Remove it',
    output: z.object({ removed: z.boolean() }),
    answer: 'Removed',
  },
  'GET /api/bin': {
    summary: 'What was removed and can be put back',
    output: BinResponse,
    answer: 'The bin',
  },
  'POST /api/bin/{kind}/{key}': {
    summary:
      'Put back what was removed, by its kind (job, photo, list, arrangement, partName) and its number or code; 409 while something it needs is missing',
    output: BinResponse,
    answer: 'The bin',
    repeatable: true,
  },
} as const satisfies Endpoints
