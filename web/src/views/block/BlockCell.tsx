import { type KeyboardEvent, memo, useEffect, useRef, useState } from 'react'
import type { ItemPart, StandsInstead } from '../../api/schema'
import { mass, massUnit } from '../../text/numbers'
import { Numeral } from '../../ui/Numeral'
import { SetBars } from '../../ui/SetBars'
import { type FieldKey, fieldOf, insteadInWords } from './fields'
import { type Day, percentInWords, type Place, setsInWords, barsOf, topSet } from '../../parts/grid'

export interface CellActs {
  place: (place: Place) => void
  type: (typed: string) => void
  commit: (typed: string, key: string | null) => void
  cancel: () => void
}

/** A typed text that a cell does not take. */
export interface Refused {
  field: FieldKey
  typed: string
  why: string
}

/** What a cell begins with when it is typed into: the last text that was not taken, else what stands. */
export const startOf = (refused: Refused | null, field: FieldKey, item: ItemPart): string =>
  refused?.field === field ? refused.typed : fieldOf(field).shown(item)

interface Props {
  week: number
  day: Day
  exercise: string
  name: string
  /** What stands there; null where the exercise does not stand in this week. */
  item: ItemPart | null
  done: number
  /** The load that the plan was made with. */
  made: number | null
  byHand: boolean
  /** The session's day is over. */
  past: boolean
  /** What of the coach's numbers could not stand. */
  instead: readonly StandsInstead[]
  /** What was typed last and is not taken, and why. */
  refused: Refused | null
  focused: boolean
  /** What is being typed; null while nothing is. */
  typing: string | null
  field: FieldKey
  acts: CellActs
}

/**
 * One exercise in one week: its bars, sets, percent and load; what is typed into it stands in the cell. Drawn again only when something
 * of it changed.
 */
export const BlockCell = memo(function BlockCell(props: Props) {
  const { week, day, exercise, name, item, done, made, byHand, past, refused, focused, typing, acts } = props
  const at = { week, day, exercise }
  if (!item) return <td tabIndex={focused ? 0 : -1} data-focus={focused} className="grid-cell" onClick={() => acts.place(at)} />
  const top = topSet(item)
  const changed = done === 0 && !byHand && made !== null && top.kg !== null && top.kg !== made
  const notes = [
    done > 0 ? `${done} of ${item.sets.length} done` : '',
    item.superset ? `superset ${item.superset}` : '',
    past && done < item.sets.length ? 'past' : '',
    byHand ? 'by hand' : '',
    changed ? `was ${mass(made)}` : '',
  ].filter(Boolean)
  const told = [...props.instead.map(insteadInWords), ...(refused ? [refused.why] : [])]
  const label = [
    `${name}, week ${week}: ${setsInWords(item)}`,
    percentInWords(top.percent, top.rpe),
    top.kg ? mass(top.kg) : 'by effort',
    ...notes,
    top.kg ? massUnit() : '',
    ...told,
  ].filter(Boolean)
  return (
    <td
      tabIndex={focused && typing === null ? 0 : -1}
      data-focus={focused}
      aria-selected={focused}
      onClick={() => acts.place(at)}
      onDoubleClick={() => acts.type(startOf(refused, props.field, item))}
      onFocus={() => !focused && acts.place(at)}
      className="grid-cell"
    >
      <span className="spoken">{label.join(', ')}</span>
      {byHand && <span aria-hidden className="grid-pinned" />}
      <div aria-hidden={typing === null}>
        <SetBars sets={barsOf(item)} label={`${setsInWords(item)} at ${percentInWords(top.percent, top.rpe)}`} />
        {typing === null ? (
          <div className="grid-numbers">
            <span>
              <Numeral value={setsInWords(item)} size="note" weight={600} />
              <span className="grid-percent">
                <Numeral value={percentInWords(top.percent, top.rpe)} size="note" weight={500} />
              </span>
            </span>
            {typeof top.kg === 'number' && <Numeral value={top.kg === 0 ? 'body' : mass(top.kg)} size={top.kg === 0 ? 'note' : 'lead'} />}
          </div>
        ) : (
          <Typing field={props.field} start={typing} acts={acts} />
        )}
        {notes.length > 0 && typing === null && <div className="grid-notes">{notes.join(', ')}</div>}
        {told.length > 0 && typing === null && (
          <div className="grid-notes" data-refused={refused !== null}>
            {told.join('. ')}
          </div>
        )}
      </div>
    </td>
  )
})

/** The field that is being typed in a cell: Enter goes down, Tab to the right, Escape leaves it as it was. */
function Typing({ field, start, acts }: { field: FieldKey; start: string; acts: CellActs }) {
  const [typed, setTyped] = useState(start)
  const input = useRef<HTMLInputElement>(null)
  const left = useRef(false)
  useEffect(() => void input.current?.focus(), [])
  const leave = (act: () => void) => {
    if (left.current) return
    left.current = true
    act()
  }
  const onKey = (event: KeyboardEvent) => {
    event.stopPropagation()
    const key = { Enter: 'ArrowDown', Tab: event.shiftKey ? 'ArrowLeft' : 'ArrowRight' }[event.key]
    if (key) {
      event.preventDefault()
      leave(() => acts.commit(typed, key))
    }
    if (event.key === 'Escape') leave(acts.cancel)
  }
  return (
    <div className="grid-typing">
      <label htmlFor="typing">{fieldOf(field).label()}</label>
      <input
        id="typing"
        ref={input}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={onKey}
        onBlur={() => leave(() => acts.commit(typed, null))}
      />
    </div>
  )
}
