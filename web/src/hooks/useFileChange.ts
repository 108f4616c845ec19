import { useMutation, useQueryClient } from '@tanstack/react-query'

/** After any change of a client's file everything that rests on it is fetched again. */
export function useFileChange<T>(id: string, change: (value: T) => Promise<unknown>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ['client', id] }),
        queries.invalidateQueries({ queryKey: ['clients'] }),
        queries.invalidateQueries({ queryKey: ['day'] }),
      ]),
  })
}
