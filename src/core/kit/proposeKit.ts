import { familyFacts, findPart, type Part } from '../catalogue'
import { readClean, suggestionsFor, type Language } from '../designation'
import { FINDING_WORDS, type Arrangement, type Slot, type SlotRole } from './arrangement'
import { checkKit } from './constraints'
import { FILLERS, fillGrease, gap, isBearing, type Bench } from './fill'
import type { Filled, Kit, KitCheck, KitLine, KitRequest, SupplyOf } from './kit'
import { toolsFor } from './tools'

/** Slots that a free text may fill: hardware that no list of ours holds. Bearings and seals must be known. */
const FREE_TEXT: ReadonlySet<SlotRole> = new Set([
  'washer',
  'castleNut',
  'cotterPin',
  'cap',
  'snapRing',
  'spacerTube',
  'wheelSpacer',
  'wearSleeve',
  'plain',
  'balls',
  'lockNut',
  'lockWasher',
  'consumable',
])

/** Bearings decide the spindle, the nut decides washer and pin; grease follows from everything. */
const AFTER: Record<SlotRole, number> = {
  cone: 0,
  cup: 0,
  ballBearing: 0,
  bearing: 0,
  insert: 0,
  hubUnit: 0,
  balls: 0,
  plain: 0,
  check: 0,
  consumable: 0,
  lockNut: 1,
  lockWasher: 2,
  wearSleeve: 1,
  seal: 1,
  castleNut: 1,
  cap: 1,
  snapRing: 1,
  spacerTube: 1,
  wheelSpacer: 1,
  washer: 2,
  cotterPin: 2,
  grease: 3,
}

/** What must stand in a slot. */
function belongs(slot: Slot, part: Part): boolean {
  switch (slot.role) {
    case 'cone':
      return part.piece === 'cone'
    case 'cup':
      return part.piece === 'cup'
    case 'seal':
      return part.piece === 'seal'
    case 'ballBearing':
      return familyFacts(part.family).traits?.includes('closable') ?? false
    case 'bearing':
      return part.piece === 'complete' && part.family !== 'hub-unit' && part.family !== 'insert'
    case 'insert':
      return part.family === 'insert'
    case 'hubUnit':
      return part.family === 'hub-unit'
    case 'washer':
    case 'lockNut':
    case 'lockWasher':
    case 'castleNut':
    case 'cotterPin':
    case 'cap':
    case 'snapRing':
      return part.hardware?.what === slot.role
    case 'spacerTube':
    case 'wheelSpacer':
    case 'wearSleeve':
    case 'balls':
    case 'check':
    case 'consumable':
    case 'grease':
      return false
    case 'plain':
      return true
  }
}

const conflict = (slot: Slot, designation: string, reason: string): Filled => ({
  slot,
  state: 'conflict',
  designation,
  part: null,
  reason,
})

/** Which piece a number means where it may mean two. */
const PIECE_OF: Partial<Record<SlotRole, Part['piece']>> = {
  cone: 'cone',
  cup: 'cup',
  seal: 'seal',
  ballBearing: 'complete',
  bearing: 'complete',
  insert: 'complete',
  hubUnit: 'complete',
}

/** A designation given by hand: the listed part, with its options kept in the text. */
function given(slot: Slot, text: string, language: Language): Filled {
  const exact = findPart(language.catalogue, text, PIECE_OF[slot.role]) ?? findPart(language.catalogue, text)
  const read = exact ? null : readClean(text, language)
  const part = exact ?? read?.part ?? undefined
  if (part && belongs(slot, part))
    return { slot, state: 'filled', designation: read?.canonical ?? part.base, part, reason: 'As chosen.' }
  if (part)
    return conflict(
      slot,
      text,
      `${part.base} is a ${part.piece === 'hardware' || part.piece === 'complete' ? familyFacts(part.family).words : part.piece}; this place takes a ${slot.words.toLowerCase()}.`,
    )
  if (FREE_TEXT.has(slot.role))
    return {
      slot,
      state: 'filled',
      designation: text,
      part: null,
      reason: 'As written; not in the catalogue, so not checked.',
      assumed: true,
    }
  const meant = suggestionsFor(text, language).map(({ designation }) => designation)
  return gap(
    slot,
    `“${text}” is not in the catalogue. Check the number, or identify the part first.${meant.length > 0 ? ` Did you mean ${meant.slice(0, 3).join(', ')}?` : ''}`,
    meant,
  )
}

/** A finding that renews this place: the old part may not stay, an optional one is added. */
const renewedBy = (slot: Slot, { request }: Bench) => slot.addedBy.find((f) => request.findings?.includes(f))

function fill(slot: Slot, bench: Bench): Filled | null {
  const found = renewedBy(slot, bench)
  const text = bench.request.parts[slot.id]?.trim() ?? (slot.onRequest && !found ? 'none' : 'auto')
  if (text === 'none') return null
  if (text === 'out') return gap(slot, 'Left out. Nothing stands in this place.')
  if (text === 'keep') {
    if (found)
      return conflict(slot, 'the old one', `Found: ${FINDING_WORDS[found]}. It is replaced, not kept.`)
    return slot.mayStay
      ? {
          slot,
          state: 'filled',
          designation: 'the old one stays',
          part: null,
          reason: 'Kept: only where it is sound.',
          stays: true,
        }
      : conflict(
          slot,
          'the old one',
          slot.singleUse ? 'Used once only: take a new one.' : 'Renewed with its mate, always.',
        )
  }
  if (text !== 'auto' && text !== '') return given(slot, text, bench.language)
  return slot.role === 'grease' ? null : FILLERS[slot.role](slot, bench)
}

function lineOf(filled: Filled, positions: number, supplyOf: SupplyOf): KitLine {
  const { slot } = filled
  const each = filled.stays ? 0 : (filled.quantity ?? slot.perPosition)
  return {
    slot: slot.id,
    words: slot.words,
    designation: filled.designation,
    quantityPerPosition: each,
    quantity: each * positions,
    unit: filled.unit ?? (slot.role === 'grease' ? 'g' : 'pcs'),
    singleUse: slot.singleUse,
    state: filled.state,
    reason: filled.reason,
    assumed: filled.assumed ?? false,
    note: slot.note,
    alternatives: filled.alternatives ?? [],
    stock: each > 0 && filled.state === 'filled' ? supplyOf(filled.designation) : null,
  }
}

/** Of everything that is bought by the piece; null while a price is unknown or nothing is bought. */
function priceOf(lines: readonly KitLine[]): number | null {
  const bought = lines.filter((l) => l.quantity > 0 && l.unit === 'pcs')
  if (bought.length === 0 || bought.some((l) => l.state !== 'filled' || (l.stock?.price ?? null) === null))
    return null
  return Math.round(bought.reduce((sum, l) => sum + (l.stock?.price ?? 0) * l.quantity, 0) * 100) / 100
}

/** A failed check puts every line it names in conflict, with the check's words. */
function withConflicts(lines: readonly KitLine[], checks: readonly KitCheck[]): KitLine[] {
  return lines.map((line) => {
    const failed = checks.find((c) => c.result === 'fail' && c.slots.includes(line.slot))
    return failed && line.state === 'filled'
      ? { ...line, state: 'conflict', reason: `${failed.words}. ${failed.detail}` }
      : line
  })
}

function nextStep(lines: readonly KitLine[]): Kit['next'] {
  const line = lines.find((l) => l.state === 'conflict') ?? lines.find((l) => l.state === 'gap')
  if (line)
    return {
      heading:
        line.state === 'conflict'
          ? `Change the ${line.words.toLowerCase()}`
          : `Fill in: ${line.words.toLowerCase()}`,
      line: line.reason,
    }
  const assumed = lines.find((l) => l.assumed)
  return assumed ? { heading: `Confirm the ${assumed.words.toLowerCase()}`, line: assumed.reason } : null
}

/** `innerBearing: "L68149/L68110"` stands for cone and cup, `bearing: "6203-2RS"` for every whole bearing. */
function spreadSets({ slots }: Arrangement, request: KitRequest): KitRequest {
  const parts: Record<string, string> = { ...request.parts }
  for (const { id, mate, role } of slots) {
    if (role !== 'cone' || mate === undefined) continue
    const pair = /^\s*(\S+?)\s*\/\s*(\S+)\s*$/.exec(parts[id.replace(/Cone$/, 'Bearing')] ?? '')
    if (!pair) continue
    parts[id] ??= pair[1] ?? ''
    parts[mate] ??= pair[2] ?? ''
  }
  if (parts['bearing']) for (const { id, role } of slots) if (isBearing(role)) parts[id] ??= parts['bearing']
  return { ...request, parts }
}

/**
 * Fills the places of an arrangement from what is given and measured, checks every neighbour against the other, and
 * says what is missing or does not go together. Among what fits, takes what lies on the shelf.
 *
 * @param request `positions` wheel ends or wheels, ≥ 1
 * @returns one line for each place in fitting order; `complete` only without gaps and conflicts
 */
export function proposeKit(
  arrangement: Arrangement,
  request: KitRequest,
  language: Language,
  supplyOf: SupplyOf = () => null,
): Kit {
  const filled = new Map<string, Filled>()
  const bench: Bench = { arrangement, request: spreadSets(arrangement, request), language, filled, supplyOf }
  const inOrder = [...arrangement.slots].sort((a, b) => AFTER[a.role] - AFTER[b.role])
  for (const slot of inOrder) {
    const done = slot.role === 'grease' ? (fill(slot, bench) ?? fillGrease(slot, bench)) : fill(slot, bench)
    if (done) filled.set(slot.id, done)
  }
  const checks = checkKit(bench)
  const lines = withConflicts(
    arrangement.slots
      .flatMap(({ id }) => filled.get(id) ?? [])
      .map((f) => lineOf(f, request.positions, supplyOf)),
    checks,
  )
  return {
    arrangement: arrangement.code,
    positions: request.positions,
    lines,
    checks,
    complete: lines.every((line) => line.state === 'filled'),
    price: priceOf(lines),
    next: nextStep(lines),
    tools: toolsFor(bench),
  }
}
