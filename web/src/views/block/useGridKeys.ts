import { type KeyboardEvent as ReactKeyboardEvent, useRef } from 'react'
import type { EditSection, WeekPart } from '../../api/schema'
import { useKeys } from '../../keys/useKeys'
import { type Refused, startOf } from './BlockCell'
import type { GridProps } from './BlockGrid'
import { fieldOf, fields, write } from './fields'
import { readTyped } from './typed'
import { cellAt, type Day, daysFrom, move, type Place } from '../../parts/grid'
import { weekKinds } from '../../text/codes'

interface Asked extends GridProps {
  typing: string | null
  go: (next: Place) => void
  type: (start: string) => void
  openFloor: () => void
  /** What was typed into a cell last and was not taken. */
  refusedIn: (place: Place) => Refused | null
}

/**
 * The keys of the grid, as on a good sheet: a number types, f fills to the right, c and v copy a session, x takes out, u and r undo and
 * redo.
 */
export function useGridKeys(asked: Asked): (event: ReactKeyboardEvent<HTMLElement>) => void {
  const copied = useRef<{ week: number; day: Day } | null>(null)
  const { block, place, field, onField, acts, go, type, openFloor } = asked
  const cell = cellAt(block, place)

  const turnField = (by: number) => {
    const at = fields.findIndex((one) => one.key === field)
    onField(fields[(at + by + fields.length) % fields.length]?.key ?? field)
  }
  const fillRight = () => {
    if (!cell) return
    const read = readTyped(fieldOf(field).shown(cell.item), field, cell.item)
    if ('refused' in read) return asked.say(`Nothing to fill: ${fieldOf(field).label().toLowerCase()} of this cell is not a number.`)
    const later = block.weeks.filter((week) => week.number > place.week && cellAt(block, { ...place, week: week.number }))
    const filled = later.filter((week) => week.kind === 'load')
    if (filled.length > 0) acts.push(...filled.map((week) => write({ ...place, week: week.number }, read.values)))
    asked.say(
      filledInWords(
        filled,
        later.filter((week) => week.kind !== 'load'),
      ),
    )
  }
  const paste = () => {
    const from = copied.current
    if (from && (from.week !== place.week || from.day !== place.day))
      acts.push({ kind: 'copy-session', week: from.week, day: from.day, toWeek: place.week, toDay: place.day })
  }
  const reorder = (by: number) => {
    const items = cell?.session.items ?? []
    const to = items.findIndex((item) => item.exercise === place.exercise) + by
    if (cell && to >= 0 && to < items.length) acts.push({ ...cellEdit('order', place), to })
  }
  const moveSession = (by: number) => {
    const days = daysFrom(block.start)
    const toDay = days[days.indexOf(place.day) + by]
    if (!cell || !toDay) return
    acts.push({ kind: 'move-session', week: place.week, day: place.day, toDay })
    go({ ...place, day: toDay })
  }

  const inCell = (act: (event: KeyboardEvent) => unknown) => (event: KeyboardEvent) =>
    asked.typing === null && event.target instanceof HTMLElement && event.target.tagName === 'TD' ? act(event) : false
  const edit = () => cell && type(startOf(asked.refusedIn(place), field, cell.item))
  return useKeys({
    undo: inCell(acts.undo),
    redo: inCell(acts.redo),
    earlier: inCell(() => reorder(-1)),
    later: inCell(() => reorder(1)),
    dayBefore: inCell(() => moveSession(-1)),
    dayAfter: inCell(() => moveSession(1)),
    typeNumber: inCell((event) => (cell ? type(event.key) : false)),
    openFloor: inCell(openFloor),
    editCell: inCell(edit),
    fieldBefore: inCell(() => turnField(-1)),
    fieldAfter: inCell(() => turnField(1)),
    fillRight: inCell(fillRight),
    copySession: inCell(() => {
      if (cell) copied.current = { week: place.week, day: place.day }
    }),
    pasteSession: inCell(paste),
    removeExercise: inCell(() => {
      if (cell) acts.push(cellEdit('remove', place))
    }),
    moveInGrid: inCell((event) => {
      const next = move(block, place, event.key)
      if (next === place) return false
      go(next)
    }),
  })
}

/** "Filled weeks 2, 3. Left out: week 4, deload." */
function filledInWords(filled: readonly WeekPart[], left: readonly WeekPart[]): string {
  const weeks = (some: readonly WeekPart[]) => `${some.length === 1 ? 'week' : 'weeks'} ${some.map((week) => week.number).join(', ')}`
  const done = filled.length > 0 ? `Filled ${weeks(filled)}.` : 'No later week to fill.'
  return left.length > 0
    ? `${done} Left out: ${left.map((week) => `week ${week.number}, ${weekKinds[week.kind].toLowerCase()}`).join('; ')}.`
    : done
}

const cellEdit = (kind: EditSection['kind'], place: Place): EditSection => ({
  kind,
  week: place.week,
  day: place.day,
  exercise: place.exercise,
})
