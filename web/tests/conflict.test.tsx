import { ChakraProvider } from '@chakra-ui/react'
import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react'
import fc from 'fast-check'
import { afterEach, describe, expect, it, test, vi } from 'vitest'
import { system } from '../src/app/theme'
import { useDraft } from '../src/hooks/useDraft'
import { SaveBar } from '../src/parts/SaveBar'
import { differences, laidOver } from '../src/text/merge'
import { keepUnits } from '../src/text/numbers'
import { wantedInWords, type Wanted } from '../src/text/wanted'
import { ApiProblem } from '../src/api/client'
import { problemInWords } from '../src/api/problems'

afterEach(() => {
  cleanup()
  sessionStorage.clear()
  keepUnits('kg')
})

interface Facts {
  massKg: string
  footCm: string
  minutes: Record<string, string>
}
const first: Facts = { massKg: '80', footCm: '26', minutes: { mon: '60' } }

const typing = () => {
  const hook = renderHook(({ saved, version }) => useDraft('facts', saved, version), { initialProps: { saved: first, version: 1 } })
  act(() => hook.result.current.set({ massKg: '82' }))
  return hook
}

describe('a draft that somebody else was faster than', () => {
  it('is sent with the version that typing began on, and says what is newer', () => {
    const hook = typing()
    hook.rerender({ saved: { ...first, footCm: '27' }, version: 2 })
    expect(hook.result.current).toMatchObject({ version: 1, dirty: true, value: { massKg: '82', footCm: '26' } })
    expect(hook.result.current.newer).toMatchObject({ base: { footCm: '26' }, saved: { footCm: '27' }, mine: { massKg: '82' } })
  })

  it('is laid over the newer, or kept whole, and then rests on the newer version', () => {
    const hook = typing()
    hook.rerender({ saved: { ...first, footCm: '27' }, version: 2 })
    act(() => hook.result.current.newer?.layOver())
    expect(hook.result.current).toMatchObject({ version: 2, newer: null, value: { massKg: '82', footCm: '27' } })
    hook.rerender({ saved: { ...first, footCm: '28' }, version: 3 })
    act(() => hook.result.current.newer?.keepMine())
    expect(hook.result.current).toMatchObject({ version: 3, newer: null, value: { massKg: '82', footCm: '27' } })
  })

  it('is still there, with what it rests on, after the page is loaded again', () => {
    typing().unmount()
    const again = renderHook(() => useDraft('facts', { ...first, footCm: '27' }, 2))
    expect(again.result.current).toMatchObject({ version: 1, value: { massKg: '82' }, newer: { saved: { footCm: '27' } } })
  })

  it('has no quarrel with a version that left the form as it was, nor with one that says the same', () => {
    const hook = typing()
    hook.rerender({ saved: { ...first }, version: 2 })
    expect(hook.result.current).toMatchObject({ version: 2, newer: null, dirty: true })
    hook.rerender({ saved: { ...first, massKg: '82' }, version: 3 })
    expect(hook.result.current).toMatchObject({ newer: null, dirty: false })
  })

  it('keeps what was typed while it was being saved', () => {
    const hook = typing()
    const sent = hook.result.current.value
    act(() => hook.result.current.set({ footCm: '29' }))
    hook.rerender({ saved: sent, version: 2 })
    act(() => hook.result.current.settle(sent))
    expect(hook.result.current).toMatchObject({ version: 2, newer: null, dirty: true, value: { massKg: '82', footCm: '29' } })
  })

  it('offers the ways on by name, shows both, and cannot be saved before one is chosen', () => {
    keepUnits('lb')
    const onSave = vi.fn()
    const Form = ({ saved, version }: { saved: Facts; version: number }) => {
      const draft = useDraft('facts', saved, version)
      return (
        <ChakraProvider value={system}>
          <SaveBar draft={draft} save={{ isPending: false, isSuccess: false, error: null }} onSave={onSave} onReset={draft.reset} />
        </ChakraProvider>
      )
    }
    sessionStorage.setItem('nerezza.draft.facts', JSON.stringify({ typed: { ...first, massKg: '82' }, base: first, version: 1 }))
    render(<Form saved={{ ...first, footCm: '27' }} version={2} />)
    expect(screen.getByRole('alertdialog').textContent).toContain('Somebody saved this meanwhile: Foot.')
    expect(document.activeElement?.textContent).toBe('Take the newer and lay mine over it')
    fireEvent.click(screen.getByRole('button', { name: 'Save' }))
    expect(onSave).not.toHaveBeenCalled()
    expect(document.activeElement?.textContent).toBe('Take the newer and lay mine over it')
    fireEvent.click(screen.getByRole('button', { name: 'Look at both' }))
    expect(screen.getAllByRole('row').map((row) => [...row.children].map((cell) => cell.textContent))).toEqual([
      ['Where they differ', 'The newer', 'Mine'],
      ['Body mass', '176.4 lb', '180.8 lb'],
      ['Foot', '10.63 in', '10.24 in'],
    ])
    fireEvent.click(screen.getByRole('button', { name: 'Take the newer and lay mine over it' }))
    expect(screen.queryByRole('alertdialog')).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Save' }))
    expect(onSave).toHaveBeenCalledOnce()
  })
})

const forms = fc.dictionary(
  fc.constantFrom('a', 'b', 'c'),
  fc.oneof(fc.integer(), fc.array(fc.integer()), fc.dictionary(fc.constantFrom('x', 'y'), fc.integer())),
)

describe('laying one over the other', () => {
  it('has all of mine where the newer left it alone, all of the newer where I did, and never invents', () =>
    fc.assert(
      fc.property(forms, forms, forms, (base, mine, newer) => {
        expect(laidOver(base, base, newer)).toEqual(newer)
        expect(laidOver(base, mine, base)).toEqual(mine)
        const both = JSON.stringify([mine, newer])
        for (const { other } of differences({}, laidOver(base, mine, newer)))
          if (typeof other === 'number' || Array.isArray(other)) expect(both).toContain(JSON.stringify(other))
      }),
    ))
})

describe('what a field wants', () => {
  test.each<[Wanted, 'kg' | 'lb', string]>([
    [{ kind: 'number', least: 25, most: 300, unit: 'kilograms', asked: 453.139 }, 'lb', '999 is not between 55.1 and 661.4 lb.'],
    [{ kind: 'number', least: 25, most: 300, unit: 'kilograms', asked: 453.139 }, 'kg', '453.139 is not between 25 and 300 kg.'],
    [{ kind: 'number', least: 100, most: 250, unit: 'centimetres' }, 'lb', 'A number between 39.37 and 98.43 in is wanted.'],
    [{ kind: 'number', least: 1, most: 12, asked: 1.5 }, 'kg', '1.5 is not whole; a whole number between 1 and 12 is wanted.'],
    [{ kind: 'count', least: 1, most: 7, asked: 0 }, 'kg', 'At least 1 is wanted; none chosen.'],
    [{ kind: 'count', least: 1, most: 7, asked: 9 }, 'kg', '9 are too many; at most 7.'],
    [{ kind: 'text', most: 60 }, 'kg', 'Cannot be empty.'],
  ])('%j in %s', (wanted, units, words) => {
    keepUnits(units)
    expect(wantedInWords(wanted)).toBe(words)
  })

  it('is said with the field it belongs to', () =>
    expect(
      problemInWords(
        new ApiProblem(400, 'Some fields need another look.', '', {
          'facts.massKg': '999 is not between 25 and 300 kg.',
          'equipment.bars[1].name': 'Cannot be empty.',
        }),
      ),
    ).toBe('Not saved. Body mass: 999 is not between 25 and 300 kg. Bar 2, name: Cannot be empty.'))
})
