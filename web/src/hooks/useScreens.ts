import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { ProtocolView, SaveScreen, ScreensView } from '../api/schema'
import { type Fetched, fetched } from './fetched'
import { useFileChange } from './useFileChange'

/** How the screen is done. */
export function useProtocol(): Fetched<ProtocolView> {
  return fetched(useQuery({ queryKey: ['protocol'], queryFn: () => answer(api.GET('/api/protocol')), staleTime: Number.POSITIVE_INFINITY }))
}

/** Every screen kept of a client, newest first. */
export function useScreens(id: string): Fetched<ScreensView> {
  return fetched(
    useQuery({
      queryKey: ['client', id, 'screens'],
      queryFn: () => answer(api.GET('/api/clients/{id}/screens', { params: { path: { id } } })),
    }),
  )
}

export function useSaveScreen(id: string, date: string) {
  return useFileChange(id, (body: SaveScreen) =>
    answer(api.PUT('/api/clients/{id}/screens/{date}', { params: { path: { id, date } }, body })),
  )
}
