import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { answer, api } from '../api/client'
import type { FloorView, LogSet, SummaryView } from '../api/schema'
import { rememberLogged } from '../offline/loggedHere'
import { put, type Waiting, waitingFor, watch } from '../offline/outbox'
import { type Fetched, fetched } from './fetched'
import { useSession } from './useSession'

/** The session of a date; null when no plan was made yet. */
export function useFloor(id: string, date: string): Fetched<FloorView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'floor', date],
      queryFn: async () => (await answer(api.GET('/api/clients/{id}/floor', { params: { path: { id }, query: { date } } }))) ?? null,
    }),
  )
}

/** What a session came to, by what the server has of it. */
export function useFloorSummary(id: string, date: string): Fetched<SummaryView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'summary', date],
      queryFn: async () =>
        (await answer(api.GET('/api/clients/{id}/floor/summary', { params: { path: { id }, query: { date } } }))) ?? null,
    }),
  )
}

export interface FloorLog {
  /** Logged here and not acknowledged by the server yet. */
  waiting: readonly Waiting[]
  log: (set: Omit<LogSet, 'id'>) => Promise<string>
  /** Puts a set right: a new fact that stands in the place of the old one. */
  correct: (setId: string, set: Omit<LogSet, 'id'>) => Promise<void>
  takeBack: (setId: string) => Promise<void>
}

/** Logs sets through the outbox: first kept on this device; whatever page is open sends it until the server has it. */
export function useFloorLog(clientId: string): FloorLog {
  const session = useSession()
  const account = session.state === 'in' ? session.email : undefined
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  useEffect(() => watch(() => waitingFor(clientId), setWaiting), [clientId])

  const enqueue = useCallback(
    async (entry: Omit<Waiting, 'clientId' | 'madeAt' | 'account'>) => {
      await put({ ...entry, clientId, madeAt: Date.now(), account })
      setWaiting(await waitingFor(clientId))
    },
    [account, clientId],
  )
  const log = useCallback(
    async (set: Omit<LogSet, 'id'>) => {
      const id = uuid()
      rememberLogged(id, Date.now())
      await enqueue({ id, set: { ...set, id } })
      return id
    },
    [enqueue],
  )
  const correct = useCallback(
    async (setId: string, set: Omit<LogSet, 'id'>) => {
      const id = uuid()
      return enqueue({ id, set: { ...set, id, supersedes: setId } })
    },
    [enqueue],
  )
  const takeBack = useCallback(async (setId: string) => enqueue({ id: uuid(), withdraws: setId }), [enqueue])
  return { waiting, log, correct, takeBack }
}
