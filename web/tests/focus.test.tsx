import { cleanup, render, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, describe, expect, it } from 'vitest'
import { ChakraProvider } from '@chakra-ui/react'
import { system } from '../src/app/theme'
import { useFocusStays } from '../src/app/useFocusStays'
import { Plain, Primary } from '../src/ui/form'

afterEach(cleanup)

function Rows({ made }: { made: string[] }) {
  useFocusStays()
  const [rows, setRows] = useState(made)
  return (
    <ChakraProvider value={system}>
      <main id="work" tabIndex={-1}>
        {rows.map((row) => (
          <Plain key={row} onClick={() => setRows(rows.filter((other) => other !== row))}>
            Remove {row}
          </Plain>
        ))}
        {rows.length > 0 && <Plain>Add</Plain>}
      </main>
    </ChakraProvider>
  )
}

const press = (name: string) => {
  const button = screen.getByRole('button', { name })
  button.focus()
  button.click()
}
const active = () => document.activeElement?.textContent

describe('the focus never falls to the page', () => {
  it('goes to what comes next where a row is removed, then to what is left', async () => {
    render(<Rows made={['one', 'two']} />)
    press('Remove one')
    await waitFor(() => expect(active()).toBe('Remove two'))
    press('Remove two')
    await waitFor(() => expect(document.activeElement?.id).toBe('work'))
  })

  it('stays on a button that goes out of use, which then does nothing', () => {
    let pressed = 0
    const page = (off: boolean) => (
      <ChakraProvider value={system}>
        <Primary disabled={off} onClick={() => pressed++}>
          Keep
        </Primary>
      </ChakraProvider>
    )
    const { rerender } = render(page(false))
    press('Keep')
    rerender(page(true))
    expect(active()).toBe('Keep')
    press('Keep')
    expect([pressed, screen.getByRole('button').getAttribute('aria-disabled')]).toEqual([1, 'true'])
  })
})
