import { ChangePage } from '../account'
import { Machine, MachineChange, MachineDetail, MachineMerge, NewMachine } from '../machine'
import { pageSchemaOf } from '../paging'
import { PAGING, SEARCH, type Endpoints } from './endpoint'

/** The register of machines. */
export const machineEndpoints = {
  'GET /api/machines': {
    summary: 'Machines by name',
    query: [...PAGING, SEARCH],
    output: pageSchemaOf(Machine),
    answer: 'Machines',
  },
  'POST /api/machines': {
    summary: 'Write a machine into the register',
    input: NewMachine,
    output: MachineDetail,
    answer: 'The machine',
    status: 201,
    repeatable: true,
  },
  'GET /api/machines/{id}': {
    summary: 'A machine, what its positions carry, since when, and what they carried before',
    output: MachineDetail,
    answer: 'The machine',
  },
  'PATCH /api/machines/{id}': {
    summary: 'Change a machine and its positions; a position without an id is added',
    input: MachineChange,
    output: MachineDetail,
    answer: 'The machine',
    repeatable: true,
  },
  'GET /api/machines/{id}/history': {
    summary: 'Who changed what on a machine and its positions, the latest first',
    query: PAGING,
    output: ChangePage,
    answer: 'Changes',
  },
  'GET /api/machines/{id}/labels.pdf': {
    summary: 'Labels with a code that opens the page of the machine and of each position',
    output: 'application/pdf',
    answer: 'Labels',
  },
  'POST /api/machines/{id}/merge': {
    summary: 'Join a machine that is there twice to the other one',
    input: MachineMerge,
    output: MachineDetail,
    answer: 'The one that stays',
    repeatable: true,
  },
} as const satisfies Endpoints
