'use client'

import { X } from 'lucide-react'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { PhotoAnswer } from '@/contract/judgement'
import * as texts from '@/texts/photos'
import { call, urlOf, errorMessage } from '@/ui/call'
import { notifyDone } from '@/ui/notify'
import { useOpen } from '@/ui/useOpen'
import { PhotoDialog } from './PhotoDialog'
import { WaitingPhotos } from './WaitingPhotos'

const nameOf = ({ id, about, name }: PhotoAnswer): string =>
  `${about || 'job'}, ${name || texts.photograph(id)}`

const withMarks = (photo: PhotoAnswer): string =>
  photo.marks.length > 0 ? texts.marksOfNameOf(nameOf(photo), photo.marks.length) : nameOf(photo)

/** Photographs of a job: taken in, looked at, marked, taken away. */
export function Photos({ jobId, about }: { jobId: number; about: string }) {
  const [photos, setPhotos] = useState<readonly PhotoAnswer[]>([])
  const [message, setMessage] = useState('')
  const [busy, setBusy] = useState(false)
  const [isOpen, setIsOpen] = useOpen()
  const [chosen, setChosen] = useState<number | null>(null)
  const shown = isOpen && photos.find(({ id }) => id === chosen)
  const input = useRef<HTMLInputElement>(null)
  const load = useCallback(
    () =>
      call('GET /api/jobs/{id}/photos', { path: { id: jobId } })
        .then((answer) => setPhotos(answer.photos))
        .catch((error: unknown) => setMessage(errorMessage(error))),
    [jobId],
  )
  useEffect(() => void load(), [load])
  const add = async (files: FileList) => {
    setBusy(true)
    setMessage('')
    const { takeIn } = await import('./takeIn')
    setMessage(await takeIn([...files], { jobId, about }))
    setBusy(false)
    if (input.current) input.current.value = ''
    await load()
  }
  return (
    <section aria-label={texts.photographs} className="mt-3">
      <h2 className="caption mb-1">{texts.photographs}</h2>
      <ul className="mb-1.5 grid grid-cols-3 gap-1.5">
        {photos.map((photo) => (
          <li key={photo.id} className="relative">
            <button
              type="button"
              className="block w-full"
              aria-label={texts.open(withMarks(photo))}
              onClick={() => {
                setChosen(photo.id)
                setIsOpen(true)
              }}
            >
              {/* eslint-disable-next-line @next/next/no-img-element -- kept small by the server */}
              <img
                src={urlOf('GET /api/jobs/{id}/photos/{photo}', { path: { id: jobId, photo: photo.id } })}
                alt={nameOf(photo)}
                className="h-[72px] w-full rounded-[7px] border border-line object-cover"
              />
              {photo.marks.length > 0 && (
                <span className="number absolute bottom-1 left-1 rounded-full bg-contra px-2 text-[0.75rem] font-bold text-sheet">
                  {photo.marks.length}
                </span>
              )}
            </button>
            <button
              type="button"
              aria-label={texts.removePhotograph(photo.name)}
              className="absolute top-0 right-0 size-7 rounded-bl-[7px] border border-line bg-sheet font-bold"
              onClick={() =>
                call('DELETE /api/jobs/{id}/photos/{photo}', { path: { id: jobId, photo: photo.id } })
                  .then(load)
                  .then(() =>
                    notifyDone(texts.photographRemoved, () =>
                      call('POST /api/bin/{kind}/{key}', { path: { kind: 'photo', key: photo.id } }).then(
                        load,
                      ),
                    ),
                  )
                  .catch((error: unknown) => setMessage(errorMessage(error)))
              }
            >
              <X className="mx-auto size-4" aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <WaitingPhotos jobId={jobId} onSent={load} />
      {shown && (
        <PhotoDialog
          jobId={jobId}
          photo={shown}
          name={nameOf(shown)}
          onClose={() => {
            setIsOpen(false)
            void load()
          }}
        />
      )}
      {message && (
        <p role="alert" className="mb-1 text-[0.875rem] text-contra">
          {message}
        </p>
      )}
      <button type="button" className="button" disabled={busy} onClick={() => input.current?.click()}>
        {busy ? texts.takingIn : texts.addAPhotograph}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        multiple
        aria-label={texts.photographUpper}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => e.target.files && e.target.files.length > 0 && void add(e.target.files)}
      />
    </section>
  )
}
