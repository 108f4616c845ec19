import { type QueryClient, useMutation, useQueryClient } from '@tanstack/react-query'
import { isConflict } from '../api/problems'

/** After any change of a client's file everything that rests on it is fetched again. */
export function useFileChange<T>(id: string, change: (value: T) => Promise<unknown>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    // One after the other: the second rests on what the first left.
    scope: { id: `client ${id}` },
    onSuccess: () => fileChanged(queries, id),
    onError: (problem) => changeRefused(queries, id, problem),
  })
}

export function fileChanged(queries: QueryClient, id: string): Promise<unknown> {
  // What no page shows at the moment is forgotten, not kept to be shown once more: after a stop it may hold loads.
  queries.removeQueries({ queryKey: ['client', id], type: 'inactive' })
  return Promise.all([
    queries.invalidateQueries({ queryKey: ['client', id] }),
    queries.invalidateQueries({ queryKey: ['clients'] }),
    queries.invalidateQueries({ queryKey: ['day'] }),
  ])
}

/** Somebody else was faster: what they left is fetched, so that the two can be laid side by side. */
export function changeRefused(queries: QueryClient, id: string, problem: Error): Promise<void> | undefined {
  return isConflict(problem) ? queries.invalidateQueries({ queryKey: ['client', id] }) : undefined
}
