import { ChakraProvider } from '@chakra-ui/react'
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import type { FindingCourseLine, MeasureLine } from '../src/api/schema'
import { system } from '../src/app/theme'
import { WeakPoint } from '../src/views/review/WeakPoint'

afterEach(cleanup)

const measure = (of: Partial<MeasureLine>): MeasureLine => ({
  name: 'Knee to wall',
  unit: 'cm',
  side: null,
  error: 1.5,
  norm: 10,
  normUpper: 13,
  lowerIsBetter: false,
  expected: null,
  points: [],
  ...of,
})

const ankle = {
  title: 'Ankle range is short',
  courseName: 'closing',
  since: '2026-10-05',
  retestFrom: null,
  form: [],
  measures: [
    measure({
      side: 'left',
      points: [
        { date: '2026-10-05', value: 3 },
        { date: '2026-11-02', value: 4 },
      ],
    }),
    measure({ side: 'right', points: [{ date: '2026-11-02', value: 5 }] }),
    measure({ name: 'Trunk lean in the squat', unit: 'degrees', norm: null, normUpper: null, expected: 54, lowerIsBetter: true }),
  ],
} as unknown as FindingCourseLine

it('draws both sides of a test in one picture, and the lean beside it', async () => {
  render(<WeakPoint findings={[ankle]} />, { wrapper: ({ children }) => <ChakraProvider value={system}>{children}</ChakraProvider> })
  expect(screen.getAllByText(/^Knee to wall, cm\. Left in full, right broken\. Norm 10 and more\./)).toHaveLength(1)
  expect(screen.getByText(/^Trunk lean.*This body asks for 54 degrees \(dashed\)\. Less is better\./)).toBeTruthy()
  const behind = screen.getAllByText('The same as a table')[0]?.closest('details')
  if (!behind) throw new Error('no table')
  behind.open = true
  fireEvent(behind, new Event('toggle'))
  const table = await within(behind).findByRole<HTMLTableElement>('table')
  expect([...table.rows].map((row) => [...row.cells].map((cell) => cell.textContent).join(' | '))).toEqual([
    'Day | Knee to wall, left | Knee to wall, right',
    '5 Oct | 3 cm | ',
    '2 Nov | 4 cm | 5 cm',
  ])
})
