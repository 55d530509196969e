import { withArticle } from '../capital'
import { kindText, type Family } from '../catalogue'
import { kindOfUnlisted, suggestionsFor } from '../designation'
import { isTaperedSet, knownPart, resolvePart, type Knowledge, type KnownPart } from '../part'
import type { Arrangement, Slot } from './arrangement'
import { bearingName } from './bearingPlaces'
import { checkKit } from './checks'
import {
  comesWithSleeve,
  fillBalls,
  filledWith,
  fillGrease,
  gap,
  propose,
  ringFor,
  sleeveOf,
  type FillContext,
} from './fill'
import { FINDING_LABELS } from './findings'
import { readBalls } from './readBalls'
import type { Filled, Kit, KitCheck, KitLine, KitRequest, SupplyOf } from './kit'
import { isWholeBearing, ROLES, type SlotRole } from './roles'
import { toolsFor } from './tools'

/** What a part known by its sizes alone is taken for, by the place it stands in. */
const BY_SIZES: Partial<Record<SlotRole, Family>> = {
  cone: 'tapered-metric',
  cup: 'tapered-metric',
  ballBearing: 'deep-groove',
  bearing: 'deep-groove',
  insert: 'insert',
  hubUnit: 'hub-unit',
  thrustBearing: 'thrust-ball',
  rodEnd: 'rod-end',
  sphericalPlain: 'spherical-plain',
  trackRoller: 'cam-follower',
  clutch: 'one-way-clutch',
  seal: 'seal',
}

const conflict = (slot: Slot, designation: string, reason: string): Filled => ({
  slot,
  state: 'conflict',
  designation,
  value: null,
  part: null,
  reason,
})

const REASONS: Record<KnownPart['kind'], string> = {
  listed: 'As chosen.',
  own: 'As chosen, from your own lists: its sizes are checked, nothing else is known of it.',
  byRule: 'As chosen: computed from its series, not in the catalogue.',
  bySizes: 'By its sizes: not in the catalogue, so only the sizes are checked.',
}

/** A set in the place of one of its rings. */
const isRingOf = (value: KnownPart, role: SlotRole): role is 'cone' | 'cup' =>
  (role === 'cone' || role === 'cup') && (isTaperedSet(value) || value.kind === 'own')

function placed(slot: Slot, value: KnownPart, fillContext: FillContext): Filled {
  const assumed = value.kind !== 'listed'
  if (isRingOf(value, slot.role)) {
    // Cone and cup under one number are bought once, with the cone.
    const ring = ringFor(value, slot.role, fillContext)
    const once =
      slot.role === 'cup' && fillContext.request.parts[slot.mate ?? '']?.trim() === ring.designation
    return filledWith(
      slot,
      ring,
      once ? 'Comes with its cone: one set under one number.' : REASONS[value.kind],
      { assumed, ...(once && { quantity: 0 }) },
    )
  }
  return comesWithSleeve(slot, value.part, fillContext)
    ? filledWith(slot, value, 'As chosen; comes with the adapter sleeve.', { quantity: 0 })
    : filledWith(slot, value, REASONS[value.kind], { assumed })
}

/** A designation given by hand: the listed part, an own one, one by its sizes; else text where the role allows it. */
function chosen(slot: Slot, text: string, fillContext: FillContext): Filled {
  const role = ROLES[slot.role]
  const balls = slot.role === 'balls' ? readBalls(text) : null
  if (balls) return fillBalls(slot, fillContext, balls)
  const value = resolvePart(text, fillContext, { piece: role.piece, bySizes: BY_SIZES[slot.role] })
  const known = knownPart(value)
  if (known && (role.takes?.(known.part) || isRingOf(known, slot.role)))
    return placed(slot, known, fillContext)
  if (known) {
    const is = withArticle(kindText(known.part))
    return conflict(slot, text, `${known.part.base} is ${is}. It does not go here: ${slot.label}.`)
  }
  if (role.freeText)
    return filledWith(
      slot,
      value ?? { kind: 'text', text },
      'As written; not in the catalogue, so not checked.',
      { assumed: true },
    )
  const sizes = BY_SIZES[slot.role] ? ' or give its sizes, such as 20 × 35 × 9' : ''
  const kind = kindOfUnlisted(text, fillContext.context.catalogue)
  const meant = suggestionsFor(text, fillContext.context).map(({ designation }) => designation)
  return gap(
    slot,
    `“${text}” is not in the catalogue. ${kind ?? `Check the number${sizes}.`}${meant.length > 0 ? ` Did you mean ${meant.slice(0, 3).join(', ')}?` : ''}`,
    meant,
  )
}

/** A finding that renews this place: the old part may not stay, an optional one is added. */
const renewedBy = (slot: Slot, { request }: FillContext) =>
  slot.addedBy.find((f) => request.findings?.includes(f))

/** A place that is there only when asked for, when something was found, or when its bearing needs it. */
const wantedAnyway = (slot: Slot, fillContext: FillContext): boolean =>
  renewedBy(slot, fillContext) !== undefined ||
  (slot.role === 'adapterSleeve' && sleeveOf(slot.at, fillContext) !== null)

/** A part that is always renewed is never simply “none”: the reason is asked for, and kept. */
const reasonFor = (slot: Slot, { request }: FillContext): string | undefined =>
  request.reasons?.[slot.id]?.trim() || undefined

function fill(slot: Slot, fillContext: FillContext): Filled | null {
  const found = renewedBy(slot, fillContext)
  const text =
    fillContext.request.parts[slot.id]?.trim() ??
    (slot.onRequest && !wantedAnyway(slot, fillContext) ? 'none' : 'auto')
  if (text === 'none')
    return slot.singleUse && !slot.onRequest && reasonFor(slot, fillContext) === undefined
      ? gap(slot, 'Always renewed. If this machine has none, say why.')
      : null
  if (text === 'out') return gap(slot, 'Left out. Nothing stands in this place.')
  if (text === 'keep') {
    if (found)
      return conflict(slot, 'the old one', `Found: ${FINDING_LABELS[found]}. It is replaced, not kept.`)
    return slot.mayStay
      ? {
          slot,
          state: 'filled',
          designation: 'the old one stays',
          value: null,
          part: null,
          reason: 'Kept: only where it is sound.',
          stays: true,
        }
      : conflict(
          slot,
          'the old one',
          slot.singleUse ? 'Single use: take a new one.' : 'Renewed with its mate, always.',
        )
  }
  if (text !== 'auto' && text !== '') return chosen(slot, text, fillContext)
  return slot.role === 'grease' ? null : propose(slot, fillContext)
}

function lineOf(filled: Filled, fillContext: FillContext): KitLine {
  const { slot } = filled
  const { request, supplyOf } = fillContext
  const unit = filled.unit ?? (slot.role === 'grease' ? 'g' : 'pcs')
  const typed = unit === 'pcs' && filled.quantity !== 0 ? request.quantities?.[slot.id] : undefined
  const each = filled.stays ? 0 : (typed ?? filled.quantity ?? slot.perPosition)
  const stock = each > 0 && filled.state === 'filled' ? supplyOf(filled.designation) : null
  return {
    slot: slot.id,
    role: slot.role,
    label: slot.label,
    designation: filled.designation,
    value: filled.value,
    stays: filled.stays ?? false,
    quantityPerPosition: each,
    quantity: each * request.positions,
    unit,
    singleUse: slot.singleUse,
    state: filled.state,
    reason: filled.reason,
    assumed: filled.assumed ?? false,
    note: slot.note,
    alternatives: filled.alternatives ?? [],
    price: stock?.price ?? null,
    stock,
  }
}

/** Lines beside the places: studs, a drum, what a machine has more. */
function extraLines(fillContext: FillContext): KitLine[] {
  const { request, supplyOf } = fillContext
  return (request.extras ?? []).map(({ id, label, designation, quantity }) => {
    const stock = supplyOf(designation)
    return {
      slot: `extra.${id}`,
      role: 'plain',
      label,
      designation,
      value: resolvePart(designation, fillContext) ?? { kind: 'text', text: designation },
      stays: false,
      quantityPerPosition: quantity,
      quantity: quantity * request.positions,
      unit: 'pcs',
      singleUse: false,
      state: 'filled',
      reason: 'Added to this kit.',
      assumed: false,
      note: '',
      alternatives: [],
      price: stock?.price ?? null,
      stock,
    }
  })
}

/** Of everything that is bought by the piece; null while a price is unknown or nothing is bought. */
export function priceOf(lines: readonly KitLine[]): number | null {
  const bought = lines.filter((l) => l.quantity > 0 && l.unit === 'pcs')
  if (bought.length === 0 || bought.some((l) => l.state !== 'filled' || l.price === null)) return null
  return Math.round(bought.reduce((sum, l) => sum + (l.price ?? 0) * l.quantity, 0) * 100) / 100
}

/** A failed check puts every line it names in conflict, with the check's words. */
function withConflicts(lines: readonly KitLine[], checks: readonly KitCheck[]): KitLine[] {
  return lines.map((line) => {
    const failed = checks.find((c) => c.result === 'fail' && c.slots.includes(line.slot))
    return failed && line.state === 'filled'
      ? { ...line, state: 'conflict', reason: `${failed.title}. ${failed.detail}` }
      : line
  })
}

/** A place for a bearing that waits for one of those decided: the rest follows from it. */
const waitsForABearing = ({ state, role, alternatives }: KitLine): boolean =>
  state === 'gap' && (isWholeBearing(role) || role === 'cone') && alternatives.length > 0

export function nextStep(lines: readonly KitLine[]): Kit['next'] {
  const line =
    lines.find((l) => l.state === 'conflict') ??
    lines.find(waitsForABearing) ??
    lines.find((l) => l.state === 'gap')
  if (line)
    return {
      heading:
        line.state === 'conflict'
          ? `Change the ${line.label.toLowerCase()}`
          : `Next: select the ${line.label.toLowerCase()}`,
      line: line.reason,
    }
  const assumed = lines.find((l) => l.assumed)
  return assumed ? { heading: `Confirm the ${assumed.label.toLowerCase()}`, line: assumed.reason } : null
}

/**
 * Names that stand for several places: a tapered set for its cone and cup, `bearing` for every whole bearing, `seal` for
 * every seal. A set typed into the place of one ring fills the other too.
 */
function spread(arrangement: Arrangement, request: KitRequest, knowledge: Knowledge): KitRequest {
  const parts: Record<string, string> = { ...request.parts }
  const open = (id: string): boolean => (parts[id] ?? 'auto').trim() === 'auto'
  for (const slot of arrangement.slots) {
    if (slot.role !== 'cone' || slot.mate === undefined) continue
    const { id, mate } = slot
    const named = parts[bearingName(slot)] ?? parts['bearing']
    const typed = [parts[id], parts[mate], named].find(
      (text) => text !== undefined && isSetText(text, knowledge),
    )
    const set = typed === undefined ? null : resolvePart(typed, knowledge, { bySizes: 'tapered-metric' })
    const value = knownPart(set)
    if (!value) continue
    const { cone, cup } = value.part.set ?? { cone: value.designation, cup: value.designation }
    if (open(id) || parts[id] === typed) parts[id] = cone
    if (open(mate) || parts[mate] === typed) parts[mate] = cup
  }
  for (const { id, role } of arrangement.slots) {
    const name = isWholeBearing(role) ? 'bearing' : role === 'seal' ? 'seal' : undefined
    const text = name && parts[name]
    if (text !== undefined) parts[id] ??= text
  }
  return { ...request, parts }
}

function isSetText(text: string, knowledge: Knowledge): boolean {
  const value = knownPart(resolvePart(text, knowledge, { bySizes: 'tapered-metric' }))
  return value !== null && (isTaperedSet(value) || (value.kind === 'own' && value.part.piece === 'complete'))
}

export interface ProposeOptions {
  supplyOf?: SupplyOf | undefined
  /** slot id → designation chosen before */
  current?: Readonly<Record<string, string>> | undefined
}

/**
 * Fills the places of an arrangement from what is given and measured, checks every neighbour against the other, and
 * says what is missing or does not go together. Among what fits, what was chosen before stays; else what lies on the shelf
 * is taken.
 *
 * @param request `positions` wheel ends or wheels, ≥ 1
 * @returns one line for each place in fitting order; `complete` only without gaps and conflicts
 */
export function proposeKit(
  arrangement: Arrangement,
  request: KitRequest,
  knowledge: Knowledge,
  { supplyOf = () => null, current = {} }: ProposeOptions = {},
): Kit {
  const filled = new Map<string, Filled>()
  const fillContext: FillContext = {
    ...knowledge,
    arrangement,
    request: spread(arrangement, request, knowledge),
    filled,
    supplyOf,
    current,
  }
  const inOrder = [...arrangement.slots].sort((a, b) => ROLES[a.role].order - ROLES[b.role].order)
  for (const slot of inOrder) {
    const done =
      slot.role === 'grease'
        ? (fill(slot, fillContext) ?? fillGrease(slot, fillContext))
        : fill(slot, fillContext)
    if (done) filled.set(slot.id, done)
  }
  const checks = checkKit(fillContext)
  const lines = withConflicts(
    [
      ...arrangement.slots.flatMap(({ id }) => filled.get(id) ?? []).map((f) => lineOf(f, fillContext)),
      ...extraLines(fillContext),
    ],
    checks,
  )
  return {
    arrangement: arrangement.code,
    positions: request.positions,
    lines,
    checks,
    absent: arrangement.slots.flatMap((slot) => {
      const reason = filled.has(slot.id) ? undefined : reasonFor(slot, fillContext)
      return reason === undefined ? [] : [{ slot: slot.id, label: slot.label, reason }]
    }),
    complete: lines.every((line) => line.state === 'filled'),
    price: priceOf(lines),
    next: nextStep(lines),
    tools: toolsFor(fillContext),
  }
}
