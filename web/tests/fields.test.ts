import { afterEach, describe, expect, it, test } from 'vitest'
import { keepUnits } from '../src/text/numbers'
import { type FieldKey, fieldOf, fields, insteadInWords, write } from '../src/views/block/fields'
import { readTyped } from '../src/views/block/typed'
import { item, set } from './made'

afterEach(() => keepUnits('kg'))

const squat = item('squat', [set({ rpe: 6.5 }), set({ rpe: 7 }), set({ rpe: 7.5, reps: 4 })])
const carry = item('carry', [set({ reps: null, metres: 30 })])
const hold = item('plank', [set({ reps: null, seconds: 20 })])

describe('what a number typed into a cell changes', () => {
  test.each<[FieldKey, ReturnType<typeof item>, string, string, object]>([
    ['sets', squat, '3', '4', { sets: 4 }],
    ['reps', squat, '5,5,4', '3', { reps: 3 }],
    ['reps', carry, '30', '40', { metres: 40 }],
    ['reps', hold, '20', '45', { seconds: 45 }],
    ['percent', squat, '80', '82,5', { percent: 82.5 }],
    ['rpe', squat, '7', '8.5', { rpe: 8.5 }],
    ['kg', squat, '100', '102.5', { kg: 102.5 }],
    ['restSeconds', squat, '210', '180', { restSeconds: 180 }],
    ['tempo', squat, '2-0-X-0', ' 3-1-1-0 ', { tempo: '3-1-1-0' }],
  ])('%s', (key, of, shown, typed, written) => {
    expect(fieldOf(key).shown(of)).toBe(shown)
    expect(readTyped(typed, key, of)).toEqual({ values: written })
  })

  it('stands in pounds where the coach reads pounds, and is kept in kilograms', () => {
    keepUnits('lb')
    expect(fieldOf('kg').label()).toBe('lb')
    expect(fieldOf('kg').shown(squat)).toBe('220.5')
    expect(readTyped('225', 'kg', squat)).toEqual({ values: { kg: 102.058 } })
    expect(insteadInWords({ part: 'load', asked: 102.058, stands: 100, why: 'kit', limit: null })).toBe(
      '225 lb asked; 220.5 lb is the nearest that the kit makes',
    )
  })

  it('is the cell as it is where what is shown is written back', () => {
    for (const field of fields) {
      const read = readTyped(field.shown(squat), field.key, squat)
      expect('values' in read && Object.values(read.values).map(String)).toEqual([field.shown(squat)])
    }
  })

  it('names its place', () =>
    expect(write({ week: 2, day: 'mon', exercise: 'squat' }, { reps: 3 })).toEqual({
      kind: 'write',
      week: 2,
      day: 'mon',
      exercise: 'squat',
      reps: 3,
    }))
})
