import type { UseQueryResult } from '@tanstack/react-query'

/** What a view can show of something fetched. */
export type Fetched<T> = { state: 'loading' } | { state: 'failed'; message: string; retry: () => void } | { state: 'ready'; data: T }

export function fetched<T>(query: UseQueryResult<T>): Fetched<T> {
  if (query.data !== undefined) return { state: 'ready', data: query.data }
  if (query.isError) return { state: 'failed', message: query.error.message, retry: () => void query.refetch() }
  return { state: 'loading' }
}
