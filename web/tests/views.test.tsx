import { ChakraProvider } from '@chakra-ui/react'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import type { ReactNode } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { system } from '../src/app/theme'
import { switchKeys } from '../src/keys/on'
import { Catalogue } from '../src/views/catalogue/Catalogue'
import { Exercises } from '../src/views/exercises/Exercises'
import { Findings } from '../src/views/findings/Findings'
import { Health } from '../src/views/health/Health'
import { Intake } from '../src/views/intake/Intake'
import { Levers } from '../src/views/levers/Levers'
import { Screen } from '../src/views/screen/Screen'
import recorded from './answers.json'

const server = vi.hoisted(() => ({ GET: vi.fn(), POST: vi.fn(), PUT: vi.fn(), DELETE: vi.fn() }))
vi.mock('../src/api/client', async (real) => ({
  ...(await real<typeof import('../src/api/client')>()),
  api: server,
  answer: (call: unknown) => call,
}))

const byPath: Record<string, unknown> = {
  '/api/clients/{id}/intake': recorded.intake,
  '/api/clients/{id}/health': recorded.health,
  '/api/clients/{id}/screens': recorded.screens,
  '/api/clients/{id}/findings': recorded.findings,
  '/api/clients/{id}/levers': recorded.levers,
  '/api/clients/{id}/exercises': recorded.exercises,
  '/api/protocol': recorded.protocol,
  '/api/catalogue': recorded.catalogue,
  '/api/catalogue/faces': recorded.faces,
}

/** A view as the application shows it, with what a server with the demo data answered (scripts/answers.mjs). */
function show(view: ReactNode) {
  server.GET.mockImplementation(async (path: string) => structuredClone(byPath[path] ?? null))
  for (const method of [server.PUT, server.POST, server.DELETE]) method.mockResolvedValue(null)
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <ChakraProvider value={system}>
        <MemoryRouter initialEntries={['/clients/c/here']}>
          <Routes>
            <Route path="/clients/:id/here" element={view} />
          </Routes>
        </MemoryRouter>
      </ChakraProvider>
    </QueryClientProvider>,
  )
}

beforeEach(() => localStorage.clear())
afterEach(() => {
  cleanup()
  vi.clearAllMocks()
})

describe('Findings', () => {
  const [first] = recorded.findings.findings

  it('shows each finding with every piece of its evidence and what it asks for', async () => {
    show(<Findings />)
    for (const finding of recorded.findings.findings) {
      await screen.findAllByText(finding.title)
      for (const piece of finding.evidence) expect(document.body.textContent?.toLowerCase()).toContain(piece.sentence.toLowerCase())
    }
  })

  it('accepts the row in focus by its key, and not when keys are switched off', async () => {
    show(<Findings />)
    const row = (await screen.findAllByText(first!.title))[0]!.closest<HTMLElement>('[data-finding]')!
    row.focus()
    switchKeys('off')
    fireEvent.keyDown(row, { key: '.' })
    expect(server.PUT).not.toHaveBeenCalled()
    switchKeys('on')
    fireEvent.keyDown(row, { key: '.' })
    await waitFor(() => expect(server.PUT).toHaveBeenCalledOnce())
    expect(server.PUT.mock.calls[0]![1]).toMatchObject({
      params: { path: { code: first!.code, cause: first!.cause } },
      body: { verdict: 'accepted' },
    })
  })
})

describe('Exercises', () => {
  it('shows what was chosen, why, and takes one out only after a look', async () => {
    show(<Exercises />)
    const [line] = recorded.exercises.chosen
    const row = (await screen.findAllByText(line!.face.name))[0]!.closest<HTMLElement>('[data-chosen]')!
    row.focus()
    fireEvent.keyDown(row, { key: 'x' })
    expect(server.PUT).not.toHaveBeenCalled()
    fireEvent.keyDown(row, { key: 'Enter' })
    await waitFor(() => expect(server.PUT).toHaveBeenCalledOnce())
    expect(JSON.stringify(server.PUT.mock.calls[0]![1])).toContain(`"exercise":"${line!.face.exercise}","kind":"banned"`)
  })

  it('moves through the list by j and k', async () => {
    show(<Exercises />)
    const rows = () => [...document.querySelectorAll<HTMLElement>('[data-chosen]')]
    await waitFor(() => expect(rows().length).toBeGreaterThan(2))
    rows()[0]!.focus()
    fireEvent.keyDown(rows()[0]!, { key: 'j' })
    expect(document.activeElement).toBe(rows()[1])
    fireEvent.keyDown(rows()[1]!, { key: 'k' })
    expect(document.activeElement).toBe(rows()[0])
  })
})

describe('Intake', () => {
  it('fills every field from the file, and offers each piece of kit once', async () => {
    show(<Intake />)
    expect((await screen.findAllByLabelText<HTMLInputElement>('Name'))[0]!.value).toBe(recorded.intake.facts.name)
    const kit = recorded.intake.kitGroups.flatMap((group) => group.items)
    expect(new Set(kit).size).toBe(kit.length)
    const pressed = screen.getAllByRole('button', { pressed: true }).map((one) => one.textContent?.toLowerCase().replaceAll(' ', '-'))
    for (const item of recorded.intake.equipment.items) expect(pressed).toContain(item)
  })
})

describe('Health', () => {
  it('asks every question in its group, with what caution says', async () => {
    show(<Health />)
    expect(await screen.findByText(recorded.health.caution)).toBeTruthy()
    for (const question of recorded.health.questions)
      expect(document.body.textContent?.toLowerCase()).toContain(question.text.toLowerCase())
  })
})

describe('Screen', () => {
  it('walks through every step with how it is done and what counts', async () => {
    show(<Screen />)
    const list = await screen.findByRole('navigation').catch(() => document.body)
    for (const step of recorded.protocol.steps) expect(within(list as HTMLElement).getAllByText(step.name).length).toBeGreaterThan(0)
    const [step] = recorded.protocol.steps
    expect(screen.getByText(step!.how)).toBeTruthy()
    expect(document.body.textContent).toContain(step!.counts)
  })
})

describe('Levers', () => {
  it('lists the exercises of a family and says what kind of model it is', async () => {
    show(<Levers />)
    const row = recorded.levers.rows.find((one) => one.pose.family === 'squat')!
    expect((await screen.findAllByText(row.name)).length).toBeGreaterThan(0)
    expect(document.body.textContent).toContain(recorded.levers.caution)
  })
})

describe('Catalogue', () => {
  it('finds an exercise by what is typed', async () => {
    show(<Catalogue />)
    const [one, other] = recorded.faces
    await screen.findAllByText(one!.name)
    fireEvent.change(screen.getByLabelText('Name, pattern, muscle, kit or ladder'), { target: { value: one!.name } })
    await waitFor(() => expect(document.querySelectorAll('[data-face]').length).toBeLessThan(recorded.faces.length))
    const names = [...document.querySelectorAll('[data-face]')].map((row) => row.textContent)
    expect(names.some((name) => name?.includes(one!.name))).toBe(true)
    expect(names.some((name) => name?.includes(other!.name))).toBe(false)
  })
})
