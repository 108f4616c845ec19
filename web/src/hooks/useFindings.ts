import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { DecideFinding, FindingsView, PlanPreview } from '../api/schema'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

export function useFindings(id: string): Fetched<FindingsView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'findings'],
      queryFn: () => answer(api.GET('/api/clients/{id}/findings', { params: { path: { id } } })),
    }),
  )
}

/** What a new plan would change; null when no plan was made yet. Fetched only when asked for. */
export function usePlanPreview(id: string, on: string | null, asked: boolean): Fetched<PlanPreview | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'preview', on],
      enabled: asked,
      queryFn: async () =>
        (await answer(api.GET('/api/clients/{id}/plans/preview', { params: { path: { id }, query: { on: on ?? today() } } }))) ?? null,
    }),
  )
}

/** Names a finding: its code and why. */
export interface FindingKey {
  code: string
  cause: string
}

export function useDecide(id: string) {
  return useFileChange(id, ({ code, cause, ...body }: FindingKey & DecideFinding) =>
    answer(api.PUT('/api/clients/{id}/findings/{code}/{cause}', { params: { path: { id, code, cause } }, body })),
  )
}

export function useTakeBack(id: string) {
  return useFileChange(id, ({ code, cause }: FindingKey) =>
    answer(api.DELETE('/api/clients/{id}/findings/{code}/{cause}', { params: { path: { id, code, cause } } })),
  )
}
