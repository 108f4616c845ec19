import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { AheadView, AnswerOwn, ChooseRoom, ShareClient, SharingView, WriteNote } from '../api/schema'
import { keptForMs } from '../offline/kept'
import { today } from '../text/dates'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

const at = (id: string) => ({ params: { path: { id } } })

/** Who a client is with, who else sees them, and what they wrote. */
export function useSharing(id: string): Fetched<SharingView> {
  return fetched(useQuery({ queryKey: ['client', id, 'sharing'], queryFn: () => answer(api.GET('/api/clients/{id}/sharing', at(id))) }))
}

export const useHandOver = (id: string) =>
  useFileChange(id, (userId: string | null) => answer(api.PUT('/api/clients/{id}/home', { ...at(id), body: { userId } })))

/** Shares with a colleague; without a share it is taken back. */
export const useShare = (id: string) =>
  useFileChange(id, ({ userId, share }: { userId: string; share: ShareClient | null }) => {
    const params = { params: { path: { id, userId } } }
    return share
      ? answer(api.PUT('/api/clients/{id}/shares/{userId}', { ...params, body: share }))
      : answer(api.DELETE('/api/clients/{id}/shares/{userId}', params))
  })

/** Where the client trains: the usual room, and those of days elsewhere. */
export const useRoom = (id: string) =>
  useFileChange(id, (body: ChooseRoom) => answer(api.PUT('/api/clients/{id}/room', { ...at(id), body })))

export function useInviteLifter(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answer(api.POST('/api/clients/{id}/invitation', at(id))),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['client', id, 'sharing'] }),
  })
}

/** Closes a way in: an invitation that is open, or the lifter's own. */
export const useCloseWayIn = (id: string) =>
  useFileChange(id, (invitation: string | null) =>
    invitation
      ? answer(api.DELETE('/api/clients/{id}/invitation/{invitation}', { params: { path: { id, invitation } } }))
      : answer(api.DELETE('/api/clients/{id}/lifter', at(id))),
  )

export const useReadNotes = (id: string) => useFileChange<undefined>(id, () => answer(api.POST('/api/clients/{id}/notes/read', at(id))))

export function useErase(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answer(api.POST('/api/clients/{id}/erasure', at(id))),
    onSuccess: () => queries.invalidateQueries(),
  })
}

/** What changed of a client, a page at a time. */
export function useChanges(id: string) {
  return useInfiniteQuery({
    queryKey: ['client', id, 'changes'],
    queryFn: ({ pageParam }) =>
      answer(api.GET('/api/clients/{id}/changes', { params: { path: { id }, query: pageParam ? { before: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (last) => (last.hasMore ? last.changes.at(-1)?.id : undefined),
  })
}

/** The lifter's own training. Kept on the device, for where there is no network. */
export function useAhead(id: string): Fetched<AheadView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'ahead'],
      gcTime: keptForMs,
      queryFn: () => answer(api.GET('/api/clients/{id}/ahead', { params: { path: { id }, query: { date: today() } } })),
    }),
  )
}

export const useAnswer = (id: string) =>
  useFileChange(id, (body: AnswerOwn) => answer(api.PUT('/api/clients/{id}/answers', { ...at(id), body })))

export const useWriteNote = (id: string) =>
  useFileChange(id, (body: WriteNote) => answer(api.POST('/api/clients/{id}/notes', { ...at(id), body })))
