import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, test, vi } from 'vitest'
import { ApiProblem } from '../src/api/client'
import type { BlockView, CellView, CheckView, EditSection, ItemPart } from '../src/api/schema'
import { system } from '../src/app/theme'
import type { BlockEdits } from '../src/hooks/useBlockEdits'
import { BlockRationale } from '../src/views/block/BlockRationale'
import { type Cell, cellAt } from '../src/parts/grid'
import { Panel } from '../src/views/block/Panel'
import { PlanForm } from '../src/views/block/PlanForm'
import { Remarks } from '../src/views/block/Remarks'
import { block, item, set } from './made'

const server = vi.hoisted(() => ({ POST: vi.fn(), PUT: vi.fn(), GET: vi.fn() }))
vi.mock('../src/api/client', async (real) => ({
  ...(await real<typeof import('../src/api/client')>()),
  api: server,
  answer: (call: unknown) => call,
}))

const within_ = (children: ReactNode) => (
  <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
    <ChakraProvider value={system}>
      <MemoryRouter>{children}</MemoryRouter>
    </ChakraProvider>
  </QueryClientProvider>
)
const text = () => document.body.textContent ?? ''
const name = (exercise: string) => ({ squat: 'Back squat', hinge: 'Hinge', row: 'Row' })[exercise] ?? exercise

afterEach(() => {
  cleanup()
  vi.clearAllMocks()
})

describe('the form of a new block', () => {
  const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } })
  const make = () => fireEvent.click(screen.getByRole('button', { name: 'Make the block' }))

  it('sends what was typed, and is empty the next time though the new block took its place', async () => {
    let taken: () => void = () => undefined
    const running = { number: 1, starts: '2027-01-04', ends: '2027-01-31' }
    server.POST.mockImplementation((path: string) =>
      path.endsWith('/preview') ? Promise.resolve({ replaces: [running], shortens: null }) : new Promise<void>((done) => (taken = done)),
    )
    const made = () => server.POST.mock.calls.filter(([path]) => path === '/api/clients/{id}/plans')
    const Page = () => {
      const [there, setThere] = useState(true)
      return (
        <>
          <button onClick={() => setThere(false)}>drawn</button>
          {there && <PlanForm clientId="c" title="Plan a block" />}
        </>
      )
    }
    render(within_(<Page />))
    type('Weeks', '6')
    type('Kind', 'peak')
    type('Starts', '2027-01-04')
    await screen.findByText(/takes the place of the block from 4 Jan to 31 Jan/)
    make()
    await waitFor(() => expect(made()).toHaveLength(1))
    expect(made()[0]?.[1].body).toEqual({ start: '2027-01-04', weeks: 6, kind: 'peak', base: 'made' })
    fireEvent.click(screen.getByText('drawn'))
    taken()
    await waitFor(() => expect(Object.keys(sessionStorage)).toEqual([]))
    cleanup()
    render(within_(<PlanForm clientId="c" title="Plan a block" />))
    expect([screen.getByLabelText<HTMLInputElement>('Weeks').value, screen.getByLabelText<HTMLSelectElement>('Kind').value]).toEqual([
      '4',
      'auto',
    ])
  })

  it('keeps what was typed where the server refuses it, and says which field and why', async () => {
    server.POST.mockRejectedValue(new ApiProblem(400, 'That cannot be used.', '', { weeks: 'is 30, not between 1 and 12; weeks expected' }))
    render(within_(<PlanForm clientId="c" title="Plan a block" />))
    type('Weeks', '30')
    make()
    await waitFor(() => expect(text()).toContain('not between 1 and 12'))
    expect(screen.getByLabelText<HTMLInputElement>(/Weeks/).value).toBe('30')
    cleanup()
    render(within_(<PlanForm clientId="c" title="Plan a block" />))
    expect(screen.getByLabelText<HTMLInputElement>(/Weeks/).value).toBe('30')
  })
})

describe('remarks', () => {
  const remark = (of: Partial<CheckView> = {}): CheckView => ({
    code: 'session-too-long',
    severity: 'warn',
    week: 1,
    day: 'wed',
    exercise: null,
    because: 'The session takes 71 minutes; there are 60.',
    fix: 'Take a set off its last exercise.',
    edits: [{ kind: 'write', week: 1, day: 'wed', exercise: 'squat', sets: 2 } as EditSection],
    ...of,
  })
  const acts = { push: vi.fn(), undo: vi.fn(), redo: vi.fn(), keep: vi.fn(), drop: vi.fn() }
  const edits = (remarks: CheckView[]) =>
    ({ view: { number: 2, remarks, totals: [{ week: 1, minutes: 71 }] }, edits: [], acts }) as unknown as BlockEdits
  const at = vi.fn()
  const show = (remarks: CheckView[]) => render(within_(<Remarks clientId="c" edits={edits(remarks)} name={name} onPlace={at} />))

  it('show what a fix would do before it is taken, and the fix is an edit like any other', async () => {
    server.POST.mockResolvedValue({
      remarks: [remark({ code: 'weekly-low', because: 'Vasti has 7 hard sets.' })],
      totals: [{ week: 1, minutes: 62 }],
    })
    show([remark()])
    fireEvent.click(screen.getByRole('button', { name: 'See the fix' }))
    const preview = await screen.findByText('Gone: The session takes 71 minutes; there are 60.')
    expect(preview.closest('ul')?.textContent).toContain('New: Vasti has 7 hard sets.Week 1: 71 to 62 minutes.')
    expect(acts.push).not.toHaveBeenCalled()
    fireEvent.click(screen.getByRole('button', { name: 'Take the fix' }))
    expect(acts.push).toHaveBeenCalledWith(...remark().edits)
    expect(screen.queryByText('Take the fix')).toBeNull()
  })

  it('let a fix be left, and one that cannot be worked out not be taken', async () => {
    server.POST.mockRejectedValue(new ApiProblem(0, 'The server cannot be reached.', '', {}))
    show([remark()])
    fireEvent.click(screen.getByRole('button', { name: 'See the fix' }))
    await screen.findByText('The server cannot be reached.')
    expect(screen.getByRole('button', { name: 'Take the fix' }).getAttribute('aria-disabled')).toBe('true')
    fireEvent.click(screen.getByRole('button', { name: 'Leave it' }))
    expect(acts.push).not.toHaveBeenCalled()
    expect(screen.getByRole('button', { name: 'See the fix' })).toBeTruthy()
  })

  it('lead to their exercise, offer nothing where it is the coach’s to judge, and say when there are none', () => {
    show([remark({ exercise: 'squat', edits: [] }), remark({ week: null, day: null, because: 'It is 9 weeks long.' })])
    fireEvent.click(screen.getByRole('button', { name: 'week 1, Wednesday' }))
    expect(at).toHaveBeenCalledWith({ week: 1, day: 'wed', exercise: 'squat' })
    expect(screen.getAllByText('See the fix')).toHaveLength(1)
    expect(text()).toContain('block')
    cleanup()
    show([])
    expect(text()).toContain('Nothing to remark.')
  })
})

describe('the set in focus', () => {
  const view = (
    made: ReturnType<typeof block>,
    max: object | null = { exercise: 'squat', kg: 140, low: 132, high: 148.4, source: 'log' },
  ) => ({ plan: { block: made, maxes: max ? [max] : [], selection: [] }, done: [], cells: [], made: [heavier] }) as unknown as BlockView
  const place = { week: 2, day: 'wed', exercise: 'squat' } as const
  const heavier = { ...place, kg: 100, why: 'Heavier than planned: a set was 6.5 for 8.' }
  const more = (of: Partial<CellView> = {}) =>
    ({
      pinned: [],
      shape: 'straight',
      underTensionSeconds: 15,
      leastRestSeconds: 120,
      trainingMaxKg: null,
      percentOfTrainingMax: null,
      ownCurve: null,
      bodyKg: 0,
      ...of,
    }) as unknown as CellView
  /** Week 1 as made, and a squat of week 2 with these sets. */
  const withSquat = (sets: ItemPart['sets'], of: Partial<ItemPart> = {}) => {
    const made = block()
    made.weeks[1]!.sessions[0]!.items[0] = item('squat', sets, of)
    return made
  }
  const panel = (made: ReturnType<typeof block>, of: Partial<CellView> = {}, done: object[] = []) => {
    const cell = cellAt(made, place) as Cell
    render(
      within_(
        <Panel
          cell={cell}
          more={more(of)}
          view={{ ...view(made), done } as unknown as BlockView}
          place={place}
          name={name}
          clientId="c"
          onFold={() => undefined}
        />,
      ),
    )
    return screen.getByRole('complementary', { name: 'The set in focus' })
  }

  it('says how to build the load from last week’s, each set, and what was done of it', () => {
    const made = withSquat([set({ kg: 105, perSide: [20, 20, 2.5], rpe: 7 }), set({ kg: 105, perSide: [20, 20, 2.5], rpe: 7.5 })])
    const shown = panel(made, { pinned: ['load'] }, [{ date: '2026-12-02', exercise: 'squat', place: 0, reps: 5, kg: 105, rpe: 8 }])
    expect(shown.textContent).toContain('since last week')
    expect(
      within(shown)
        .getAllByRole('row')
        .map((row) => row.textContent),
    ).toEqual(['warm-up8 × 20', 'set 15 × 105did 5 × 105 at 8', 'set 25 × 105RPE 7.5'])
    expect(shown.textContent).toContain('15 s under load a set; rest at least 2:00; by hand: load')
    expect(within(shown).getByText('RPE 7–7.5')).toBeTruthy()
    expect(within(shown).getByRole('link', { name: 'Session sheet for paper' }).getAttribute('href')).toBe(
      '/clients/c/print/session?date=2026-12-02',
    )
  })

  it('says why a load is another than when the block was made, but of one that was set by hand', () => {
    expect(panel(withSquat([set({ kg: 105 })])).textContent).toContain(
      'Heavier than planned: a set was 6.5 for 8. It was 100 kg when the block was made.',
    )
    cleanup()
    expect(panel(withSquat([set({ kg: 105 })]), { pinned: ['load'] }).textContent).not.toContain('when the block was made')
  })

  test.each([
    ['by effort', [set({ kg: null, percent: null, perSide: null, bar: null })], 'RPE 7'],
    ['a pair of dumbbells', [set({ kg: 40, each: 20, count: 2, perSide: null, bar: null })], '2 of 20 kg'],
    ['a hold', [set({ reps: null, seconds: 30, kg: null, percent: null, perSide: null })], '30 s'],
    ['the left side first', [set({ side: 'left' }), set({ side: 'right' })], 'set 1, left'],
  ])('%s', (_, sets, said) => expect(panel(withSquat(sets)).textContent).toContain(said))

  const because = (made: ReturnType<typeof block>, of: Partial<CellView> = {}, max?: object | null) => {
    render(
      within_(
        <BlockRationale
          cell={cellAt(made, place) as Cell}
          more={more(of)}
          view={view(made, max)}
          name={name}
          clientId="c"
          whole
          onWhole={() => undefined}
        />,
      ),
    )
    return text()
  }

  test.each<[string, ItemPart['sets'], Partial<CellView>, object | null | undefined, string[]]>([
    [
      'from the max to the plates',
      [set({ percent: 75, kg: 105, perSide: [20, 20, 2.5] })],
      { trainingMaxKg: 126, percentOfTrainingMax: 83.3 },
      undefined,
      [
        'Max 140 kg, from the log',
        '5 repetitions at RPE 7 = 75 %',
        '75 % of the max of 140 = 105 kg',
        '105 kg, each side 20 + 20 + 2.5',
        'between 132 and 148 kg',
        '83.3 % of the training max, 126 kg',
      ],
    ],
    [
      'with the body in it',
      [set({ percent: 75, kg: 25, perSide: null, bar: null })],
      { bodyKg: 80 },
      undefined,
      ['75 % of the max of 140 = 105 kg, 80 of it the body', '25 kg'],
    ],
    ['of the body alone', [set({ percent: 57.1, kg: 0, perSide: null, bar: null })], { bodyKg: 80 }, undefined, ['body weight alone']],
    [
      'without a max',
      [set({ percent: null, kg: null, perSide: null })],
      {},
      null,
      ['No max known yet', 'by effort alone', 'whatever gives that effort'],
    ],
    ['with a load of the coach’s', [set({ percent: null, kg: 24, perSide: null })], {}, null, ['by effort alone', '24 kg']],
    ['by a curve of the client’s own', [set()], { ownCurve: 0.84 }, undefined, ['k 0.84']],
  ])('came to be %s', (_, sets, of, max, said) => {
    const shown = because(withSquat(sets), of, max)
    for (const part of said) expect(shown).toContain(part)
  })
})

beforeEach(() => server.GET.mockResolvedValue(null))
