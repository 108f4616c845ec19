import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { NextBlockView, ReviewView } from '../api/schema'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'
import { changeRefused, fileChanged } from './useFileChange'

const at = (id: string) => ({ params: { path: { id }, query: { on: today() } } })

/** A client's story as it stands today. */
export function useReview(id: string): Fetched<ReviewView> {
  return fetched(useQuery({ queryKey: ['client', id, 'review'], queryFn: () => answer(api.GET('/api/clients/{id}/review', at(id))) }))
}

/** The next block as it would be made now, beside the last one; null before the first. */
export function useNextBlock(id: string): Fetched<NextBlockView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'review', 'next'],
      queryFn: async () => (await answer(api.GET('/api/clients/{id}/review/next-block', at(id)))) ?? null,
    }),
  )
}

/** Of one client. */
type Of<T> = T & { clientId: string }

function useAnswering<T>(does: (asked: Of<T>) => Promise<unknown>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: does,
    scope: { id: 'answers' },
    onSuccess: (_, asked) => fileChanged(queries, asked.clientId),
    onError: (problem, asked) => changeRefused(queries, asked.clientId, problem),
  })
}

/** Answers what waits: does it, or puts it off to a day. */
export const useAnswerWaiting = () =>
  useAnswering(({ clientId, ...body }: Of<{ key: string; until?: string }>) =>
    answer(api.PUT('/api/clients/{id}/decisions', { ...at(clientId), body })),
  )

/** Takes an answer back, with what it did. */
export const useTakeBackAnswer = () =>
  useAnswering(({ clientId, key }: Of<{ key: string }>) =>
    answer(api.POST('/api/clients/{id}/decisions/undo', { params: { path: { id: clientId } }, body: { key } })),
  )
