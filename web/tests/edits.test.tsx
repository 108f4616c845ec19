import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import fc from 'fast-check'
import type { ReactNode } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiProblem } from '../src/api/client'
import type { BlockView, EditSection } from '../src/api/schema'
import { useBlockEdits } from '../src/hooks/useBlockEdits'
import { useDraft } from '../src/hooks/useDraft'
import { useFileChange } from '../src/hooks/useFileChange'
import { useStanding } from '../src/ui/useStanding'
import { block, item, set } from './made'

const server = vi.hoisted(() => ({ POST: vi.fn(), PUT: vi.fn(), GET: vi.fn() }))
vi.mock('../src/api/client', async (real) => ({
  ...(await real<typeof import('../src/api/client')>()),
  api: server,
  answer: (call: unknown) => call,
}))

const edit = (reps: number): EditSection => ({ kind: 'write', week: 1, day: 'wed', exercise: 'squat', reps })
const kept = {
  number: 3,
  edits: [],
  plan: { block: block(), maxes: [] },
  refused: [],
  cells: [],
  remarks: [],
  sets: [],
  totals: [],
} as unknown as BlockView

/** The server's answer: the squat of Wednesday with as many repetitions as the newest edit asks for. */
function drafted(edits: readonly EditSection[]) {
  const made = block()
  const newest = edits.at(-1)?.reps
  if (newest) made.weeks[0]!.sessions[0]!.items[0] = item('squat', [set({ reps: newest })])
  return { block: made, maxes: [], refused: [], cells: [], remarks: [], sets: [], totals: [] }
}

function edits(of: BlockView = kept) {
  const queries = new QueryClient()
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  return renderHook(() => useBlockEdits('c', of), { wrapper })
}

const repsOf = (view: BlockView) => view.plan.block?.weeks[0]?.sessions[0]?.items[0]?.sets[0]?.reps

beforeEach(() => {
  server.POST.mockImplementation(async (_: string, { body }: { body: { edits: EditSection[] } }) => drafted(body.edits))
  server.PUT.mockResolvedValue(undefined)
})
afterEach(() => vi.clearAllMocks())

describe('edits of a block', () => {
  it('are tried at every step, undone to the block as it was kept, and done again', async () => {
    const { result } = edits()
    act(() => result.current.acts.push(edit(3)))
    await waitFor(() => expect(repsOf(result.current.view)).toBe(3))
    act(() => result.current.acts.push(edit(8), edit(9)))
    await waitFor(() => expect(repsOf(result.current.view)).toBe(9))
    expect(result.current.edits).toHaveLength(3)
    act(() => result.current.acts.undo())
    await waitFor(() => expect(repsOf(result.current.view)).toBe(3))
    act(() => result.current.acts.undo())
    expect([repsOf(result.current.view), result.current.dirty, result.current.canUndo, result.current.canRedo]).toEqual([
      5,
      false,
      false,
      true,
    ])
    act(() => result.current.acts.redo())
    await waitFor(() => expect(repsOf(result.current.view)).toBe(3))
  })

  it('follow any way through undo and redo as a list with a place in it', () => {
    const step = fc.oneof(fc.integer({ min: 1, max: 12 }), fc.constantFrom('undo' as const, 'redo' as const))
    fc.assert(
      fc.property(fc.array(step, { maxLength: 25 }), (steps) => {
        sessionStorage.clear()
        const { result, unmount } = edits()
        let [past, now, future]: [number[][], number[], number[][]] = [[], [], []]
        for (const one of steps) {
          if (typeof one === 'number') [past, now, future] = [[...past, now], [...now, one], []]
          else if (one === 'undo' && past.length > 0) [past, now, future] = [past.slice(0, -1), past.at(-1)!, [now, ...future]]
          else if (one === 'redo' && future.length > 0) [past, now, future] = [[...past, now], future[0]!, future.slice(1)]
          act(() => (typeof one === 'number' ? result.current.acts.push(edit(one)) : result.current.acts[one]()))
        }
        expect(result.current.edits.map((made) => made.reps)).toEqual(now)
        expect([result.current.canUndo, result.current.canRedo]).toEqual([past.length > 0, future.length > 0])
        unmount()
      }),
      { numRuns: 25 },
    )
  })

  it('outlive a reload with their history, until they are kept', async () => {
    const first = edits()
    act(() => first.result.current.acts.push(edit(3)))
    act(() => first.result.current.acts.push(edit(4)))
    act(() => first.result.current.acts.undo())
    first.unmount()
    const again = edits()
    expect([again.result.current.edits.map((made) => made.reps), again.result.current.canRedo]).toEqual([[3], true])
    act(() => again.result.current.acts.keep())
    await waitFor(() => expect(server.PUT).toHaveBeenCalledOnce())
    expect(server.PUT.mock.calls[0]?.[1]?.body).toEqual({ number: 3, edits: [edit(3)] })
    await waitFor(() => expect(sessionStorage.length).toBe(0))
  })

  it('leave what they do not change the same object, and the acts the same all along', async () => {
    const { result } = edits()
    const [before, acts] = [result.current.view.plan.block!, result.current.acts]
    act(() => result.current.acts.push(edit(3)))
    await waitFor(() => expect(repsOf(result.current.view)).toBe(3))
    const after = result.current.view.plan.block!
    expect(after.weeks[1]).toBe(before.weeks[1])
    expect(after.weeks[0]?.sessions[1]).toBe(before.weeks[0]?.sessions[1])
    expect(after.weeks[0]?.sessions[0]).not.toBe(before.weeks[0]?.sessions[0])
    expect(result.current.acts).toBe(acts)
  })

  it('say what is wrong with the newest and lose nothing of it', async () => {
    server.POST.mockRejectedValue(new ApiProblem(400, 'edits[0].reps: 900 is not between 1 and 100', '', {}))
    const { result } = edits()
    act(() => result.current.acts.push(edit(900)))
    await waitFor(() => expect(result.current.problem).toContain('900 is not between'))
    expect([repsOf(result.current.view), result.current.edits.length, result.current.working]).toEqual([5, 1, false])
    act(() => result.current.acts.undo())
    expect([result.current.problem, result.current.dirty]).toEqual([null, false])
  })

  it('taken back at once can be undone like any other step', async () => {
    const { result } = edits()
    act(() => result.current.acts.push(edit(3)))
    act(() => result.current.acts.drop())
    expect([result.current.dirty, result.current.canUndo]).toEqual([false, true])
    act(() => result.current.acts.undo())
    await waitFor(() => expect(repsOf(result.current.view)).toBe(3))
  })
})

describe('a draft of a form', () => {
  it('keeps what is typed in this tab until it is saved, and shows what the server has where nothing is', () => {
    const saved = { name: 'Anselm', mass: '80' }
    const first = renderHook(() => useDraft('facts', saved))
    act(() => first.result.current.set({ mass: '82' }))
    first.unmount()
    const again = renderHook(({ from }) => useDraft('facts', from), { initialProps: { from: saved } })
    expect([again.result.current.value, again.result.current.dirty]).toEqual([{ name: 'Anselm', mass: '82' }, true])
    act(() => again.result.current.set({ mass: '80' }))
    expect(again.result.current.dirty).toBe(false)
    act(() => again.result.current.reset())
    again.rerender({ from: { name: 'Anselm', mass: '81' } })
    expect(again.result.current.value.mass).toBe('81')
    expect(sessionStorage.length).toBe(0)
  })
})

describe('what was said of a field', () => {
  it('stands while the field is what it was said of, and is said again where another value is wrong in the same way', () => {
    const wanted = 'A number between 1 and 12 is wanted.'
    const { result, rerender } = renderHook(({ said, of }) => useStanding(said, of), {
      initialProps: { said: undefined as string | undefined, of: 'abc' },
    })
    const shown = (said: string | undefined, of: string) => {
      rerender({ said, of })
      return result.current
    }
    expect([shown(wanted, 'abc'), shown(wanted, 'abcd'), shown(wanted, '4'), shown(wanted, 'abc')]).toEqual([
      wanted,
      undefined,
      undefined,
      wanted,
    ])
    // Asked again: while it is under way nothing is said.
    expect([shown(undefined, 'xyz'), shown(wanted, 'xyz'), shown(wanted, '4')]).toEqual([undefined, wanted, undefined])
  })
})

describe('a change of a client’s file', () => {
  it('forgets what no page shows: a block that was open before a stop is not shown once more', async () => {
    const queries = new QueryClient()
    const within = ({ children }: { children: ReactNode }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    queries.setQueryData(['client', 'c', 'block', '2026-11-25'], kept)
    queries.setQueryData(['client', 'other', 'block', '2026-11-25'], kept)
    const { result } = renderHook(() => useFileChange('c', () => Promise.resolve()), { wrapper: within })
    await act(() => result.current.mutateAsync(undefined))
    expect(queries.getQueryData(['client', 'c', 'block', '2026-11-25'])).toBeUndefined()
    expect(queries.getQueryData(['client', 'other', 'block', '2026-11-25'])).toBe(kept)
  })
})
