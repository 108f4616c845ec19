import { renderHook, waitFor } from '@testing-library/react'
import { beforeEach, expect, it, vi } from 'vitest'
import { loadModel } from '../src/api/model'
import type { FloorItem, FloorProposal } from '../src/api/schema'
import type { Waiting } from '../src/offline/outbox'
import { useAdvice } from '../src/parts/floor/useAdvice'
import { floor, floorItem, floorSet } from './made'

vi.mock('../src/api/model', () => ({ loadModel: vi.fn() }))

const advice = vi.fn()
const said: FloorProposal = { place: 1, text: 'By the server.', next: null, ends: false }
const here: FloorProposal = { place: 2, text: 'By the page.', next: null, ends: false }
const basis = { curve: 1, bodyKg: 0, bias: 0, stepsKg: [95, 100], sets: [] }
const done = { id: 'd0', kg: 100, reps: 5, rpe: 8 } as never
const squat = floorItem('squat', [floorSet(0, { done }), floorSet(1), floorSet(2)], { proposal: said, advice: basis } as Partial<FloorItem>)
const view = floor(squat)
const waiting = (of: object): Waiting[] => [{ id: 'w', clientId: 'c', madeAt: 1, ...of } as Waiting]
const heard = (entries: Waiting[]) => renderHook(() => useAdvice(view, squat, entries)).result

beforeEach(() => {
  advice.mockReset().mockReturnValue(here)
  vi.mocked(loadModel).mockReset().mockResolvedValue({ advice, levers: vi.fn(), timeShort: vi.fn(), readiness: vi.fn(), hour: vi.fn() })
})

it('takes the word of the server where it has every set', () => {
  expect(heard([]).current).toBe(said)
  expect(heard(waiting({ set: { date: view.date, exercise: 'another', place: 0 } })).current).toBe(said)
})

it('asks Core in the page about sets that wait here, with all that is done', async () => {
  const result = heard(waiting({ set: { date: view.date, exercise: 'squat', place: 1, kg: 97.5, reps: 4, rpe: 9, techniqueHeldTo: 3 } }))
  await waitFor(() => expect(result.current).toBe(here))
  expect(advice).toHaveBeenLastCalledWith({
    basis,
    done: [
      expect.objectContaining({ place: 0, kg: 100, reps: 5, rpe: 8 }),
      expect.objectContaining({ place: 1, kg: 97.5, reps: 4, rpe: 9, techniqueHeldTo: 3 }),
    ],
  })
})

it('says nothing of a set that is being taken back, and nothing where the rules cannot be had', async () => {
  const result = heard(waiting({ withdraws: 'd0' }))
  await waitFor(() => expect(advice).toHaveBeenCalledWith({ basis, done: [] }))
  expect(result.current).toBe(here)
  vi.mocked(loadModel).mockRejectedValue(new Error('gone'))
  expect(heard(waiting({ withdraws: 'd0' })).current).toBeNull()
})
