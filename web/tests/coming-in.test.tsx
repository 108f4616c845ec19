import { ChakraProvider } from '@chakra-ui/react'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { FloorItem } from '../src/api/schema'
import { system } from '../src/app/theme'
import { ComingIn } from '../src/parts/floor/ComingIn'
import { floorColors } from '../src/parts/floor/floor-theme'
import { isBegun, readinessOf, setsLeft } from '../src/parts/floor/session'
import { applied } from '../src/parts/floor/useComingIn'
import { floor, floorItem, floorSet } from './made'

const advice = { sets: [0, 1, 2].map(() => ({ kg: 100, reps: 5, rpe: 8, amrap: false })) }
const ready = { trains: ['vasti'], ruledOutBy: [], coveredBy: [] }
const press = floorItem('leg-press', [floorSet(0), floorSet(1), floorSet(2)], { name: 'Leg press', advice, ready } as never)
const squat = floorItem('squat', [floorSet(0), floorSet(1), floorSet(2)], {
  name: 'Squat',
  advice,
  ready,
  changed: '',
  substitutes: [press],
  loads: [{ kg: 95, perSide: [20, 15, 2.5] }],
} as never)
const curl = floorItem('curl', [floorSet(0), floorSet(1)], { name: 'Curl', advice, ready: { ...ready, trains: ['biceps'] } } as never)
const view = floor(squat, curl)
const lighter = { kg: 95, reps: 5, rpe: 7, amrap: false, asks: ['load', 'reps', 'rpe'] as FloorItem['sets'][number]['asks'] }
const stands = { instead: null, isOut: false, sets: [], mayGoOn: true, text: '' }

beforeEach(() => sessionStorage.clear())
afterEach(cleanup)

it('lays lighter and fewer sets over the session, with their plates and the advice made from them', () => {
  const { view: today, out } = applied(view, [{ ...stands, sets: [lighter, lighter], mayGoOn: false, text: 'Sore.' }, stands])
  const [eased, same] = today.items
  expect(eased?.sets.map(({ kg, rpe, perSide }) => [kg, rpe, perSide])).toEqual([
    [95, 7, [20, 15, 2.5]],
    [95, 7, [20, 15, 2.5]],
  ])
  expect(eased?.advice.mostReps).toBe(0)
  expect(eased?.advice.sets).toEqual([0, 1].map(() => ({ kg: 95, reps: 5, rpe: 7, amrap: false })))
  expect([eased?.changed, eased?.seconds, same, out]).toEqual(['Sore.', 400, curl, []])
  expect(setsLeft(today, []).map(({ item, place }) => `${item}${place}`)).toEqual(['00', '01', '10', '11'])
})

it('puts what stands in in the place, and names what is left out', () => {
  const { view: today, out } = applied(view, [
    { ...stands, instead: 0, sets: [lighter], text: 'Pain.' },
    { ...stands, isOut: true, sets: [lighter, lighter], text: 'No time.' },
  ])
  expect([today.items[0]?.name, today.items[0]?.sets.length, out]).toEqual(['Leg press', 1, ['curl']])
})

it('goes by what was said here until the server has it, and knows a session that is begun', () => {
  const said = { date: view.date, answers: {}, taken: true }
  expect(readinessOf(view, [{ id: 'w', clientId: 'c', madeAt: 1, readiness: said }])).toBe(said)
  expect(readinessOf({ ...view, readiness: said }, [])).toBe(said)
  expect(isBegun(view, { squat: 0 }, [])).toBe(false)
  expect(isBegun(view, { squat: 1 }, [])).toBe(true)
  const set = { id: 's', date: view.date, exercise: 'leg-press', place: 0 }
  expect(isBegun(view, {}, [{ id: 's', clientId: 'c', madeAt: 1, set }])).toBe(true)
})

it('shows what would change before it is taken, and starts as planned where it is not wanted', () => {
  const [preview, onStart, onLook] = [vi.fn(), vi.fn(), vi.fn()]
  preview.mockImplementation(({ soreness }) => (soreness.vasti === 3 ? [{ name: 'Squat', text: 'One set fewer.' }] : []))
  render(
    <ChakraProvider value={system}>
      <ComingIn
        view={view}
        said={undefined}
        preview={preview}
        failed={false}
        onStart={onStart}
        onLook={onLook}
        colors={floorColors(false)}
      />
    </ChakraProvider>,
  )
  const key = (name: string) => screen.getByRole('button', { name })
  expect(document.body.textContent).toContain('The session stands as planned.')
  for (const name of ['Vasti', 'Vasti 1', 'Vasti 2']) fireEvent.click(key(name))
  fireEvent.click(key('Hours slept less'))
  fireEvent.click(key('Knee'))
  fireEvent.click(key('Knee, 0 to 10 more'))
  expect(document.body.textContent).toContain('Squat. One set fewer.')
  fireEvent.click(key('Start as planned'))
  const answers = { sleepHours: 6, soreness: { vasti: 3 }, pain: [{ region: 'knee', score: 4 }], minutes: null }
  expect(onStart).toHaveBeenLastCalledWith(answers, false)
  fireEvent.click(key('Only look at the session'))
  expect([onLook.mock.calls.length, onStart.mock.calls.length]).toEqual([1, 1])
})
