import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { CalendarView, SaveCalendar } from '../api/schema'
import { type Fetched, fetched } from './fetched'

const at = (id: string) => ({ params: { path: { id } } })
const key = (id: string) => ['client', id, 'calendar']

/** When a client trains, and whether a calendar fetches their sessions. */
export function useCalendar(id: string): Fetched<CalendarView> {
  return fetched(useQuery({ queryKey: key(id), queryFn: () => answer(api.GET('/api/clients/{id}/calendar', at(id))) }))
}

function useCalendarChange<T, R>(id: string, change: (value: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn: change, onSuccess: () => queries.invalidateQueries({ queryKey: key(id) }) })
}

export const useSaveCalendar = (id: string) =>
  useCalendarChange(id, (body: SaveCalendar) => answer(api.PUT('/api/clients/{id}/calendar', { ...at(id), body })))

export const useMakeFeed = (id: string) =>
  useCalendarChange<undefined, { link: string; reachesPhones: boolean }>(id, () =>
    answer(api.POST('/api/clients/{id}/calendar/feed', at(id))),
  )

export const useEndFeed = (id: string) =>
  useCalendarChange<undefined, unknown>(id, () => answer(api.DELETE('/api/clients/{id}/calendar/feed', at(id))))
