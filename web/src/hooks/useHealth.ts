import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { HealthView, SaveHealth } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

export function useHealth(id: string): Fetched<HealthView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'health'],
      queryFn: () => answer(api.GET('/api/clients/{id}/health', { params: { path: { id } } })),
    }),
  )
}

export function useSaveHealth(id: string) {
  return useFileChange(id, (body: SaveHealth) => answer(api.PUT('/api/clients/{id}/health', { params: { path: { id } }, body })))
}
