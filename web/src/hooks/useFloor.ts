import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { ApiProblem, answer, api } from '../api/client'
import type { FloorView, LogSet } from '../api/schema'
import { put, remove, sendAll, type Waiting, waitingFor } from '../offline/outbox'
import { type Fetched, fetched } from './fetched'

/** The session of a date; null when no plan was made yet. */
export function useFloor(id: string, date: string): Fetched<FloorView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'floor', date],
      queryFn: async () => (await answer(api.GET('/api/clients/{id}/floor', { params: { path: { id }, query: { date } } }))) ?? null,
    }),
  )
}

async function send(entry: Waiting): Promise<'sent' | 'later' | { refused: string }> {
  const path = { id: entry.clientId }
  try {
    if (entry.set) await answer(api.POST('/api/clients/{id}/sets', { params: { path }, body: entry.set }))
    else if (entry.withdraws)
      await answer(
        api.POST('/api/clients/{id}/sets/{setId}/withdrawal', {
          params: { path: { ...path, setId: entry.withdraws } },
          body: { id: entry.id },
        }),
      )
    return 'sent'
  } catch (fault) {
    if (!(fault instanceof ApiProblem) || fault.status === 0 || fault.status === 401 || fault.status >= 500) return 'later'
    return { refused: [fault.message, ...Object.entries(fault.fields).map(([field, text]) => `${field} ${text}`)].join(' ') }
  }
}

export interface FloorLog {
  /** Logged here and not acknowledged by the server yet. */
  waiting: readonly Waiting[]
  log: (set: Omit<LogSet, 'id'>) => Promise<string>
  takeBack: (setId: string) => Promise<void>
  discard: (entryId: string) => Promise<void>
}

const retryEvery = 5_000

/** Logs sets through the outbox: first kept on this device, then sent, again and again until the server has them. */
export function useFloorLog(clientId: string): FloorLog {
  const queries = useQueryClient()
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])

  const flush = useCallback(async () => {
    const before = (await waitingFor(clientId)).length
    if (before > 0) await sendAll(clientId, send)
    const left = await waitingFor(clientId)
    if (left.length < before) await queries.invalidateQueries({ queryKey: ['client', clientId] })
    setWaiting(left)
  }, [clientId, queries])

  useEffect(() => {
    void flush()
    const timer = setInterval(() => void flush(), retryEvery)
    const online = () => void flush()
    addEventListener('online', online)
    return () => {
      clearInterval(timer)
      removeEventListener('online', online)
    }
  }, [flush])

  const enqueue = useCallback(
    async (entry: Waiting) => {
      await put(entry)
      setWaiting(await waitingFor(clientId))
      await flush()
    },
    [clientId, flush],
  )

  const log = useCallback(
    async (set: Omit<LogSet, 'id'>) => {
      const id = uuid()
      await enqueue({ id, clientId, madeAt: Date.now(), set: { ...set, id } })
      return id
    },
    [clientId, enqueue],
  )

  const takeBack = useCallback(
    async (setId: string) => enqueue({ id: uuid(), clientId, madeAt: Date.now(), withdraws: setId }),
    [clientId, enqueue],
  )

  const discard = useCallback(
    async (entryId: string) => {
      await remove(entryId)
      await flush()
    },
    [flush],
  )

  return { waiting, log, takeBack, discard }
}
