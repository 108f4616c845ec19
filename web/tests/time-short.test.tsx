import { ChakraProvider } from '@chakra-ui/react'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { loadModel } from '../src/api/model'
import { system } from '../src/app/theme'
import { floorColors } from '../src/parts/floor/floor-theme'
import { TimeShort } from '../src/parts/floor/TimeShort'
import { floor, floorItem, floorSet } from './made'

vi.mock('../src/api/model', () => ({ loadModel: vi.fn() }))

const item = (name: string, role: string, seconds: number) =>
  floorItem(name.toLowerCase(), [floorSet(0), floorSet(1)], { name, role, answers: false, seconds } as never)
const view = floor(item('Squat', 'main', 1200), item('Row', 'accessory', 600), item('Curl', 'single-joint', 600))
const [timeShort, onLeaveOut] = [vi.fn(), vi.fn()]
const text = () => document.body.textContent ?? ''

beforeEach(() => {
  timeShort.mockReset()
  onLeaveOut.mockReset()
  vi.mocked(loadModel).mockReset().mockResolvedValue({ timeShort, levers: vi.fn(), advice: vi.fn(), readiness: vi.fn(), hour: vi.fn() })
})
afterEach(cleanup)

const show = (left = view.order) =>
  render(
    <ChakraProvider value={system}>
      <TimeShort view={view} left={left} onLeaveOut={onLeaveOut} colors={floorColors(false)} />
    </ChakraProvider>,
  )

it('shows what would fall away before it is taken, and takes it with one key', async () => {
  timeShort.mockImplementation(({ minutes }) => (minutes < 35 ? [1, 2] : [2]))
  show()
  expect(text()).toContain('6 sets left, about 40 min')
  fireEvent.click(await screen.findByRole('button', { name: 'Less time?' }))
  expect(timeShort.mock.lastCall?.[0]).toEqual({
    left: [
      { role: 'main', answers: false, seconds: 1200 },
      { role: 'accessory', answers: false, seconds: 600 },
      { role: 'single-joint', answers: false, seconds: 600 },
    ],
    minutes: 35,
  })
  expect(text()).toContain('Leave out Curl. Then about 30 min are left.')
  fireEvent.click(screen.getByRole('button', { name: 'Minutes there are less' }))
  expect(text()).toContain('Leave out Row and Curl. Then about 20 min are left.')
  expect(onLeaveOut).not.toHaveBeenCalled()
  fireEvent.click(screen.getByRole('button', { name: 'Leave them out' }))
  expect(onLeaveOut).toHaveBeenCalledWith(['row', 'curl'])
})

it('says when all of it fits, and when nothing more can go', async () => {
  timeShort.mockReturnValue([])
  show(view.order.slice(0, 2))
  fireEvent.click(await screen.findByRole('button', { name: 'Less time?' }))
  expect(text()).toContain('Nothing more can fall away: about 20 min are left.')
  fireEvent.click(screen.getByRole('button', { name: 'Minutes there are more' }))
  expect(text()).toContain('All of it fits.')
})
