import { queryOptions, useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { answer, api } from '../api/client'
import type { FloorView, HealthFlag, LogSet, NoteReadiness, SummaryView } from '../api/schema'
import { rememberLogged } from '../offline/loggedHere'
import { keptForMs } from '../offline/kept'
import { put, type Waiting, waitingFor, watch } from '../offline/outbox'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'
import { useAccount } from './useSession'

/** How the session of a date is fetched; null when no plan was made yet. It stays on this device. */
export const floorOn = (id: string, date: string) =>
  queryOptions({
    queryKey: ['client', id, 'floor', date],
    queryFn: async (): Promise<FloorView | null> =>
      (await answer(api.GET('/api/clients/{id}/floor', { params: { path: { id }, query: { date } } }))) ?? null,
    gcTime: keptForMs,
  })

/** Where no session is planned for its day, the day of the next one; else null. */
export const nextDay = (view: FloorView): string | null =>
  view.items.length === 0 ? (view.dates.find((day) => day >= today()) ?? null) : null

/** The session of a date. */
export function useFloor(id: string, date: string): Fetched<FloorView | null> {
  return fetched(useQuery(floorOn(id, date)))
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
  /** Whether the device had no room for the last one: it was not logged, and what was entered stands. */
  noRoom: boolean
  log: (set: Omit<LogSet, 'id'>) => Promise<Kept>
  /** Puts a set right: a new fact that stands in the place of the old one. */
  correct: (setId: string, set: Omit<LogSet, 'id'>) => Promise<Kept>
  takeBack: (setId: string) => Promise<Kept>
  /** A sign that ends the session. */
  warn: (sign: HealthFlag, date: string) => Promise<Kept>
  /** How the client comes in. */
  comeIn: (readiness: NoteReadiness) => Promise<Kept>
}

/** Whether the device has it: only then is it logged. */
export type Kept = 'kept' | 'no room'

/** Logs sets through the outbox: first kept on this device; whatever page is open sends it until the server has it. */
export function useFloorLog(clientId: string): FloorLog {
  const account = useAccount()
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  useEffect(() => watch(() => waitingFor(clientId), setWaiting), [clientId])

  const [noRoom, setNoRoom] = useState(false)
  const enqueue = useCallback(
    async (entry: Omit<Waiting, 'clientId' | 'madeAt' | 'account'>): Promise<Kept> => {
      const kept = await put({ ...entry, clientId, madeAt: Date.now(), account }).then(
        () => true,
        () => false,
      )
      setNoRoom(!kept)
      if (!kept) return 'no room'
      setWaiting(await waitingFor(clientId))
      return 'kept'
    },
    [account, clientId],
  )
  const log = useCallback(
    async (set: Omit<LogSet, 'id'>) => {
      const id = uuid()
      const kept = await enqueue({ id, set: { ...set, id } })
      if (kept === 'kept') rememberLogged(id, Date.now())
      return kept
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
  const warn = useCallback(async (sign: HealthFlag, date: string) => enqueue({ id: uuid(), warning: { sign, date } }), [enqueue])
  const comeIn = useCallback(async (readiness: NoteReadiness) => enqueue({ id: uuid(), readiness }), [enqueue])
  return { waiting, noRoom, log, correct, takeBack, warn, comeIn }
}
