import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { DaySession, DayView } from '../../api/schema'
import { useDay } from '../../hooks/useClients'
import { keyHint } from '../../keys/registry'
import { useKeys, useListKeys } from '../../keys/useKeys'
import { WaitingList } from '../../parts/WaitingList'
import { addDays, atTime, today } from '../../text/dates'
import { mass, massUnit } from '../../text/numbers'
import { Plain } from '../../ui/form'
import { Numeral } from '../../ui/Numeral'
import { Failed, Loading } from '../../ui/states'
import { BlockLink, TextLink } from '../../ui/TextLink'

const date = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })

/** So far back and ahead a day can be looked at from here. */
const daysBack = 2
const daysAhead = 7

/** Home is the day: its sessions, and beside them what waits for the coach. */
export function Day() {
  const [off, setOff] = useState(0)
  const day = useDay(addDays(today(), off))
  const move = (by: number) => setOff((before) => Math.min(daysAhead, Math.max(-daysBack, before + by)))
  if (day.state === 'loading') return <Loading label="Fetching the day" />
  if (day.state === 'failed') return <Failed message={day.message} retry={day.retry} />
  return <DayPage day={day.data} off={off} onMove={move} onToday={() => setOff(0)} />
}

interface PageProps {
  day: DayView
  /** Days from today. */
  off: number
  onMove: (by: number) => void
  onToday: () => void
}

function DayPage({ day, off, onMove, onToday }: PageProps) {
  const onSessions = useListKeys('a')
  const onKey = useKeys({ shownBefore: () => onMove(-1), shownAfter: () => onMove(1) })
  const onFloor = day.sessions.filter((session) => session.atHand)
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 400px' }} minH="100%" onKeyDown={onKey}>
      <Box px={{ base: 4, md: 6 }} py={5}>
        <Flex justify="space-between" align="center" gap={3} wrap="wrap" mb={4}>
          <chakra.h1 textStyle="head" fontWeight="strong" aria-live="polite">
            {off === 0 ? '' : off === -1 ? 'Yesterday, ' : off === 1 ? 'Tomorrow, ' : ''}
            {date.format(new Date(`${day.date}T00:00:00Z`))}
          </chakra.h1>
          <Flex gap={2} align="center" wrap="wrap">
            <Plain onClick={() => onMove(-1)} disabled={off <= -daysBack} {...keyHint('shownBefore')}>
              Day before
            </Plain>
            {off !== 0 && <Plain onClick={onToday}>Today</Plain>}
            <Plain onClick={() => onMove(1)} disabled={off >= daysAhead} {...keyHint('shownAfter')}>
              Day after
            </Plain>
          </Flex>
        </Flex>
        {day.sessions.length === 0 ? (
          <Box color="quiet">
            No sessions on this day. <TextLink to="/clients">All clients</TextLink> shows when the next ones are.
          </Box>
        ) : (
          <Box borderTop="1px solid" borderColor="hair" onKeyDown={onSessions}>
            {[...onFloor, ...day.sessions.filter((session) => !session.atHand)].map((session) => (
              <SessionRow key={session.clientId} session={session} date={day.date} />
            ))}
          </Box>
        )}
        <Flex gap={5} mt={4} wrap="wrap">
          <TextLink to="/hour">Run several lifters at once</TextLink>
          <TextLink to="/clients">All clients</TextLink>
        </Flex>
      </Box>
      <Box bg="panel" color="panel.ink" px={6} py={5} as="section" aria-label="Decisions that wait">
        <Flex justify="space-between" align="baseline" mb={3}>
          <chakra.h2 textStyle="title" fontWeight="strong">
            Waiting for you
          </chakra.h2>
          {day.decisions.length > 0 && <Numeral value={String(day.decisions.length)} unit="" size="title" />}
        </Flex>
        <WaitingList waiting={day.decisions} answered={day.answered} />
        {day.behind > 0 && (
          <Box role="status" color="panel.quiet" textStyle="note" mt={3}>
            Bringing {day.behind === 1 ? 'one client' : `${day.behind} clients`} up to date.
          </Box>
        )}
      </Box>
    </Grid>
  )
}

function SessionRow({ session, date: on }: { session: DaySession; date: string }) {
  const done = session.setsDone >= session.setsPlanned
  return (
    <BlockLink to={`/clients/${session.clientId}/floor?date=${on}`}>
      <Flex
        py={3}
        px={2}
        borderBottom="1px solid"
        borderColor="hair"
        justify="space-between"
        align="flex-start"
        gap={4}
        wrap={{ base: 'wrap', sm: 'nowrap' }}
        _hover={{ bg: 'plate' }}
      >
        <Box minW={0}>
          <Box fontWeight="semibold" textStyle="lead">
            {session.client}
          </Box>
          {session.notes.length > 0 && (
            <chakra.ul listStyleType="none" m={0} p={0} fontWeight="semibold">
              {session.notes.map((note) => (
                <li key={note}>{note}</li>
              ))}
            </chakra.ul>
          )}
          {session.atHand && <AtHand session={session} />}
          <Box color="quiet">{session.lifts.join(', ')}</Box>
        </Box>
        <Flex gap={6} align="baseline" flexShrink={0}>
          <Numeral value={String(session.minutes)} unit="min" size="title" />
          <Box w="104px" textAlign="right">
            {done ? 'done' : <Numeral value={`${session.setsDone} of ${session.setsPlanned}`} unit="sets" size="title" />}
          </Box>
        </Flex>
      </Flex>
    </BlockLink>
  )
}

/** Who is on the floor: the set that comes next, and the one before. */
function AtHand({ session }: { session: DaySession }) {
  if (!session.atHand) return null
  const { exercise, number, of, last } = session.atHand
  const what = [last.reps === null ? null : `${last.reps}`, last.kg === null ? null : `${mass(last.kg)} ${massUnit()}`]
    .filter(Boolean)
    .join(' × ')
  const rated = last.rpe === null ? '' : ` at RPE ${last.rpe}`
  return (
    <Box bg="panel" color="panel.ink" px={3} py={1.5} my={1.5}>
      On the floor: {exercise}, set {number} of {of}.{' '}
      <Box as="span" color="panel.quiet">
        Last {atTime(last.at)}: {last.exercise}
        {what && `, ${what}`}
        {rated}.
      </Box>
    </Box>
  )
}
