import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import type { ClientListView, KeepClientList, KeptList, ReadClientList } from '../api/schema'
import { type Fetched, fetched } from './fetched'

/** Lists of clients that were taken in, the newest first. */
export function useClientLists(): Fetched<KeptList[]> {
  return fetched(useQuery({ queryKey: ['client-lists'], queryFn: () => answer(api.GET('/api/client-lists')) }))
}

/** A list as it is understood with what was said of it; what was understood before stands until the new is there. */
export function useListReading(asked: ReadClientList | null, change: number) {
  return useQuery<ClientListView>({
    queryKey: ['list-reading', asked?.name, change],
    queryFn: () => answer(api.POST('/api/client-lists/preview', { body: asked as ReadClientList })),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  })
}

// It may touch any client: whatever is held of one is read anew.
function useListChange<T, R>(change: (value: T) => Promise<R>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn: change, onSuccess: () => queries.invalidateQueries() })
}

export const useKeepList = () => useListChange((body: KeepClientList) => answer(api.POST('/api/client-lists', { body })))

/** Takes a list back; says of whom something stays. */
export const useTakeBackList = () =>
  useListChange((list: string) => answer(api.POST('/api/client-lists/{list}/undo', { params: { path: { list } } })))
