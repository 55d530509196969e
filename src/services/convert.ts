import 'server-only'
import type { z } from 'zod'
import {
  conversionChanges,
  OPINIONS,
  partsForSeat,
  WHOLE_ASSEMBLY,
  type ConversionKind,
} from '@/core/convert'
import { getCatalogue } from './catalogueRuntime'
import { ServiceError } from './errors'
import type { ConvertRequest } from '@/contract/convert'
import { type ConvertResponse } from '@/contract/convert'

/** A kit for what was chosen: a tapered pair on its spindle, ball bearings clamped over a spacer, or held by a washer and a ring. */
function kitFor(
  kind: ConversionKind,
  [first = '', second = first]: readonly string[],
  positions: number,
  clamped: boolean,
  shoulders: number | undefined,
): ConvertResponse['kit'] {
  if (kind === 'ballToTapered')
    return { arrangement: 'A1', positions, parts: { innerBearing: first, outerBearing: second }, sizes: {} }
  const sealed = (base: string) => `${base}-2RS`
  if (!clamped)
    return {
      arrangement: 'C1',
      positions,
      parts: { bearingInner: sealed(first), bearingOuter: sealed(second) },
      sizes: {},
    }
  return {
    arrangement: 'B1',
    positions,
    parts: { bearingLeft: sealed(first), bearingRight: sealed(second) },
    sizes: shoulders === undefined ? {} : { spacerLength: shoulders },
  }
}

/** What fits the seats in another kind of bearing, and what else changes. @throws ServiceError `impossible` */
export async function convert(input: z.output<typeof ConvertRequest>): Promise<ConvertResponse> {
  const { kind, seats, chosen, shoulders, positions, load, fastener } = input
  // A bush stands on a dead axle, a pair of bearings is clamped, unless it is said otherwise.
  const clamped = input.clamped ?? kind !== 'bushToBall'
  for (const { shaft, housing } of seats)
    if (shaft >= housing)
      throw new ServiceError('impossible', 'The shaft is not smaller than the bore. Check both.')
  const { context } = await getCatalogue()
  const found = seats.map(({ shaft, housing, width }, i) => {
    const parts = partsForSeat(
      context.catalogue,
      kind,
      { shaftMm: shaft, housingMm: housing, widthMm: width },
      load,
    )
    const wanted = chosen[i]
    const pick = wanted ? parts.find((p) => p.designation === wanted) : parts.find((p) => p.sensible)
    if (wanted && !pick)
      throw new ServiceError('impossible', `“${wanted}” does not fit end ${i + 1}. Choose one of the list.`)
    return { parts, pick }
  })
  const picks = found.flatMap(({ pick }) => pick ?? [])
  const all = picks.length === seats.length
  return {
    seats: found.map(({ parts, pick }) => ({ parts, chosen: pick?.designation ?? null })),
    // One end given stands for both: the hub is alike on its two sides.
    changes: all
      ? conversionChanges(kind, picks.length === 1 ? [...picks, ...picks] : picks, clamped, fastener)
      : [],
    assembly: {
      parts: [...WHOLE_ASSEMBLY.parts],
      mustMatch: [...WHOLE_ASSEMBLY.mustMatch],
      lost: [...WHOLE_ASSEMBLY.lost],
    },
    opinions: [...OPINIONS[kind]],
    kit: all
      ? kitFor(
          kind,
          picks.map((p) => p.designation),
          positions,
          clamped,
          shoulders,
        )
      : null,
  }
}
