import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { InviteColleague, PracticeRole, PracticeView, SavePractice, SaveRoom } from '../api/schema'
import { type Fetched, fetched } from './fetched'

/** The practice and who is in it. */
export function usePractice(): Fetched<PracticeView> {
  return fetched(useQuery({ queryKey: ['practice'], queryFn: () => answer(api.GET('/api/practice')) }))
}

/** A change of the practice: what stands on its rooms and people is fetched again. */
function usePracticeChange<T, R>(change: (value: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn: change, onSuccess: () => queries.invalidateQueries() })
}

export const useSavePractice = () => usePracticeChange((body: SavePractice) => answer(api.PUT('/api/practice', { body })))

export const useInviteColleague = () =>
  usePracticeChange((body: InviteColleague) => answer(api.POST('/api/practice/invitations', { body })))

export const useRevokeInvitation = () =>
  usePracticeChange((invitation: string) =>
    answer(api.DELETE('/api/practice/invitations/{invitation}', { params: { path: { invitation } } })),
  )

export const useChangeRole = () =>
  usePracticeChange(({ userId, role }: { userId: string; role: PracticeRole }) =>
    answer(api.PUT('/api/practice/people/{userId}', { params: { path: { userId } }, body: { role } })),
  )

export const useRemovePerson = () =>
  usePracticeChange((userId: string) => answer(api.DELETE('/api/practice/people/{userId}', { params: { path: { userId } } })))

export const usePasswordLink = () =>
  useMutation({
    mutationFn: (userId: string) => answer(api.POST('/api/practice/people/{userId}/password-link', { params: { path: { userId } } })),
  })

/** Saves a room; without an id it is a new one. */
export const useSaveRoom = () =>
  usePracticeChange(({ room, body }: { room: string | null; body: SaveRoom }) =>
    room
      ? answer<unknown>(api.PUT('/api/rooms/{room}', { params: { path: { room } }, body }))
      : answer<unknown>(api.POST('/api/rooms', { body })),
  )

export const useRemoveRoom = () =>
  usePracticeChange((room: string) => answer(api.DELETE('/api/rooms/{room}', { params: { path: { room } } })))
