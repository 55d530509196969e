import { writeBoth } from '../quantity'
import type { HardwareDetails, HousingDetails } from './part'

/** What each size of hardware is called. */
export const HARDWARE_LABELS: Readonly<Record<string, string>> = {
  thread: 'thread',
  threadMm: 'thread',
  pitchMm: 'pitch',
  boreMm: 'bore',
  bearingBoreMm: 'bearing bore',
  shaftMm: 'shaft',
  nut: 'nut',
  washer: 'washer',
  hubBoreMm: 'hub mouth',
  nominalMm: 'seat',
  grooveMm: 'groove',
  pinMm: 'pin',
  lengthMm: 'length',
  threadOverMm: 'bolts over',
  threadToMm: 'bolts up to',
  shaftFromMm: 'shafts from',
  shaftToMm: 'shafts up to',
  acrossFlatsMm: 'across flats',
  outsideMm: 'outside',
  heightMm: 'height',
  thicknessMm: 'thickness',
  slots: 'slots',
  seatMm: 'seat',
  bolts: 'bolts',
  bolt: 'bolt',
  boltSpacingMm: 'bolt spacing',
  railSpacingMm: 'rail spacing',
  railSlotMm: 'rail slot',
  centreHeightMm: 'centre height',
}

/** What sizes of a round flange are called. */
const ROUND_LABELS: Readonly<Record<string, string>> = {
  boltSpacingMm: 'bolt circle',
  lengthMm: 'flange diameter',
}

/**
 * By what a housing is fastened, as part of a sentence.
 * @example boltsText({ what: 'housing', kind: 'oval flange', seatMm: 52, bolts: 2, boltSpacingMm: 99, lengthMm: 130 }) // '2 bolts, 99 mm (3.8976 in) apart'
 */
export function boltsText({ kind, bolts, bolt, boltSpacingMm, railSpacingMm }: HousingDetails): string {
  if (boltSpacingMm === undefined) return `rails ${writeBoth(railSpacingMm ?? 0)} apart`
  const spacing = writeBoth(boltSpacingMm)
  return `${bolts} bolts${bolt === undefined ? '' : ` ${bolt}`}${kind === 'round flange' ? ` on a circle of ${spacing}` : `, ${spacing} apart`}`
}

/** Figures that count pieces. */
export const isCount = (key: string): boolean => key === 'slots' || key === 'bolts'

/** Whether the designation of its thread tells a size already. */
export const impliedByThread = (key: string, details: HardwareDetails): boolean =>
  'thread' in details && (key === 'threadMm' || key === 'pitchMm')

/** One thing hardware is known by: a size in mm, or words. */
export interface HardwareFact {
  label: string
  mm?: number
  text?: string
}

/**
 * Everything a piece of hardware is known by, in the order of its row; sizes that the designation of its thread tells
 * already are left out.
 */
export function hardwareFacts(details: HardwareDetails): HardwareFact[] {
  const kind = details.what === 'housing' ? [{ label: 'kind', text: details.kind }] : []
  const sizes = Object.entries(details).flatMap(([key, value]): HardwareFact[] => {
    const isRound = details.what === 'housing' && details.kind === 'round flange'
    const label = (isRound ? ROUND_LABELS[key] : undefined) ?? HARDWARE_LABELS[key]
    if (label === undefined || impliedByThread(key, details)) return []
    if (typeof value === 'number')
      return [isCount(key) ? { label, text: String(value) } : { label, mm: value }]
    return typeof value === 'string' ? [{ label, text: value }] : []
  })
  return [...kind, ...sizes]
}
