import { DndContext, type DragEndEvent, PointerSensor, useSensor, useSensors } from '@dnd-kit/core'
import { Box } from '@chakra-ui/react'
import { memo, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import type { BlockPart, BlockView } from '../../api/schema'
import type { EditActs } from '../../hooks/useBlockEdits'
import { purposeNames, weekdayNames } from '../../text/codes'
import { today } from '../../text/dates'
import { BlockCell, type CellActs, type Refused } from './BlockCell'
import { DayHead, type Dragged, dropId, LiftHead, SessionHead } from './DayRow'
import { type FieldKey, fieldOf, write } from './fields'
import { readTyped } from './typed'
import { cellAt, cellView, sessionOn, type Day, daysFrom, doneOf, loadAsMade, move, type Place, rowsOf } from '../../parts/grid'
import './grid.css'
import { LedgerRows } from './LedgerRows'
import { useGridKeys } from './useGridKeys'
import { WeekHeads } from './WeekHeads'

export interface GridProps {
  block: BlockPart
  view: BlockView
  name: (exercise: string) => string
  place: Place
  onPlace: (place: Place) => void
  field: FieldKey
  onField: (field: FieldKey) => void
  acts: EditActs
  /** Says in words what an act did. */
  say: (words: string) => void
}

const keyOf = (place: Place) => `${place.week} ${place.day} ${place.exercise}`

const nothing: readonly [] = []

// One object for good: another one would make every part that can be dragged draw itself again.
const afterSixPixels = { activationConstraint: { distance: 6 } }

/** Weeks across, sessions down; each exercise a row of bars that shows the wave. It is edited like a sheet: arrows, a number, Enter. */
export const BlockGrid = memo(function BlockGrid(props: GridProps) {
  const { block, view, name, place, onPlace, field, acts, say } = props
  const [refused, setRefused] = useState<Readonly<Record<string, Refused | null>>>({})
  const grid = useRef<HTMLTableElement>(null)
  const [typing, setTyping] = useState<string | null>(null)
  const [dragging, setDragging] = useState(false)
  const navigate = useNavigate()
  const { id } = useParams()
  const moved = useRef(false)
  useEffect(() => {
    if (moved.current) grid.current?.querySelector<HTMLElement>('[data-focus=true]')?.focus()
    moved.current = false
  }, [place, typing])
  const go = (next: Place) => {
    moved.current = true
    onPlace(next)
  }
  const stop = () => {
    moved.current = true
    setTyping(null)
  }
  const onKey = useGridKeys({
    ...props,
    refusedIn: (at) => refused[keyOf(at)] ?? null,
    typing,
    go,
    type: setTyping,
    openFloor: () => {
      const cell = cellAt(block, place)
      if (cell) navigate(`/clients/${id}/floor?date=${cell.session.date}`)
    },
  })
  const commit = (typed: string, key: string | null) => {
    const cell = cellAt(block, place)
    const unchanged = !cell || typed.trim() === '' || typed === fieldOf(field).shown(cell.item)
    const read = unchanged ? null : readTyped(typed, field, cell.item)
    stop()
    setRefused((all) => ({ ...all, [keyOf(place)]: read && 'refused' in read ? { field, typed, why: read.refused } : null }))
    // A cell that is not taken keeps the focus, and its text for the next try.
    if (read && 'refused' in read) return say(`${name(place.exercise)}, week ${place.week}: ${read.refused}`)
    if (read) acts.push(write(place, read.values))
    if (key) go(move(block, place, key))
  }
  // The cells keep one set of acts, so that they are drawn again only when what stands in them changes.
  const latest = useRef({ commit, stop })
  latest.current = { commit, stop }
  const cellActs = useMemo<CellActs>(
    () => ({
      place: onPlace,
      type: setTyping,
      commit: (typed, key) => latest.current.commit(typed, key),
      cancel: () => latest.current.stop(),
    }),
    [onPlace],
  )
  const sensors = useSensors(useSensor(PointerSensor, afterSixPixels))
  const drop = (event: DragEndEvent) => {
    setDragging(false)
    const from = event.active.data.current as Dragged | undefined
    const to = event.over?.data.current as { day: Day } | undefined
    if (from && to && from.day !== to.day) acts.push(...carried(block, from, to.day))
  }
  const now = today()
  const rows = useMemo(() => rowsOf(block), [block])
  const whole = useDeferredValue(true, false)
  const drawn = whole ? rows : firstDays(rows, place)
  const numbers = useMemo(() => block.weeks.map((week) => week.number), [block.weeks])
  const free = dragging ? daysFrom(block.start).filter((day) => rows.every((row) => row.day !== day)) : []
  const heads = (day: Day) =>
    block.weeks.map((week) => (
      <SessionHead
        key={dropId(week.number, day)}
        number={week.number}
        session={sessionOn(week, day)}
        day={day}
        remarks={remarksOn(view.remarks, week.number, day)}
        push={acts.push}
      />
    ))
  return (
    <DndContext sensors={sensors} onDragStart={() => setDragging(true)} onDragCancel={() => setDragging(false)} onDragEnd={drop}>
      <Box overflowX="auto">
        <table
          ref={grid}
          role="grid"
          aria-label="Block"
          aria-busy={!whole}
          className="grid"
          style={{ minWidth: `${block.weeks.length * 145 + 170}px` }}
          onKeyDown={onKey}
        >
          <WeekHeads weeks={block.weeks} />
          {drawn.map((row) => (
            <tbody key={row.day}>
              <tr className="grid-plate">
                <DayHead day={row.day} weeks={numbers} />
                {heads(row.day)}
              </tr>
              {row.exercises.map((exercise) => (
                <tr key={exercise}>
                  <LiftHead name={name(exercise)} purpose={purposeOf(block, row.day, exercise)} exercise={exercise} day={row.day} />
                  {numbers.map((week) => {
                    const at = { week, day: row.day, exercise }
                    const focused = place.week === at.week && place.day === at.day && place.exercise === at.exercise
                    const cell = cellAt(block, at)
                    return (
                      <BlockCell
                        key={week}
                        {...at}
                        name={name(exercise)}
                        item={cell?.item ?? null}
                        done={cell ? doneOf(view.done, cell.session.date, exercise).length : 0}
                        made={loadAsMade(view.made, at)?.kg ?? null}
                        byHand={(cellView(view.cells, at)?.pinned.length ?? 0) > 0}
                        past={cell ? cell.session.date < now : false}
                        instead={cellView(view.cells, at)?.instead ?? nothing}
                        refused={refused[keyOf(at)] ?? null}
                        focused={focused}
                        typing={focused ? typing : null}
                        field={focused ? field : 'reps'}
                        acts={cellActs}
                      />
                    )
                  })}
                </tr>
              ))}
            </tbody>
          ))}
          {free.length > 0 && (
            <tbody>
              {free.map((day) => (
                <tr key={day} className="grid-plate">
                  <th scope="row">{weekdayNames[day]}</th>
                  {heads(day)}
                </tr>
              ))}
            </tbody>
          )}
          {whole && <LedgerRows sets={view.sets} totals={view.totals} />}
        </table>
      </Box>
    </DndContext>
  )
})

/** What fits a first screen: two days, and as far as the cell in focus. The rest follows at once, so that a client opens sooner. */
const firstDays = <Row extends { day: Day }>(rows: readonly Row[], place: Place): readonly Row[] =>
  rows.slice(0, Math.max(2, rows.findIndex((row) => row.day === place.day) + 1))

/** The edits that carry what was dragged to another day. */
const carried = (block: BlockPart, from: Dragged, toDay: Day) =>
  'weeks' in from
    ? from.weeks.map((week) => ({ kind: 'move-session' as const, week, day: from.day, toDay }))
    : block.weeks
        .filter((week) => cellAt(block, { ...from, week: week.number }))
        .map((week) => ({ kind: 'carry' as const, ...from, week: week.number, toDay }))

const remarksOn = (remarks: BlockView['remarks'], week: number, day: Day) =>
  remarks.filter((one) => one.week === week && one.day === day && one.severity !== 'info').length

const purposeOf = (block: BlockPart, day: Day, exercise: string): string => {
  for (const week of block.weeks) {
    const cell = cellAt(block, { week: week.number, day, exercise })
    if (cell) return purposeNames[cell.item.purpose]
  }
  return ''
}
