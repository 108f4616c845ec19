import { useEffect } from 'react'
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, setToken } from '../api/client'
import type { BeginPractice, Me, OpenPractice, SignIn, TakeInvitation } from '../api/schema'
import { forgetKept, keptForMs } from '../offline/kept'

export type SessionView =
  | { state: 'loading' }
  | { state: 'failed'; retry: () => void }
  | { state: 'out'; me: Me }
  /** In several practices, with none chosen yet. */
  | { state: 'choosing'; me: Me }
  | { state: 'in'; me: Me; email: string; open: OpenPractice }

async function fetchMe() {
  const me = await answer(api.GET('/api/session'))
  setToken(me.token)
  return me
}

const me = queryOptions({ queryKey: ['session'], queryFn: fetchMe, staleTime: Number.POSITIVE_INFINITY, gcTime: keptForMs })

/** Who is signed in, for the page as a whole. */
export function useSession(): SessionView {
  // Who was signed in is kept on this device; the server is asked all the same, for the token that goes with every change.
  const query = useQuery({ ...me, refetchOnMount: 'always' })
  if (query.isPending || !query.isFetchedAfterMount) return { state: 'loading' }
  if (!query.data) return { state: 'failed', retry: () => void query.refetch() }
  const { email, practice } = query.data
  if (!email) return { state: 'out', me: query.data }
  return practice ? { state: 'in', me: query.data, email, open: practice } : { state: 'choosing', me: query.data }
}

/** The address signed in with, within a page that somebody is signed in to. */
export function useAccount(): string | undefined {
  return useQuery(me).data?.email ?? undefined
}

/** The practice that is open and what the person is in it. */
export function useOpenPractice(): OpenPractice | undefined {
  return useQuery(me).data?.practice ?? undefined
}

/** What the server says of itself: how it is reached, whether it sends mail. */
export function useMe(): Me | undefined {
  return useQuery(me).data
}

/** Once nobody is signed in, by their own act or because the sign-in ran out, nothing of anybody stays on this device but unsent sets. */
export function useForgetWhenOut(out: boolean): void {
  const queries = useQueryClient()
  useEffect(() => {
    if (!out) return
    queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'session' })
    void forgetKept()
  }, [out, queries])
}

/** Something after which somebody is signed in: who it is is asked anew. */
function useEntrance<T>(enter: (body: T) => Promise<unknown>) {
  const queries = useQueryClient()
  return useMutation({ mutationKey: ['sign-in'], mutationFn: enter, onSuccess: () => queries.resetQueries({ queryKey: ['session'] }) })
}

export const useSignIn = () => useEntrance((body: SignIn) => answer(api.POST('/api/session', { body })))

export const useBegin = () => useEntrance((body: BeginPractice) => answer(api.POST('/api/practices', { body })))

export const useTakeInvitation = () => useEntrance((body: TakeInvitation) => answer(api.POST('/api/invitations/take', { body })))

/** Opens another of one's practices: everything on this device is of the one before, and goes. */
export function useChoosePractice() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (practice: string) => answer(api.PUT('/api/session/practice', { body: { practice } })),
    onSuccess: async () => {
      queries.clear()
      await forgetKept()
      location.assign('/')
    },
  })
}

export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answer(api.DELETE('/api/session')),
    onSuccess: async () => {
      queries.clear()
      await forgetKept()
      location.assign('/')
    },
  })
}
