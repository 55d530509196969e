'use client'

import { ArrowRight, Delete, Keyboard } from 'lucide-react'
import { useCallback, useEffect, useState, type ReactNode } from 'react'
import * as texts from '@/texts/shell'

/** Fields for figures. */
const FIGURES = ['[data-length]', '[inputmode=decimal]', '[inputmode=numeric]', '[inputmode=none]']
  .map((kind) => `input${kind}`)
  .join()

const figuresField = (target: EventTarget | null): HTMLInputElement | null =>
  target instanceof HTMLInputElement && target.matches(FIGURES) && !target.readOnly && !target.disabled
    ? target
    : null

/** A phone, whose screens scroll as a whole, or a screen held upright: elsewhere the pad would leave no room for the work. */
const hasRoom = (): boolean => window.matchMedia('(width < 40rem), (height >= 62.5rem)').matches

/** The next field for figures on the screen, after the last one the first. */
function nextField(field: HTMLInputElement): HTMLInputElement | undefined {
  const all = [...document.querySelectorAll<HTMLInputElement>(FIGURES)].filter(
    (other) => other.offsetParent !== null && !other.disabled,
  )
  return all[(all.indexOf(field) + 1) % all.length]
}

/** Replaces a stretch of the text as typing does: nothing where the field would grow longer than it may. */
function edit(field: HTMLInputElement, text: string, from: number, to: number): void {
  if (field.maxLength >= 0 && field.value.length - (to - from) + text.length > field.maxLength) return
  field.setRangeText(text, from, to, 'end')
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '0', '.', '/'] as const

interface PadKeyProps {
  label?: string
  onPress: () => void
  children: ReactNode
  primary?: boolean
}

function PadKey({ label, onPress, children, primary }: PadKeyProps) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={label}
      // The field keeps the focus and its caret.
      onPointerDown={(event) => event.preventDefault()}
      onClick={onPress}
      className={`number flex min-h-14 items-center justify-center rounded-lg border border-edge text-[1.375rem] font-medium active:bg-wash ${primary ? 'bg-ink text-sheet' : 'bg-sheet'}`}
    >
      {children}
    </button>
  )
}

/**
 * Large keys for figures, fractions and units, for fingers in gloves: they come up when a field for figures is touched, in place
 * of the keyboard of the device, and go when a mouse or a real keyboard is used.
 */
export function NumberPad() {
  const [field, setField] = useState<HTMLInputElement | null>(null)
  const close = useCallback(() => setField(null), [])
  useEffect(() => {
    let touched = false
    const onPointer = (event: PointerEvent) => {
      touched = event.pointerType !== 'mouse' && hasRoom()
      const found = figuresField(event.target)
      if (found && touched) {
        // Said before it has the focus: the keyboard of the device stays down.
        if (!found.hasAttribute('data-keyboard')) found.inputMode = 'none'
      } else if (!touched) close()
    }
    const onFocus = (event: FocusEvent) => {
      const found = figuresField(event.target)
      if (!found) return close()
      setField((was) => (!found.hasAttribute('data-keyboard') && (touched || was) ? found : null))
    }
    const onKey = (event: KeyboardEvent) => {
      if (event.isTrusted && event.key !== 'Unidentified') close()
    }
    window.addEventListener('pointerdown', onPointer, true)
    const onLeave = ({ relatedTarget }: FocusEvent) => {
      if (!figuresField(relatedTarget)) close()
    }
    window.addEventListener('focusin', onFocus)
    window.addEventListener('focusout', onLeave)
    window.addEventListener('keydown', onKey)
    return () => {
      window.removeEventListener('pointerdown', onPointer, true)
      window.removeEventListener('focusin', onFocus)
      window.removeEventListener('focusout', onLeave)
      window.removeEventListener('keydown', onKey)
    }
  }, [close])
  useEffect(() => {
    document.documentElement.toggleAttribute('data-pad', field !== null)
    field?.setAttribute('inputmode', 'none')
    field?.scrollIntoView({ block: 'center' })
  }, [field])
  if (!field) return null

  const caret = (): [number, number] => [
    field.selectionStart ?? field.value.length,
    field.selectionEnd ?? field.value.length,
  ]
  const type = (text: string) => edit(field, text, ...caret())
  const erase = () => {
    const [from, to] = caret()
    edit(field, '', from === to ? Math.max(0, from - 1) : from, to)
  }
  const unit = (name: 'mm' | 'in') => {
    const bare = field.value.replace(/\s*(mm|in|")\s*$/i, '').trimEnd()
    edit(field, `${bare} ${name}`, 0, field.value.length)
  }
  const next = () => {
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }))
    // Where the screen itself did not go on.
    if (document.activeElement === field) nextField(field)?.focus()
  }
  const keyboard = () => {
    field.setAttribute('data-keyboard', '')
    field.setAttribute('inputmode', 'text')
    field.blur()
    close()
    field.focus()
  }
  return (
    <div
      role="group"
      aria-label={texts.numberPad}
      className="fixed inset-x-0 bottom-0 z-20 grid h-[18rem] grid-cols-5 gap-1.5 border-t-2 border-edge bg-line2 p-2"
    >
      <div className="col-span-3 grid grid-cols-3 gap-1.5">
        {KEYS.map((key) => (
          <PadKey key={key} onPress={() => type(key)}>
            {key}
          </PadKey>
        ))}
      </div>
      <div className="col-span-2 grid grid-cols-2 gap-1.5">
        <PadKey label={texts.erase} onPress={erase}>
          <Delete className="size-6" aria-hidden />
        </PadKey>
        <PadKey label={texts.keyboard} onPress={keyboard}>
          <Keyboard className="size-6" aria-hidden />
        </PadKey>
        <PadKey onPress={() => unit('mm')}>mm</PadKey>
        <PadKey onPress={() => unit('in')}>in</PadKey>
        <PadKey label={texts.spaceBeforeAFraction} onPress={() => type(' ')}>
          1 ½
        </PadKey>
        <PadKey label={texts.minus} onPress={() => type('-')}>
          −
        </PadKey>
        <div className="col-span-2 grid">
          <PadKey label={texts.next} onPress={next} primary>
            {texts.next} <ArrowRight className="ml-2 size-5" aria-hidden />
          </PadKey>
        </div>
      </div>
    </div>
  )
}
