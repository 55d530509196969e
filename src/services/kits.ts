import 'server-only'
import {
  bearingName,
  proposeKit,
  SIZE_NAMES,
  SIZE_ROLES,
  type Arrangement,
  type Kit,
  type KitRequest,
  type JobBearing,
} from '@/core/kit'
import type { FillPractice } from '@/core/grease'
import { readForm } from '@/core/quantity'
import { z } from 'zod'
import { arrangementFor } from './arrangements'
import { withAvailability } from './availability'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'
import { resolveNames } from './partNames'
import { KitProposal, type KitDraft, type KitResponse } from '@/contract/kit'
import { parse } from './parse'

const letters = (text: string): string => text.toLowerCase().replace(/[^a-z]/g, '')

/** Names that stand for several places at once. */
const spreadNames = ({ slots }: Arrangement): string[] => [
  ...slots.filter((s) => s.role === 'cone' && s.mate).map(bearingName),
  'bearing',
  'seal',
]

/** `inner cone`, `inner-cone` and `innerCone` are one place. A null part was left out on purpose. */
async function partsBySlot(
  arrangement: Arrangement,
  parts: z.output<typeof KitProposal>['parts'],
): Promise<Record<string, string>> {
  const known = [...arrangement.slots.map(({ id }) => id), ...spreadNames(arrangement)]
  const slots = Object.keys(parts).map((name) => {
    const slot = known.find((id) => id === name) ?? known.find((id) => letters(id) === letters(name))
    if (slot) return slot
    const message = `${arrangement.code} has no place called “${name}”. It has: ${[...new Set(known)].join(', ')}.`
    throw new ServiceError('unreadable', message, [{ path: ['parts', name], message }])
  })
  const texts = await resolveNames(Object.values(parts).map((text) => text ?? 'out'))
  return Object.fromEntries(slots.map((slot, i) => [slot, texts[i] ?? '']))
}

/** A kit worked out, with the arrangement it follows. */
export interface WorkedKit {
  arrangement: Arrangement
  kit: Kit
}

/** Sizes of a request as they were sent, to tell how each was read. */
const RawSizes = z.object({ sizes: z.record(z.string(), z.unknown()).default({}) })

/** In which unit each length of a request was read, and whether that is a guess. */
export function sizesRead(sent: unknown): KitResponse['sizesRead'] {
  const raw = RawSizes.safeParse(sent)
  if (!raw.success) return {}
  const readings = readForm(
    SIZE_NAMES.flatMap((name) => {
      const value = raw.data.sizes[name]
      if (name === 'rpm' || name === 'ballCount') return []
      const text = typeof value === 'number' ? `${value} mm` : typeof value === 'string' ? value : ''
      return [{ name, role: SIZE_ROLES[name], text }]
    }),
  )
  return Object.fromEntries(
    [...readings].flatMap(([name, reading]) =>
      reading.ok
        ? [
            [
              name,
              {
                mm: reading.mm,
                unit: reading.unit,
                guessed: reading.reason !== 'stated' && reading.reason !== 'fraction',
              },
            ] as const,
          ]
        : [],
    ),
  )
}

type Proposal = z.output<typeof KitProposal>

/** What a kit is worked out for. */
export interface KitContext {
  /** the job whose own reservations count as there */
  jobId?: number | null
  /** slot id → designation chosen before */
  current?: Readonly<Record<string, string>>
  greaseFill?: FillPractice | undefined
  /** the bearings of the job, as they were decided */
  bearings?: readonly JobBearing[]
  /** speed where none is typed beside the kit, 1/min */
  rpm?: number | undefined
}

/** Fills and checks a kit. @throws ServiceError `unreadable` for an unknown arrangement, place or size */
export async function workKit(
  { arrangement: code, parts, ...rest }: Proposal,
  { jobId = null, current = {}, greaseFill, bearings = [], rpm }: KitContext = {},
): Promise<WorkedKit> {
  const [arrangement, { context, identifier }] = await Promise.all([arrangementFor(code), getCatalogue()])
  const bySlot = await partsBySlot(arrangement, parts)
  const placed = Object.values(bySlot)
  /** Each of two alike stands in a place of its own. */
  const isPlaced = (designation: string): boolean => {
    const at = placed.indexOf(designation)
    if (at >= 0) placed.splice(at, 1)
    return at >= 0
  }
  const request: KitRequest = {
    ...rest,
    sizes: { ...rest.sizes, rpm: rest.sizes.rpm ?? rpm },
    greaseFill,
    bearings,
    decided: bearings.flatMap(({ designation }) =>
      designation === null || isPlaced(designation) ? [] : [designation],
    ),
    parts: bySlot,
  }
  const knowledge = { context, shelf: identifier.shelf }
  const kit = await withAvailability(jobId, (supplyOf) =>
    proposeKit(arrangement, request, knowledge, { supplyOf, current }),
  )
  return { arrangement, kit }
}

/** The same for a draft as it is stored: what was typed, not yet read. @throws ServiceError as `workKit`; `unreadable` for what cannot be read */
export const workDraft = (draft: KitDraft, context: KitContext): Promise<WorkedKit> =>
  workKit(parse(KitProposal, draft), context)

export function toKitResponse({ arrangement, kit }: WorkedKit, sent: unknown): KitResponse {
  const { title, cautions, position, hub, thread, sizes, slots } = arrangement
  return {
    ...kit,
    title,
    position,
    hub,
    thread,
    sizes: [...sizes],
    sizesRead: sizesRead(sent),
    cautions: [...cautions],
    places: slots.map(({ id, label, role, mayStay, onRequest, singleUse }) => ({
      id,
      label,
      role,
      mayStay,
      onRequest,
      singleUse,
    })),
  }
}

/** The kit, told. @throws ServiceError as `workKit` */
export const proposeKitFor = async (proposal: Proposal, sent: unknown): Promise<KitResponse> =>
  toKitResponse(await workKit(proposal), sent)
