import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, api } from '../api/client'
import type { ImportLine, KeepingLine, KeepLog, LogReadingView, ReadLog } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { fileChanged, useFileChange } from './useFileChange'

const at = (id: string) => ({ params: { path: { id } } })

/** Files of sets that were taken in, the newest first. */
export function useImports(id: string): Fetched<ImportLine[]> {
  return fetched(useQuery({ queryKey: ['client', id, 'imports'], queryFn: () => answer(api.GET('/api/clients/{id}/imports', at(id))) }))
}

/** A file as it is understood with what was said of it; what was understood before stands until the new is there. */
export function useLogReading(id: string, asked: ReadLog | null, change: number) {
  return useQuery<LogReadingView>({
    queryKey: ['log-reading', id, asked?.name, change],
    queryFn: () => answer(api.POST('/api/clients/{id}/imports/preview', { ...at(id), body: asked as ReadLog })),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
}

/** Keeps a file; says how far it is, and can be cancelled: then nothing is kept. */
export function useKeepLog(id: string) {
  const queries = useQueryClient()
  const [progress, setProgress] = useState<KeepingLine | null>(null)
  const abort = useRef<AbortController | null>(null)
  const keep = useMutation({
    mutationFn: async (body: KeepLog) => {
      abort.current = new AbortController()
      setProgress(null)
      const stream = await answer(
        api.POST('/api/clients/{id}/imports', { ...at(id), body, parseAs: 'stream', signal: abort.current.signal }),
      )
      return read(stream as unknown as ReadableStream<Uint8Array>, setProgress)
    },
    onSettled: () => fileChanged(queries, id),
  })
  return { keep, progress, cancel: () => abort.current?.abort() }
}

/** Reads lines until the last one, which says that all is kept. */
async function read(stream: ReadableStream<Uint8Array>, onLine: (line: KeepingLine) => void): Promise<KeepingLine> {
  const reader = stream.pipeThrough(new TextDecoderStream() as unknown as ReadableWritablePair<string, Uint8Array>).getReader()
  let left = ''
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const lines = (left + part.value).split('\n')
    left = lines.pop() ?? ''
    for (const text of lines) {
      const line = JSON.parse(text) as KeepingLine
      onLine(line)
      if (line.kept) return line
    }
  }
  throw new Error('The server ended before all was kept. Nothing of the file was kept; try once more.')
}

/** Takes a file back: its sets are gone. */
export const useTakeBackImport = (id: string) =>
  useFileChange(id, (file: string) =>
    answer(api.POST('/api/clients/{id}/imports/{import}/undo', { params: { path: { id, import: file } } })),
  )
