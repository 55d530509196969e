import 'server-only'
import { addDays } from '@/core/dates'
import { partKeyOf, readClean, type DesignationContext } from '@/core/designation'
import type { DAMAGE } from '@/core/inspect'
import * as db from '@/db'
import { Intake } from '@/contract/job'
import { KitDraft } from '@/contract/kit'
import { kitToKeep } from '../keptKit'

type Seen = readonly [part: string, damage: (typeof DAMAGE)[number]['id'], severity: string][]

/** One place of a machine over two seasons: what was fitted when, and how long it ran. */
interface Place {
  machine: string
  position: string
  /** how its jobs are called */
  title: string
  /** fitted one after another: number, days it ran; 0 = still in service */
  runs: readonly (readonly [designation: string, days: number])[]
  /** days ago the first of them was fitted */
  began: number
  /** pieces of one place */
  pieces: number
  found: readonly Seen[]
  kit?: (designation: string) => unknown
  /** mean of the seat at each job, mm */
  seat?: { id: string; mm: readonly number[] }
}

const SEALS_OFF = { sealLeft: 'none', sealRight: 'none', wheelSpacerLeft: 'keep', wheelSpacerRight: 'keep' }
const wheel = (spacerLength: number) => (designation: string) => ({
  arrangement: 'B1',
  positions: 1,
  parts: { bearingLeft: designation, bearingRight: designation, ...SEALS_OFF, snapRing: 'auto' },
  sizes: { spacerLength },
  reasons: { sealLeft: 'sealed bearings', sealRight: 'sealed bearings' },
})

const RUSTED: Seen = [
  ['bearing', 'corrosion', 'marked'],
  ['grease', 'greaseMilky', 'marked'],
]
const SANDED: Seen = [
  ['bearing', 'abrasion', 'marked'],
  ['bearing', 'particleDents', 'trace'],
]
const WORN_LIP: Seen = [
  ['seal', 'lipWorn', 'severe'],
  ['bearing', 'corrosion', 'trace'],
]
const TIRED: Seen = [['bearing', 'spalling', 'marked']]
const DRY: Seen = [
  ['grease', 'greaseBurnt', 'marked'],
  ['bearing', 'rough', 'marked'],
]
const CREPT: Seen = [
  ['housing', 'seatFretting', 'trace'],
  ['bearing', 'play', 'marked'],
]

/** Rollers of the carousel: sealed on one side at first, then on both. */
const rollers = (): Place[] =>
  Array.from({ length: 12 }, (_, i) => ({
    machine: 'Carousel',
    position: 'Platform rollers',
    title: `Carousel, platform roller ${i + 1}`,
    began: 705 - i * 6,
    pieces: 2,
    runs: [
      ['6205RS', 140 + ((i * 37) % 130)],
      ['6205-2RS', i % 4 === 3 ? 190 + i * 6 : 0],
      ...(i % 4 === 3 ? [['6205-2RS', 0] as const] : []),
    ],
    found: [i % 3 === 0 ? WORN_LIP : RUSTED, TIRED],
    kit: wheel(46),
  }))

/** Wheels of the deckchair trolleys: through wet sand every day. */
const trolleys = (): Place[] =>
  Array.from({ length: 9 }, (_, i) => ({
    machine: 'Deckchair trolleys',
    position: 'Wheels',
    title: `Deckchair trolley ${i + 1}, wheel`,
    began: 720 - i * 9,
    pieces: 2,
    runs: [
      ['6003RS', 75 + ((i * 29) % 80)],
      ['6003RS', 85 + ((i * 17) % 70)],
      ['6003-2RS', i % 3 === 1 ? 170 + i * 9 : 0],
      ...(i % 3 === 1 ? [['6003-2RS', 0] as const] : []),
    ],
    found: [SANDED, RUSTED, WORN_LIP],
    kit: wheel(30),
  }))

const PLACES: readonly Place[] = [
  ...rollers(),
  ...trolleys(),
  {
    machine: 'Promenade land train',
    position: 'Coach 3, rear axle',
    title: 'Land train, coach 3, rear axle',
    began: 690,
    pieces: 2,
    runs: [
      ['L68149/L68110', 250],
      ['L68149/L68110', 0],
    ],
    found: [RUSTED, TIRED],
  },
  {
    machine: 'Promenade land train',
    position: 'Coach 1, front axle',
    title: 'Land train, coach 1, front axle',
    began: 700,
    pieces: 2,
    runs: [
      ['LM12749/LM12710', 310],
      ['LM12749/LM12710', 12],
      ['LM12749/LM12710', 0],
    ],
    found: [WORN_LIP, [['bearing', 'heatColour', 'trace']], RUSTED],
  },
  {
    machine: 'Promenade land train',
    position: 'Hauler, front wheels',
    title: 'Land train hauler, front right wheel',
    began: 680,
    pieces: 1,
    runs: [
      ['39x72x37', 330],
      ['39x72x37', 0],
    ],
    found: [CREPT, RUSTED],
    seat: { id: 'hubUnit:outer', mm: [71.9602, 71.9654] },
  },
  {
    machine: 'Pump house',
    position: 'Pump shaft, drive end',
    title: 'Bilge pump, drive end',
    began: 650,
    pieces: 1,
    runs: [
      ['6305/C3', 205],
      ['6305/C3', 160],
      ['6305/C3', 0],
    ],
    found: [[['bearing', 'fluting', 'marked']], CREPT, [['bearing', 'fluting', 'trace']]],
  },
  {
    machine: 'Fairground organ blower',
    position: 'Blower shaft',
    title: 'Organ blower, shaft',
    began: 640,
    pieces: 2,
    runs: [
      ['6203ZZ', 395],
      ['6203ZZ', 0],
    ],
    found: [DRY, DRY],
  },
]

/** A part that ran less than this before it was opened again came back. */
const CAME_BACK_DAYS = 30
const FIRST_DAY = "After the first day's work: heat, noise, fasteners, grease marks."
const SEASON = 'After the season: spin and listen, rock, look at the seals.'
const SEASON_DAYS = 90
const WHO = ['EM', 'TK', 'RB'] as const

/** How sure identification was, one job after another; with a second figure it named the wrong part first. */
const SAID: readonly (readonly [sure: number, then?: number])[] = [
  [0.998],
  [0.993],
  [0.97],
  [0.997],
  [0.91],
  [0.62, 0.96],
  [0.996],
  [0.86],
  [0.999],
  [0.44, 0.93],
  [0.98],
  [0.74],
  [0.995],
  [0.66],
  [0.9, 0.97],
  [0.72],
]
/** Parts that were taken for one another, by what was fitted. */
const TAKEN_FOR: Readonly<Record<string, string>> = {
  '6205': '6305',
  '6305': '6205',
  '6003': '6203',
  '6203': '6303',
  'L68149/L68110': 'L68149/L68111',
  'LM12749/LM12710': 'LM12749/LM12711',
}
/** Every so many jobs nobody had to identify the part. */
const KNOWN_EVERY = 7

function identifiedAs(designation: string, nth: number, context: DesignationContext) {
  const base = readClean(designation, context)?.base
  const [sure, then] = SAID[nth % SAID.length] ?? []
  const wrong = base && TAKEN_FOR[base]
  if (!base || sure === undefined || nth % KNOWN_EVERY === 0) return []
  if (then === undefined || !wrong) return [{ base, probability: sure }]
  return [
    { base: wrong, probability: sure },
    { base, probability: then },
  ]
}

interface Fitting {
  place: Place
  designation: string
  on: string
  replacedOn: string | null
  /** which of the place it is, from 0 */
  nth: number
}

function fittingsOf(place: Place, today: string): Fitting[] {
  let on = addDays(today, -place.began)
  return place.runs.map(([designation, days], nth) => {
    const fitting = { place, designation, on, nth, replacedOn: days === 0 ? null : addDays(on, days) }
    on = fitting.replacedOn ?? on
    return fitting
  })
}

/**
 * Writes two seasons of closed jobs before the jobs that are on the bench.
 * @param firstId number of the first of them
 * @param today ISO date; all lies before it
 */
export async function loadHistory(
  machines: readonly db.StoredMachine[],
  context: DesignationContext,
  firstId: number,
  today: string,
): Promise<number> {
  const keyOf = (designation: string) => partKeyOf(designation, context)
  const all = PLACES.flatMap((place) => fittingsOf(place, today)).sort((a, b) => a.on.localeCompare(b.on))
  for (const [i, { place, designation, on, replacedOn, nth }] of all.entries()) {
    const machine = machines.find(({ name }) => name === place.machine)
    const position = machine?.positions.find(({ name }) => name === place.position)
    if (!machine || !position) continue
    const draft = place.kit ? KitDraft.parse(place.kit(designation)) : null
    const storedKit = draft ? await kitToKeep(null, draft, null, []) : undefined
    const before = all.findIndex((f) => f.place === place && f.nth === nth - 1)
    const ranBefore = nth > 0 ? (place.runs[nth - 1]?.[1] ?? 0) : Infinity
    const due = addDays(on, SEASON_DAYS)
    const who = WHO[i % WHO.length] ?? ''
    const seat = place.seat?.mm[nth]
    await db.writePastJob({
      id: firstId + i,
      title: place.title,
      machineId: machine.id,
      positionId: position.id,
      intake: Intake.parse({ use: ['washed', 'salt air', 'outdoors'], heard: ['rumble'] }),
      on,
      designation,
      identified: identifiedAs(designation, i, context),
      partKey: keyOf(designation),
      findings: (place.found[nth] ?? RUSTED).map(([part, damage, severity]) => ({ part, damage, severity })),
      kit: draft && storedKit ? { draft, stored: storedKit } : null,
      seatReadings:
        place.seat && seat !== undefined
          ? ['12', '3', '6', '9'].map((at, n) => ({
              seat: place.seat?.id ?? '',
              at,
              depth: 'front',
              mm: Math.round((seat + (n - 1.5) * 0.001) * 1e4) / 1e4,
            }))
          : [],
      comebackOf: ranBefore < CAME_BACK_DAYS ? firstId + before : null,
      parts: [
        {
          slot: place.pieces > 1 ? 'bearingLeft' : 'bearing',
          label: 'Bearing',
          designation,
          partKey: keyOf(designation),
          quantity: place.pieces,
          replacedOn,
        },
      ],
      rechecks: [
        {
          dueOn: addDays(on, 1),
          what: FIRST_DAY,
          answer: { doneOn: addDays(on, 1), outcome: 'held', note: '', who },
        },
        {
          dueOn: due,
          what: SEASON,
          answer:
            replacedOn !== null && replacedOn <= due
              ? { doneOn: replacedOn, outcome: 'cameBack', note: 'play at the rim', who }
              : due < today && i % 9 !== 4
                ? { doneOn: due, outcome: 'held', note: 'seals dry, no play', who }
                : null,
        },
      ],
    })
  }
  return all.length
}
