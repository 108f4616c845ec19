import { useDraggable, useDroppable } from '@dnd-kit/core'
import { memo, useRef, useState } from 'react'
import type { EditSection, SessionPart } from '../../api/schema'
import { weekdayNames, weekdays } from '../../text/codes'
import { today } from '../../text/dates'
import type { Day } from '../../parts/grid'

/** What is dragged: the sessions of a day in some weeks, or one exercise in all of them. */
export type Dragged = { day: Day; weeks: readonly number[] } | { day: Day; exercise: string }

export const dropId = (week: number, day: Day) => `${week} ${day}`

/** The name of a training day; dragged, it takes the session of every week to another day. */
export const DayHead = memo(function DayHead({ day, weeks }: { day: Day; weeks: readonly number[] }) {
  const { setNodeRef, listeners } = useDraggable({ id: `all ${day}`, data: { weeks, day } satisfies Dragged })
  return (
    <th scope="rowgroup">
      <span ref={setNodeRef} {...listeners} className="grid-grip">
        {weekdayNames[day]}
      </span>
    </th>
  )
})

/** An exercise of a day; dragged to another day's row, it is carried there in every week. */
export const LiftHead = memo(function LiftHead({
  name,
  purpose,
  exercise,
  day,
}: {
  name: string
  purpose: string
  exercise: string
  day: Day
}) {
  const { setNodeRef, listeners } = useDraggable({ id: `lift ${day} ${exercise}`, data: { day, exercise } satisfies Dragged })
  return (
    <th scope="row" className="grid-lift">
      <span ref={setNodeRef} {...listeners} data-lift={`${day} ${exercise}`} className="grid-grip">
        {name}
      </span>
      <div className="grid-role">{purpose}</div>
    </th>
  )
})

/** The day of a session. By pointer a choice moves it at once; by keyboard the arrows look, Enter moves, and leaving it changes nothing. */
function DayChoice({ number, day, push }: { number: number; day: Day; push: (edit: EditSection) => void }) {
  const [looked, setLooked] = useState<string | null>(null)
  const byKey = useRef(false)
  const move = (to: string) => {
    setLooked(null)
    if (to === 'missed') push({ kind: 'missed', week: number, day })
    else if (to !== day) push({ kind: 'move-session', week: number, day, toDay: to as Day })
  }
  return (
    <select
      aria-label={`Move the session of ${weekdayNames[day]}, week ${number}; Enter moves it`}
      value={looked ?? day}
      data-move={dropId(number, day)}
      onPointerDown={() => (byKey.current = false)}
      onKeyDown={(event) => {
        byKey.current = true
        if (event.key === 'Escape') setLooked(null)
        if (event.key !== 'Enter' || looked === null) return
        event.preventDefault()
        event.stopPropagation()
        move(looked)
      }}
      onBlur={() => setLooked(null)}
      onChange={(event) => (byKey.current ? setLooked(event.target.value) : move(event.target.value))}
    >
      {weekdays.map((one) => (
        <option key={one} value={one}>
          {(weekdayNames[one] ?? '').slice(0, 3)}
        </option>
      ))}
      <option value="missed">Missed</option>
    </select>
  )
}

interface HeadProps {
  number: number
  session: SessionPart | undefined
  day: Day
  /** How many warnings stand on it. */
  remarks: number
  push: (edit: EditSection) => void
}

/** A session of one week: its minutes, how many remarks stand on it, and the day it can be moved to. */
export const SessionHead = memo(function SessionHead({ number, session, day, remarks, push }: HeadProps) {
  const drag = useDraggable({ id: dropId(number, day), data: { weeks: [number], day } satisfies Dragged, disabled: !session })
  const drop = useDroppable({ id: dropId(number, day), data: { day } })
  const isToday = session?.date === today()
  return (
    <td ref={drop.setNodeRef} className="grid-session" data-over={drop.isOver} data-today={isToday}>
      {session && (
        <div>
          <span ref={drag.setNodeRef} {...drag.listeners} data-drag={dropId(number, day)} className="grid-grip">
            {isToday ? 'today, ' : ''}
            {session.minutes} min
          </span>
          <span>
            {remarks > 0 && (
              <a href="#remarks" aria-label={`${remarks} ${remarks === 1 ? 'remark' : 'remarks'} on ${weekdayNames[day]}, week ${number}`}>
                <span className="grid-mark" />
                {remarks}
              </a>
            )}
            <DayChoice number={number} day={day} push={push} />
          </span>
        </div>
      )}
    </td>
  )
})
