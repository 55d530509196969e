'use client'

import { withNamesOfToday } from '@/core/olderNames'
import { useState } from 'react'
import type { KitDraft } from '@/contract/kit'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'
import { figureToSvg } from '@/ui/drawing'
import { FileButton } from '@/ui/FileButton'
import { saveText } from '@/ui/saveText'
import { urlOf } from '@/ui/call'

interface Props {
  jobId: number
  onRead: (kit: KitDraft) => void
}

/** Largest kit file; a real one is some ten kilobytes. */
const MAX_BYTES = 1024 * 1024

/** @throws Error with words when the file holds no kit */
async function readKit(file: File): Promise<KitDraft> {
  if (file.size > MAX_BYTES) throw new Error(texts.thisFileIsLarger)
  let content: unknown
  try {
    content = withNamesOfToday(JSON.parse(await file.text()))
  } catch {
    throw new Error(texts.thisIsNoJson)
  }
  const { KitFileIn } = await import('@/contract/kitFile')
  const read = KitFileIn.safeParse(content)
  if (!read.success) {
    const issue = read.error.issues[0]
    throw new Error(texts.thisIsNoKit(issue?.path.join('.') ?? '', issue?.message ?? ''))
  }
  return read.data.kit
}

function saveDrawing(jobId: number): void {
  const figure = document.querySelector('#exploded svg')
  if (figure instanceof SVGSVGElement) saveText(`job-${jobId}-kit.svg`, 'image/svg+xml', figureToSvg(figure))
}

/** The kit in open formats, out and in. */
export function KitFiles({ jobId, onRead }: Props) {
  const [problem, setProblem] = useState('')
  return (
    <div className="mb-1.5">
      <p className="flex flex-wrap items-center gap-1.5 text-caption text-ink3">
        {common.save}
        <a
          className="chip px-2.5"
          href={urlOf('GET /api/jobs/{id}/kit.csv', { path: { id: jobId } })}
          download
        >
          {common.csv}
        </a>
        <a
          className="chip px-2.5"
          href={urlOf('GET /api/jobs/{id}/kit.json', { path: { id: jobId } })}
          download
        >
          {texts.json}
        </a>
        <button type="button" className="chip px-2.5" onClick={() => saveDrawing(jobId)}>
          {texts.svg}
        </button>
        <FileButton
          className="chip ml-auto px-2.5"
          label={texts.readAKitFile}
          accept=".json,application/json"
          onFile={(file) =>
            void readKit(file)
              .then((kit) => {
                setProblem('')
                onRead(kit)
              })
              .catch((error: unknown) => setProblem(error instanceof Error ? error.message : ''))
          }
        >
          {common.importIt}
        </FileButton>
      </p>
      {problem && (
        <p role="alert" className="mt-1 text-[0.84375rem] text-contra">
          {problem}
        </p>
      )}
    </div>
  )
}
