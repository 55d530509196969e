'use client'

import { parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'

/** State of a screen that stands in the address: a reload, a link and the browser's Back keep it. */
const KEPT = { clearOnDefault: true } as const

/** One of a few words in the address, such as a tab. Changing it is a step of the browser's history. */
export const useUrlChoice = <const T extends string>(
  name: string,
  choices: readonly T[],
  usual: NoInfer<T>,
) =>
  useQueryState(name, {
    ...parseAsStringLiteral(choices).withDefault(usual),
    ...KEPT,
    history: 'push',
  })

/** A text in the address, such as what a list is searched for. Typing it is no step of the history. */
export const useUrlText = (name: string) =>
  useQueryState(name, { ...parseAsString.withDefault(''), ...KEPT, history: 'replace' })
