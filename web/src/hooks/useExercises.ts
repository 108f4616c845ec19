import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { EffectView, ExerciseFace, ExercisesView, Pick, SchoolView } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

export function useExercises(id: string): Fetched<ExercisesView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'exercises'],
      queryFn: () => answer(api.GET('/api/clients/{id}/exercises', { params: { path: { id } } })),
    }),
  )
}

/** What the picks of the coach would change in the first week; fetched only while a change is being considered. */
export function useEffectOf(id: string, picks: readonly Pick[] | null): Fetched<EffectView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'exercises', 'effect', picks],
      enabled: picks !== null,
      placeholderData: keepPreviousData,
      queryFn: () =>
        answer(api.POST('/api/clients/{id}/exercises/preview', { params: { path: { id } }, body: { picks: [...(picks ?? [])] } })),
    }),
  )
}

/** What another school would choose instead; fetched only when one is asked about. */
export function useSchool(id: string, school: string | null): Fetched<SchoolView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'exercises', 'school', school],
      enabled: school !== null,
      queryFn: () => answer(api.GET('/api/clients/{id}/exercises/schools/{school}', { params: { path: { id, school: school ?? '' } } })),
    }),
  )
}

export function useSavePicks(id: string) {
  return useFileChange(id, (picks: readonly Pick[]) =>
    answer(api.PUT('/api/clients/{id}/picks', { params: { path: { id } }, body: { picks: [...picks] } })),
  )
}

/** The whole catalogue, on its own. */
export function useExerciseFaces(): Fetched<ExerciseFace[]> {
  return fetched(
    useQuery({
      queryKey: ['catalogue', 'faces'],
      staleTime: Infinity,
      queryFn: () => answer(api.GET('/api/catalogue/faces')),
    }),
  )
}
