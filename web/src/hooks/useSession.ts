import { useEffect } from 'react'
import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, setToken } from '../api/client'
import { forgetKept, keptForMs } from '../offline/kept'

export type SessionView =
  { state: 'loading' } | { state: 'failed'; retry: () => void } | { state: 'out' } | { state: 'in'; email: string; practice: string }

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
  return query.data.email ? { state: 'in', email: query.data.email, practice: query.data.practice ?? '' } : { state: 'out' }
}

/** The address signed in with, within a page that somebody is signed in to. */
export function useAccount(): string | undefined {
  return useQuery(me).data?.email ?? undefined
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

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationKey: ['sign-in'],
    mutationFn: (body: { email: string; password: string }) => answer(api.POST('/api/session', { body })),
    onSuccess: () => queries.resetQueries({ queryKey: ['session'] }),
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
