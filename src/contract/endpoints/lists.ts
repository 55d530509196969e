import { ListDetail, ListDropped, ListsResponse, ListSummary, PreviewResponse } from '../list'
import { optional, required, type Endpoints } from './endpoint'

/** Own and supplier lists of parts, read from CSV. */
export const listEndpoints = {
  'GET /api/lists': {
    summary: 'Own and supplier lists, newest first',
    output: ListsResponse,
    answer: 'Lists, those at work with their progress',
  },
  'POST /api/lists': {
    summary: 'Read a CSV file into a list, in the background',
    query: [
      required('name', 'name of the list'),
      required('kind', 'own or supplier'),
      required('columns', 'JSON: which column holds designation, bore, outside, width, quantity, price, bin'),
      optional('unit', 'mm or in, for sizes that state none'),
    ],
    input: 'text/csv',
    output: ListSummary,
    answer: 'Begun',
    status: 202,
  },
  'POST /api/lists/preview': {
    summary: 'What a CSV file would give: encoding, columns, the first rows as understood',
    query: [
      optional('columns', 'JSON: which column holds what; guessed when left out'),
      optional('unit', 'mm or in'),
    ],
    input: 'text/csv',
    output: PreviewResponse,
    answer: 'Nothing is stored',
  },
  'GET /api/lists/{id}': {
    summary: 'A list with its progress, remarks and first rows',
    output: ListDetail,
    answer: 'The list',
  },
  'DELETE /api/lists/{id}': {
    summary: 'Stop an import at work, or remove a list',
    output: ListDropped,
    answer: 'Stopped or removed',
  },
  'GET /api/lists/{id}/remarks.csv': {
    summary: 'Rows that were not kept, with the reason',
    output: 'text/csv',
    answer: 'Rows not kept',
  },
} as const satisfies Endpoints
