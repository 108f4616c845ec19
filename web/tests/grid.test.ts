import fc from 'fast-check'
import { describe, expect, it, test } from 'vitest'
import {
  cellAt,
  daysFrom,
  doneOf,
  held,
  loadAsMade,
  middleSet,
  move,
  nextPlace,
  percentInWords,
  type Place,
  rowsOf,
  setsInWords,
  barsOf,
  topSet,
} from '../src/parts/grid'
import { block, item, set } from './made'

const at = (week: number, day: 'wed' | 'mon', exercise: string) => ({ week, day, exercise })

describe('the rows of a block', () => {
  it('stand in the order of its dates, not of the calendar, with every exercise of some week once', () => {
    expect(rowsOf(block())).toEqual([
      { day: 'wed', exercises: ['squat'] },
      { day: 'mon', exercises: ['hinge', 'row'] },
    ])
    expect(daysFrom('2026-11-25')[0]).toBe('wed')
    expect(daysFrom('2026-11-29')).toEqual(['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'])
  })

  test.each([
    ['ArrowDown', at(1, 'wed', 'squat'), at(1, 'mon', 'hinge')],
    ['ArrowUp', at(1, 'wed', 'squat'), at(1, 'wed', 'squat')],
    ['ArrowRight', at(2, 'wed', 'squat'), at(2, 'wed', 'squat')],
    ['ArrowLeft', at(2, 'mon', 'row'), at(1, 'mon', 'row')],
    ['End', at(1, 'mon', 'hinge'), at(2, 'mon', 'hinge')],
    ['Home', at(2, 'mon', 'hinge'), at(1, 'mon', 'hinge')],
    ['j', at(1, 'mon', 'hinge'), at(1, 'mon', 'row')],
    ['k', at(1, 'mon', 'row'), at(1, 'mon', 'hinge')],
    ['q', at(1, 'mon', 'row'), at(1, 'mon', 'row')],
  ])('%s leads on', (key, from, to) => expect(move(block(), from, key)).toEqual(to))

  it('never lose the focus, whatever keys are pressed', () => {
    const keys = fc.array(fc.constantFrom('ArrowDown', 'ArrowUp', 'ArrowLeft', 'ArrowRight', 'Home', 'End', 'j', 'k', 'x'), {
      maxLength: 40,
    })
    fc.assert(
      fc.property(keys, (pressed) => {
        const end = pressed.reduce<Place>((place, key) => move(block(), place, key), at(1, 'wed', 'squat'))
        const row = rowsOf(block()).find((one) => one.day === end.day)
        expect(row?.exercises).toContain(end.exercise)
        expect(end.week === 1 || end.week === 2).toBe(true)
      }),
    )
  })

  it('hold the focus where what it stood on is gone', () => {
    expect(held(block(), at(2, 'mon', 'gone'), '2026-11-25')).toEqual(at(2, 'mon', 'hinge'))
    expect(held(block(), at(7, 'mon', 'hinge'), '2026-11-25')).toEqual(at(2, 'mon', 'hinge'))
    expect(held(block(), { ...at(1, 'mon', 'hinge'), day: 'sat' }, '2026-12-05')).toEqual(at(2, 'mon', 'row'))
    expect(held({ ...block(), weeks: [] }, null, '2026-11-25')).toBeNull()
  })

  it('begin at the next session, and at the first where all are past', () => {
    expect(nextPlace(block(), '2026-11-26')).toEqual(at(1, 'mon', 'hinge'))
    expect(nextPlace(block(), '2027-01-01')).toEqual(at(1, 'wed', 'squat'))
  })

  it('find what stands in a cell, and nothing where nothing does', () => {
    expect(cellAt(block(), at(2, 'mon', 'row'))?.session.date).toBe('2026-12-07')
    expect(cellAt(block(), at(1, 'mon', 'row'))).toBeNull()
    const made = [{ week: 1, day: 'wed' as const, exercise: 'squat', kg: 100, why: '' }]
    expect(loadAsMade(made, at(1, 'wed', 'squat'))?.kg).toBe(100)
    expect(loadAsMade(made, at(2, 'wed', 'squat'))).toBeNull()
    const done = [
      { date: '2026-11-25', exercise: 'squat' },
      { date: '2026-11-25', exercise: 'row' },
      { date: '2026-11-26', exercise: 'squat' },
    ] as unknown as Parameters<typeof doneOf>[0]
    expect(doneOf(done, '2026-11-25', 'squat')).toHaveLength(1)
  })
})

describe('the words of a cell', () => {
  const sides = (reps: number[]) => reps.flatMap((one) => [set({ reps: one, side: 'right' }), set({ reps: one, side: 'left' })])
  test.each([
    ['straight sets', [set(), set(), set()], '3 × 5'],
    ['sets that fall', [set({ reps: 6 }), set({ reps: 6 }), set({ reps: 5 })], '6, 6, 5'],
    ['an AMRAP last', [set({ reps: 8 }), set({ reps: 8, amrap: true })], '2 × 8+'],
    ['one-sided work', sides([10, 10]), '2 × 10 a side'],
    ['one set more for the weaker side', [...sides([8, 8]), set({ reps: 8, side: 'right' })], '3 × 8 a side'],
    ['a carry', [set({ reps: null, metres: 20 }), set({ reps: null, metres: 20 })], '2 × 20 m'],
    ['a hold', [set({ reps: null, seconds: 30 })], '1 × 30 s'],
  ])('%s', (_, sets, said) => expect(setsInWords(item('x', sets))).toBe(said))

  it('show the percentage, or the effort where there is none', () => {
    expect(percentInWords(82.5, 8)).toBe('83 %')
    expect(percentInWords(null, 7.5)).toBe('RPE 7.5')
  })

  it('take the heaviest set for the exercise, and the middle one of straight sets for its effort', () => {
    const ramp = item('x', [set({ kg: 80, rpe: 5 }), set({ kg: 90, rpe: 6 }), set({ kg: 100, rpe: 8 })])
    const straight = item('x', [set({ rpe: 6.5 }), set({ rpe: 7 }), set({ rpe: 7.5 })])
    expect([topSet(ramp).kg, middleSet(ramp).rpe, middleSet(straight).rpe]).toEqual([100, 8, 7])
  })

  it('draw warm-up sets at their part of the work, hollow', () => {
    const bars = barsOf(item('x', [set({ kg: 100, percent: 80 })], { warmUp: [{ kg: 50, reps: 5 }] }))
    expect(bars).toEqual([
      { reps: 5, percent: 40, kind: 'ramp' },
      { reps: 5, percent: 80, kind: 'work', amrap: false },
    ])
  })
})
