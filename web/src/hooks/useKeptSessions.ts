import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { FloorView } from '../api/schema'
import { today } from '../text/dates'
import { floorOn } from './useFloor'

/** How many sessions after today's are kept. */
const ahead = 2
const freshMs = 60_000

async function fetchSessions(queries: QueryClient, id: string): Promise<void> {
  const now = await queries.fetchQuery({ ...floorOn(id, today()), staleTime: freshMs })
  const next = (now?.dates ?? []).filter((date) => date > today()).slice(0, ahead)
  for (const date of next) await queries.fetchQuery({ ...floorOn(id, date), staleTime: freshMs })
}

/** Fetches a client's session of today and the next ones while the page is idle, so that the floor has them without a network. */
export function useKeepSessions(id: string | undefined): void {
  const queries = useQueryClient()
  useEffect(() => {
    if (!id) return
    // Where the network is gone already, what is kept stays as it is.
    const fetchThem = () => void fetchSessions(queries, id).catch(() => undefined)
    const asked = setTimeout(() => ('requestIdleCallback' in window ? requestIdleCallback(fetchThem) : fetchThem()), 1_000)
    return () => clearTimeout(asked)
  }, [id, queries])
}

/** The days of a client whose sessions are on this device. */
export function useKeptDays(id: string): readonly string[] {
  const queries = useQueryClient()
  const [days] = useState(() =>
    queries
      .getQueriesData<FloorView | null>({ queryKey: ['client', id, 'floor'] })
      .filter(([, view]) => view && view.items.length > 0)
      .map(([key]) => String(key[3]))
      .sort(),
  )
  return days
}
