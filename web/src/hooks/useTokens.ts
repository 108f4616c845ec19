import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { MakeToken, TokenLine } from '../api/schema'
import { type Fetched, fetched } from './fetched'

/** One's own tokens for scripts. */
export function useTokens(): Fetched<TokenLine[]> {
  return fetched(useQuery({ queryKey: ['tokens'], queryFn: () => answer(api.GET('/api/account/tokens')) }))
}

export function useMakeToken() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: MakeToken) => answer(api.POST('/api/account/tokens', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['tokens'] }),
  })
}

export function useEndToken() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (token: string) => answer(api.DELETE('/api/account/tokens/{token}', { params: { path: { token } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['tokens'] }),
  })
}
