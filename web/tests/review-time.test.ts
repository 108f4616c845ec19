import { describe, expect, it } from 'vitest'
import { dayNumber, marked } from '../src/views/review/time'

const on = (day: number, text: string) => ({ date: `2026-11-${String(day).padStart(2, '0')}`, text })

describe('what happened, on an axis', () => {
  it.each([
    { what: 'far apart', days: 25, marks: [on(1, 'screen'), on(9, 'deload')], told: ['1 Nov screen', '9 Nov deload'] },
    {
      what: 'a day apart on a long axis',
      days: 60,
      marks: [on(1, 'block 1 ends'), on(2, 'screen')],
      told: ['1 Nov block 1 ends, 2 Nov screen'],
    },
    {
      what: 'a day apart on a short one',
      days: 10,
      marks: [on(1, 'block 1 ends'), on(2, 'screen')],
      told: ['1 Nov block 1 ends', '2 Nov screen'],
    },
    { what: 'on one day', days: 10, marks: [on(3, 'deload'), on(3, 'screen')], told: ['3 Nov deload, 3 Nov screen'] },
    { what: 'nothing', days: 30, marks: [], told: [] },
  ])('keeps every mark, those $what', ({ days, marks, told }) => {
    const letters = marked(marks, days)
    expect(letters.map((one) => one.text)).toEqual(told)
    expect(letters.map((one) => one.at)).toEqual([...letters.map((one) => one.at)].sort((a, b) => a - b))
    if (marks[0]) expect(letters[0]?.at).toBe(dayNumber(marks[0].date))
  })
})
