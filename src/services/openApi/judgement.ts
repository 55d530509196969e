import 'server-only'
import { z } from 'zod'
import { ConvertRequest, ConvertResponse } from '@/contract/convert'
import { EndPlayRequest, EndPlayResponse, FitRequest, FitResponse } from '@/contract/fit'
import {
  CompareRequest,
  CompareResponse,
  InspectRequest,
  InspectResponse,
  PhotoAnswer,
} from '@/contract/judgement'
import { PlanResponse, SeatsResponse, Toolbox } from '@/contract/plan'
import {
  GreaseRequest,
  GreaseResponse,
  LifeRequest,
  LifeResponse,
  SpacingRequest,
  SpacingResponse,
} from '@/contract/setting'
import { asked, id, ok, problem, text } from './parts'

const photo = { name: 'photo', in: 'path', required: true, schema: { type: 'integer' } }

/** Compare, inspect, fit, set, grease, plan, convert. */
export const judgementPaths = {
  '/api/fits/check': {
    post: asked(
      'What a seat does to a bearing ring, and whether a measured one is still good',
      FitRequest,
      FitResponse,
      'Limits, interference, clearance, heat, force, repair',
    ),
  },
  '/api/adjust/endplay': {
    post: asked(
      'Nut, thread and slots to end play',
      EndPlayRequest,
      EndPlayResponse,
      'Axial move, slot step, slots for the target, curve',
    ),
  },
  '/api/compare': {
    post: asked(
      'Old against new, feature by feature',
      CompareRequest,
      CompareResponse,
      'Differences with their meaning',
    ),
  },
  '/api/inspect': {
    get: {
      summary: 'Every kind of damage and every cause that is told apart (terms of ISO 15243)',
      responses: ok(z.object({ damage: z.array(z.unknown()), causes: z.array(z.unknown()) }), 'Guide'),
    },
    post: asked(
      'Findings to verdicts and likely causes',
      InspectRequest,
      InspectResponse,
      'Verdict for each part',
    ),
  },
  '/api/spacing': {
    post: asked(
      'Spacer, stack-up, axle between its sides, depths',
      SpacingRequest,
      SpacingResponse,
      'Worst case and statistical',
    ),
  },
  '/api/grease': {
    post: asked(
      'Amounts, fill, interval and mixing of grease',
      GreaseRequest,
      GreaseResponse,
      'Grams and millilitres',
    ),
  },
  '/api/life': {
    post: asked(
      'Rating life and static safety (ISO 281, ISO 76)',
      LifeRequest,
      LifeResponse,
      'Life, or the load for a wanted one',
    ),
  },
  '/api/convert': {
    post: asked(
      'Bush, ball and tapered bearings in the same seats',
      ConvertRequest,
      ConvertResponse,
      'Parts, changes, opinions, kit',
    ),
  },
  '/api/toolbox': {
    get: { summary: "The shop's own tools", responses: ok(Toolbox, 'Toolbox') },
    put: asked('Change them', Toolbox, Toolbox, 'Toolbox'),
  },
  '/api/jobs/{id}/seats': {
    get: {
      summary: 'Seats of the parts of a kit, with their usual class',
      parameters: [id, text('load', false, 'light, normal or heavy')],
      responses: ok(SeatsResponse, 'Seats'),
    },
  },
  '/api/jobs/{id}/plan': {
    get: { summary: 'The job card, worked out', parameters: [id], responses: ok(PlanResponse, 'Plan') },
  },
  '/api/jobs/{id}/photos': {
    get: {
      summary: 'Photographs of a job',
      parameters: [id],
      responses: ok(z.object({ photos: z.array(PhotoAnswer) }), 'Photographs'),
    },
    post: {
      summary: 'Keep a picture with a job; made smaller, without place and camera',
      parameters: [id, text('about', false, 'the part it shows'), text('name', false, 'name of the file')],
      requestBody: { required: true, content: { 'image/*': {} } },
      responses: ok(PhotoAnswer, 'Kept'),
    },
  },
  '/api/jobs/{id}/photos/{photo}': {
    get: {
      summary: 'One picture',
      parameters: [id, photo],
      responses: { '200': { description: 'JPEG', content: { 'image/jpeg': {} } }, default: problem },
    },
    delete: {
      summary: 'Remove it',
      parameters: [id, photo],
      responses: ok(z.object({ removed: z.boolean() }), 'Removed'),
    },
  },
}
