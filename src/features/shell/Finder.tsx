'use client'

import { Command } from 'cmdk'
import { useEffect, useRef, useState, type KeyboardEvent as ReactKeyboardEvent } from 'react'
import { flushSync } from 'react-dom'
import type { Job } from '@/contract/job'
import * as common from '@/texts/common'
import * as texts from '@/texts/shell'
import { partPath } from '@/ui/partPath'
import { call, errorMessage } from '@/ui/call'
import { useAnswer } from '@/ui/useAnswer'

interface Found {
  /** The text these were found for: null before the first answer. */
  text: string | null
  parts: { designation: string; base: string; familyText: string; changed: string }[]
  machines: { id: number; name: string; place: string }[]
  jobs: { id: number; title: string }[]
  /** bore, outside and width, mm, where the text gives three sizes */
  sizes: readonly number[] | null
}
const NOTHING: Found = { text: null, parts: [], machines: [], jobs: [], sizes: null }

function useSearch(text: string, open: boolean): Found {
  const { answer, current } = useAnswer('GET /api/search', open ? { query: { text } } : null, 0)
  return answer ? { ...answer, text: current ? text : null } : NOTHING
}

/** Opens a job whose part is known already. @throws ApiError */
async function openJobWith({ designation, base }: Found['parts'][number]): Promise<Job> {
  const job = await call('POST /api/jobs', { body: { title: designation } })
  return call('PATCH /api/jobs/{id}', {
    path: { id: job.id },
    body: {
      version: job.version,
      decision: { designation, base, probability: null },
      stage: 'kit',
    },
  })
}

/** A look-up of what was typed, as a link to its answer. */
const lookUp = (sheet: object): string => `/identify?e=${encodeURIComponent(JSON.stringify(sheet))}`
const SIZES = ['bore', 'outside', 'width'] as const

/** What may be identified of a text: three sizes, or a stamp with lost marks. */
function toIdentify(text: string, { sizes: mm }: Found, go: (to: string) => void): Item[] {
  const sizes = mm?.map((size) => String(Math.round(size * 1000) / 1000))
  if (sizes)
    return [
      {
        key: text,
        main: texts.mm(sizes.join(' × ')),
        side: texts.identifyByTheseSizes,
        mono: true,
        run: () =>
          go(
            lookUp({
              measurements: SIZES.map((feature, i) => ({ feature, readings: [sizes[i]], unit: 'mm' })),
            }),
          ),
      },
    ]
  return /[?*]/.test(text)
    ? [
        {
          key: text,
          main: text.trim(),
          side: texts.identifyByThisStamp,
          mono: true,
          run: () => go(lookUp({ stamps: [{ text: text.trim() }] })),
        },
      ]
    : []
}

/** Text and Enter that came before there was a field for them. */
export interface Early {
  text: string
  entered: boolean
}

interface Props {
  go: (to: string) => void
  /** what can be done by its name, beside what is found */
  actions: readonly (readonly [label: string, run: () => void])[]
  placeholder: string
  /** stands on a screen: the list opens below the field once something is typed */
  inline?: boolean
  takeEarly?: () => Early | null
}

/** Parts, machines, jobs, sizes and stamps from one field. */
export function Finder({ go, actions, placeholder, inline = false, takeEarly }: Props) {
  const [text, setText] = useState('')
  const asks = !inline || text.trim() !== ''
  const found = useSearch(text, asks)
  const [error, setError] = useState('')
  const input = useRef<HTMLInputElement>(null)
  const enterWaits = useRef(false)
  useEffect(() => {
    // Before the next key: from then on keys reach the field itself.
    queueMicrotask(() => {
      const early = takeEarly?.()
      if (!early) return
      input.current?.focus()
      enterWaits.current = early.entered
      flushSync(() => setText(early.text))
    })
  }, [takeEarly])
  const meant = found.parts.filter(({ changed }) => changed !== '')
  const shown = actions.filter(([label]) => label.toLowerCase().includes(text.toLowerCase()))
  const partItems = found.parts.map((p) => ({
    key: p.designation,
    main: p.designation,
    side: p.changed ? `${p.changed} · ${p.familyText}` : p.familyText,
    mono: true,
    run: () => go(partPath(p.designation)),
  }))
  const groups: Listed[] = [
    { heading: texts.identify, items: toIdentify(text, found, go) },
    {
      heading: common.notListed,
      items: meant.slice(0, 1).map(() => ({
        key: text,
        main: text.trim(),
        side: texts.seeWhatMayBe,
        mono: true,
        run: () => go(partPath(text.trim())),
      })),
    },
    ...(meant.length > 0
      ? [{ heading: texts.didYouMean, items: partItems }]
      : [{ heading: common.parts, items: partItems.slice(0, 1) }]),
    {
      heading: common.newJob,
      items: found.parts
        .filter(({ changed }) => changed === '')
        .slice(0, 1)
        .map((part) => ({
          key: `new ${part.designation}`,
          main: texts.newJobWith(part.designation),
          side: texts.onToItsKit,
          run: () => {
            openJobWith(part)
              .then(({ id }) => go(`/jobs/${id}/kit`))
              .catch((thrown: unknown) => setError(errorMessage(thrown)))
          },
        })),
    },
    { heading: texts.moreParts, items: meant.length > 0 ? [] : partItems.slice(1) },
    {
      heading: common.jobs,
      items: found.jobs.map((j) => ({
        key: `job ${j.id}`,
        main: common.jobNumber(j.id),
        side: j.title,
        run: () => go(`/jobs/${j.id}`),
      })),
    },
    {
      heading: texts.machines,
      items: found.machines.map((m) => ({
        key: `machine ${m.id}`,
        main: m.name,
        side: m.place,
        run: () => go(`/machines/${m.id}`),
      })),
    },
    {
      heading: texts.actions,
      items: shown.map(([label, run]) => ({ key: label, main: label, side: '', run })),
    },
  ].filter(({ items }) => items.length > 0)
  const first = groups[0]?.items[0]
  const [moved, setMoved] = useState({ found, to: '' })
  // The first row of every new answer is the picked one until the arrows move it.
  const picked = moved.found === found ? moved.to : first ? valueOf(groups[0]?.heading, first.key) : ''
  useEffect(() => {
    if (found.text !== text || !enterWaits.current) return
    enterWaits.current = false
    first?.run()
  }, [found, text, first])
  const onEnter = (event: ReactKeyboardEvent) => {
    // An Enter pressed before the answer came counts when it comes, never for the answer before it.
    if (event.key !== 'Enter' || found.text === text) return
    event.preventDefault()
    enterWaits.current = true
  }
  const isOpen = !inline || text.trim() !== ''
  return (
    <Command
      shouldFilter={false}
      label={texts.find}
      value={picked}
      onValueChange={(to) => setMoved({ found, to })}
      onKeyDown={(event) => {
        if (inline && event.key === 'Escape') setText('')
        onEnter(event)
      }}
      className={inline ? 'relative' : ''}
    >
      <Command.Input
        ref={input}
        data-look-up={inline || undefined}
        autoFocus={inline}
        value={text}
        onValueChange={(typed) => {
          enterWaits.current = false
          setText(typed)
        }}
        placeholder={placeholder}
        className={
          inline
            ? 'number h-[60px] w-full rounded-lg border-[1.5px] border-ink bg-sheet px-4 text-[1.1875rem] placeholder:font-sans max-sm:placeholder:text-[0.9375rem] placeholder:text-ink3'
            : 'number h-14 w-full rounded-t-lg border-b border-line bg-sheet px-4 text-[1.125rem] outline-none placeholder:text-ink3'
        }
      />
      <Command.List
        className={
          inline
            ? isOpen
              ? 'absolute inset-x-0 top-full z-20 mt-1 max-h-[50vh] overflow-auto rounded-lg border border-line bg-sheet p-2'
              : 'hidden'
            : 'max-h-[56vh] overflow-auto p-2'
        }
      >
        <Command.Empty className="p-3 text-ink3">{texts.noMatchTryA}</Command.Empty>
        {error && (
          <p role="alert" className="p-3 text-contra">
            {error}
          </p>
        )}
        {isOpen && groups.map((group) => <Group key={group.heading} {...group} />)}
      </Command.List>
    </Command>
  )
}

interface Item {
  key: string
  main: string
  side: string
  mono?: boolean
  run: () => void
}

interface Listed {
  heading: string
  items: Item[]
}

/** cmdk trims and compares values as they are: one form for the row and for the picked one. */
const valueOf = (heading = '', key: string) => `${heading} ${key}`.trim()

function Group({ heading, items }: Listed) {
  return (
    <Command.Group
      heading={heading}
      className="[&_[cmdk-group-heading]]:caption [&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2"
    >
      {items.map(({ key, main, side, mono, run }) => (
        <Command.Item
          key={key}
          value={valueOf(heading, key)}
          onSelect={run}
          className="flex min-h-10 cursor-pointer items-center justify-between gap-4 rounded-md px-3 data-[selected=true]:bg-wash"
        >
          <span className={mono ? 'number font-medium' : 'font-medium'}>{main}</span>
          <span className="text-right text-ink2">{side}</span>
        </Command.Item>
      ))}
    </Command.Group>
  )
}
