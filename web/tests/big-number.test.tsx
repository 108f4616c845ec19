import { ChakraProvider } from '@chakra-ui/react'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, expect, it } from 'vitest'
import { system } from '../src/app/theme'
import { BigNumber } from '../src/ui/Keys'

afterEach(cleanup)

function Measured({ whole }: { whole: boolean }) {
  const [value, setValue] = useState<number | null>(4)
  return (
    <ChakraProvider value={system}>
      <BigNumber label="Reach" unit="cm" keys={[2, 3, 4]} fine={1} most={30} whole={whole} value={value} onValue={setValue} />
      <output>{value ?? 'nothing'}</output>
    </ChakraProvider>
  )
}

/** Typed letter by letter, as a hand does. */
function typeIn(text: string): [string, string] {
  const field = screen.getByRole('textbox')
  for (let i = 1; i <= text.length; i++) fireEvent.change(field, { target: { value: text.slice(0, i) } })
  fireEvent.blur(field)
  return [screen.getByRole('status').textContent, screen.queryByRole('alert')?.textContent ?? '']
}

it.each([
  ['9.5', false, '9.5', ''],
  ['9,5', false, '9.5', ''],
  ['99', false, '4', '99 is not between 0 and 30 cm.'],
  ['9x', false, '4', '9x is not between 0 and 30 cm.'],
  ['12,5', true, '4', '12,5 is not a whole number between 0 and 30 cm.'],
  ['12', true, '12', ''],
])('%s typed (counted: %s) leaves %s: never the part of a slip that could be read on the way', (text, whole, value, told) => {
  render(<Measured whole={whole} />)
  expect(typeIn(text)).toEqual([value, told])
})
