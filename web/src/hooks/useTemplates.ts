import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { FittedView, KeepTemplate, KeepWeek, ReadWeek, TakeTemplate, TemplateDocument, TemplateLine, WeekView } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

const at = (id: string) => ({ params: { path: { id } } })

/** The templates at hand: the practice's own, then those that ship. */
export function useTemplates(): Fetched<readonly TemplateLine[]> {
  return fetched(useQuery({ queryKey: ['templates'], queryFn: () => answer(api.GET('/api/templates')) }))
}

function useShelfChange<T, R>(change: (value: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn: change, onSuccess: () => queries.invalidateQueries({ queryKey: ['templates'] }) })
}

export const useKeepTemplate = (id: string) =>
  useShelfChange((body: KeepTemplate) => answer(api.POST('/api/clients/{id}/block/template', { ...at(id), body })))

export const useBringTemplate = () => useShelfChange((body: TemplateDocument) => answer(api.POST('/api/templates', { body })))

/** A pasted week as it is understood with what was said of it; nothing until something is pasted. */
export function usePastedWeek(asked: ReadWeek) {
  return useQuery<WeekView>({
    queryKey: ['pasted-week', asked],
    enabled: asked.text.trim() !== '',
    queryFn: () => answer(api.POST('/api/templates/week/preview', { body: asked })),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
}

export const useKeepWeek = () => useShelfChange((body: KeepWeek) => answer(api.POST('/api/templates/week', { body })))

export const useRemoveTemplate = () =>
  useShelfChange((template: string) => answer(api.DELETE('/api/templates/{template}', { params: { path: { template } } })))

/** A template as it would be for a client; nothing until one is chosen. */
export function useFitted(id: string, body: TakeTemplate): Fetched<FittedView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'fitted', body],
      enabled: body.template !== '' && body.start !== '',
      queryFn: () => answer(api.POST('/api/clients/{id}/block/from-template/preview', { ...at(id), body })),
    }),
  )
}

export const useTakeTemplate = (id: string) =>
  useFileChange(id, (body: TakeTemplate) => answer(api.POST('/api/clients/{id}/block/from-template', { ...at(id), body })))
