import { type KeyboardEvent, useRef } from 'react'
import type { EditSection } from '../../api/schema'
import type { GridProps } from './BlockGrid'
import { fieldOf, fields, write } from './fields'
import { cellAt, type Day, daysFrom, move, type Place } from './grid'

interface Asked extends GridProps {
  typing: string | null
  go: (next: Place) => void
  type: (start: string) => void
  openFloor: () => void
}

/**
 * The keys of the grid, as on a good sheet: a number types, f fills to the right, c and v copy a session, x takes out, u and r undo and
 * redo.
 */
export function useGridKeys(asked: Asked): (event: KeyboardEvent<HTMLElement>) => void {
  const copied = useRef<{ week: number; day: Day } | null>(null)
  const { block, place, field, onField, acts, go, type, openFloor } = asked
  const cell = cellAt(block, place)

  const turnField = (by: number) => {
    const at = fields.findIndex((one) => one.key === field)
    onField(fields[(at + by + fields.length) % fields.length]?.key ?? field)
  }
  const fillRight = () => {
    if (!cell) return
    const values = fieldOf(field).written(fieldOf(field).shown(cell.item), cell.item)
    const later = block.weeks.filter(
      (week) => week.number > place.week && week.kind === 'load' && cellAt(block, { ...place, week: week.number }),
    )
    acts.push(...later.map((week) => write({ ...place, week: week.number }, values)))
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

  return (event) => {
    if (asked.typing !== null || (event.target as HTMLElement).tagName !== 'TD') return
    const { key } = event
    const done = (act: () => void) => {
      event.preventDefault()
      act()
    }
    if ((event.ctrlKey || event.metaKey) && key.toLowerCase() === 'z') return done(event.shiftKey ? acts.redo : acts.undo)
    if ((event.ctrlKey || event.metaKey) && key.toLowerCase() === 'y') return done(acts.redo)
    if (event.ctrlKey || event.metaKey) return
    if (event.altKey && (key === 'ArrowUp' || key === 'ArrowDown')) {
      const by = key === 'ArrowUp' ? -1 : 1
      return done(() => (event.shiftKey ? moveSession(by) : reorder(by)))
    }
    if (event.altKey) return
    if (/^[0-9]$/.test(key) && cell) return done(() => type(key))
    const byKey: Record<string, () => void> = {
      Enter: openFloor,
      e: () => cell && type(fieldOf(field).shown(cell.item)),
      F2: () => cell && type(fieldOf(field).shown(cell.item)),
      '[': () => turnField(-1),
      ']': () => turnField(1),
      f: fillRight,
      c: () => (copied.current = cell ? { week: place.week, day: place.day } : copied.current),
      v: paste,
      x: () => cell && acts.push(cellEdit('remove', place)),
      Delete: () => cell && acts.push(cellEdit('remove', place)),
      u: acts.undo,
      r: acts.redo,
    }
    const act = byKey[key]
    if (act) return done(act)
    const next = move(block, place, key)
    if (next !== place) done(() => go(next))
  }
}

const cellEdit = (kind: EditSection['kind'], place: Place): EditSection => ({
  kind,
  week: place.week,
  day: place.day,
  exercise: place.exercise,
})
