import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { ApiProblem, answer, api } from '../api/client'
import { countUnsent, type Outcome, remove, sendAll, type Waiting, waitingOf, watch } from '../offline/outbox'

const retryEvery = 5_000
/** Not the entry's fault: out of time, too many at once. */
const passing = [0, 401, 403, 408, 429]

async function send(entry: Waiting): Promise<Outcome> {
  const path = { id: entry.clientId }
  try {
    if (entry.set) await answer(api.POST('/api/clients/{id}/sets', { params: { path }, body: entry.set }))
    else if (entry.warning) await answer(api.POST('/api/clients/{id}/warnings', { params: { path }, body: entry.warning }))
    else if (entry.readiness) await answer(api.PUT('/api/clients/{id}/readiness', { params: { path }, body: entry.readiness }))
    else if (entry.withdraws)
      await answer(
        api.POST('/api/clients/{id}/sets/{setId}/withdrawal', {
          params: { path: { ...path, setId: entry.withdraws } },
          body: { id: entry.id },
        }),
      )
    return 'sent'
  } catch (fault) {
    if (!(fault instanceof ApiProblem) || passing.includes(fault.status) || fault.status >= 500) throw fault
    // The page's token is out of step with the sign-in: it is fetched anew, and the entry waits for it.
    if (fault.type === 'nerezza:token') throw fault
    // Somebody changed the file in between: a sign is noted on top of that.
    if (entry.warning && fault.type === 'nerezza:lost-race') throw fault
    return { refused: [fault.message, ...Object.entries(fault.fields).map(([field, text]) => `${field} ${text}`)].join(' ') }
  }
}

/** One round of sending. What finds nobody signed in waits, and the page asks who is. */
export async function flushOutbox(account: string, queries: QueryClient): Promise<void> {
  const held = async (entry: Waiting): Promise<Outcome> => {
    try {
      return await send(entry)
    } catch (fault) {
      const asks = fault instanceof ApiProblem && (fault.status === 401 || fault.type === 'nerezza:token')
      if (asks) void queries.invalidateQueries({ queryKey: ['session'] })
      return 'later'
    }
  }
  await sendAll(account, held)
  const sent = (await waitingOf(account)).filter((entry) => entry.sent)
  for (const id of new Set(sent.map((entry) => entry.clientId))) {
    // Pages that show the client fetch it anew first; where that fails the entries stay until the next round. A first fetch that is
    // under way may have left before the set came in, and would not be asked again.
    await queries.cancelQueries({ queryKey: ['client', id] })
    await queries.invalidateQueries({ queryKey: ['client', id] }, { throwOnError: true })
    await Promise.all(sent.filter((entry) => entry.clientId === id).map((entry) => remove(entry.id)))
  }
}

// One round at a time, so that the order holds; what came in meanwhile is sent in the next.
let running = false
let again = false

async function flush(account: string, queries: QueryClient): Promise<void> {
  again = true
  if (running) return
  running = true
  try {
    while (again) {
      again = false
      await flushOutbox(account, queries)
    }
  } catch {
    // No connection for a page's own fetch: the timer comes round again.
  } finally {
    running = false
  }
}

/** Sends what waits on this device, from whatever page is open, as soon as there is a connection and a sign-in. */
export function useOutboxSender(account: string | null): void {
  const queries = useQueryClient()
  useEffect(() => {
    if (!account) return
    const now = () => void flush(account, queries)
    // A new entry is sent at once.
    const stop = watch(() => waitingOf(account), now)
    const timer = setInterval(now, retryEvery)
    addEventListener('online', now)
    return () => {
      stop()
      clearInterval(timer)
      removeEventListener('online', now)
    }
  }, [account, queries])
}

/** What waits on this device for an account. */
export function useUnsent(account: string): readonly Waiting[] {
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  useEffect(() => watch(() => waitingOf(account), setWaiting), [account])
  return useMemo(() => waiting.filter((entry) => !entry.sent), [waiting])
}

/** How much waits on this device, whoever logged it: what a sign-in page may say. */
export function useUnsentCount(): number {
  const [count, setCount] = useState(0)
  useEffect(() => watch(countUnsent, setCount), [])
  return count
}
