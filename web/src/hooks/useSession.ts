import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, setToken } from '../api/client'

export type SessionView =
  { state: 'loading' } | { state: 'failed'; retry: () => void } | { state: 'out' } | { state: 'in'; email: string; practice: string }

async function fetchMe() {
  const me = await answer(api.GET('/api/session'))
  setToken(me.token)
  return me
}

/** Who is signed in. */
export function useSession(): SessionView {
  const query = useQuery({ queryKey: ['session'], queryFn: fetchMe, staleTime: Number.POSITIVE_INFINITY })
  if (query.isPending) return { state: 'loading' }
  if (query.isError) return { state: 'failed', retry: () => void query.refetch() }
  return query.data.email ? { state: 'in', email: query.data.email, practice: query.data.practice ?? '' } : { state: 'out' }
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
    onSuccess: () => {
      queries.clear()
      location.assign('/')
    },
  })
}
