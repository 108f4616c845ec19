import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { BlockSection, BlockView } from '../api/schema'
import { type Fetched, fetched } from './fetched'

/** The block in force; null when none was made yet. */
export function useBlock(id: string): Fetched<BlockView | null> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'block'],
      queryFn: async () => (await answer(api.GET('/api/clients/{id}/block', { params: { path: { id } } }))) ?? null,
    }),
  )
}

export function useMakePlan(id: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: BlockSection) => answer(api.POST('/api/clients/{id}/plans', { params: { path: { id } }, body })),
    onSuccess: () => queries.invalidateQueries(),
  })
}
