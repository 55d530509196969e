import 'server-only'
import type { NewMachine } from '@/db'
import type { z } from 'zod'
import type { Stage } from '@/contract/choices'
import type { NewJob } from '@/contract/job'
import type { ComparisonDraft, InspectionDraft } from '@/contract/judgement'
import type { KitDraft } from '@/contract/kit'
import type { FittingDraft } from '@/contract/plan'

/** The Winterbeck Pier Works: machines with their positions. */
export const MACHINES: NewMachine[] = [
  {
    name: 'Promenade land train',
    place: 'Promenade shed',
    note: 'Hauler and three coaches. Salt spray all season, hosed down every evening.',
    positions: [
      {
        name: 'Coach 1, front axle',
        arrangement: 'A1',
        fitted: 'L68149/L68110 inside, LM12749/LM12710 outside',
        quantity: 2,
      },
      { name: 'Coach 2, rear axle', arrangement: 'A1', fitted: 'LM11949/LM11910 outside', quantity: 2 },
      { name: 'Coach 3, rear axle', arrangement: 'A1', fitted: '', quantity: 2 },
      { name: 'Hauler, front wheels', arrangement: 'D1', fitted: '39x72x37', quantity: 2 },
    ],
  },
  {
    name: 'Carousel',
    place: 'Pier head',
    note: 'Twenty-four platform rollers on a ring track, one centre shaft.',
    positions: [
      { name: 'Platform rollers', arrangement: 'B1', fitted: '6205-2RS', quantity: 24 },
      { name: 'Centre shaft, top', arrangement: null, fitted: '', quantity: 1 },
    ],
  },
  {
    name: 'Deckchair trolleys',
    place: 'Beach store',
    note: 'Nine trolleys, two wheels each. Pushed through wet sand.',
    positions: [{ name: 'Wheels', arrangement: 'B1', fitted: '6003RS', quantity: 18 }],
  },
  {
    name: 'Pump house',
    place: 'Under the pier',
    note: 'Bilge pump with its motor. Runs for hours after a storm.',
    positions: [
      { name: 'Pump shaft, drive end', arrangement: null, fitted: '6305/C3', quantity: 1 },
      { name: 'Motor shaft', arrangement: null, fitted: '', quantity: 2 },
    ],
  },
  {
    name: 'Fairground organ blower',
    place: 'Organ booth',
    note: 'Centrifugal blower behind the organ. Dry, dusty, must stay quiet.',
    positions: [{ name: 'Blower shaft', arrangement: null, fitted: '6203ZZ', quantity: 2 }],
  },
]

export interface DemoJob {
  job: z.input<typeof NewJob>
  machine?: string
  position?: string
  stage: Stage
  decision?: { designation: string; base: string; probability: number }
  kit?: KitDraft
  comparison?: z.input<typeof ComparisonDraft>
  inspection?: z.input<typeof InspectionDraft>
  fitting?: z.input<typeof FittingDraft>
  closed?: boolean
}

/** Why a wheel with sealed bearings has no seals beside them. */
const NO_SEALS = {
  sealLeft: 'the bearings are sealed on both sides',
  sealRight: 'the bearings are sealed on both sides',
}

/** Jobs in different stages. The newest is written last. */
export const JOBS: DemoJob[] = [
  {
    job: {
      title: 'Land train hauler, front left wheel',
      intake: {
        position: 'Front left',
        side: 'left',
        heard: ['rumble', 'play'],
        use: ['washed', 'salt air', 'outdoors'],
        arrived: ['whole bearing'],
        note: 'Speed display fails as well. One face of the old unit is magnetic.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['39'] },
          { feature: 'outside', readings: ['72'] },
          { feature: 'width', readings: ['37'] },
        ],
        stamps: [],
        observed: { element: 'ball', doubleRow: true, encoder: true },
      },
    },
    machine: 'Promenade land train',
    position: 'Hauler, front wheels',
    stage: 'plan',
    decision: { designation: '39x72x37', base: '39x72x37', probability: 0.98 },
    kit: {
      arrangement: 'D1',
      positions: 2,
      parts: { hubUnit: '39x72x37', axleNut: 'M24x1.5' },
      sizes: {},
    },
    comparison: {
      from: '39x72x37',
      to: '39x72x37',
      old: { sensorSide: 'magnet on the inner face' },
      new: { sensorSide: 'magnet on the inner face' },
    },
    inspection: {
      seen: [
        { part: 'bearing', damage: 'corrosion', severity: 'marked' },
        { part: 'housing', damage: 'boreOval', severity: 'trace' },
      ],
      good: ['shaft', 'thread'],
      age: 'some',
    },
    fitting: {
      seats: {
        'hubUnit:outer': {
          class: 'N7',
          readings:
            '12 71.972 front\n3 71.968 front\n6 71.974 front\n9 71.970 front\n12 71.969 back\n3 71.971 back\n6 71.970 back\n9 71.967 back',
        },
      },
    },
  },
  {
    job: {
      title: 'Ice-cream cart 1, rear hub',
      intake: {
        position: 'Rear wheel',
        heard: ['grinding', 'play'],
        use: ['washed', 'salt air', 'slow'],
        arrived: ['whole bearing'],
        note: 'Three bearings: one left, two right behind a threaded ring.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['20'] },
          { feature: 'outside', readings: ['42'] },
          { feature: 'width', readings: ['12'] },
        ],
        stamps: [{ text: '6004-2RS', on: 'seal' }],
        observed: { element: 'ball', closures: ['seal', 'seal'] },
      },
    },
    stage: 'fit',
    decision: { designation: '6004-2RS', base: '6004', probability: 0.99 },
    kit: {
      arrangement: 'B2',
      positions: 2,
      parts: {
        bearing: '6004-2RS',
        sealLeft: 'none',
        sealRight: 'none',
        wheelSpacerLeft: 'keep',
        wheelSpacerRight: 'keep',
        snapRing: 'none',
        retainer: 'keep',
      },
      sizes: { spacerLength: 38 },
      reasons: NO_SEALS,
    },
    inspection: {
      seen: [
        { part: 'bearing', damage: 'falseBrinelling', severity: 'trace' },
        { part: 'bearing', damage: 'particleDents', severity: 'marked' },
      ],
      good: ['housing'],
      age: 'long',
    },
    fitting: { firstSide: 'left', fields: { 'spacing.shoulders': '38', 'spacing.spacer': '37.8' } },
  },
  {
    job: {
      title: 'Coin pusher 4, pusher cam',
      intake: {
        position: 'Cam follower',
        heard: ['grinding'],
        use: ['slow'],
        arrived: ['whole bearing'],
        note: 'Squeals on the way back. Small stainless bearing, stamp still readable.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['8'] },
          { feature: 'outside', readings: ['19'] },
          { feature: 'width', readings: ['6'] },
        ],
        stamps: [{ text: 'S698ZZ', on: 'ring' }],
        observed: { element: 'ball' },
      },
    },
    stage: 'record',
    decision: { designation: 'S698ZZ', base: '698', probability: 0.99 },
    closed: true,
  },
  {
    job: {
      title: 'Kiosk 2, shutter roller',
      intake: {
        position: 'Left end of the shaft',
        heard: ['stiff'],
        use: ['salt air', 'slow'],
        arrived: ['whole bearing'],
        note: 'Old kiosk, inch shaft.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['1'] },
          { feature: 'outside', readings: ['2'] },
          { feature: 'width', readings: ['9/16'] },
        ],
        stamps: [],
        observed: { element: 'ball' },
      },
    },
    stage: 'crossReference',
    decision: { designation: '1641', base: '1641', probability: 0.99 },
  },
  {
    job: {
      title: 'Capstan winch, idler',
      intake: {
        position: 'Idler behind the drum',
        heard: ['play'],
        use: ['heavy load', 'salt air'],
        arrived: ['fragments'],
        note: 'Nobody has seen one like it. Perhaps made for the winch.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['19.3'], condition: 'worn' },
          { feature: 'outside', readings: ['44.4'], condition: 'worn' },
          { feature: 'width', readings: ['13.2'] },
        ],
        stamps: [],
        observed: {},
      },
    },
    stage: 'identify',
  },
  {
    job: {
      title: 'Organ blower, shaft',
      intake: {
        position: 'Blower shaft, pulley end',
        heard: ['rumble'],
        use: ['fast'],
        arrived: ['whole bearing'],
        note: 'Rumbles through the bass pipes.',
      },
      evidence: {
        measurements: [],
        stamps: [{ text: '62?3 ZZ', on: 'seal' }],
        observed: { element: 'ball', closures: ['shield', 'shield'] },
      },
    },
    machine: 'Fairground organ blower',
    position: 'Blower shaft',
    stage: 'identify',
  },
  {
    job: {
      title: 'Ice-cream cart 3, castor',
      intake: {
        position: 'Front castor',
        heard: ['play', 'stiff'],
        use: ['washed', 'salt air'],
        arrived: ['nothing'],
        note: 'Cart comes in on Thursday.',
      },
    },
    stage: 'takeIn',
  },
  {
    job: {
      title: 'Turnstile 3, arm hub',
      intake: {
        position: 'Upper bearing',
        heard: ['stiff'],
        use: ['outdoors', 'slow'],
        arrived: ['whole bearing'],
        note: '',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['17'] },
          { feature: 'outside', readings: ['26'] },
          { feature: 'width', readings: ['5'] },
        ],
        stamps: [],
        observed: { element: 'ball' },
      },
    },
    stage: 'identify',
  },
  {
    job: {
      title: 'Carousel, platform roller 12',
      intake: {
        position: 'Roller 12',
        heard: ['rumble', 'escaped grease'],
        use: ['slow', 'heavy load'],
        arrived: ['whole bearing'],
        note: 'Two bearings in each roller with a tube between.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['25'] },
          { feature: 'outside', readings: ['52'] },
          { feature: 'width', readings: ['15'] },
        ],
        stamps: [{ text: '6205-2RS', on: 'seal' }],
        observed: { element: 'ball', closures: ['seal', 'seal'] },
      },
    },
    machine: 'Carousel',
    position: 'Platform rollers',
    stage: 'kit',
    decision: { designation: '6205-2RS', base: '6205', probability: 0.99 },
    kit: {
      arrangement: 'B1',
      positions: 1,
      parts: {
        bearingLeft: '6205-2RS',
        bearingRight: '6205-2RS',
        sealLeft: 'none',
        sealRight: 'none',
        wheelSpacerLeft: 'keep',
        wheelSpacerRight: 'keep',
        snapRing: 'auto',
      },
      sizes: { spacerLength: 46 },
      reasons: NO_SEALS,
    },
  },
  {
    job: {
      title: 'Deckchair trolley 7, wheel',
      intake: {
        position: 'Left wheel',
        side: 'left',
        heard: ['grinding'],
        use: ['washed', 'salt air', 'slow'],
        arrived: ['whole bearing'],
        note: 'Sealed on the outside only; wet sand got in from the hub side.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['17'] },
          { feature: 'outside', readings: ['35'] },
          { feature: 'width', readings: ['10'] },
        ],
        stamps: [{ text: '6003-RS', on: 'seal' }],
        observed: { element: 'ball', closures: ['seal', 'open'] },
      },
    },
    machine: 'Deckchair trolleys',
    position: 'Wheels',
    stage: 'crossReference',
    decision: { designation: '6003RS', base: '6003', probability: 0.99 },
    comparison: { from: '6003RS', to: '6003-2RS' },
  },
  {
    job: {
      title: 'Land train, coach 1, front axle',
      intake: {
        position: 'Both wheels',
        heard: ['rumble', 'play'],
        use: ['washed', 'salt air', 'outdoors'],
        arrived: ['whole bearing'],
        note: 'Inner and outer sets differ. Cap lost on the right.',
      },
      evidence: {
        measurements: [
          { feature: 'bore', readings: ['1.378 in'] },
          { feature: 'outside', readings: ['2.328 in'] },
          { feature: 'totalWidth', readings: ['0.625 in'] },
        ],
        stamps: [{ text: 'L68149', on: 'cone' }],
        observed: { element: 'taperedRoller', piece: 'complete' },
      },
    },
    machine: 'Promenade land train',
    position: 'Coach 1, front axle',
    stage: 'kit',
    decision: { designation: 'L68149/L68110', base: 'L68149/L68110', probability: 0.99 },
    kit: {
      arrangement: 'A1',
      positions: 4,
      parts: { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' },
      sizes: { sealShaft: 42, cavityLength: 48 },
      thread: '3/4-16',
    },
    inspection: {
      seen: [
        { part: 'race', damage: 'spalling', severity: 'marked' },
        { part: 'grease', damage: 'greaseMilky', severity: 'marked' },
        { part: 'seal', damage: 'lipWorn', severity: 'severe' },
      ],
      good: ['thread'],
      age: 'long',
    },
    fitting: {
      fields: { 'adjust.threads': '16', 'adjust.slots': '6', 'grease.kmh': '15', 'grease.tyre': '420' },
      depths: [{ what: 'inner cup', before: '18.4' }],
    },
  },
  {
    job: {
      title: 'Land train, coach 2, rear left wheel',
      intake: {
        position: 'Outer bearing',
        side: 'left',
        heard: ['rumble'],
        use: ['washed', 'salt air', 'outdoors'],
        arrived: ['whole bearing'],
        note: 'Cup still in the hub. One mark on its back face is gone.',
      },
      evidence: {
        measurements: [
          {
            feature: 'bore',
            readings: ['0.74'],
            unit: 'in',
            instrument: 'digitalCaliper',
            condition: 'worn',
          },
          {
            feature: 'outside',
            readings: ['1.78'],
            unit: 'in',
            instrument: 'digitalCaliper',
            condition: 'worn',
          },
        ],
        stamps: [{ text: 'LM119?0', on: 'cup' }],
        observed: { element: 'taperedRoller', piece: 'complete' },
      },
    },
    machine: 'Promenade land train',
    position: 'Coach 2, rear axle',
    stage: 'identify',
  },
]
