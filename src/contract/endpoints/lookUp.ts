import { z } from 'zod'
import { STAGES } from '../choices'
import { IdentifyRequest, IdentifyResponse } from '../evidence'
import {
  Comparison,
  DecodeResponse,
  InterchangeResponse,
  PartResponse,
  PartSheet,
  SealsResponse,
  TaperedResponse,
} from '../lookUp'
import { PartUses } from '../machine'
import { OwnPartRequest, OwnPartResponse } from '../ownPart'
import { PartName, PartNames } from '../partName'
import { optional, required, type Endpoints } from './endpoint'

/** Where a part works. */
const WORK = [
  optional('speed', 'where it works: slow or fast'),
  optional('rpm', 'turns a minute'),
  optional('wet', 'true or false'),
  optional('temperatureC', 'at work, °C'),
  optional('load', 'light, normal or heavy'),
  optional('rotatingRing', 'the ring that turns: inner or outer'),
] as const

const FoundPart = z.object({
  designation: z.string(),
  base: z.string(),
  familyText: z.string(),
  changed: z.string(),
})

/** What a number, sizes or a name mean. */
export const lookUpEndpoints = {
  'POST /api/identify': {
    summary: 'Identify a part from any mix of evidence',
    input: IdentifyRequest,
    output: IdentifyResponse,
    answer: 'Ranked candidates',
  },
  'POST /api/identify/batch': {
    summary: 'Identify every row of a CSV tray, in the same order',
    input: 'text/csv',
    output: 'text/csv',
    answer: 'The rows with what was found',
  },
  'GET /api/decode': {
    summary: 'Read a stamped number',
    query: [required('text', 'as stamped; ? for one lost mark, * for a run')],
    output: DecodeResponse,
    answer: 'Readings, best first',
  },
  'GET /api/parts': {
    summary: 'A part under any of its names',
    query: [required('designation', 'number')],
    output: PartResponse,
    answer: 'The part',
  },
  'POST /api/parts': {
    summary: 'Keeps a part that no list holds as one of the own',
    input: OwnPartRequest,
    output: OwnPartResponse,
    answer: 'Kept',
    status: 201,
    repeatable: true,
  },
  'GET /api/parts/machines': {
    summary: 'Which machines carry this part now',
    query: [required('designation', 'a number in any convention')],
    output: PartUses,
    answer: 'Positions',
  },
  'GET /api/part-sheet': {
    summary: 'Everything that is known of a number: the part, what it may be read as, what else fits',
    query: [required('designation', 'number'), ...WORK],
    output: PartSheet,
    answer: 'The sheet',
    screensOnly: true,
  },
  'GET /api/interchange': {
    summary: 'What else fits, or one pair',
    query: [
      optional('designation', 'the part'),
      optional('from', 'with `to`: one pair'),
      optional('to', 'with `from`'),
      ...WORK,
    ],
    output: z.union([InterchangeResponse, Comparison]),
    answer: 'Equivalents and traps, or the checks of the pair',
  },
  'GET /api/tapered/{number}': {
    summary: 'Cups of a cone, cones of a cup',
    output: TaperedResponse,
    answer: 'Mates',
  },
  'GET /api/seals': {
    summary: 'Seals for a journal and a counterbore',
    query: [
      required('shaft', 'length'),
      required('housing', 'length'),
      optional('width', 'length'),
      optional('unit', 'mm, in or auto'),
      optional('rpm', 'turns a minute, for the speed at the lip'),
      optional('medium', 'what the lip runs in'),
      optional('temperatureC', 'of the lip at work'),
      optional('lip', 'single or double'),
    ],
    output: SealsResponse,
    answer: 'Seals that fit, and near ones with the failed check',
  },
  'GET /api/search': {
    summary: 'Parts, machines and jobs for the command palette; the latest jobs without a text',
    query: [optional('text', 'a number, sizes, part of a name or title')],
    output: z.object({
      /** bore, outside and width, mm, where the text gives three sizes */
      sizes: z.array(z.number()).readonly().nullable(),
      parts: z.array(FoundPart),
      machines: z.array(z.object({ id: z.number().int(), name: z.string(), place: z.string() })),
      jobs: z.array(z.object({ id: z.number().int(), title: z.string(), stage: z.enum(STAGES) })),
    }),
    answer: 'What was found of each',
    screensOnly: true,
  },
  'GET /api/part-names': {
    summary: 'Names the shop gives to parts',
    output: PartNames,
    answer: 'Names',
  },
  'POST /api/part-names': {
    summary: 'Teach a name for a part',
    input: PartName,
    output: PartName,
    answer: 'The name',
    status: 201,
    repeatable: true,
  },
  'DELETE /api/part-names/{name}': {
    summary: 'Forget a name',
    output: z.object({ name: z.string() }),
    answer: 'Forgotten',
  },
} as const satisfies Endpoints
