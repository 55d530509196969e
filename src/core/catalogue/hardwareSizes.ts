import type { HardwareDetails } from './part'

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
  centreHeightMm: 'centre height',
}

/** Figures that count pieces. */
export const isCount = (key: string): boolean => key === 'slots' || key === 'bolts'

/** Whether the designation of its thread tells a size already. */
export const isToldByThread = (key: string, details: HardwareDetails): boolean =>
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
    const label = HARDWARE_LABELS[key]
    if (label === undefined || isToldByThread(key, details)) return []
    if (typeof value === 'number')
      return [isCount(key) ? { label, text: String(value) } : { label, mm: value }]
    return typeof value === 'string' ? [{ label, text: value }] : []
  })
  return [...kind, ...sizes]
}
