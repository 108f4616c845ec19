import { renderHook, act } from '@testing-library/react'
import fc from 'fast-check'
import { describe, expect, it, test, vi } from 'vitest'
import type { LogSet } from '../src/api/schema'
import { put, remove, sendAll, type Waiting, waitingFor } from '../src/offline/outbox'
import {
  doneFor,
  floorBars,
  nextTurn,
  otherSideOf,
  platesFor,
  restsAfter,
  secondsLeft,
  setsLeft,
  standing,
  stepLoad,
} from '../src/parts/floor/session'
import { beatsOf } from '../src/parts/floor/TempoCount'
import { useRest } from '../src/parts/floor/useRest'
import { floor, floorItem, floorSet } from './made'

const date = '2026-11-25'
const logged = (exercise: string, place: number, id = `${exercise} ${place}`): Waiting => ({
  id,
  clientId: 'c',
  madeAt: place,
  set: { id, date, exercise, place, kg: 97.5, reps: 4, rpe: 9 } as unknown as LogSet,
})
const sent = (id: string) => ({ id, kg: 100, reps: 5, rpe: 8 }) as never

describe('a set', () => {
  const squat = floorItem('squat', [floorSet(0, { done: sent('s0') }), floorSet(1)])
  test.each<[string, number, Waiting[], object | null]>([
    ['the server has', 0, [], { id: 's0', unsent: false }],
    ['nobody has', 1, [], null],
    ['waits here', 1, [logged('squat', 1)], { id: 'squat 1', unsent: true, reps: 4 }],
    ['of another exercise', 1, [logged('row', 1)], null],
    ['taken back here', 0, [{ id: 'w', clientId: 'c', madeAt: 1, withdraws: 's0' }], null],
    ['logged and taken back, both waiting', 1, [logged('squat', 1, 'a'), { id: 'w', clientId: 'c', madeAt: 2, withdraws: 'a' }], null],
    [
      'logged again after it was taken back',
      0,
      [{ id: 'w', clientId: 'c', madeAt: 1, withdraws: 's0' }, logged('squat', 0, 'b')],
      { id: 'b', unsent: true },
    ],
  ])('that %s', (_, place, waiting, expected) => {
    const found = doneFor(squat, squat.sets[place]!, date, waiting)
    if (expected === null) expect(found).toBeNull()
    else expect(found).toMatchObject(expected)
  })

  it('comes next that is not done, from where the coach stands and round again', () => {
    const view = floor(squat, floorItem('row', [floorSet(0), floorSet(1)]))
    expect(nextTurn(view, [])).toEqual({ item: 0, place: 1 })
    expect(nextTurn(view, [], 1)).toEqual({ item: 1, place: 0 })
    expect(nextTurn(view, [logged('squat', 1), logged('row', 0), logged('row', 1)], 1)).toBeNull()
    expect(nextTurn(view, [logged('row', 0), logged('row', 1)], 1)).toEqual({ item: 0, place: 1 })
  })

  it('goes to and fro in a superset, and what was ended has none left', () => {
    const [row, curl] = [floorItem('row', [floorSet(0), floorSet(1)]), floorItem('curl', [floorSet(0), floorSet(1)])]
    const inTurn = [0, 1].flatMap((place) => [0, 1].map((item) => ({ item, place })))
    const view = { ...floor(row, curl), order: inTurn }
    expect(nextTurn(view, [logged('row', 0)])).toEqual({ item: 1, place: 0 })
    expect(setsLeft(view, [logged('row', 0)], ['curl'])).toEqual([{ item: 0, place: 1 }])
    const together = { ...view, items: view.items.map((one) => ({ ...one, superset: 'A' })) }
    expect(inTurn.map((turn) => restsAfter(together, turn))).toEqual([false, true, false, true])
    expect(restsAfter(view, { item: 0, place: 0 })).toBe(true)
    // Chosen by hand, the partner still comes in its turn; without a superset the exercise is done whole.
    expect(nextTurn(together, [logged('row', 0)], 0)).toEqual({ item: 1, place: 0 })
    expect(nextTurn(view, [logged('row', 0)], 0)).toEqual({ item: 0, place: 1 })
    expect(secondsLeft(view, setsLeft(view, [logged('row', 0)]))).toBe(900)
  })

  it('corrected here stands as corrected', () => {
    const again = { ...logged('squat', 1, 'b'), madeAt: 9 }
    const right = { ...again, set: { ...again.set!, reps: 6, supersedes: 'squat 1' } }
    expect(doneFor(squat, squat.sets[1]!, date, [logged('squat', 1), right])).toMatchObject({ id: 'b', reps: 6 })
  })

  it('of one side knows the other of its round, the extra one of the weaker none', () => {
    const sides = (['left', 'right', 'left', 'right', 'left'] as const).map((side, place) => floorSet(place, { side }))
    const split = floorItem('split', sides)
    const other = (place: number) => otherSideOf(split, sides[place]!, date, [logged('split', 2)])
    expect([other(0)?.set.place, other(3)?.set.place, other(4)]).toEqual([1, 2, null])
    expect([other(0)?.done, other(3)?.done?.reps]).toEqual([null, 4])
  })

  it('is drawn as done, at hand, or to come', () => {
    expect(floorBars(squat, date, [], 1).map((bar) => bar.kind)).toEqual(['work', 'now'])
    expect(floorBars(squat, date, [], 0).map((bar) => bar.kind)).toEqual(['work', 'ahead'])
  })
})

describe('what stands on the floor', () => {
  const goblet = floorItem('goblet', [floorSet(0)])
  const squat = floorItem('squat', [floorSet(0)], { substitutes: [goblet] })
  it('is the substitute that was chosen, or that was begun, until the first is chosen again', () => {
    const names = (instead: Record<string, string>, waiting: Waiting[]) =>
      standing(floor(squat), instead, waiting).items.map((one) => one.exercise)
    expect(names({}, [])).toEqual(['squat'])
    expect(names({ squat: 'goblet' }, [])).toEqual(['goblet'])
    expect(names({}, [logged('goblet', 0)])).toEqual(['goblet'])
    expect(names({ squat: 'squat' }, [logged('goblet', 0)])).toEqual(['squat'])
  })

  it('steps through the loads that can be made and stops at the ends', () => {
    const loads = [20, 22.5, 27.5].map((kg) => ({ kg, perSide: [kg / 4] })) as unknown as Parameters<typeof stepLoad>[0]
    expect([stepLoad(loads, 20, 1), stepLoad(loads, 25, -1), stepLoad(loads, 27.5, 1), stepLoad(loads, 20, -1)]).toEqual([
      22.5, 22.5, 27.5, 20,
    ])
    const bar = floorItem('squat', [floorSet(0)], { loads } as never)
    expect([platesFor(bar, floorSet(0), 100), platesFor(bar, floorSet(0), 22.5), platesFor(bar, floorSet(0), 23)]).toEqual([
      [20, 20],
      [5.625],
      null,
    ])
  })
})

describe('the outbox', () => {
  const clear = async () => {
    for (const entry of await waitingFor('c')) await remove(entry.id)
  }

  it('sends in the order made, stops where no server is found, and keeps what was refused with the reason', async () => {
    await clear()
    for (const place of [3, 1, 2]) await put(logged('squat', place))
    const tried: string[] = []
    await sendAll('c', async (entry) => {
      tried.push(entry.id)
      return entry.id === 'squat 1' ? { refused: 'too heavy' } : entry.id === 'squat 2' ? 'later' : 'sent'
    })
    expect(tried).toEqual(['squat 1', 'squat 2'])
    const left = async () => (await waitingFor('c')).filter((entry) => !entry.sent)
    expect((await left()).map((entry) => [entry.id, entry.refused])).toEqual([
      ['squat 1', 'too heavy'],
      ['squat 2', undefined],
      ['squat 3', undefined],
    ])
    tried.length = 0
    await sendAll('c', async (entry) => (tried.push(entry.id), 'sent'))
    expect(tried).toEqual(['squat 2', 'squat 3'])
  })

  it('loses nothing that the server has not acknowledged, whatever happens on the way', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(fc.constantFrom('sent', 'later', 'refused', 'crash'), { maxLength: 6 }), { maxLength: 5 }),
        async (rounds) => {
          await clear()
          const all = [1, 2, 3, 4].map((place) => logged('squat', place))
          for (const entry of all) await put(entry)
          const acknowledged = new Set<string>()
          for (const outcomes of rounds) {
            let i = 0
            await sendAll('c', async (entry) => {
              const outcome = outcomes[i++] ?? 'later'
              if (outcome === 'crash') throw new Error('the page was closed')
              if (outcome === 'sent') acknowledged.add(entry.id)
              return outcome === 'refused' ? { refused: 'no' } : outcome
            }).catch(() => undefined)
          }
          const kept = (await waitingFor('c')).filter((entry) => !entry.sent).map((entry) => entry.id)
          expect([...acknowledged, ...kept].sort()).toEqual(all.map((entry) => entry.id).sort())
        },
      ),
      { numRuns: 30 },
    )
  })
})

describe('the rest', () => {
  it('counts down, warns before its least, tells its end once, and goes on after the page was closed', () => {
    vi.useFakeTimers({ now: 1_000_000 })
    const over = vi.fn()
    const first = renderHook(() => useRest('c', over))
    act(() => first.result.current.start(210, 120))
    act(() => void vi.advanceTimersByTime(60_000))
    expect([Math.round(first.result.current.left), first.result.current.tooSoon]).toEqual([150, true])
    first.unmount()
    vi.advanceTimersByTime(70_000)
    expect(renderHook(() => useRest('other', over)).result.current.rest).toBeNull()
    const again = renderHook(() => useRest('c', over))
    expect([Math.round(again.result.current.left), again.result.current.tooSoon]).toEqual([80, false])
    act(() => void vi.advanceTimersByTime(85_000))
    expect([Math.round(again.result.current.left), over.mock.calls.length]).toEqual([-5, 1])
    act(() => again.result.current.stop())
    expect(localStorage.getItem('nerezza.rest.c')).toBeNull()
  })
})

describe('a tempo', () => {
  test.each<[string, string]>([
    ['3-0-1-0', '0.1 0.2 0.3 2.1'],
    ['1-0-X-0', '0.1 2.1'],
    ['1-5-1-0', '0.1 1.1 1.2 1.3 1.4 1.5 2.1'],
    ['', ''],
  ])('of %s is counted beat by beat', (tempo, beats) =>
    expect(
      beatsOf(tempo)
        .map((beat) => `${beat.phase}.${beat.count}`)
        .join(' '),
    ).toBe(beats),
  )
})
