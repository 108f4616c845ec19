import fc from 'fast-check'
import { afterEach, describe, expect, it, test, vi } from 'vitest'
import { comingMonday, dayName, shortDate, today } from '../src/text/dates'
import { clock, cmOf, keepUnits, kgOf, length, mass, plain, typedNumber } from '../src/text/numbers'

afterEach(() => keepUnits('kg'))

describe('numbers', () => {
  test.each([
    ['', null],
    ['  ', null],
    ['12,5', 12.5],
    [' 80 ', 80],
    ['0', 0],
    ['-3', -3],
    ['eight', 'eight'],
    ['1e3', 1000],
  ])('%j is read as %j; what is no number goes to the server as it stands', (typed, read) => expect(typedNumber(typed)).toBe(read))

  test.each([
    [0, '0:00'],
    [59.6, '1:00'],
    [210, '3:30'],
    [-4, '0:00'],
    [3600, '60:00'],
  ])('%d seconds are %s', (seconds, said) => expect(clock(seconds)).toBe(said))

  test.each([
    [2.5, 2, '2.5'],
    [100, 2, '100'],
    [82.456, 1, '82.5'],
    [0.005, 2, '0.01'],
  ])('%d to %d decimals is %s', (value, decimals, said) => expect(plain(value, decimals)).toBe(said))

  it('come back to the tenth of a pound from what was read', () => {
    keepUnits('lb')
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), (tenths) => {
        const typed = tenths / 10
        expect(Number(mass(kgOf(typed)))).toBeCloseTo(typed, 1)
        expect(Number(length(cmOf(typed)))).toBeCloseTo(typed, 1)
      }),
    )
  })

  it('stay as they are in kilograms', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400_000 }), (grams) => {
        expect(Number(mass(kgOf(grams / 1000), 3))).toBe(grams / 1000)
      }),
    )
  })
})

describe('dates', () => {
  test.each([
    ['2026-11-25T12:00:00', '2026-11-30'],
    ['2026-11-30T00:30:00', '2026-11-30'],
    ['2026-12-27T23:30:00', '2026-12-28'],
  ])('from %s the coming Monday is %s', (now, monday) => {
    vi.useFakeTimers({ now: new Date(now) })
    expect(comingMonday()).toBe(monday)
  })

  it('are named by what they are to today', () => {
    vi.useFakeTimers({ now: new Date('2026-12-31T10:00:00') })
    expect([today(), dayName('2026-12-31'), dayName('2027-01-01'), dayName('2027-01-04'), shortDate('2027-01-04')]).toEqual([
      '2026-12-31',
      'today',
      'tomorrow',
      'Mon 4 Jan',
      '4 Jan',
    ])
  })
})
