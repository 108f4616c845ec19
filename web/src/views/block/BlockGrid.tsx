import { DndContext, type DragEndEvent, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core'
import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import type { BlockPart, BlockView, EditSection } from '../../api/schema'
import type { BlockEdits } from '../../hooks/useBlockEdits'
import { weekdayNames, words } from '../../text/codes'
import { shortDate } from '../../text/dates'
import { BlockCell, type CellActs } from './BlockCell'
import { DayHead, type Dragged, dropId, SessionHead } from './DayRow'
import { type FieldKey, fieldOf, write } from './fields'
import { cellAt, cellView, sessionOn, type Day, daysFrom, doneOf, loadAsMade, move, type Place, rowsOf } from './grid'
import { LedgerRows } from './LedgerRows'
import { useGridKeys } from './useGridKeys'

export interface GridProps {
  block: BlockPart
  view: BlockView
  name: (exercise: string) => string
  place: Place
  onPlace: (place: Place) => void
  field: FieldKey
  onField: (field: FieldKey) => void
  edits: BlockEdits
}

const plate = { background: 'var(--nz-colors-plate)' } as const
const Head = chakra('th', {
  base: { textAlign: 'left', verticalAlign: 'top', fontWeight: 600, borderBottom: '1px solid', borderColor: 'hair', px: 2.5 },
})

const lead = { base: '150px', md: '170px' }

/** Weeks across, sessions down; each exercise a row of tapes that shows the wave. It is edited like a sheet: arrows, a number, Enter. */
export function BlockGrid(props: GridProps) {
  const { block, view, name, place, onPlace, field, edits } = props
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
    if (cell && typed.trim() !== '' && typed !== fieldOf(field).shown(cell.item))
      edits.push(write(place, fieldOf(field).written(typed, cell.item)))
    stop()
    if (key) go(move(block, place, key))
  }
  // The cells keep one set of acts, so that they are drawn again only when what stands in them changes.
  const latest = useRef({ onPlace, commit, stop, push: edits.push })
  latest.current = { onPlace, commit, stop, push: edits.push }
  const push = useCallback((edit: EditSection) => latest.current.push(edit), [])
  const acts = useMemo<CellActs>(
    () => ({
      place: (to) => latest.current.onPlace(to),
      type: setTyping,
      commit: (typed, key) => latest.current.commit(typed, key),
      cancel: () => latest.current.stop(),
    }),
    [],
  )
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }))
  const drop = (event: DragEndEvent) => {
    setDragging(false)
    const from = event.active.data.current as Dragged | undefined
    const to = event.over?.data.current as { day: Day } | undefined
    if (!from || !to || from.day === to.day) return
    if ('weeks' in from) edits.push(...from.weeks.map((week) => ({ kind: 'move-session' as const, week, day: from.day, toDay: to.day })))
    else
      edits.push(
        ...block.weeks
          .filter((week) => cellAt(block, { ...from, week: week.number }))
          .map((week) => ({ kind: 'carry' as const, ...from, week: week.number, toDay: to.day })),
      )
  }
  const rows = useMemo(() => rowsOf(block), [block])
  const free = daysFrom(block.start).filter((day) => rows.every((row) => row.day !== day))
  return (
    <DndContext sensors={sensors} onDragStart={() => setDragging(true)} onDragCancel={() => setDragging(false)} onDragEnd={drop}>
      <Box overflowX="auto">
        <chakra.table
          ref={grid}
          role="grid"
          aria-label="Block"
          w="100%"
          minW={`${block.weeks.length * 145 + 170}px`}
          tableLayout="fixed"
          borderCollapse="collapse"
          onKeyDown={onKey}
        >
          <thead>
            <tr style={{ ...plate, borderTop: '1px solid var(--nz-colors-hair)' }}>
              <Head scope="col" w={lead} position="sticky" left={0} bg="plate" zIndex={1} py={2}>
                Lift
              </Head>
              {block.weeks.map((week) => (
                <Head key={week.number} scope="col" py={2} borderLeft="1px solid" borderLeftColor="hair">
                  <Flex justify="space-between" gap={2} align="baseline">
                    <Box as="span" whiteSpace="nowrap">
                      {week.kind === 'load' ? 'Week ' : ''}
                      {week.number}
                    </Box>
                    <Box as="span" fontSize="13px" fontWeight="400" color="quiet" whiteSpace="nowrap">
                      {week.kind === 'load' ? '' : `${week.kind} `}
                      {week.sessions[0] ? shortDate(week.sessions[0].date) : ''}
                    </Box>
                  </Flex>
                </Head>
              ))}
            </tr>
          </thead>
          {rows.map((row) => (
            <tbody key={row.day}>
              <tr style={plate}>
                <DayHead day={row.day} weeks={block.weeks.map((week) => week.number)} />
                {block.weeks.map((week) => (
                  <SessionHead
                    key={week.number}
                    number={week.number}
                    session={sessionOn(week, row.day)}
                    day={row.day}
                    remarks={remarksOn(view.remarks, week.number, row.day)}
                    push={push}
                  />
                ))}
              </tr>
              {row.exercises.map((exercise) => (
                <tr key={exercise}>
                  <LiftHead name={name(exercise)} role={roleOf(block, row.day, exercise)} exercise={exercise} day={row.day} />
                  {block.weeks.map((week) => {
                    const at = { week: week.number, day: row.day, exercise }
                    const focused = place.week === at.week && place.day === at.day && place.exercise === at.exercise
                    const cell = cellAt(block, at)
                    return (
                      <BlockCell
                        key={week.number}
                        {...at}
                        name={name(exercise)}
                        item={cell?.item ?? null}
                        done={cell ? doneOf(view.done, cell.session.date, exercise).length : 0}
                        made={loadAsMade(view.asMade, at)}
                        byHand={(cellView(view.cells, at)?.pinned.length ?? 0) > 0}
                        focused={focused}
                        typing={focused ? typing : null}
                        field={focused ? field : 'reps'}
                        acts={acts}
                      />
                    )
                  })}
                </tr>
              ))}
            </tbody>
          ))}
          {dragging && free.length > 0 && (
            <tbody>
              {free.map((day) => (
                <tr key={day} style={plate}>
                  <Head scope="row">{weekdayNames[day]}</Head>
                  {block.weeks.map((week) => (
                    <SessionHead
                      key={dropId(week.number, day)}
                      number={week.number}
                      session={undefined}
                      day={day}
                      remarks={0}
                      push={push}
                    />
                  ))}
                </tr>
              ))}
            </tbody>
          )}
          <LedgerRows sets={view.sets} totals={view.totals} />
        </chakra.table>
      </Box>
    </DndContext>
  )
}

/** An exercise of a day; dragged to another day's row, it is carried there in every week. */
const LiftHead = memo(function LiftHead({ name, role, exercise, day }: { name: string; role: string; exercise: string; day: Day }) {
  const { setNodeRef, listeners } = useDraggable({ id: `lift ${day} ${exercise}`, data: { day, exercise } satisfies Dragged })
  return (
    <Head scope="row" position="sticky" left={0} bg="ground" zIndex={1} py={2}>
      <Box as="span" ref={setNodeRef} {...listeners} data-lift={`${day} ${exercise}`} cursor="grab" style={{ touchAction: 'none' }}>
        {name}
      </Box>
      <Box fontSize="14px" fontWeight="400" color="quiet">
        {words(role)}
      </Box>
    </Head>
  )
})

const remarksOn = (remarks: BlockView['remarks'], week: number, day: Day) =>
  remarks.filter((one) => one.week === week && one.day === day && one.severity !== 'info').length

const roleOf = (block: BlockPart, day: Day, exercise: string): string => {
  for (const week of block.weeks) {
    const cell = cellAt(block, { week: week.number, day, exercise })
    if (cell) return cell.item.role ?? ''
  }
  return ''
}
