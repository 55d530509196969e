'use client'

import Papa from 'papaparse'
import { useCallback, useRef, useState } from 'react'
import { decodeBytes } from '@/core/lists'
import * as texts from '@/texts/tray'
import { readText, requestOf, errorMessage } from '@/ui/call'

export type ResultRow = Record<string, string>

export type TrayState =
  | { kind: 'empty' }
  | { kind: 'running'; done: number; all: number }
  | { kind: 'done'; stopped: boolean }
  | { kind: 'refused'; detail: string }

/** Rows sent at a time: progress moves, and a stop is felt at once. */
const ROWS_A_TIME = 200
/** Largest file. */
const MAX_BYTES = 10 * 1024 * 1024

interface Tray {
  state: TrayState
  rows: readonly ResultRow[]
  columns: readonly string[]
  name: string
  start: (file: File) => Promise<void>
  stop: () => void
}

async function identifyRows(
  header: string[],
  rows: ResultRow[],
  signal: AbortSignal,
): Promise<Papa.ParseResult<ResultRow>> {
  const csv = Papa.unparse({
    fields: header,
    data: rows.map((row) => header.map((name) => row[name] ?? '')),
  })
  const text = await readText(requestOf('POST /api/identify/batch', {}), signal, csv)
  return Papa.parse<ResultRow>(text, { header: true, skipEmptyLines: true })
}

/** Batch identification: a CSV file identified a few hundred rows at a time, with progress and a stop. */
export function useTray(): Tray {
  const [state, setState] = useState<TrayState>({ kind: 'empty' })
  const [rows, setRows] = useState<readonly ResultRow[]>([])
  const [columns, setColumns] = useState<readonly string[]>([])
  const [name, setName] = useState('')
  const running = useRef<AbortController | null>(null)

  const start = useCallback(async (file: File) => {
    running.current?.abort()
    const control = new AbortController()
    running.current = control
    setName(file.name)
    setRows([])
    if (file.size > MAX_BYTES) return setState({ kind: 'refused', detail: texts.theFileIsLarger })
    const text = decodeBytes(new Uint8Array(await file.arrayBuffer()))
    const parsed = Papa.parse<ResultRow>(text, {
      header: true,
      skipEmptyLines: 'greedy',
      transformHeader: (h) => h.trim(),
    })
    const header = parsed.meta.fields ?? []
    const all = parsed.data.length
    if (all === 0) return setState({ kind: 'refused', detail: texts.theFileHasNo })
    const found: ResultRow[] = []
    try {
      for (let at = 0; at < all; at += ROWS_A_TIME) {
        setState({ kind: 'running', done: at, all })
        const part = await identifyRows(header, parsed.data.slice(at, at + ROWS_A_TIME), control.signal)
        found.push(...part.data)
        setColumns(part.meta.fields ?? [])
        setRows([...found])
      }
      setState({ kind: 'done', stopped: false })
    } catch (error) {
      if (control.signal.aborted) return setState({ kind: 'done', stopped: true })
      setState({ kind: 'refused', detail: errorMessage(error) })
    }
  }, [])

  const stop = useCallback(() => running.current?.abort(), [])
  return { state, rows, columns, name, start, stop }
}
