import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryObserver } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, test, vi } from 'vitest'
import { api } from '../src/api/client'
import { system } from '../src/app/theme'
import { flushOutbox } from '../src/hooks/useOutbox'
import { countUnsent, put, remove, sendAgain, sendAll, type Waiting, waitingOf } from '../src/offline/outbox'
import { RefusedEntry } from '../src/ui/RefusedEntry'

const mine = 'coach@harbour.example'
const set = (id: string, account?: string): Waiting => ({
  id,
  clientId: '0190a000-0000-7000-8000-000000000001',
  madeAt: 1,
  account,
  set: { id, date: '2026-11-25', exercise: 'squat', place: 0, kg: 97.5, reps: 4, rpe: 9 } as Waiting['set'],
})
const answering = (status: number, body: object = {}) =>
  vi.spyOn(api, 'POST').mockResolvedValue({ error: body, response: new Response(null, { status }) } as never)

const clear = async () => {
  for (const account of [mine, 'other']) for (const entry of await waitingOf(account)) await remove(entry.id)
}
beforeEach(clear)
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

describe('what waits on this device', () => {
  it('is sent under the sign-in that it was logged under, and under no other', async () => {
    await put(set('mine', mine))
    await put(set('theirs', 'other'))
    await put(set('from before entries had one'))
    const sent: string[] = []
    await sendAll(mine, async (entry) => (sent.push(entry.id), 'sent'))
    expect(sent.sort()).toEqual(['from before entries had one', 'mine'])
    expect(await countUnsent()).toBe(1)
  })

  it('leaves only when the page has heard of it: a first fetch that left before the set came in is asked again', async () => {
    await put(set('one', mine))
    answering(201)
    const queries = new QueryClient()
    const answers = [new Promise((resolve) => setTimeout(resolve, 50, 'without the set')), Promise.resolve('with the set')]
    const shown = new QueryObserver(queries, { queryKey: ['client', set('one').clientId, 'floor'], queryFn: () => answers.shift() })
    const stop = shown.subscribe(() => undefined)
    await flushOutbox(mine, queries)
    expect(shown.getCurrentResult().data).toBe('with the set')
    expect(await waitingOf(mine)).toEqual([])
    stop()
  })

  test.each<[string, number, object, { asks: boolean; kept: boolean; refused: boolean }]>([
    ['goes out', 201, {}, { asks: false, kept: false, refused: false }],
    ['waits for a sign-in', 401, {}, { asks: true, kept: true, refused: false }],
    ['waits for a new token', 400, { type: 'nerezza:token' }, { asks: true, kept: true, refused: false }],
    ['waits for the database', 503, {}, { asks: false, kept: true, refused: false }],
    ['waits its turn', 429, {}, { asks: false, kept: true, refused: false }],
    ['is refused with the reason', 409, { title: 'Another set has this id.' }, { asks: false, kept: true, refused: true }],
  ])('%s', async (_, status, body, expected) => {
    await put(set('one', mine))
    answering(status, body)
    const queries = new QueryClient()
    const asks = vi.spyOn(queries, 'invalidateQueries')
    await flushOutbox(mine, queries)
    const left = await waitingOf(mine)
    expect({
      asks: asks.mock.calls.some(([filter]) => filter?.queryKey?.[0] === 'session'),
      kept: left.length === 1,
      refused: Boolean(left[0]?.refused),
    }).toEqual(expected)
  })

  it('stays until the pages have heard of it, and goes then', async () => {
    await put(set('one', mine))
    answering(201)
    const queries = new QueryClient()
    vi.spyOn(queries, 'invalidateQueries').mockRejectedValueOnce(new Error('no connection'))
    await flushOutbox(mine, queries).catch(() => undefined)
    expect((await waitingOf(mine)).map((entry) => entry.sent)).toEqual([true])
    expect(await countUnsent()).toBe(0)
    await flushOutbox(mine, queries)
    expect(await waitingOf(mine)).toEqual([])
  })

  it('is sent once more when it was refused and that is asked for', async () => {
    await put({ ...set('one', mine), refused: 'This client is put away.' })
    const sent: string[] = []
    const send = async (entry: Waiting) => (sent.push(entry.id), 'sent' as const)
    await sendAll(mine, send)
    await sendAgain('one')
    await sendAll(mine, send)
    expect(sent).toEqual(['one'])
  })

  it('is not dropped by one tap', () => {
    const drop = vi.fn()
    render(
      <ChakraProvider value={system}>
        <RefusedEntry entry={{ ...set('one'), refused: 'No.' }} edge="stop" onAgain={vi.fn()} onDrop={drop} />
      </ChakraProvider>,
    )
    fireEvent.click(screen.getByText('Drop it'))
    expect(drop).not.toHaveBeenCalled()
    fireEvent.click(screen.getByText('Keep it here'))
    fireEvent.click(screen.getByText('Drop it'))
    fireEvent.click(screen.getByText('Yes, drop 4 × 97.5 at 9 for good'))
    expect(drop).toHaveBeenCalledOnce()
  })
})
