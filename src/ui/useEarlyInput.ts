'use client'

import { useEffect, type RefObject } from 'react'
import { flushSync } from 'react-dom'

declare global {
  interface Window {
    /** what was done to the page before React listened; undefined once it does */
    early?: {
      /** fields typed into, with what they hold */
      typed: Map<EventTarget, string>
      /** what was pressed, and forms that were sent, the last one last */
      pressed: Set<EventTarget>
    }
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

/** What a press meant for React: a form to send, or a button; links and fields did on their own what they do. */
function meantBy(target: EventTarget): HTMLFormElement | HTMLButtonElement | null {
  if (target instanceof HTMLFormElement) return target
  const button = target instanceof Element ? target.closest('button') : null
  // A button that sends a form has sent it: the form stands behind it.
  return button && !(button.type === 'submit' && button.form) ? button : null
}

function pressAgain(meant: HTMLFormElement | HTMLButtonElement | undefined): void {
  if (!meant?.isConnected) return
  if (meant instanceof HTMLFormElement) meant.requestSubmit()
  else meant.click()
}

/**
 * Nothing done to a page as it was sent, before React listened to it, is lost: it is typed again, and the last
 * button pressed is pressed again. The page remembers it from its first line on (app/layout), and sends no form by itself.
 * @param screen that holds the fields
 */
export function useEarlyInput(screen: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const { typed, pressed } = window.early ?? {}
    delete window.early
    const take = (): void => {
      for (const [field, text] of typed ?? [])
        if (isTextField(field) && screen.current?.contains(field)) typeAgain(field, text)
      pressAgain([...(pressed ?? [])].flatMap((target) => meantBy(target) ?? []).at(-1))
    }
    // After what this browser kept of an earlier visit (useStoredState), which the parts around this one read after it: what is typed now counts.
    queueMicrotask(() => queueMicrotask(take))
  }, [screen])
}
