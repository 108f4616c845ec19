import { describe, expect, it, test } from 'vitest'
import type { CheckView } from '../src/api/schema'
import { together, weeksInWords } from '../src/views/block/remarks'

const check = (week: number | null, of: Partial<CheckView> = {}): CheckView =>
  ({
    code: 'sport-clash',
    severity: 'warn',
    week,
    day: 'wed',
    exercise: null,
    because: 'It stands there.',
    fix: 'Move it.',
    edits: [],
    ...of,
  }) as CheckView
const edit = (week: number) => ({ kind: 'remove' as const, week, day: 'wed' as const, exercise: 'squat' })

describe('remarks', () => {
  it('that say the same of several weeks are one, which its fix mends in all of them', () => {
    const [one, ...others] = together([1, 2, 4].map((week) => check(week, { edits: [edit(week)] })))
    expect(others).toEqual([])
    expect([one?.weeks, one?.edits, one?.first.week]).toEqual([[1, 2, 4], [edit(1), edit(2), edit(4)], 1])
  })

  it('of another day, exercise or number stay apart, in their order', () => {
    const remarks = together([
      check(1),
      check(1, { day: 'sun' }),
      check(2, { because: 'It takes 51 minutes.' }),
      check(2),
      check(null, { day: null }),
    ])
    expect(remarks.map((one) => one.weeks)).toEqual([[1, 2], [1], [2], []])
  })

  test.each([
    [[2], 'week 2'],
    [[1, 2], 'weeks 1 and 2'],
    [[1, 2, 3, 4], 'weeks 1 to 4'],
    [[1, 2, 4], 'weeks 1, 2 and 4'],
  ])('%j is said as %s', (weeks, said) => expect(weeksInWords(weeks)).toBe(said))
})
