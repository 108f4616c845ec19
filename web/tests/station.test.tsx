import { ChakraProvider } from '@chakra-ui/react'
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, test, vi } from 'vitest'
import type { FloorItem, FloorSet, FloorView, LogSet } from '../src/api/schema'
import { system } from '../src/app/theme'
import type { FloorLog } from '../src/hooks/useFloor'
import type { Waiting } from '../src/offline/outbox'
import { floorColors } from '../src/views/floor/floor-theme'
import { Station } from '../src/views/floor/Station'
import { floorItem, floorSet } from './made'

const log: { [key in keyof FloorLog]: ReturnType<typeof vi.fn> | readonly Waiting[] } = {
  waiting: [],
  log: vi.fn(async () => 'id'),
  takeBack: vi.fn(async () => undefined),
}
const start = Date.parse('2026-11-25T17:00:00Z')
let at = start

const asked = (place: number, of: Partial<FloorSet> = {}) =>
  floorSet(place, {
    side: null,
    metres: null,
    seconds: null,
    each: null,
    count: null,
    amrap: false,
    tempo: '2-0-X-0',
    restSeconds: 180,
    leastRestSeconds: 120,
    ...of,
  })

const loads = [90, 95, 97.5, 100, 102.5].map((kg) => ({ kg, perSide: [(kg - 20) / 2] }))

function floor(item: FloorItem): FloorView {
  return {
    clientId: 'c',
    client: 'Ada Quill',
    date: '2026-11-25',
    weekKind: 'load',
    caution: 'With new or strong pain stop.',
    items: [item],
  } as unknown as FloorView
}

function station(item: FloorItem, place = 0, waiting: readonly Waiting[] = []) {
  return render(
    <ChakraProvider value={system}>
      <Station
        view={floor(item)}
        item={item}
        turn={{ item: 0, place }}
        log={{ ...log, waiting } as unknown as FloorLog}
        colors={floorColors(false)}
      />
    </ChakraProvider>,
  )
}

const squat = (sets = [asked(0), asked(1)], of: Partial<FloorItem> = {}) =>
  floorItem('squat', sets, {
    name: 'Back squat',
    cues: ['Knees out'],
    setUp: '',
    superset: null,
    proposal: null,
    loads,
    ...of,
  } as Partial<FloorItem>)
const logged = () => (log.log as ReturnType<typeof vi.fn>).mock.calls.map(([set]) => set as Omit<LogSet, 'id'>)
const hand = () => screen.getByRole('group', { name: /, set \d+ of \d+$/ })
const key = (name: string, of: object = {}) => fireEvent.keyDown(hand(), { key: name, ...of })
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const text = () => document.body.textContent ?? ''

beforeEach(() => {
  // Taps a second apart, so that the guard against double taps lets each of them through.
  at += 60_000
  vi.useFakeTimers({ now: at })
})
afterEach(() => {
  cleanup()
  vi.clearAllMocks()
})

describe('a set on the floor', () => {
  test.each<[string, string, object]>([
    ['7 at RPE 7', '7', { rpe: 7 }],
    ['0 at RPE 10', '0', { rpe: 10 }],
    ['Enter without a rating', 'Enter', { rpe: null }],
  ])('is logged by the key %s, as it stands', async (_, name, expected) => {
    station(squat())
    key('ArrowUp')
    key('ArrowLeft')
    await act(async () => void key(name))
    expect(logged()).toEqual([
      {
        date: '2026-11-25',
        exercise: 'squat',
        place: 0,
        side: null,
        kg: 102.5,
        reps: 4,
        techniqueHeldTo: null,
        pain: null,
        note: null,
        ...expected,
      },
    ])
  })

  it('takes the loads that can be made, and stops at the last of them', () => {
    station(squat())
    const load = within(screen.getByRole('group', { name: 'Load' }))
    for (const expected of ['97.5', '95', '90', '90']) {
      fireEvent.click(load.getByRole('button', { name: 'Load less' }))
      expect(screen.getByLabelText(`${expected} kilograms`)).toBeTruthy()
    }
    expect(text()).toContain('each side 35')
  })

  it('carries where form changed, pain and a note, with what to do beside the pain', async () => {
    station(squat())
    press('Form, pain, note')
    expect(text()).toContain('With new or strong pain stop.')
    press('Form held to rep less')
    press('Pain, 0 to 10 more')
    press('Pain, 0 to 10 more')
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: ' left knee ' } })
    await act(async () => void press('Log at RPE 9'))
    expect(logged()[0]).toMatchObject({ rpe: 9, techniqueHeldTo: 9, pain: 2, note: ' left knee ' })
  })

  it('is not logged twice by a double tap, nor by typing into its note', async () => {
    station(squat())
    await act(async () => void (press('Log at RPE 8'), press('Log at RPE 8')))
    press('Form, pain, note')
    const note = screen.getByLabelText('Note')
    for (const one of ['8', 'Enter', 'ArrowUp']) fireEvent.keyDown(note, { key: one })
    for (const held of [{ ctrlKey: true }, { metaKey: true }, { repeat: true }]) key('8', held)
    expect(logged()).toHaveLength(1)
    expect(screen.getByLabelText('100 kilograms')).toBeTruthy()
  })

  it('proposes what the last one asks for, to be taken or left', async () => {
    station(
      squat(undefined, {
        proposal: { place: 1, text: 'That was harder than planned: 5 % off.', next: { kg: 95, reps: 5 } },
      } as Partial<FloorItem>),
      1,
    )
    expect(screen.getByLabelText('100 kilograms')).toBeTruthy()
    press('Take 5 × 95')
    expect(screen.getByLabelText('95 kilograms')).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^Take/ })).toBeNull()
    await act(async () => void press('Log at RPE 8'))
    expect(logged()[0]).toMatchObject({ place: 1, kg: 95 })
  })

  it('counts the rest down, and says while it is too soon for the next', async () => {
    station(squat())
    await act(async () => void press('Log at RPE 8'))
    act(() => void vi.advanceTimersByTime(30_000))
    expect(screen.getByRole('timer').textContent).toMatch(/^Rest 2:(30|29), at least 2:00$/)
    act(() => void vi.advanceTimersByTime(95_000))
    expect(screen.getByRole('timer').textContent).toMatch(/^Rest 0:5[45]$/)
  })

  it('can be taken back for ten seconds, from the server or from here', async () => {
    const here: Waiting = {
      id: 'w1',
      clientId: 'c',
      madeAt: at - 2000,
      set: { date: '2026-11-25', exercise: 'squat', place: 0, kg: 100, reps: 5, rpe: 8 } as unknown as LogSet,
    }
    station(squat(), 1, [here])
    expect(text()).toContain('Logged 5 × 100 at 8. 1 not sent yet, kept here')
    key('u')
    expect(log.takeBack).toHaveBeenCalledWith('w1')
    act(() => void vi.advanceTimersByTime(9_000))
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
  })

  test.each<[string, FloorItem, string[]]>([
    ['by effort', squat([asked(0, { kg: null, perSide: null, rpe: 7.5 })]), ['@7.5', 'By effort: choose what gives it']],
    ['of the body', squat([asked(0, { kg: 0, perSide: null })]), ['No load: body weight']],
    ['of one side', squat([asked(0, { side: 'left' })]), ['Left side']],
    ['as long as it takes', squat([asked(0, { seconds: 30, kg: null, perSide: null })]), ['Seconds30']],
    ['over a distance', squat([asked(0, { metres: 20 })]), ['Metres20']],
    ['as many as possible', squat([asked(0, { amrap: true })]), ['Reps5+', 'say how many are left']],
    ['in a superset', squat(undefined, { superset: 'B' } as Partial<FloorItem>), ['Superset B: in turn with its partner']],
    ['with a pair', squat([asked(0, { kg: 40, each: 20, count: 2, perSide: null })]), ['2 of 20']],
  ])('%s says so', (_, item, said) => {
    station(item)
    for (const part of said) expect(text()).toContain(part)
  })

  it('by effort is logged with the load that was typed, comma or point', async () => {
    station(squat([asked(0, { kg: null, perSide: null })]))
    fireEvent.change(screen.getByLabelText('Load, kilograms'), { target: { value: '22,5' } })
    await act(async () => void press('Log at RPE 7'))
    expect(logged()[0]).toMatchObject({ kg: 22.5, reps: 5, rpe: 7 })
  })
})
