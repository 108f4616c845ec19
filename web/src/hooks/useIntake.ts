import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { IntakeView, SaveEquipment, SaveFacts, StrengthSection } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

/** Intake of one client. */
export function useIntake(id: string): Fetched<IntakeView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'intake'],
      queryFn: () => answer(api.GET('/api/clients/{id}/intake', { params: { path: { id } } })),
    }),
  )
}

export function useSaveFacts(id: string) {
  return useFileChange(id, (body: SaveFacts) => answer(api.PUT('/api/clients/{id}/facts', { params: { path: { id } }, body })))
}

export function useSaveEquipment(id: string) {
  return useFileChange(id, (body: SaveEquipment) => answer(api.PUT('/api/clients/{id}/equipment', { params: { path: { id } }, body })))
}

export function useAddMax(id: string) {
  return useFileChange(id, (body: StrengthSection) => answer(api.POST('/api/clients/{id}/maxes', { params: { path: { id } }, body })))
}

export function useRemoveMax(id: string) {
  return useFileChange(id, (maxId: string) => answer(api.DELETE('/api/clients/{id}/maxes/{maxId}', { params: { path: { id, maxId } } })))
}
