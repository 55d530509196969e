'use client'

import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { flushSync } from 'react-dom'
import type { PhotoAnswer, PhotoMark } from '@/contract/judgement'
import { mergedMarks, MAX_MARKS, movedTo } from '@/core/photoMarks'
import * as texts from '@/texts/photos'
import { call, urlOf, errorMessage } from '@/ui/call'

const DEBOUNCE_MS = 500
/** How far an arrow key moves a mark, of the picture; with Shift. */
const STEP = 0.01
const STEP_FAR = 0.05
const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

const same = (a: readonly PhotoMark[], b: readonly PhotoMark[]) => JSON.stringify(a) === JSON.stringify(b)

/** Marks of a photograph: kept as they are changed, with those of somebody else who marks it at once. */
function useMarks(jobId: number, photo: PhotoAnswer) {
  const [marks, setMarks] = useState<readonly PhotoMark[]>(photo.marks)
  const [saved, setSaved] = useState<readonly PhotoMark[]>(photo.marks)
  const [message, setMessage] = useState('')
  const busy = useRef(false)
  const isSaved = same(marks, saved)

  const save = async (): Promise<void> => {
    if (busy.current || isSaved) return
    busy.current = true
    try {
      const { marks: now } = await call('PATCH /api/jobs/{id}/photos/{photo}', {
        path: { id: jobId, photo: photo.id },
        body: { was: [...saved], marks: [...marks] },
      })
      setMessage('')
      setSaved(now)
    } catch (error) {
      setMessage(errorMessage(error))
      const { photos } = await call('GET /api/jobs/{id}/photos', { path: { id: jobId } }).catch(() => ({
        photos: [],
      }))
      const theirs = photos.find(({ id }) => id === photo.id)?.marks
      if (theirs && !same(theirs, saved)) {
        setMarks((ours) => mergedMarks(saved, ours, theirs).slice(0, MAX_MARKS))
        setSaved(theirs)
      }
    } finally {
      busy.current = false
    }
  }
  const latest = useRef(save)
  useEffect(() => {
    latest.current = save
  })
  useEffect(() => {
    const timer = setTimeout(() => void latest.current(), DEBOUNCE_MS)
    return () => clearTimeout(timer)
  }, [marks, saved])
  return { marks, setMarks, message, isKept: isSaved, save }
}

interface Props {
  jobId: number
  photo: PhotoAnswer
  name: string
  onClose: () => void
}

/** A photograph large, and what it shows pointed at: by a tap, by dragging a mark, or with the arrow keys. */
export function PhotoDialog({ jobId, photo, name, onClose }: Props) {
  const { marks, setMarks, message, isKept: isSaved, save } = useMarks(jobId, photo)
  const picture = useRef<HTMLDivElement>(null)
  const dragged = useRef<number | null>(null)
  const source = urlOf('GET /api/jobs/{id}/photos/{photo}', { path: { id: jobId, photo: photo.id } })

  // What could not be kept holds it open once, with the reason.
  const [isLeaving, setIsLeaving] = useState(false)
  const edit = (next: readonly PhotoMark[]) => {
    setIsLeaving(false)
    setMarks(next)
  }
  const change = (at: number, next: PhotoMark) => edit(marks.map((mark, i) => (i === at ? next : mark)))
  const add = (x: number, y: number) => {
    if (marks.length >= MAX_MARKS) return
    // Its field has the focus before the next key comes.
    flushSync(() => edit([...marks, movedTo({ x: 0, y: 0, text: '' }, x, y)]))
    document.getElementById(`photo-mark-${marks.length}`)?.focus()
  }
  const remove = (at: number) => edit(marks.filter((_, i) => i !== at))
  const pointAt = ({ clientX, clientY }: { clientX: number; clientY: number }): [number, number] => {
    const box = picture.current?.getBoundingClientRect()
    return box ? [(clientX - box.left) / box.width, (clientY - box.top) / box.height] : [0, 0]
  }
  const drag = (event: PointerEvent) => {
    const at = dragged.current
    const mark = at === null ? undefined : marks[at]
    if (at !== null && mark) change(at, movedTo(mark, ...pointAt(event)))
  }
  const byKey = (event: KeyboardEvent, at: number, mark: PhotoMark) => {
    const way = ARROWS[event.key]
    const step = event.shiftKey ? STEP_FAR : STEP
    if (way) change(at, movedTo(mark, mark.x + way[0] * step, mark.y + way[1] * step))
    else if (event.key === 'Delete') remove(at)
    else return
    event.preventDefault()
  }
  const close = () => {
    setIsLeaving(true)
    if (isLeaving || isSaved) onClose()
    else void save()
  }
  useEffect(() => {
    if (isLeaving && isSaved) onClose()
  }, [isLeaving, isSaved, onClose])
  return (
    <Dialog.Root open onOpenChange={(open) => !open && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 max-h-[96dvh] w-[1060px] max-w-[96vw] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-lg border border-line bg-sheet p-4">
          <div className="mb-2 flex items-center gap-3">
            <Dialog.Title className="min-w-0 flex-1 truncate text-[1.0625rem] font-bold">{name}</Dialog.Title>
            <a className="chip min-h-11 px-3" href={source} target="_blank" rel="noreferrer">
              {texts.fullSize}
            </a>
            <Dialog.Close className="button">{texts.close}</Dialog.Close>
          </div>
          <Dialog.Description className="mb-2 text-[0.875rem] text-ink2">
            {texts.tapWhatYouMean}
          </Dialog.Description>
          <div className="grid items-start gap-4 md:grid-cols-[minmax(0,1fr)_290px]">
            <div className="flex justify-center">
              <div
                ref={picture}
                className="relative touch-none"
                onPointerMove={drag}
                onPointerUp={() => (dragged.current = null)}
                onPointerCancel={() => (dragged.current = null)}
              >
                {/* eslint-disable-next-line @next/next/no-img-element -- kept small by the server */}
                <img
                  src={source}
                  width={photo.width}
                  height={photo.height}
                  alt={name}
                  draggable={false}
                  className="h-auto max-h-[46dvh] w-auto max-w-full cursor-crosshair rounded-[7px] select-none md:max-h-[72dvh]"
                  onClick={(event) => add(...pointAt(event))}
                />
                {marks.map((mark, i) => (
                  <button
                    key={i}
                    type="button"
                    aria-label={texts.markMoveWithThe(i + 1, mark.text && `, ${mark.text}`)}
                    className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none place-items-center rounded-full"
                    style={{ left: `${mark.x * 100}%`, top: `${mark.y * 100}%` }}
                    onKeyDown={(event) => byKey(event, i, mark)}
                    onPointerDown={(event) => {
                      dragged.current = i
                      event.currentTarget.setPointerCapture(event.pointerId)
                    }}
                  >
                    {/* A ring: what it is about stays in sight. */}
                    <span className="size-8 rounded-full border-[3px] border-contra shadow-[0_0_0_2px_var(--sheet)]" />
                    <span className="number absolute top-0 right-0 grid size-5 place-items-center rounded-full bg-contra text-[0.75rem] font-bold text-sheet shadow-[0_0_0_1.5px_var(--sheet)]">
                      {i + 1}
                    </span>
                  </button>
                ))}
              </div>
            </div>
            <div>
              <h3 className="caption mb-1">{texts.marks}</h3>
              {marks.length === 0 && <p className="mb-2 text-[0.875rem] text-ink2">{texts.noneYet}</p>}
              <ol className="grid gap-1.5">
                {marks.map((mark, i) => (
                  <li key={i} className="flex items-center gap-1.5">
                    <b className="number w-5 text-right">{i + 1}</b>
                    <input
                      id={`photo-mark-${i}`}
                      className="field min-w-0 flex-1"
                      aria-label={texts.whatMarkShows(i + 1)}
                      placeholder={texts.spallInTheLoadZone}
                      maxLength={80}
                      value={mark.text}
                      onChange={(event) => change(i, { ...mark, text: event.target.value })}
                    />
                    <button
                      type="button"
                      className="chip grid size-11 place-items-center"
                      aria-label={texts.removeMark(i + 1)}
                      onClick={() => remove(i)}
                    >
                      <X className="size-4" aria-hidden />
                    </button>
                  </li>
                ))}
              </ol>
              <button
                type="button"
                className="button mt-2"
                disabled={marks.length >= MAX_MARKS}
                onClick={() => add(0.5, 0.5)}
              >
                {texts.markInTheMiddle}
              </button>
              <p role="status" className="mt-2 text-[0.8125rem] text-ink3">
                {marks.length >= MAX_MARKS ? texts.atMostMarks(MAX_MARKS) : ''}
                {isSaved ? texts.kept : message === '' ? texts.notKeptYet : ''}
              </p>
              {message && (
                <p role="alert" className="text-[0.875rem] text-contra">
                  {message}
                </p>
              )}
            </div>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
