'use client'

import { useEffect, type RefObject } from 'react'
import { flushSync } from 'react-dom'

declare global {
  interface Window {
    /** fields typed into before React listened, with what they hold; undefined once it does */
    typedEarly?: Map<EventTarget, string>
  }
}

type TextField = HTMLInputElement | HTMLTextAreaElement

const isTextField = (target: EventTarget): target is TextField =>
  target instanceof HTMLTextAreaElement ||
  (target instanceof HTMLInputElement && !/checkbox|radio|file/.test(target.type))

/** Types the text once more, as if React had listened. */
function typeAgain(field: TextField, text: string): void {
  const { set } = Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value') ?? {}
  // React compares with what its own setter wrote last: something else has to stand there first.
  field.value = `${text} `
  set?.call(field, text)
  // Each field is told before the next: what they change together is not changed back.
  flushSync(() => field.dispatchEvent(new Event('input', { bubbles: true })))
}

/**
 * Nothing typed into a page as it was sent, before React listened to it, is lost: it is typed again.
 * The page remembers it from its first line on (app/layout).
 * @param screen that holds the fields
 */
export function useTypedEarly(screen: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const typed = [...(window.typedEarly ?? [])]
    delete window.typedEarly
    const take = (): void => {
      for (const [field, text] of typed)
        if (isTextField(field) && screen.current?.contains(field)) typeAgain(field, text)
    }
    // After what this browser kept of an earlier visit (useKept), which the parts around this one read after it: what is typed now counts.
    queueMicrotask(() => queueMicrotask(take))
  }, [screen])
}
