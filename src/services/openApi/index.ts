import 'server-only'
import { capital } from '@/core/capital'
import { OwnPartRequest, OwnPartResponse } from '@/contract/ownPart'
import { accountPaths } from './accounts'
import { judgementPaths } from './judgement'
import { json, problem, ok, text, csv, csvOut, pdfOut, id } from './parts'
import { logbookPaths } from './logbook'
import { registerPaths } from './register'
import { supplyPaths } from './supply'
import { z } from 'zod'
import { componentsFor } from './components'
import { IdentifyRequest, IdentifyResponse } from '@/contract/evidence'
import { ArrangementsResponse, KitProposal, KitResponse } from '@/contract/kit'
import { KitFile } from '@/contract/kitFile'
import { ArrangementFile } from '@/core/kit'
import { ListDetail, ListDropped, ListsResponse, ListSummary, PreviewResponse } from '@/contract/list'
import {
  Comparison,
  DecodeResponse,
  HealthResponse,
  InterchangeResponse,
  PartResponse,
  SealsResponse,
  TaperedResponse,
} from '@/contract/lookUp'

const METHODS = ['get', 'post', 'put', 'patch', 'delete'] as const

const PATHS: Record<string, Record<string, unknown>> = {
  ...supplyPaths,
  ...judgementPaths,
  ...registerPaths,
  ...logbookPaths,
  ...accountPaths,
  '/api/health': {
    get: { summary: 'Application, database and catalogue', responses: ok(HealthResponse, 'All is well') },
  },
  '/api/identify': {
    post: {
      summary: 'Identify a part from any mix of evidence',
      requestBody: { required: true, ...json(IdentifyRequest, 'input') },
      responses: ok(IdentifyResponse, 'Ranked candidates'),
    },
  },
  '/api/identify/batch': {
    post: {
      summary: 'Identify every row of a CSV tray, in the same order',
      requestBody: csv,
      responses: csvOut,
    },
  },
  '/api/decode': {
    get: {
      summary: 'Read a stamped number',
      parameters: [text('text', true, 'as stamped; ? for one lost mark, * for a run')],
      responses: ok(DecodeResponse, 'Readings, best first'),
    },
  },
  '/api/parts': {
    get: {
      summary: 'A part under any of its names',
      parameters: [text('designation', true, 'number')],
      responses: ok(PartResponse, 'The part'),
    },
    post: {
      summary: 'Keeps a part that no list holds as one of the own',
      requestBody: { required: true, ...json(OwnPartRequest, 'input') },
      responses: { '201': { description: 'Kept', ...json(OwnPartResponse, 'output') }, default: problem },
    },
  },
  '/api/interchange': {
    get: {
      summary: 'What else fits, or one pair',
      parameters: [
        text('designation', false, 'the part'),
        text('from', false, 'with `to`: one pair'),
        text('to', false, 'with `from`'),
        text('speed', false, 'where it works: slow or fast'),
        text('rpm', false, 'turns a minute'),
        text('wet', false, 'true or false'),
        text('temperatureC', false, 'at work, °C'),
        text('load', false, 'light, normal or heavy'),
        text('turning', false, 'the ring that turns: inner or outer'),
      ],
      responses: ok(
        z.union([InterchangeResponse, Comparison]),
        'Equivalents and traps, or the checks of the pair',
      ),
    },
  },
  '/api/tapered/{number}': {
    get: {
      summary: 'Cups of a cone, cones of a cup',
      parameters: [text('number', true, 'cone or cup', 'path')],
      responses: ok(TaperedResponse, 'Mates'),
    },
  },
  '/api/seals': {
    get: {
      summary: 'Seals for a journal and a counterbore',
      parameters: [
        text('shaft', true, 'length'),
        text('housing', true, 'length'),
        text('width', false, 'length'),
        text('unit', false, 'mm, in or auto'),
        text('rpm', false, 'turns a minute, for the speed at the lip'),
        text('medium', false, 'what the lip runs in'),
        text('temperatureC', false, 'of the lip at work'),
        text('lip', false, 'single or double'),
      ],
      responses: ok(SealsResponse, 'Seals that fit, and near ones with the failed check'),
    },
  },
  '/api/lists': {
    get: {
      summary: 'Own and supplier lists, newest first',
      responses: ok(ListsResponse, 'Lists, those at work with their progress'),
    },
    post: {
      summary: 'Read a CSV file into a list, in the background',
      parameters: [
        text('name', true, 'name of the list'),
        text('kind', true, 'own or supplier'),
        text(
          'columns',
          true,
          'JSON: which column holds designation, bore, outside, width, quantity, price, bin',
        ),
        text('unit', false, 'mm or in, for sizes that state none'),
      ],
      requestBody: csv,
      responses: { '202': { description: 'Begun', ...json(ListSummary, 'output') }, default: problem },
    },
  },
  '/api/lists/preview': {
    post: {
      summary: 'What a CSV file would give: encoding, columns, the first rows as understood',
      parameters: [
        text('columns', false, 'JSON: which column holds what; guessed when left out'),
        text('unit', false, 'mm or in'),
      ],
      requestBody: csv,
      responses: ok(PreviewResponse, 'Nothing is stored'),
    },
  },
  '/api/lists/{id}': {
    parameters: [id],
    get: {
      summary: 'A list with its progress, remarks and first rows',
      responses: ok(ListDetail, 'The list'),
    },
    delete: {
      summary: 'Stop an import at work, or remove a list',
      responses: ok(ListDropped, 'Stopped or removed'),
    },
  },
  '/api/lists/{id}/remarks.csv': {
    parameters: [id],
    get: {
      summary: 'Rows that were not kept, with the reason',
      responses: csvOut,
    },
  },
  '/api/kits/propose': {
    post: {
      summary: 'Fill and check a kit',
      requestBody: { required: true, ...json(KitProposal, 'input') },
      responses: ok(KitResponse, 'The kit'),
    },
  },
  '/api/arrangements': {
    get: {
      summary: 'Arrangements that ship and own ones, and which of them take a part',
      parameters: [text('part', false, 'number of a part; may be given several times')],
      responses: ok(ArrangementsResponse, 'All'),
    },
    put: {
      summary:
        'Save an arrangement of your own; 422 for a circle or unknown places, 409 for a code that ships',
      requestBody: { required: true, ...json(ArrangementFile, 'input') },
      responses: ok(ArrangementFile, 'Saved'),
    },
  },
  '/api/arrangements/{code}': {
    parameters: [text('code', true, 'of an own arrangement', 'path')],
    delete: {
      summary: 'Remove it; 409 while another is based on it',
      responses: ok(z.object({ code: z.string() }), 'Removed'),
    },
  },
  '/api/jobs/{id}/card.pdf': {
    parameters: [id],
    get: { summary: 'Job card of the kit', responses: pdfOut },
  },
  '/api/jobs/{id}/kit.csv': {
    parameters: [id],
    get: {
      summary: 'The pick list as CSV',
      responses: csvOut,
    },
  },
  '/api/jobs/{id}/kit.json': {
    parameters: [id],
    get: {
      summary: 'The kit as a versioned file, to be read back in',
      responses: ok(KitFile, 'Kit file'),
    },
  },
  '/api/jobs/{id}/kit.pdf': {
    get: {
      summary: 'Pick list with drawing',
      parameters: [id],
      responses: { '200': { description: 'PDF', content: { 'application/pdf': {} } }, default: problem },
    },
  },
}

/** `get /api/jobs/{id}/kit.pdf` is `getJobsByIdKitPdf`. */
function operationId(method: string, path: string): string {
  const words = path
    .replace('/api/', '')
    .split(/[/.-]/)
    .map((word) => word.replace(/^\{(\w+)\}$/, 'by $1'))
    .flatMap((word) => word.split(' '))
  return method + words.map(capital).join('')
}

/** Writes that may be sent again with the key of their first request: their routes answer through `answerOnce`. */
const REPEATABLE = [
  'post /api/stock',
  'patch /api/stock/{id}',
  'post /api/stock/{id}/moves',
  'post /api/stock.csv',
  'post /api/orders/{id}/receive',
  'post /api/jobs',
  'delete /api/jobs/{id}',
  'post /api/jobs/{id}/undo',
  'post /api/bin/{kind}/{id}',
  'post /api/jobs/{id}/bearings',
  'delete /api/jobs/{id}/bearings/{bearing}',
  'post /api/jobs/{id}/reserve',
  'post /api/jobs/{id}/release',
  'post /api/machines',
  'patch /api/machines/{id}',
  'post /api/machines/{id}/merge',
  'post /api/part-names',
  'post /api/parts',
  'patch /api/rechecks/{id}',
  'post /api/jobs/{id}/rechecks',
]

/** A path with what every call of it has: a name of its own, the group it belongs to, the key of a write. */
const described = (path: string, calls: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(calls).map(([method, call]) =>
      METHODS.some((m) => m === method)
        ? [
            method,
            {
              operationId: operationId(method, path),
              tags: [path.split(/[/.]/)[2] ?? ''],
              ...(call as object),
              ...(REPEATABLE.includes(`${method} ${path}`) && {
                parameters: [
                  ...((call as { parameters?: object[] }).parameters ?? []),
                  { $ref: '#/components/parameters/IdempotencyKey' },
                ],
              }),
            },
          ]
        : [method, call],
    ),
  )

/** The JSON interface, generated from the schemas that validate it. */
export function openApi() {
  const paths = Object.fromEntries(
    Object.entries(PATHS).map(([path, calls]) => [path, described(path, calls)]),
  )
  return {
    openapi: '3.1.0',
    info: {
      title: 'Amber Socket',
      version: '1.0.0',
      description: 'Lengths are millimetres as numbers; `in` twins are text. Times are UTC (RFC 3339).',
    },
    paths,
    components: {
      schemas: componentsFor(paths),
      parameters: {
        IdempotencyKey: {
          name: 'Idempotency-Key',
          in: 'header',
          required: false,
          description:
            'A key of your own, 8 to 80 marks. The same request again with it is not done twice and gets the first answer; another request with it is refused with 422.',
          schema: { type: 'string', minLength: 8, maxLength: 80 },
        },
      },
      responses: {
        Problem: {
          description:
            'Refused, with what to change (RFC 9457): 400 not readable, 404 no such thing, 405 wrong method, 409 somebody saved in between or it is settled, 413 too large, 415 wrong content type, 422 impossible, 503 not to be had at the moment',
          content: {
            'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
          },
        },
      },
    },
  }
}
