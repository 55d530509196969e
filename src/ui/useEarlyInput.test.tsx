import { act, useRef, useState } from 'react'
import { hydrateRoot } from 'react-dom/client'
import { renderToString } from 'react-dom/server'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { REMEMBER_EARLY } from './rememberEarly'
import { useEarlyInput } from './useEarlyInput'

let [presses, sent] = [0, 0]

function Screen() {
  const screen = useRef<HTMLFormElement>(null)
  const [text, setText] = useState('')
  useEarlyInput(screen)
  return (
    <form ref={screen} onSubmit={() => sent++}>
      <input aria-label="Bore" value={text} onChange={(e) => setText(e.target.value)} />
      <button type="button" onClick={() => presses++}>
        Ball
      </button>
      <output>{text}</output>
    </form>
  )
}

/** The page as it is sent: there to be seen, and nothing listens but its first line. */
function asSent(): {
  page: HTMLElement
  form: HTMLFormElement
  button: HTMLButtonElement
  field: HTMLInputElement
} {
  const page = document.createElement('div')
  page.innerHTML = renderToString(<Screen />)
  document.body.append(page)
  const [form, button, field] = ['form', 'button', 'input'].map((name) => page.querySelector(name))
  return {
    page,
    form: form as HTMLFormElement,
    button: button as HTMLButtonElement,
    field: field as HTMLInputElement,
  }
}

beforeEach(() => {
  ;[presses, sent] = [0, 0]
  new Function(REMEMBER_EARLY)()
})
afterEach(() => document.body.replaceChildren())

const listens = (page: HTMLElement) => act(async () => void hydrateRoot(page, <Screen />))

it('what is typed and pressed before React listens is done once it does', async () => {
  const { page, button, field } = asSent()
  field.value = '25'
  field.dispatchEvent(new Event('input', { bubbles: true }))
  button.click()
  expect(presses).toBe(0)
  await listens(page)
  expect([presses, page.querySelector('output')?.textContent]).toEqual([1, '25'])
})

it('a press that React takes while it begins to listen is done once, not twice', async () => {
  const { page, button } = asSent()
  await act(async () => {
    hydrateRoot(page, <Screen />)
    // Its root listens now, and what is in it is not hydrated yet.
    button.click()
  })
  expect(presses).toBe(1)
  button.click()
  expect(presses).toBe(2)
})

it('a form is sent by nothing before React listens, and once after', async () => {
  const { page, form } = asSent()
  const event = new Event('submit', { bubbles: true, cancelable: true })
  form.dispatchEvent(event)
  expect([event.defaultPrevented, sent]).toEqual([true, 0])
  await listens(page)
  expect(sent).toBe(1)
})
