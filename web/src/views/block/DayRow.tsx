import { useDraggable, useDroppable } from '@dnd-kit/core'
import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { EditSection, SessionPart } from '../../api/schema'
import { weekdayNames, weekdays } from '../../text/codes'
import { today } from '../../text/dates'
import type { Day } from './grid'

const Cell = chakra('td', { base: { verticalAlign: 'top', p: 0, borderBottom: '1px solid', borderLeft: '1px solid', borderColor: 'hair' } })

/** What is dragged: the sessions of a day in some weeks, or one exercise in all of them. */
export type Dragged = { day: Day; weeks: readonly number[] } | { day: Day; exercise: string }

export const dropId = (week: number, day: Day) => `${week} ${day}`

/** The name of a training day; dragged, it takes the session of every week to another day. */
export function DayHead({ day, weeks }: { day: Day; weeks: readonly number[] }) {
  const { setNodeRef, listeners } = useDraggable({ id: `all ${day}`, data: { weeks, day } satisfies Dragged })
  return (
    <chakra.th
      scope="rowgroup"
      textAlign="left"
      position="sticky"
      left={0}
      bg="plate"
      zIndex={1}
      px={2.5}
      py={1}
      fontWeight="650"
      borderBottom="1px solid"
      borderColor="hair"
    >
      <Box as="span" ref={setNodeRef} {...listeners} cursor="grab" style={{ touchAction: 'none' }}>
        {weekdayNames[day]}
      </Box>
    </chakra.th>
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
  return (
    <Cell ref={drop.setNodeRef} bg={drop.isOver ? 'lifted' : 'plate'} px={2.5} py={0.5} fontSize="14px">
      {session && (
        <Flex justify="space-between" align="center" gap={1} color={session.date === today() ? 'ink' : 'quiet'}>
          <Box
            ref={drag.setNodeRef}
            {...drag.listeners}
            data-drag={dropId(number, day)}
            cursor="grab"
            style={{ touchAction: 'none' }}
            whiteSpace="nowrap"
          >
            {session.date === today() ? 'today, ' : ''}
            {session.minutes} min
          </Box>
          <Flex align="center" gap={1} flexShrink={0}>
            {remarks > 0 && (
              <a href="#remarks" aria-label={`${remarks} ${remarks === 1 ? 'remark' : 'remarks'} on ${weekdayNames[day]}, week ${number}`}>
                <Box as="span" display="inline-block" w="10px" h="10px" bg="stop" transform="rotate(45deg)" mr={1} />
                {remarks}
              </a>
            )}
            <chakra.select
              aria-label={`Move the session of ${weekdayNames[day]}, week ${number}`}
              value={day}
              data-move={dropId(number, day)}
              bg="transparent"
              fontSize="13px"
              textDecoration="underline"
              textUnderlineOffset="2px"
              css={{ appearance: 'none' }}
              minH="24px"
              onChange={(event) => {
                const to = event.target.value
                if (to === 'missed') push({ kind: 'missed', week: number, day })
                else if (to !== day) push({ kind: 'move-session', week: number, day, toDay: to as Day })
              }}
            >
              {weekdays.map((one) => (
                <option key={one} value={one}>
                  {(weekdayNames[one] ?? '').slice(0, 3)}
                </option>
              ))}
              <option value="missed">Missed</option>
            </chakra.select>
          </Flex>
        </Flex>
      )}
    </Cell>
  )
})
