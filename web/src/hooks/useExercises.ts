import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type {
  EffectView,
  ExerciseFace,
  ExerciseFileView,
  ExercisesView,
  FileVersion,
  ImportView,
  Pick,
  SaveExercise,
  SchoolView,
  TakeSchool,
} from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { isConflict } from '../api/problems'
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

/** Picks and school go back with the version that they were chosen on: another tab's word is not overwritten unseen. */
export function useSavePicks(id: string) {
  const version = useFileVersion(id)
  return useFileChange(id, async (picks: readonly Pick[]) =>
    version.moved(
      await answer(api.PUT('/api/clients/{id}/picks', { params: { path: { id } }, body: { picks: [...picks], version: version.now() } })),
    ),
  )
}

export function useTakeSchool(id: string) {
  const version = useFileVersion(id)
  return useFileChange(id, async (school: TakeSchool['school']) =>
    version.moved(
      await answer(api.PUT('/api/clients/{id}/exercises/school', { params: { path: { id } }, body: { school, version: version.now() } })),
    ),
  )
}

/**
 * The version of a client's file as this page last saw it; a change made here moves it on at once, so that the next one does not race
 * it.
 */
function useFileVersion(id: string) {
  const queries = useQueryClient()
  const key = ['client', id, 'exercises']
  return {
    now: () => queries.getQueryData<ExercisesView>(key)?.version ?? 0,
    moved: ({ version }: FileVersion) => queries.setQueryData<ExercisesView>(key, (view) => view && { ...view, version }),
  }
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

/** Every field of one exercise, to copy or change; fetched only when one is opened. */
export function useExerciseFile(exercise: string | null): Fetched<ExerciseFileView> {
  return fetched(
    useQuery({
      queryKey: ['catalogue', 'file', exercise],
      enabled: exercise !== null,
      queryFn: () => answer(api.GET('/api/catalogue/exercises/{exercise}', { params: { path: { exercise: exercise ?? '' } } })),
    }),
  )
}

/** After a change of the catalogue everything that was chosen from it is fetched again. */
function useCatalogueChange<T>(change: (value: T) => Promise<unknown>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: () => queries.invalidateQueries(),
    onError: (problem) => (isConflict(problem) ? queries.invalidateQueries({ queryKey: ['catalogue'] }) : undefined),
  })
}

export const useSaveExercise = () => useCatalogueChange((body: SaveExercise) => answer(api.PUT('/api/catalogue/own', { body })))

export const useImportExercises = () =>
  useCatalogueChange((text: string) => answer(api.POST('/api/catalogue/own/import', { body: { text } })))

/** What a list would add and change, before anything is taken. */
export function useImportPreview(text: string): Fetched<ImportView> {
  return fetched(
    useQuery({
      queryKey: ['catalogue', 'import', text],
      enabled: text.trim() !== '',
      retry: false,
      queryFn: () => answer(api.POST('/api/catalogue/own/preview', { body: { text } })),
    }),
  )
}
