import { z } from 'zod'
import { ConvertRequest, ConvertResponse } from '../convert'
import { EndPlayRequest, EndPlayResponse, FitRequest, FitResponse } from '../fit'
import { CompareRequest, CompareResponse, InspectRequest, InspectResponse } from '../judgement'
import { Toolbox, ToolboxChange } from '../plan'
import {
  GreaseRequest,
  GreaseResponse,
  LifeRequest,
  LifeResponse,
  SpacingRequest,
  SpacingResponse,
} from '../setting'
import type { Endpoints } from './endpoint'

/** Compare, inspect, fit, set, grease, convert. */
export const judgementEndpoints = {
  'POST /api/fits/check': {
    summary: 'What a seat does to a bearing ring, and whether a measured one is still good',
    input: FitRequest,
    output: FitResponse,
    answer: 'Limits, interference, clearance, heat, force, repair',
  },
  'POST /api/adjust/endplay': {
    summary: 'Nut, thread and slots to end play',
    input: EndPlayRequest,
    output: EndPlayResponse,
    answer: 'Axial move, slot step, slots for the target, curve',
  },
  'POST /api/compare': {
    summary: 'Old against new, feature by feature',
    input: CompareRequest,
    output: CompareResponse,
    answer: 'Differences with their meaning',
  },
  'GET /api/inspect': {
    summary: 'Every kind of damage and every cause that is told apart (terms of ISO 15243)',
    output: z.object({ damage: z.array(z.unknown()).readonly(), causes: z.array(z.unknown()).readonly() }),
    answer: 'Guide',
  },
  'POST /api/inspect': {
    summary: 'Findings to verdicts and likely causes',
    input: InspectRequest,
    output: InspectResponse,
    answer: 'Verdict for each part',
  },
  'POST /api/spacing': {
    summary: 'Spacer, stack-up, axle between its sides, depths',
    input: SpacingRequest,
    output: SpacingResponse,
    answer: 'Worst case and statistical',
  },
  'POST /api/grease': {
    summary: 'Amounts, fill, interval and mixing of grease',
    input: GreaseRequest,
    output: GreaseResponse,
    answer: 'Grams and millilitres',
  },
  'POST /api/life': {
    summary: 'Rating life and static safety (ISO 281, ISO 76)',
    input: LifeRequest,
    output: LifeResponse,
    answer: 'Life, or the load for a wanted one',
  },
  'POST /api/convert': {
    summary: 'Bush, ball and tapered bearings in the same seats',
    input: ConvertRequest,
    output: ConvertResponse,
    answer: 'Parts, changes, opinions, kit',
  },
  'GET /api/toolbox': { summary: "The shop's own tools", output: Toolbox, answer: 'Toolbox' },
  'PUT /api/toolbox': {
    summary: 'Change them; with `over`, 409 with `current` where somebody else changed them meanwhile',
    input: ToolboxChange,
    output: Toolbox,
    answer: 'Toolbox',
  },
} as const satisfies Endpoints
