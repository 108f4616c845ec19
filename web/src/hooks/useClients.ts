import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { ArchivedClient, CaseDocument, ClientLine, ClientSection, DayView, ExerciseLine, StationsView } from '../api/schema'
import { keptForMs } from '../offline/kept'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'

/** What changed in the last moments is shown a moment later; else the lists look again at leisure. */
const behindMs = 1000
const restMs = 20_000

/** The coach's clients, by name. */
export function useClients(): Fetched<readonly ClientLine[]> {
  return fetched(
    useQuery({
      queryKey: ['clients'],
      queryFn: () => answer(api.GET('/api/clients', { params: { query: { today: today() } } })),
      gcTime: keptForMs,
      refetchInterval: (query) => (query.state.data?.some((client) => client.isBehind) ? behindMs : restMs),
    }),
  )
}

/** The clients who are put away. */
export function usePutAway(): Fetched<readonly ArchivedClient[]> {
  return fetched(useQuery({ queryKey: ['clients', 'archived'], queryFn: () => answer(api.GET('/api/clients/archived')) }))
}

/** How far the stations of a client's file are. */
export function useStations(id: string): Fetched<StationsView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'stations'],
      queryFn: () => answer(api.GET('/api/clients/{id}/stations', { params: { path: { id }, query: { on: today() } } })),
    }),
  )
}

/** Puts a client away, or takes one back. */
export function useArchive() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, away }: { id: string; away: boolean }) => {
      const params = { params: { path: { id } } }
      return away ? answer(api.DELETE('/api/clients/{id}', params)) : answer(api.POST('/api/clients/{id}/restore', params))
    },
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** Sessions of a day, and today's decisions. */
export function useDay(shown: string): Fetched<DayView> {
  return fetched(
    useQuery({
      queryKey: ['day', shown],
      queryFn: () => answer(api.GET('/api/day', { params: { query: { date: today(), shown } } })),
      placeholderData: (before) => before,
      gcTime: keptForMs,
      refetchInterval: (query) => (query.state.data?.behind ? behindMs : restMs),
    }),
  )
}

/** Every exercise with its name. */
export function useCatalogue(): Fetched<readonly ExerciseLine[]> {
  return fetched(
    useQuery({ queryKey: ['catalogue'], queryFn: () => answer(api.GET('/api/catalogue')), staleTime: Number.POSITIVE_INFINITY }),
  )
}

export function useAddClient() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: ClientSection) => answer(api.POST('/api/clients', { body })),
    onSuccess: () => queries.invalidateQueries(),
  })
}

export function useImportCase() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: CaseDocument) => answer(api.POST('/api/clients/import', { body })),
    onSuccess: () => queries.invalidateQueries(),
  })
}
