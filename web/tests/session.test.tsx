import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, expect, it, vi } from 'vitest'
import { api } from '../src/api/client'
import { useAccount, useForgetWhenOut, useSession } from '../src/hooks/useSession'
import { isKept } from '../src/offline/kept'

const mine = 'coach@harbour.example'
const kept = () => {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  queries.setQueryData(['session'], { email: mine, practice: 'Harbour', token: 't' })
  return queries
}
const seen = (queries: QueryClient) => {
  const states: unknown[] = []
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  renderHook(() => states.push([useSession().state, useAccount()]), { wrapper })
  return states
}
const answers = (body: object) => vi.spyOn(api, 'GET').mockResolvedValue({ data: body, response: new Response('{}') } as never)

afterEach(() => vi.restoreAllMocks())

it('is who it was on this device where the server cannot be reached, and a set is always theirs', async () => {
  vi.spyOn(api, 'GET').mockRejectedValue(new TypeError('no network'))
  const states = seen(kept())
  await waitFor(() => expect(states.at(-1)).toEqual(['in', mine]))
  expect(states[0]).toEqual(['loading', mine])
})

it('is nobody once the server says so', async () => {
  answers({ email: null, practice: null, token: 't' })
  const states = seen(kept())
  await waitFor(() => expect(states.at(-1)).toEqual(['out', undefined]))
})

it('leaves nothing of anybody behind', () => {
  const queries = kept()
  queries.setQueryData(['client', 'c', 'floor', '2026-11-28'], {})
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  const { rerender } = renderHook(({ out }) => useForgetWhenOut(out), { wrapper, initialProps: { out: false } })
  expect(queries.getQueryCache().getAll()).toHaveLength(2)
  rerender({ out: true })
  expect(
    queries
      .getQueryCache()
      .getAll()
      .map((query) => query.queryKey),
  ).toEqual([['session']])
})

it('keeps what the floor needs, and nothing else that is private', () => {
  const keys = [['session'], ['clients'], ['day'], ['client', 'c', 'floor', '2026-11-28']]
  const others = [
    ['clients', 'archived'],
    ['client', 'c', 'health'],
    ['client', 'c', 'block', '2026-11-28'],
    ['client', 'c', 'findings'],
  ]
  expect([...keys, ...others].filter(isKept)).toEqual(keys)
})
