'use client'

import { useCallback, useState } from 'react'
import type { ListField, ColumnMap } from '@/core/lists'
import type { ListSummary, PreviewResponse } from '@/contract/list'
import * as texts from '@/texts/lists'
import { sendFile, errorMessage } from '@/ui/call'

/** Largest list file. */
const MAX_BYTES = 40 * 1024 * 1024

export interface Draft {
  file: File
  name: string
  kind: 'own' | 'supplier'
  unit: 'mm' | 'in'
  columns: ColumnMap
  preview: PreviewResponse
}

interface Import {
  draft: Draft | null
  problem: string
  choose: (file: File) => Promise<void>
  /** changes the draft; other columns or units are read anew */
  change: (changes: Partial<Pick<Draft, 'name' | 'kind' | 'unit'>>) => void
  changeColumn: (field: ListField, column: string | null) => void
  start: () => Promise<ListSummary | null>
  leave: () => void
}

/** A file on its way to becoming a list: chosen, looked at, columns settled, begun. The file stays until it is begun. */
export function useImport(): Import {
  const [draft, setDraft] = useState<Draft | null>(null)
  const [problem, setProblem] = useState('')

  const read = useCallback(async (next: Omit<Draft, 'preview'>, guess: boolean) => {
    try {
      const preview = await sendFile('POST /api/lists/preview', next.file, 'text/csv', {
        query: { unit: next.unit, ...(!guess && { columns: JSON.stringify(next.columns) }) },
      })
      // What was typed while the file was being read stays.
      setDraft((now) =>
        now?.file === next.file
          ? { ...now, columns: preview.columns, preview }
          : { ...next, columns: preview.columns, preview },
      )
      setProblem('')
    } catch (error) {
      setProblem(errorMessage(error))
    }
  }, [])

  const choose = useCallback(
    async (file: File) => {
      setDraft(null)
      if (file.size > MAX_BYTES) return setProblem(texts.theFileIsLarger)
      const name = file.name.replace(/\.(csv|txt)$/i, '')
      await read({ file, name, kind: 'own', unit: 'mm', columns: {} }, true)
    },
    [read],
  )

  const change: Import['change'] = (changes) => {
    if (!draft) return
    const next = { ...draft, ...changes }
    setDraft(next)
    if (changes.unit && next.columns.designation !== undefined) void read(next, false)
  }

  const changeColumn: Import['changeColumn'] = (field, column) => {
    if (!draft) return
    const others = Object.entries(draft.columns).filter(([name]) => name !== field)
    const columns: ColumnMap = Object.fromEntries(column === null ? others : [...others, [field, column]])
    setDraft({ ...draft, columns })
    if (columns.designation !== undefined) void read({ ...draft, columns }, false)
  }

  const start = async (): Promise<ListSummary | null> => {
    if (!draft) return null
    const { name, kind, unit, columns, file } = draft
    try {
      const begun = await sendFile('POST /api/lists', file, 'text/csv', {
        query: { name, kind, unit, columns: JSON.stringify(columns) },
      })
      setDraft(null)
      setProblem('')
      return begun
    } catch (error) {
      setProblem(errorMessage(error))
      return null
    }
  }

  const leave = (): void => {
    setDraft(null)
    setProblem('')
  }

  return { draft, problem, choose, change, changeColumn, start, leave }
}
