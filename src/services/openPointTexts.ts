import 'server-only'
import type { Stage } from '@/contract/choices'

/** What each open point says of, by its code. The texts stand below. */
export interface OpenPointFacts {
  /** `bearing`: its name, empty for the only one */
  notDecided: { bearing: string }
  doesNotGo: { answer: string }
  unreadable: { what: string }
  spacerOff: { answer: string }
  noKit: Record<never, never>
  kitBehind: { error: string }
  partMissing: { place: string; reason: string }
  partOff: { place: string; reason: string }
  /** `check`: its code */
  checkFailed: { check: string; title: string; detail: string }
  seatLost: { answer: string }
  stepsOpen: { count: number }
  torquesOpen: { fasteners: string[] }
  notToRun: Record<never, never>
  notSigned: Record<never, never>
}
export type OpenPointCode = keyof OpenPointFacts

/** Where each is settled. */
const SETTLED_AT: Readonly<Record<OpenPointCode, Stage>> = {
  notDecided: 'identify',
  doesNotGo: 'compare',
  unreadable: 'record',
  spacerOff: 'fit',
  noKit: 'kit',
  kitBehind: 'kit',
  partMissing: 'kit',
  partOff: 'kit',
  checkFailed: 'kit',
  seatLost: 'fit',
  stepsOpen: 'plan',
  torquesOpen: 'plan',
  notToRun: 'inspect',
  notSigned: 'plan',
}

const TEXTS: { [C in OpenPointCode]: (data: OpenPointFacts[C]) => string } = {
  notDecided: ({ bearing }) => `No part is decided${bearing ? `, ${bearing}` : ''}`,
  doesNotGo: ({ answer }) => answer,
  unreadable: ({ what }) => `${what}: what is stored cannot be read`,
  spacerOff: ({ answer }) => answer,
  noKit: () => 'There is no kit',
  kitBehind: ({ error }) => `The kit does not follow what is typed: ${error}`,
  partMissing: ({ place, reason }) => `${place}: missing. ${reason}`,
  partOff: ({ place, reason }) => `${place}: does not fit. ${reason}`,
  checkFailed: ({ title, detail }) => `${title}. ${detail}`,
  seatLost: ({ answer }) => answer,
  stepsOpen: ({ count }) => `${count} ${count === 1 ? 'step' : 'steps'} of the plan not ticked`,
  torquesOpen: ({ fasteners }) => `No torque written down: ${fasteners.join(', ').toLowerCase()}`,
  notToRun: () => 'The machine does not run until what was found is repaired',
  notSigned: () => 'Nobody has signed it off',
}

/** An open point with its place and text. */
export const openPoint = <C extends OpenPointCode>(code: C, data: OpenPointFacts[C]) => ({
  code,
  data: data as Record<string, unknown>,
  stage: SETTLED_AT[code],
  message: TEXTS[code](data),
})
