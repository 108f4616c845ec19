import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { LeverReply, LeversView } from '../api/schema'
import type { LeverQuestion } from '../api/model'
import { type Fetched, fetched } from './fetched'
import { useModel } from './useModel'

export function useLevers(id: string): Fetched<LeversView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'levers'],
      queryFn: () => answer(api.GET('/api/clients/{id}/levers', { params: { path: { id } } })),
    }),
  )
}

export type LeversState =
  { state: 'loading' } | { state: 'failed' } | { state: 'ready'; ask: (question: LeverQuestion) => readonly LeverReply[] }

/** Core's own model of levers in the page; until it is there the server's first picture stands. */
export function useLeverModel(): LeversState {
  const { model, failed } = useModel()
  if (model) return { state: 'ready', ask: model.levers }
  return { state: failed ? 'failed' : 'loading' }
}
