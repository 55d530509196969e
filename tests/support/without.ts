import type { Catalogue, Part } from '@/core/catalogue'
import type { DesignationContext } from '@/core/designation'

/** The same catalogue as if a part had never been listed: neither by itself nor in the sets it is a half of. */
export function without(context: DesignationContext, gone: Part): DesignationContext {
  const { catalogue } = context
  const stays = (part: Part): boolean =>
    part !== gone && (!part.set || (part.set.cone !== gone.base && part.set.cup !== gone.base))
  const byName = new Map(catalogue.byName)
  for (const [key, parts] of catalogue.byName) if (!parts.every(stays)) byName.set(key, parts.filter(stays))
  const setsOf = new Map([...catalogue.setsOf].filter(([base]) => base !== gone.base))
  const rest: Catalogue = { ...catalogue, parts: catalogue.parts.filter(stays), byName, setsOf }
  return { ...context, catalogue: rest }
}
