import { ChakraProvider } from '@chakra-ui/react'
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, test, vi } from 'vitest'
import type { FloorItem, FloorSet, FloorView, LogSet } from '../src/api/schema'
import { system } from '../src/app/theme'
import type { FloorLog } from '../src/hooks/useFloor'
import type { Waiting } from '../src/offline/outbox'
import { floorColors } from '../src/parts/floor/floor-theme'
import { Station } from '../src/parts/floor/Station'
import { rememberLogged } from '../src/offline/loggedHere'
import { floorItem, floorSet } from './made'

const log: { [key in keyof FloorLog]: ReturnType<typeof vi.fn> | readonly Waiting[] | boolean } = {
  waiting: [],
  noRoom: false,
  log: vi.fn(async () => 'kept'),
  correct: vi.fn(async () => 'kept'),
  takeBack: vi.fn(async () => 'kept'),
  warn: vi.fn(async () => 'kept'),
  comeIn: vi.fn(async () => 'kept'),
}
const rest = { rest: null, left: 0, tooSoon: false, start: vi.fn(), stop: vi.fn() }
const [onWarmed, onEnd] = [vi.fn(), vi.fn()]
const start = Date.parse('2026-11-25T17:00:00Z')
let at = start

const doneView = { side: null, seconds: null, metres: null, word: null, pain: null, note: null } as unknown as NonNullable<FloorSet['done']>
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
    order: item.sets.map(({ place }) => ({ item: 0, place })),
  } as unknown as FloorView
}

function station(item: FloorItem, place = 0, waiting: readonly Waiting[] = [], warmed = 9) {
  return render(
    <MemoryRouter>
      <ChakraProvider value={system}>
        <Station
          view={floor(item)}
          item={item}
          turn={{ item: 0, place }}
          log={{ ...log, waiting } as unknown as FloorLog}
          advice={item.proposal}
          rest={rest}
          sound={false}
          warmed={warmed}
          onWarmed={onWarmed}
          onEnd={onEnd}
          colors={floorColors(false)}
        />
      </ChakraProvider>
    </MemoryRouter>,
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
  sessionStorage.clear()
})

describe('a set on the floor', () => {
  test.each<[string, string, object]>([
    ['7 at RPE 7', '7', { rpe: 7 }],
    ['0 at RPE 10', '0', { rpe: 10 }],
    ['Enter without a rating', 'Enter', {}],
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
        kg: 102.5,
        reps: 4,
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
    press('Knee')
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: ' left knee ' } })
    await act(async () => void press('Log at RPE 9'))
    expect(logged()[0]).toMatchObject({ rpe: 9, techniqueHeldTo: 4, pain: 2, painAt: 'knee', note: ' left knee ' })
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
        proposal: { place: 1, text: 'That was harder than planned: 5 % off.', next: { kg: 95, reps: 5, seconds: null, metres: null } },
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

  it('starts the rest when both sides are done', async () => {
    const sides = [asked(0, { side: 'left' }), asked(1, { side: 'right' })]
    station(squat(sides))
    await act(async () => void press('Log at RPE 8'))
    expect(rest.start).not.toHaveBeenCalled()
    cleanup()
    vi.setSystemTime(at + 5000)
    const here = { id: 'w1', clientId: 'c', madeAt: at, set: { date: '2026-11-25', exercise: 'squat', place: 0, kg: 100, reps: 7 } }
    station(squat(sides), 1, [here as unknown as Waiting])
    // What the first side did is what the second is asked.
    expect(text()).toContain('done: 7 × 100')
    await act(async () => void press('Log at RPE 8'))
    expect(rest.start).toHaveBeenCalledWith(180, 120)
    expect(logged()[1]).toMatchObject({ side: 'right', reps: 7 })
  })

  it.each([0, -90_000, 90_000])('can be taken back for ten seconds by this clock, whatever the server says (%i ms off)', (off) => {
    rememberLogged('s1', at - 2000)
    const done = { ...doneView, id: 's1', kg: 100, reps: 5, rpe: 8, loggedAt: new Date(at + off).toISOString() }
    station(squat([asked(0, { done }), asked(1)]), 1)
    expect(text()).toContain('Logged 5 × 100 at 8.')
    key('u')
    expect(log.takeBack).toHaveBeenCalledWith('s1')
    act(() => void vi.advanceTimersByTime(9_000))
    expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull()
  })

  it('keeps what is half entered when another exercise is opened, until it is logged', async () => {
    station(squat())
    press('Reps less')
    press('Form, pain, note')
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: 'grip' } })
    cleanup()
    station(squat())
    expect((screen.getByLabelText('Note') as HTMLTextAreaElement).value).toBe('grip')
    await act(async () => void press('Log at RPE 8'))
    expect(logged()[0]).toMatchObject({ reps: 4, note: 'grip' })
    cleanup()
    station(squat())
    expect(screen.getByRole('button', { name: 'Done, 5 × 100, no rating' })).toBeTruthy()
  })

  it('is put right later, as a new fact in its place', async () => {
    const done = { ...doneView, id: 's1', kg: 100, reps: 5, rpe: 8 }
    station(squat([asked(0, { done }), asked(1)]), 1)
    press('Set 1: 5 × 100 at 8. Correct it')
    const form = within(screen.getByRole('region', { name: 'Sets done' }))
    fireEvent.click(form.getByRole('button', { name: 'Reps less' }))
    fireEvent.click(form.getByRole('button', { name: 'Log at RPE 9' }))
    expect(log.correct).toHaveBeenCalledWith('s1', expect.objectContaining({ place: 0, kg: 100, reps: 4, rpe: 9 }))
    expect(logged()).toHaveLength(0)
  })

  it('comes after its warm-up, a tap for each, with what changes on the bar', () => {
    const warmUp = [
      { kg: 20, reps: 8, perSide: [] },
      { kg: 60, reps: 4, perSide: [20] },
    ]
    station(squat(undefined, { warmUp } as Partial<FloorItem>), 0, [], 1)
    expect(text()).toContain('Warm-up 2 of 2')
    expect(text()).toContain('each side 20; put 1 on')
    press('Warm-up done, 4 × 60')
    press('Go to the work sets')
    press('Back one')
    expect(onWarmed.mock.calls).toEqual([[2], [2], [0]])
    expect(logged()).toHaveLength(0)
  })

  const bare = { kg: null, perSide: null, percent: null }
  test.each<[string, FloorItem, string[]]>([
    ['by effort', squat([asked(0, { ...bare, rpe: 7.5 })]), ['@7.5', 'By effort: choose the load']],
    ['of the body', squat([asked(0, { ...bare, kind: 'body-weight' })]), ['× 5', 'of the body or against a band', 'Load added']],
    ['of one side', squat([asked(0, { side: 'left' }), asked(1, { side: 'right' })]), ['Leftnow', 'Rightafter this']],
    ['as long as it takes', squat([asked(0, { ...bare, kind: 'hold', seconds: 30 })]), ['0:30', 'Seconds held']],
    ['over a distance', squat([asked(0, { kind: 'carry', metres: 20 })]), ['Metres20', 'Done, 20 m']],
    ['as many as possible', squat([asked(0, { amrap: true })]), ['Reps5+', 'At 5: how many are left?']],
    ['with a pair', squat([asked(0, { kg: 40, each: 20, count: 2, perSide: null })]), ['2 of 20']],
  ])('%s says so', (_, item, said) => {
    station(item)
    for (const part of said) expect(text()).toContain(part)
  })

  const run = { exercise: 'keg-carry', name: 'Keg carry', kg: 60 }
  test.each<[string, Partial<FloorSet>, (() => void)[], object]>([
    ['a hold', { ...bare, kind: 'hold', seconds: 30 }, [() => press('Held, 30 seconds')], { seconds: 30 }],
    [
      'a hold by the clock',
      { ...bare, kind: 'hold', seconds: 30 },
      [() => key(' ', { code: 'Space' }), () => void vi.advanceTimersByTime(22_000), () => press('Held until now')],
      { seconds: 22 },
    ],
    ['a carry', { kind: 'carry', metres: 20, kg: 40 }, [() => key('ArrowRight'), () => key('Enter')], { kg: 40, metres: 25 }],
    [
      'a medley',
      { ...bare, kind: 'medley', metres: 20, implements: [run, { ...run, kg: null }] },
      [() => press('Done, 40 m')],
      {
        metres: 40,
        implements: [
          { exercise: 'keg-carry', kg: 60, metres: 20 },
          { exercise: 'keg-carry', kg: null, metres: 20 },
        ],
      },
    ],
    ['a throw', { kind: 'throw', reps: 3, kg: 5 }, [() => key('n')], { kg: 5, reps: 3, word: 'slowing' }],
    ['a jump', { ...bare, kind: 'jump', reps: 3 }, [() => press('Fast')], { reps: 3, word: 'fast' }],
    ['priming', { ...bare, kind: 'priming', reps: 4 }, [() => press('Not yet')], { word: 'not-yet' }],
    ['priming by key', { ...bare, kind: 'priming', reps: 4 }, [() => key('Enter')], { word: 'felt' }],
    ['a drill', { ...bare, kind: 'drill', reps: 5 }, [() => press('3')], { cleanReps: 3 }],
    ['a drill by key', { ...bare, kind: 'drill', reps: 5 }, [() => key('9'), () => key('4')], { cleanReps: 4 }],
    [
      'an AMRAP',
      { amrap: true, reps: 8 },
      [() => press('2'), () => key('ArrowRight'), () => press('Done, 9 × 100')],
      { kg: 100, reps: 9, amrap: true, rirSaidAt: { rep: 8, rir: 2 } },
    ],
    ['a band', { ...bare, kind: 'body-weight', reps: 12 }, [() => key('8')], { reps: 12, rpe: 8 }],
  ])('%s is logged with what it is counted in, and no more', async (_, of, acts, expected) => {
    station(squat([asked(0, of)]))
    for (const one of acts) await act(async () => void one())
    expect(logged()).toEqual([{ date: '2026-11-25', exercise: 'squat', place: 0, ...expected }])
  })

  it('by effort is logged with the load that was typed, comma or point', async () => {
    station(squat([asked(0, { kg: null, perSide: null })]))
    fireEvent.change(screen.getByLabelText('Load, kilograms'), { target: { value: '22,5' } })
    await act(async () => void press('Log at RPE 7'))
    expect(logged()[0]).toMatchObject({ kg: 22.5, reps: 5, rpe: 7 })
  })
})
