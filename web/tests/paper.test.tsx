import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, render, screen, within } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, expect, it, test, vi } from 'vitest'
import type { BlockPart, FloorSet } from '../src/api/schema'
import { system } from '../src/app/theme'
import { PrintBlock } from '../src/views/print/PrintBlock'
import { PrintSession } from '../src/views/print/PrintSession'
import { block, floorItem, floorSet, item, set } from './made'

const server = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn() }))
vi.mock('../src/api/client', async (real) => ({
  ...(await real<typeof import('../src/api/client')>()),
  api: server,
  answer: (call: unknown) => call,
}))

const answers: Record<string, unknown> = {}

function paper(path: string) {
  server.GET.mockImplementation(async (asked: string) => answers[asked.split('/').at(-1) ?? ''])
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <ChakraProvider value={system}>
        <MemoryRouter initialEntries={[path]}>
          <Routes>
            <Route path="/clients/:id/print/block" element={<PrintBlock />} />
            <Route path="/clients/:id/print/session" element={<PrintSession />} />
          </Routes>
        </MemoryRouter>
      </ChakraProvider>
    </QueryClientProvider>,
  )
}

/** A block of so many weeks, each as the first of the made one. */
function weeks(count: number): BlockPart {
  const made = block()
  return {
    ...made,
    weeks: Array.from({ length: count }, (_, i) => ({ ...made.weeks[0]!, number: i + 1, kind: i === 4 ? 'deload' : 'load' })),
  }
}

afterEach(() => {
  cleanup()
  vi.clearAllMocks()
})

test.each([
  [1, [1]],
  [4, [4]],
  [9, [4, 4, 1]],
  [12, [4, 4, 4]],
])('a block of %i weeks is printed as tables of %j weeks, every week once', async (count, across) => {
  Object.assign(answers, {
    block: { plan: { block: weeks(count) }, kindBecause: 'Strength, since nothing asks for another kind first.', favours: 'Favours load.' },
    clients: [{ id: 'c', name: 'Ada Quill' }],
    catalogue: [{ id: 'squat', name: 'Back squat' }],
  })
  paper('/clients/c/print/block')
  expect(await screen.findByRole('heading', { name: 'Ada Quill: strength block from 25 Nov' })).toBeTruthy()
  const tables = screen.getAllByRole('table')
  expect(tables.map((table) => within(table).getAllByRole('columnheader').length - 1)).toEqual(across)
  expect(
    tables.flatMap((table) =>
      within(table)
        .getAllByRole('columnheader')
        .slice(1)
        .map((head) => head.textContent),
    ),
  ).toEqual(Array.from({ length: count }, (_, i) => (i === 4 ? 'Week 5, deload' : `Week ${i + 1}`)))
  expect(screen.getAllByText(/3 × 5, 100 kg/)).toHaveLength(2 * count)
  expect(screen.getAllByText('Back squat')).toHaveLength(across.length)
})

test.each<[string, ReturnType<typeof set>, string]>([
  ['body weight', set({ kg: 0, perSide: null, percent: 70 }), '3 × 5, body weight70 %, RPE 7'],
  ['straight sets, whose middle one the percent is of,', set({ rpe: 7.5 }), '3 × 5, 100 kg80 %, RPE 7'],
  ['effort', set({ kg: null, percent: null, perSide: null }), '3 × 5, by effortRPE 7'],
])('a cell of %s says so', async (_, one, said) => {
  const made = weeks(1)
  made.weeks[0]!.sessions = [{ ...made.weeks[0]!.sessions[0]!, items: [item('squat', [one, { ...one, rpe: 7 }, one])] }]
  Object.assign(answers, { block: { plan: { block: made }, kindBecause: '', favours: '' }, clients: [], catalogue: [] })
  paper('/clients/c/print/block')
  expect((await screen.findByText(/3 × 5/)).textContent).toBe(said)
})

it('a session is printed with its whole date, how to load each set, and room for what was done', async () => {
  const sets = [
    floorSet(0, { tempo: '2-0-X-0', restSeconds: 210, metres: null, seconds: null, side: null }),
    floorSet(1, { kg: null, perSide: null, rpe: 7.5, tempo: '3-0-1-0', restSeconds: 90, metres: null, seconds: 30, side: 'left' }),
  ] as FloorSet[]
  answers.floor = {
    client: 'Ada Quill',
    date: '2026-11-25',
    session: { week: 2, weekKind: 'load', minutes: 58 },
    caution: 'With new or strong pain stop.',
    items: [
      floorItem('squat', sets, {
        name: 'Back squat',
        cues: ['Knees out'],
        setUp: 'Wedge of 2 cm.',
        warmUp: [{ reps: 8, kg: 20 }],
        superset: null,
      } as object),
    ],
    daily: [{ exercise: 'rocks', because: 'Knee-to-wall rocks, daily.' }],
  }
  paper('/clients/c/print/session?date=2026-11-25')
  expect(await screen.findByRole('heading', { name: 'Ada Quill, Wednesday 25 November 2026, week 2' })).toBeTruthy()
  expect(document.body.textContent).toContain('Knees out. Wedge of 2 cm. Warm up: 8 × 20.')
  const rows = screen.getAllByRole('row').slice(1)
  expect(
    rows.map((row) =>
      within(row)
        .getAllByRole('cell')
        .map((cell) => cell.textContent),
    ),
  ).toEqual([
    ['1', '5', '100 kg, each side 20 + 20', 'RPE 8', '2-0-X-0', '3:30', '', '', '', ''],
    ['2, left', '30 s', 'by effort', 'RPE 7.5', '3-0-1-0', '1:30', '', '', '', ''],
  ])
  expect(document.body.textContent?.indexOf('With new or strong pain stop.')).toBeLessThan(document.body.textContent!.indexOf('Back squat'))
  expect(document.body.textContent).toContain('Knee-to-wall rocks, daily.')
})

it('a day without a session says so', async () => {
  answers.floor = { items: [], stop: null }
  paper('/clients/c/print/session?date=2026-11-26')
  expect(await screen.findByText('No session on this day.')).toBeTruthy()
})
