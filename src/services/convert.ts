import 'server-only'
import { conversionChanges, OPINIONS, partsForSeat, type ConversionKind } from '@/core/convert'
import { ready } from './language'
import { ServiceError } from './errors'
import { ConvertRequest, type ConvertResponse } from '@/contract/convert'
import { parse } from './parse'

/** A kit for what was chosen: ball bearings clamped over a spacer, or a tapered pair on its spindle. */
function kitFor(
  kind: ConversionKind,
  [first = '', second = first]: readonly string[],
  positions: number,
  shoulders: number | undefined,
): ConvertResponse['kit'] {
  if (kind === 'ballToTapered')
    return { arrangement: 'A1', positions, parts: { innerBearing: first, outerBearing: second }, sizes: {} }
  const sealed = (base: string) => `${base}-2RS`
  return {
    arrangement: 'B1',
    positions,
    parts: { bearingLeft: sealed(first), bearingRight: sealed(second) },
    sizes: shoulders === undefined ? {} : { spacerLength: shoulders },
  }
}

/** What fits the seats in another kind of bearing, and what else changes. @throws ServiceError `unreadable`, `impossible` */
export async function convert(input: unknown): Promise<ConvertResponse> {
  const { kind, seats, chosen, shoulders, positions } = parse(ConvertRequest, input)
  for (const { shaft, housing } of seats)
    if (shaft >= housing)
      throw new ServiceError('impossible', 'The shaft is not smaller than the bore. Check both.')
  const { language } = await ready()
  const found = seats.map(({ shaft, housing, width }, i) => {
    const parts = partsForSeat(language.catalogue, kind, {
      shaftMm: shaft,
      housingMm: housing,
      widthMm: width,
    })
    const wanted = chosen[i]
    const pick = wanted ? parts.find((p) => p.designation === wanted) : parts[0]
    if (wanted && !pick)
      throw new ServiceError('impossible', `“${wanted}” does not fit end ${i + 1}. Choose one of the list.`)
    return { parts, pick }
  })
  const picks = found.flatMap(({ pick }) => pick ?? [])
  const all = picks.length === seats.length
  return {
    seats: found.map(({ parts, pick }) => ({ parts, chosen: pick?.designation ?? null })),
    // One end given stands for both: the hub is alike on its two sides.
    changes: all ? conversionChanges(kind, picks.length === 1 ? [...picks, ...picks] : picks) : [],
    opinions: [...OPINIONS[kind]],
    kit: all
      ? kitFor(
          kind,
          picks.map((p) => p.designation),
          positions,
          shoulders,
        )
      : null,
  }
}
