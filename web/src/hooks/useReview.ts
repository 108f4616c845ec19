import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { NextBlockView, ReviewView } from '../api/schema'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

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

/** Answers what waits: does it, or puts it off to a day. */
export const useAnswerWaiting = (id: string) =>
  useFileChange(id, (body: { key: string; until?: string }) => answer(api.PUT('/api/clients/{id}/decisions', { ...at(id), body })))

/** Takes an answer back, with what it did. */
export const useTakeBackAnswer = (id: string) =>
  useFileChange(id, (key: string) => answer(api.POST('/api/clients/{id}/decisions/undo', { params: { path: { id } }, body: { key } })))
