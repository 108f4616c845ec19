import { Box, chakra, Flex } from '@chakra-ui/react'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import type { BlockPart, BlockView } from '../../api/schema'
import { mass, massUnit } from '../../text/numbers'
import { Numeral } from '../../ui/Numeral'
import { Tape } from '../../ui/Tape'
import { type FieldKey, fieldOf } from './fields'
import { cellAt, cellView, doneOf, loadAsMade, move, type Place, percentInWords, setsInWords, tapeOf, topSet } from './grid'

const Cell = chakra('td', { base: { verticalAlign: 'top', p: 0, borderBottom: '1px solid', borderLeft: '1px solid', borderColor: 'hair' } })

interface Props {
  at: Place
  block: BlockPart
  view: BlockView
  name: (exercise: string) => string
  focused: boolean
  /** What is being typed; null while nothing is. */
  typing: string | null
  field: FieldKey
  onPlace: (place: Place) => void
  onType: (typed: string) => void
  onCommit: (typed: string, next: Place) => void
  onCancel: () => void
}

/** One exercise in one week: its tape, sets, percent and load; what is typed into it stands in the cell. */
export function BlockCell(props: Props) {
  const { at, block, view, name, focused, typing, onPlace } = props
  const cell = cellAt(block, at)
  if (!cell)
    return <Cell tabIndex={focused ? 0 : -1} data-focus={focused} boxShadow={focused ? ring : undefined} onClick={() => onPlace(at)} />
  const { item, session } = cell
  const top = topSet(item)
  const done = doneOf(view.done, session.date, item.exercise)
  const made = loadAsMade(view.asMade, at)
  const pinned = cellView(view.cells, at)?.pinned ?? []
  const changed = done.length === 0 && pinned.length === 0 && made !== null && top.kg !== null && top.kg !== made
  const notes = [
    done.length > 0 ? `${done.length} of ${item.sets.length} done` : '',
    item.superset ? `superset ${item.superset}` : '',
    pinned.length > 0 ? 'by hand' : '',
    changed ? `was ${mass(made)}` : '',
  ].filter(Boolean)
  const label = [
    `${name(item.exercise)}, week ${cell.week.number}: ${setsInWords(item)}`,
    percentInWords(top.percent, top.rpe),
    top.kg ? mass(top.kg) : 'by effort',
    ...notes,
    top.kg ? massUnit() : '',
  ].filter(Boolean)
  return (
    <Cell
      tabIndex={focused && typing === null ? 0 : -1}
      data-focus={focused}
      aria-selected={focused}
      onClick={() => onPlace(at)}
      onDoubleClick={() => props.onType(fieldOf(props.field).shown(item))}
      onFocus={() => !focused && onPlace(at)}
      bg={focused ? 'lifted' : undefined}
      boxShadow={focused ? ring : undefined}
      cursor="default"
      position="relative"
    >
      <chakra.span srOnly>{label.join(', ')}</chakra.span>
      {pinned.length > 0 && (
        <Box
          aria-hidden
          position="absolute"
          top={0}
          right={0}
          w={0}
          h={0}
          borderTop="9px solid"
          borderTopColor="ink"
          borderLeft="9px solid transparent"
        />
      )}
      <Box px={2.5} pt={2} pb={1.5} aria-hidden={typing === null}>
        <Tape sets={tapeOf(item)} label={`${setsInWords(item)} at ${percentInWords(top.percent, top.rpe)}`} />
        {typing === null ? (
          <Flex justify="space-between" align="baseline" mt={1.5} gap={2}>
            <Numeral value={`${setsInWords(item)}  ${percentInWords(top.percent, top.rpe)}`} size="14px" fontWeight="500" />
            {top.kg !== null && top.kg !== undefined && <Numeral value={mass(top.kg)} size="17px" />}
          </Flex>
        ) : (
          <Typing {...props} start={typing} />
        )}
        {notes.length > 0 && typing === null && (
          <Box fontSize="13px" color="quiet" mt={0.5}>
            {notes.join(', ')}
          </Box>
        )}
      </Box>
    </Cell>
  )
}

const ring = 'inset 0 0 0 2px var(--nz-colors-ink)'

/** The field that is being typed in a cell: Enter goes down, Tab to the right, Escape leaves it as it was. */
function Typing({ at, block, field, start, onCommit, onCancel }: Props & { start: string }) {
  const [typed, setTyped] = useState(start)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => input.current?.focus(), [])
  const onKey = (event: KeyboardEvent) => {
    event.stopPropagation()
    const next = { Enter: 'ArrowDown', Tab: event.shiftKey ? 'ArrowLeft' : 'ArrowRight' }[event.key]
    if (next) {
      event.preventDefault()
      onCommit(typed, move(block, at, next))
    }
    if (event.key === 'Escape') onCancel()
  }
  return (
    <Flex mt={1.5} gap={2} align="baseline" fontSize="14px">
      <chakra.label htmlFor="typing" color="quiet">
        {fieldOf(field).label()}
      </chakra.label>
      <chakra.input
        id="typing"
        ref={input}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={onKey}
        onBlur={() => onCommit(typed === start ? '' : typed, at)}
        w="100%"
        minW={0}
        bg="ground"
        border="1px solid"
        borderColor="edge"
        px={1}
        fontWeight="600"
      />
    </Flex>
  )
}
