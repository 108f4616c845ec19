import { describe, expect, it } from 'vitest'
import type { ItemPart } from '../src/api/schema'
import type { FieldKey } from '../src/views/block/fields'
import { readTyped } from '../src/views/block/typed'

const set = { reps: 8, percent: 75, of: 'e1rm', kg: 60, rpe: 7, restSeconds: 120, tempo: '3-0-1-0', amrap: false }
const item = (over: object = {}) => ({ exercise: 'front-squat', sets: [{ ...set, ...over }] }) as unknown as ItemPart

describe('what a coach types into a cell', () => {
  it.each<[FieldKey, string, object, object?]>([
    ['sets', '4', { sets: 4 }],
    ['reps', '8', { reps: 8 }],
    ['reps', '6+', { reps: 6, last: 'amrap' }],
    ['reps', '5,5,4', { eachReps: [5, 5, 4] }],
    ['reps', '5 / 5 / 4', { eachReps: [5, 5, 4] }],
    ['reps', '3x8@7', { sets: 3, reps: 8, rpe: 7 }],
    ['sets', '3 x 8', { sets: 3, reps: 8 }],
    ['rpe', '8@7,5', { reps: 8, rpe: 7.5 }],
    ['reps', '3x6+', { sets: 3, reps: 6, last: 'amrap' }],
    ['reps', '40 m', { metres: 40 }, { metres: 20, reps: null }],
    ['reps', '30', { seconds: 30 }, { seconds: 20, reps: null }],
    ['percent', '82,5 %', { percent: 82.5 }],
    ['rpe', 'RPE 8', { rpe: 8 }],
    ['kg', '62,5', { kg: 62.5 }],
    ['kg', '2-40', { kg: 80 }, { count: 2, each: 30 }],
    ['restSeconds', '2:30', { restSeconds: 150 }],
    ['restSeconds', '90 s', { restSeconds: 90 }],
    ['tempo', '3110', { tempo: '3-1-1-0' }],
    ['tempo', '20x0', { tempo: '2-0-X-0' }],
    ['tempo', '3-1-1-0', { tempo: '3-1-1-0' }],
  ])('%s %s', (field, typed, values, over) => expect(readTyped(typed, field, item(over))).toEqual({ values }))

  it.each<[FieldKey, string, string]>([
    ['sets', 'abc', '1 to 12 sets'],
    ['sets', '13', '1 to 12 sets'],
    ['reps', '5,5,x', '1 to 60 repetitions'],
    ['reps', '61', '1 to 60 repetitions'],
    ['reps', '3x8@11', 'RPE 1 to 10'],
    ['percent', '8', '10 to 110 percent'],
    ['kg', '2000', '0 to 1000 kilograms'],
    ['kg', '2-40', 'it is not done with two pieces'],
    ['restSeconds', '2:75', '0 to 900 seconds of rest'],
    ['tempo', '31', 'four numbers'],
  ])('%s %s is refused with its range', (field, typed, range) => {
    const read = readTyped(typed, field, item())
    expect('refused' in read && read.refused).toContain(range)
    const quoted = 'refused' in read ? (/'(.*)'/.exec(read.refused)?.[1] ?? '?') : '?'
    expect(typed).toContain(quoted)
  })
})
