import { isWholeBearing, type Kit, type KitLine } from '../kit'
import type { Inspected, Running } from './findingKinds'
import { judgeParts, type Seen } from './judgeParts'

/** What is looked at on a part of a kit; nothing for parts that findings do not name. */
function inspectedOn({ role }: Pick<KitLine, 'role'>): readonly Inspected[] {
  if (isWholeBearing(role)) return ['bearing', 'race']
  switch (role) {
    case 'cone':
      return ['bearing']
    case 'cup':
      return ['race']
    case 'seal':
      return ['seal']
    case 'collar':
    case 'spacerTube':
      return ['collar']
    case 'grease':
      return ['grease']
    default:
      return []
  }
}

/**
 * Whether the machine may run once the kit is in: what was found on parts that all come new with it no longer counts.
 * @param seen all that was found, of every bearing of the job
 */
export function runsOnceFitted(seen: readonly Seen[], { lines }: Pick<Kit, 'lines'>): Running {
  const isNew = (part: Inspected): boolean => {
    const of = lines.filter((line) => inspectedOn(line).includes(part))
    return of.length > 0 && of.every(({ state, stays }) => state === 'filled' && !stays)
  }
  return judgeParts(
    seen.filter(({ part }) => !isNew(part)),
    { tags: [] },
  ).run
}
