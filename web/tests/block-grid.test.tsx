import { ChakraProvider } from '@chakra-ui/react'
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { MemoryRouter, Route, Routes, useLocation } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, test, vi } from 'vitest'
import type { BlockPart, BlockView, EditSection } from '../src/api/schema'
import { system } from '../src/app/theme'
import { BlockGrid } from '../src/views/block/BlockGrid'
import type { FieldKey } from '../src/views/block/fields'
import type { Place } from '../src/parts/grid'
import { block, item, set } from './made'

const acts = { push: vi.fn<(...edits: EditSection[]) => void>(), undo: vi.fn(), redo: vi.fn(), keep: vi.fn(), drop: vi.fn() }
const loads = [{ week: 1, day: 'wed', exercise: 'squat', kg: 100 }]
const view = (of: Partial<BlockView> = {}) =>
  ({ done: [], remarks: [], cells: [], sets: [], totals: [], made: loads, ...of }) as unknown as BlockView
const say = vi.fn<(words: string) => void>()
const name = (exercise: string) => exercise

/** The grid with its focus and field kept as the block view keeps them. */
function Page({ made, of }: { made: BlockPart; of: BlockView }) {
  const [place, setPlace] = useState<Place>({ week: 1, day: 'wed', exercise: 'squat' })
  const [field, setField] = useState<FieldKey>('reps')
  return (
    <>
      <output>{`${field} ${place.week} ${place.day} ${place.exercise} ${useLocation().pathname}${useLocation().search}`}</output>
      <BlockGrid
        block={made}
        view={of}
        name={name}
        place={place}
        onPlace={setPlace}
        field={field}
        onField={setField}
        acts={acts}
        say={say}
      />
    </>
  )
}

const page = (made = block(), of = view()) => (
  <ChakraProvider value={system}>
    <MemoryRouter initialEntries={['/clients/c/block']}>
      <Routes>
        <Route path="/clients/:id/*" element={<Page made={made} of={of} />} />
      </Routes>
    </MemoryRouter>
  </ChakraProvider>
)

const grid = () => screen.getByRole('grid')
const where = () => document.querySelector('output')?.textContent
const cellOf = (label: RegExp) => screen.getByText(label).closest('td') as HTMLElement
const focused = () => grid().querySelector<HTMLElement>('td[data-focus=true]')!
const press = (key: string, more: object = {}) => fireEvent.keyDown(focused(), { key, ...more })
const write = (more: object, week = 1) => ({ kind: 'write', week, day: 'wed', exercise: 'squat', ...more })

// The first day of the block: nothing of it is past.
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date(`${block().start}T08:00:00`) })
  render(page())
})
afterEach(() => {
  vi.useRealTimers()
  cleanup()
  vi.clearAllMocks()
})

describe('keys of the grid', () => {
  test.each<[string, string, object, EditSection[]]>([
    ['take an exercise out', 'x', {}, [{ kind: 'remove', week: 1, day: 'wed', exercise: 'squat' }]],
    ['take it out likewise', 'Delete', {}, [{ kind: 'remove', week: 1, day: 'wed', exercise: 'squat' }]],
    ['fill the later load weeks', 'f', {}, [write({ reps: 5 }, 2) as EditSection]],
    [
      'move the session a day on',
      'ArrowDown',
      { altKey: true, shiftKey: true },
      [{ kind: 'move-session', week: 1, day: 'wed', toDay: 'thu' }],
    ],
  ])('%s', (_, key, more, edits) => {
    press(key, more)
    expect(acts.push).toHaveBeenCalledExactlyOnceWith(...edits)
  })

  it('copy a session and put it where the focus is', () => {
    press('c')
    press('v')
    expect(acts.push).not.toHaveBeenCalled() // onto itself
    press('ArrowDown')
    press('v')
    expect(acts.push).toHaveBeenCalledExactlyOnceWith({ kind: 'copy-session', week: 1, day: 'wed', toWeek: 1, toDay: 'mon' })
  })

  it('move an exercise within its session, and not past its ends', () => {
    for (const key of ['ArrowDown', 'ArrowRight']) press(key)
    press('ArrowDown', { altKey: true })
    expect(acts.push).not.toHaveBeenCalled() // the hinge stands last in the second week
    press('ArrowUp', { altKey: true })
    expect(acts.push).toHaveBeenCalledExactlyOnceWith({ kind: 'order', week: 2, day: 'mon', exercise: 'hinge', to: 0 })
  })

  test.each([
    ['u', {}, 'undo'],
    ['r', {}, 'redo'],
    ['z', { ctrlKey: true }, 'undo'],
    ['Z', { ctrlKey: true, shiftKey: true }, 'redo'],
    ['y', { metaKey: true }, 'redo'],
  ] as const)('%s %j is %s', (key, more, act) => {
    press(key, more)
    expect(acts[act]).toHaveBeenCalledOnce()
    expect(acts.push).not.toHaveBeenCalled()
  })

  it('turn the field, walk the cells and open the floor of a session', () => {
    press(']')
    press('ArrowRight')
    press('[')
    press('[')
    expect(where()).toContain('sets 2 wed squat')
    press('Enter')
    expect(where()).toContain('/clients/c/floor?date=2026-12-02')
  })
})

describe('typing into a cell', () => {
  const typing = () => screen.getByLabelText<HTMLInputElement>('Reps')

  it('begins with the digit that is pressed, is written by Enter, and goes down', () => {
    press('3')
    expect(typing().value).toBe('3')
    fireEvent.keyDown(typing(), { key: 'Enter' })
    expect(acts.push).toHaveBeenCalledExactlyOnceWith(write({ reps: 3 }))
    expect(where()).toContain('1 mon hinge')
    expect(document.activeElement).toBe(focused())
  })

  it('goes to the right by Tab, and writes nothing where nothing changed', () => {
    press('e')
    fireEvent.keyDown(typing(), { key: 'Tab' })
    expect(acts.push).not.toHaveBeenCalled()
    expect(where()).toContain('2 wed squat')
  })

  it('is left by Escape as it was, and written when the focus goes elsewhere', () => {
    press('8')
    fireEvent.keyDown(typing(), { key: 'Escape' })
    expect([acts.push.mock.calls.length, screen.queryByLabelText('Reps')]).toEqual([0, null])
    press('8')
    fireEvent.change(typing(), { target: { value: '12' } })
    fireEvent.blur(typing())
    expect(acts.push).toHaveBeenCalledExactlyOnceWith(write({ reps: 12 }))
  })

  it('takes no key of the grid meanwhile', () => {
    press('3')
    fireEvent.keyDown(typing(), { key: 'x' })
    fireEvent.keyDown(typing(), { key: 'u' })
    expect([acts.push.mock.calls.length, acts.undo.mock.calls.length]).toEqual([0, 0])
  })
})

describe('what stands in the grid', () => {
  it('is read aloud: sets, percent, load, what was done and what is by hand', () => {
    cleanup()
    const done = [{ date: '2026-11-25', exercise: 'squat' }] as unknown as BlockView['done']
    const cells = [{ week: 2, day: 'wed', exercise: 'squat', pinned: ['reps'] }] as unknown as BlockView['cells']
    render(page(block(), view({ done, cells })))
    expect(screen.getByText(/^squat, week 1: 3 × 5, 80 %, 100, 1 of 3 done, kg$/)).toBeTruthy()
    expect(screen.getByText(/^squat, week 2: 3 × 5, 80 %, 100, by hand, kg$/)).toBeTruthy()
  })

  it('says what a load was when today’s max asks for another', () => {
    cleanup()
    const made = block()
    made.weeks[0]!.sessions[0]!.items[0] = item('squat', [set({ kg: 105 }), set({ kg: 105 })])
    render(page(made))
    expect(within(cellOf(/^squat, week 1/)).getByText('was 100')).toBeTruthy()
  })

  it('counts the warnings on a session and moves it by its day', () => {
    cleanup()
    const remark = (severity: string) => ({ week: 1, day: 'wed', severity })
    render(page(block(), view({ remarks: [remark('warn'), remark('info'), remark('stop')] as unknown as BlockView['remarks'] })))
    expect(screen.getByLabelText('2 remarks on Wednesday, week 1')).toBeTruthy()
    const day = screen.getByLabelText(/^Move the session of Wednesday, week 1/)
    fireEvent.pointerDown(day)
    fireEvent.change(day, { target: { value: 'fri' } })
    fireEvent.change(day, { target: { value: 'missed' } })
    expect(acts.push.mock.calls).toEqual([
      [{ kind: 'move-session', week: 1, day: 'wed', toDay: 'fri' }],
      [{ kind: 'missed', week: 1, day: 'wed' }],
    ])
  })

  it('moves a session by keyboard on Enter, not on an arrow, and not when it is left', () => {
    const day = screen.getByLabelText<HTMLSelectElement>(/^Move the session of Wednesday, week 1/)
    const look = () => {
      fireEvent.keyDown(day, { key: 'ArrowDown' })
      fireEvent.change(day, { target: { value: 'thu' } })
    }
    look()
    expect(day.value).toBe('thu')
    fireEvent.blur(day)
    expect([day.value, acts.push.mock.calls]).toEqual(['wed', []])
    look()
    fireEvent.keyDown(day, { key: 'Enter' })
    expect(acts.push.mock.calls).toEqual([[{ kind: 'move-session', week: 1, day: 'wed', toDay: 'thu' }]])
  })

  it('is drawn again where it changed and nowhere else', () => {
    cleanup()
    const made = block()
    const { rerender } = render(page(made))
    const markup = () => [...grid().querySelectorAll('td, th')].map((cell) => [cell, cell.innerHTML] as const)
    const before = markup()
    const changed = { ...made, weeks: made.weeks.map((week) => ({ ...week })) }
    changed.weeks[1] = {
      ...made.weeks[1]!,
      sessions: [{ ...made.weeks[1]!.sessions[0]!, items: [item('squat', [set({ reps: 3 })])] }, made.weeks[1]!.sessions[1]!],
    }
    rerender(page(changed))
    const after = markup()
    // The same elements stand, and one of them says something else.
    expect(after.map(([cell]) => cell)).toEqual(before.map(([cell]) => cell))
    expect(after.filter(([, html], i) => html !== before[i]?.[1])).toHaveLength(1)
  })
})

describe('what a cell does not take', () => {
  const type = (typed: string, key: string) => {
    press('4')
    const input = screen.getByRole('textbox')
    fireEvent.change(input, { target: { value: typed } })
    fireEvent.keyDown(input, { key })
  }

  it('is refused alone, with its range, keeps its text for the next try, and the focus', () => {
    type('abc', 'Enter')
    expect(acts.push).not.toHaveBeenCalled()
    expect(focused().textContent).toContain("'abc' is not taken. Type 1 to 60 repetitions")
    expect(say).toHaveBeenLastCalledWith(expect.stringContaining("squat, week 1: 'abc' is not taken"))
    expect(where()).toContain('reps 1 wed squat')
    press('F2')
    expect(screen.getByRole<HTMLInputElement>('textbox').value).toBe('abc')
    fireEvent.change(screen.getByRole('textbox'), { target: { value: '3x5@8' } })
    fireEvent.keyDown(screen.getByRole('textbox'), { key: 'Enter' })
    expect(acts.push).toHaveBeenCalledWith(write({ sets: 3, reps: 5, rpe: 8 }))
    expect(grid().textContent).not.toContain('is not taken')
  })

  it('is said where something else stands instead', () => {
    cleanup()
    const instead = [{ part: 'load', asked: 140, stands: 137.5, why: 'capped-effort', limit: 7 }]
    render(page(block(), view({ cells: [{ week: 1, day: 'wed', exercise: 'squat', pinned: ['load'], instead }] as never })))
    expect(focused().textContent).toContain('140 kg asked; 137.5 kg because RPE 7 is the cap')
  })

  it('filling says which weeks it left out', () => {
    press('f')
    expect(say).toHaveBeenLastCalledWith(expect.stringMatching(/^Filled week 2\./))
  })
})
