import { Box, chakra, Flex } from '@chakra-ui/react'
import { type KeyboardEvent, useEffect, useRef } from 'react'
import { useNavigate, useParams } from 'react-router'
import type { BlockPart, BlockView } from '../../api/schema'
import { weekdayNames, words } from '../../text/codes'
import { shortDate, today } from '../../text/dates'
import { mass, massUnit } from '../../text/numbers'
import { Numeral } from '../../ui/Numeral'
import { Tape } from '../../ui/Tape'
import { cellAt, doneOf, loadAsMade, move, type Place, percentInWords, setsInWords, tapeOf, topSet } from './grid'

interface Props {
  block: BlockPart
  view: BlockView
  name: (exercise: string) => string
  place: Place
  onPlace: (place: Place) => void
}

const Row = chakra('tr')
const Head = chakra('th', {
  base: { textAlign: 'left', verticalAlign: 'top', fontWeight: 600, borderBottom: '1px solid', borderColor: 'hair', px: 2.5 },
})
const Cell = chakra('td', { base: { verticalAlign: 'top', p: 0, borderBottom: '1px solid', borderLeft: '1px solid', borderColor: 'hair' } })

const lead = { base: '112px', md: '170px' }

/** Weeks across, sessions down; each exercise a row of tapes that shows the wave. Arrow keys move, Enter opens the floor. */
export function BlockGrid({ block, view, name, place, onPlace }: Props) {
  const grid = useRef<HTMLTableElement>(null)
  const navigate = useNavigate()
  const { id } = useParams()
  const moved = useRef(false)
  useEffect(() => {
    if (moved.current) grid.current?.querySelector<HTMLElement>('[data-focus=true]')?.focus()
    moved.current = false
  }, [place])
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      const cell = cellAt(block, place)
      if (cell) navigate(`/clients/${id}/floor?date=${cell.session.date}`)
      return
    }
    const next = move(block, place, event.key)
    if (next === place || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    moved.current = true
    onPlace(next)
  }
  return (
    <Box overflowX="auto">
      <chakra.table
        ref={grid}
        role="grid"
        aria-label="Block"
        w="100%"
        minW={`${block.weeks.length * 132 + 130}px`}
        borderCollapse="collapse"
        onKeyDown={onKey}
      >
        <thead>
          <Row bg="plate" borderTop="1px solid" borderColor="hair">
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
          </Row>
        </thead>
        {(block.weeks[0]?.sessions ?? []).map((session, s) => (
          <tbody key={session.day}>
            <Row bg="plate">
              <Head scope="rowgroup" position="sticky" left={0} bg="plate" zIndex={1} py={1} fontWeight="650">
                {weekdayNames[session.day]}
              </Head>
              {block.weeks.map((week) => (
                <Cell
                  key={week.number}
                  bg="plate"
                  px={2.5}
                  py={1}
                  color={week.sessions[s]?.date === today() ? 'ink' : 'quiet'}
                  fontSize="14px"
                >
                  {week.sessions[s]?.date === today() ? 'today, ' : ''}
                  {week.sessions[s]?.minutes} min
                </Cell>
              ))}
            </Row>
            {session.items.map((item, i) => (
              <Row key={item.exercise}>
                <Head scope="row" position="sticky" left={0} bg="ground" zIndex={1} py={2}>
                  {name(item.exercise)}
                  <Box fontSize="14px" fontWeight="400" color="quiet">
                    {words(item.role)}
                  </Box>
                </Head>
                {block.weeks.map((week, w) => (
                  <BlockCell
                    key={week.number}
                    at={{ session: s, item: i, week: w }}
                    {...{ block, view, name, onPlace }}
                    focused={place.session === s && place.item === i && place.week === w}
                  />
                ))}
              </Row>
            ))}
          </tbody>
        ))}
      </chakra.table>
    </Box>
  )
}

function BlockCell({ at, block, view, name, focused, onPlace }: Omit<Props, 'place'> & { at: Place; focused: boolean }) {
  const cell = cellAt(block, at)
  if (!cell) return <Cell />
  const { item, session } = cell
  const top = topSet(item)
  const done = doneOf(view.done, session.date, item.exercise)
  const made = loadAsMade(view.asMade, at)
  const changed = done.length === 0 && made !== null && top.kg !== null && top.kg !== made
  const label = `${name(item.exercise)}, week ${cell.week.number}: ${setsInWords(item)}, ${percentInWords(top.percent, top.rpe)}, ${top.kg ? mass(top.kg) : 'by effort'}${done.length > 0 ? `, ${done.length} of ${item.sets.length} done` : ''}${changed ? `, was ${mass(made)}` : ''}${top.kg ? `, ${massUnit()}` : ''}`
  return (
    <Cell
      tabIndex={focused ? 0 : -1}
      data-focus={focused}
      aria-selected={focused}
      onClick={() => onPlace(at)}
      onFocus={() => !focused && onPlace(at)}
      bg={focused ? 'lifted' : undefined}
      boxShadow={focused ? 'inset 0 0 0 2px var(--nz-colors-ink)' : undefined}
      cursor="default"
    >
      <chakra.span srOnly>{label}</chakra.span>
      <Box px={2.5} pt={2} pb={1.5} aria-hidden>
        <Tape sets={tapeOf(item)} label={`${setsInWords(item)} at ${percentInWords(top.percent, top.rpe)}`} />
        <Flex justify="space-between" align="baseline" mt={1.5} gap={2}>
          <Numeral value={`${setsInWords(item)}  ${percentInWords(top.percent, top.rpe)}`} size="14px" fontWeight="500" />
          {top.kg !== null && top.kg !== undefined && <Numeral value={mass(top.kg)} size="17px" />}
        </Flex>
        {(done.length > 0 || changed) && (
          <Flex justify="space-between" fontSize="13px" color="quiet" mt={0.5}>
            <span>{done.length > 0 ? `${done.length} of ${item.sets.length} done` : ''}</span>
            {changed && <span>was {mass(made)}</span>}
          </Flex>
        )}
      </Box>
    </Cell>
  )
}
