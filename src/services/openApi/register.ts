import 'server-only'
import { z } from 'zod'
import { ChangePage } from '@/contract/account'
import { BinResponse } from '@/contract/bin'
import { PartName, PartNames } from '@/contract/partName'
import { Machine, MachineChange, MachineDetail, MachineMerge, NewMachine, PartUses } from '@/contract/machine'
import {
  AtVersion,
  BearingAdded,
  Job,
  JobHistory,
  JobChange,
  JobSummary,
  NewJob,
  JobPositions,
  JobReturns,
  JobUndone,
  OpenPoint,
} from '@/contract/job'
import { id, json, ok, paging, pdfOut, problem, text } from './parts'

/** A page of a list: go on with `next` as cursor. */
const page = <T extends z.ZodType>(items: T) =>
  z.object({ items: z.array(items), next: z.string().nullable() })
const posted = (schema: z.ZodType, description: string) => ({
  '201': { description, ...json(schema, 'output') },
  default: problem,
})

/** Jobs with their bearings, and the register of machines. */
export const registerPaths = {
  '/api/jobs': {
    get: {
      summary: 'Jobs, the one changed last first',
      parameters: [...paging, text('open', false, '`true`: only open ones')],
      responses: ok(page(JobSummary), 'Jobs'),
    },
    post: {
      summary: 'Open a job; `copyOf` takes intake, bearings and kit from another',
      requestBody: { required: true, ...json(NewJob, 'input') },
      responses: posted(Job, 'Opened'),
    },
  },
  '/api/jobs/{id}': {
    get: { summary: 'One job', parameters: [id], responses: ok(Job, 'The job') },
    patch: {
      summary:
        'Change a job and its bearings; 409 with `current` when somebody saved in between or it is closed; 422 when it is closed with something open and no reason',
      parameters: [id],
      requestBody: { required: true, ...json(JobChange, 'input') },
      responses: ok(Job, 'The job'),
    },
    delete: {
      summary: 'Put an open job into the bin; what it has reserved is free again',
      parameters: [id, text('version', true, 'version of the job this is done on')],
      responses: ok(z.object({ removed: z.boolean() }), 'Removed'),
    },
  },
  '/api/jobs/{id}/undo': {
    parameters: [id],
    post: {
      summary: 'Undo the last act on an open job, whoever did it; 422 when there is nothing to undo',
      requestBody: { required: true, ...json(AtVersion, 'input') },
      responses: ok(JobUndone, 'The job, and what was undone'),
    },
  },
  '/api/bin': {
    get: { summary: 'What was removed and can be put back', responses: ok(BinResponse, 'The bin') },
  },
  '/api/bin/{kind}/{id}': {
    parameters: [
      text('kind', true, 'job, photo, list, arrangement or partName', 'path'),
      text('id', true, 'number or code among those of its kind', 'path'),
    ],
    post: {
      summary: 'Put back what was removed; 409 while something it needs is missing',
      responses: ok(BinResponse, 'The bin'),
    },
  },
  '/api/jobs/{id}/history': {
    parameters: [id],
    get: {
      summary: 'What happened to a job, the latest first',
      parameters: paging.filter(({ name }) => name !== 'q'),
      responses: ok(JobHistory, 'Entries'),
    },
  },
  '/api/jobs/{id}/bearings': {
    parameters: [id],
    post: {
      summary: 'Add a bearing to a job',
      requestBody: { required: true, ...json(BearingAdded, 'input') },
      responses: posted(Job, 'The job'),
    },
  },
  '/api/jobs/{id}/bearings/{bearing}': {
    parameters: [id, { ...id, name: 'bearing' }],
    delete: {
      summary: 'Remove a bearing from a job',
      parameters: [text('version', true, 'version of the job this is done on')],
      responses: ok(Job, 'The job'),
    },
  },
  '/api/jobs/{id}/open': {
    parameters: [id],
    get: {
      summary: 'Everything that is not settled yet, from any stage',
      responses: ok(z.object({ points: z.array(OpenPoint) }), 'Open points'),
    },
  },
  '/api/jobs/{id}/positions': {
    parameters: [id],
    get: {
      summary: 'The positions of the job this one belongs to, the first one first',
      responses: ok(JobPositions, 'Positions'),
    },
  },
  '/api/jobs/{id}/returns': {
    parameters: [
      id,
      text('position', false, 'number of a position of the register, where not the stored one'),
    ],
    get: {
      summary: 'Jobs closed before at the same place, and jobs that came back of this one',
      responses: ok(JobReturns, 'Earlier jobs and comebacks'),
    },
  },
  '/api/jobs/{id}/release': {
    parameters: [id],
    post: {
      summary: 'Give back what the job has reserved',
      responses: ok(z.object({ released: z.number().int() }), 'Pieces given back'),
    },
  },
  '/api/machines': {
    get: { summary: 'Machines by name', parameters: paging, responses: ok(page(Machine), 'Machines') },
    post: {
      summary: 'Write a machine into the register',
      requestBody: { required: true, ...json(NewMachine, 'input') },
      responses: posted(MachineDetail, 'The machine'),
    },
  },
  '/api/machines/{id}': {
    parameters: [id],
    get: {
      summary: 'A machine, what its positions carry, since when, and what they carried before',
      responses: ok(MachineDetail, 'The machine'),
    },
    patch: {
      summary: 'Change a machine and its positions; a position without an id is added',
      requestBody: { required: true, ...json(MachineChange, 'input') },
      responses: ok(MachineDetail, 'The machine'),
    },
  },
  '/api/machines/{id}/history': {
    parameters: [id],
    get: {
      summary: 'Who changed what on a machine and its positions, the latest first',
      parameters: paging.filter(({ name }) => name !== 'q'),
      responses: ok(ChangePage, 'Changes'),
    },
  },
  '/api/machines/{id}/labels.pdf': {
    parameters: [id],
    get: {
      summary: 'Labels with a code that opens the page of the machine and of each position',
      responses: pdfOut,
    },
  },
  '/api/machines/{id}/merge': {
    parameters: [id],
    post: {
      summary: 'Join a machine that is there twice to the other one',
      requestBody: { required: true, ...json(MachineMerge, 'input') },
      responses: ok(MachineDetail, 'The one that stays'),
    },
  },
  '/api/parts/machines': {
    get: {
      summary: 'Which machines carry this part now',
      parameters: [text('designation', true, 'a number in any convention')],
      responses: ok(PartUses, 'Positions'),
    },
  },
  '/api/part-names': {
    get: { summary: 'Names the shop gives to parts', responses: ok(PartNames, 'Names') },
    post: {
      summary: 'Teach a name for a part',
      requestBody: { required: true, ...json(PartName, 'input') },
      responses: posted(PartName, 'The name'),
    },
  },
  '/api/part-names/{name}': {
    parameters: [{ ...id, name: 'name', schema: { type: 'string' } }],
    delete: {
      summary: 'Forget a name',
      responses: ok(z.object({ name: z.string() }), 'Forgotten'),
    },
  },
}
