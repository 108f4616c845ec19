import { useQueries } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { FloorView } from '../api/schema'
import { type Waiting, waitingOf, watch } from '../offline/outbox'
import { today } from '../text/dates'
import { floorOn, nextDay } from './useFloor'
import { useAccount } from './useSession'

/** A lifter's session: today's, or the next one; null while it is on its way, or where there is none. */
export interface LifterSession {
  id: string
  date: string
  view: FloorView | null
  loading: boolean
  failed: boolean
}

/** The sessions of several lifters, in the order of their ids. */
export function useSessionsOf(ids: readonly string[]): readonly LifterSession[] {
  const now = today()
  const first = useQueries({ queries: ids.map((id) => floorOn(id, now)) })
  const dates = first.map(({ data }) => (data && nextDay(data)) ?? now)
  const standing = useQueries({ queries: ids.map((id, at) => floorOn(id, dates[at] ?? now)) })
  return ids.map((id, at) => ({
    id,
    date: dates[at] ?? now,
    view: standing[at]?.data ?? null,
    loading: standing[at]?.isPending ?? true,
    failed: standing[at]?.isError ?? false,
  }))
}

/** What waits on this device, of every client. */
export function useAllWaiting(): readonly Waiting[] {
  const account = useAccount()
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  useEffect(() => (account ? watch(() => waitingOf(account), setWaiting) : undefined), [account])
  return waiting
}

/** The time, every second. */
export function useSecond(): number {
  const [now, setNow] = useState(Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  return now
}
