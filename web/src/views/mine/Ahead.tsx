import { Box, chakra, Flex } from '@chakra-ui/react'
import type { AheadSession, AheadView, SetPart } from '../../api/schema'
import { weekKinds } from '../../text/codes'
import { dayName, today } from '../../text/dates'
import { mass, massUnit, plain } from '../../text/numbers'
import { capital } from '../../text/sentence'
import { BlockLink, FileLink } from '../../ui/TextLink'

/** Today's session first, then the weeks ahead. */
export function Ahead({ id, mine }: { id: string; mine: AheadView }) {
  const [first, ...later] = mine.ahead
  if (!first) return mine.stop ? null : <Box p={4}>Nothing is planned yet. Your coach plans the next block.</Box>
  return (
    <>
      <Session id={id} session={first} isFirst />
      {later.map((session, i) => (
        <Box key={session.date}>
          {session.week !== (later[i - 1] ?? first).week && (
            <chakra.h2 px={4} pt={5} pb={1} textStyle="note" color="quiet">
              Week {session.week}
              {session.weekKind === 'load' ? '' : `, ${weekKinds[session.weekKind].toLowerCase()}`}
            </chakra.h2>
          )}
          <Session id={id} session={session} isFirst={false} />
        </Box>
      ))}
      <Box p={4}>
        <FileLink href={`/api/clients/${id}/block.xlsx?on=${first.date}`}>The block as a workbook</FileLink>
        <Box textStyle="note" color="quiet">
          A sheet a week, with room for what you did; opens in any spreadsheet program.
        </Box>
      </Box>
    </>
  )
}

function Session({ id, session, isFirst }: { id: string; session: AheadSession; isFirst: boolean }) {
  const isToday = session.date === today()
  return (
    <Box borderBottom="1px solid" borderColor="hair" p={4}>
      <Flex justify="space-between" align="center" gap={3}>
        <Box>
          <chakra.h2 textStyle={isFirst ? 'head' : 'entry'} fontWeight="strong">
            {capital(dayName(session.date))}
          </chakra.h2>
          <Box textStyle="note" color="quiet">
            about {session.minutes} minutes
          </Box>
        </Box>
        {(isFirst || isToday) && (
          <BlockLink
            to={`/clients/${id}/floor?date=${session.date}`}
            bg="ink"
            color="ground"
            fontWeight="strong"
            px={6}
            minH="hand"
            display="flex"
            alignItems="center"
          >
            {isToday ? 'Start' : 'Look at it'}
          </BlockLink>
        )}
      </Flex>
      <Box as="ul" listStyleType="none" mt={2}>
        {session.lines.map((line) => (
          <Flex as="li" key={line.exercise} justify="space-between" gap={4} py={1}>
            <Box minW={0}>{line.name}</Box>
            <Box color="quiet" textAlign="right" whiteSpace="nowrap">
              {inShort(line.sets)}
            </Box>
          </Flex>
        ))}
      </Box>
    </Box>
  )
}

/** 3 × 5, 100 kg: how many sets of what, on each side where there are two, with the heaviest load. */
function inShort(sets: readonly SetPart[]): string {
  const first = sets[0]
  if (!first) return ''
  const heaviest = Math.max(0, ...sets.map((set) => set.kg ?? 0))
  const sides = new Set(sets.map((set) => set.side).filter(Boolean)).size
  const each = first.metres
    ? `${plain(first.metres)} m`
    : first.seconds
      ? `${plain(first.seconds, 0)} s`
      : first.reps
        ? String(first.reps)
        : ''
  return [
    `${sets.length / Math.max(1, sides)} × ${each}${sides > 1 ? ' a side' : ''}`,
    heaviest > 0 ? `${mass(heaviest)} ${massUnit()}` : '',
  ]
    .filter(Boolean)
    .join(', ')
}
