import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { DaySession, DayView, Decision } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { useDay } from '../../hooks/useClients'
import { Numeral } from '../../ui/Numeral'
import { Failed, Loading } from '../../ui/states'
import { BlockLink, TextLink } from '../../ui/TextLink'

const date = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })

/** Home is the day: today's sessions, and beside them what waits for the coach. */
export function Day() {
  const day = useDay()
  if (day.state === 'loading') return <Loading label="Fetching the day" />
  if (day.state === 'failed') return <Failed message={day.message} retry={day.retry} />
  return <DayPage day={day.data} />
}

function DayPage({ day }: { day: DayView }) {
  const onSessions = useListKeys('a')
  const onDecisions = useListKeys('a')
  return (
    <Grid templateColumns={{ base: '1fr', lg: '1fr 400px' }} minH="100%">
      <Box px={{ base: 4, md: 6 }} py={5}>
        <Flex justify="space-between" align="baseline" gap={4} wrap="wrap" mb={4}>
          <chakra.h1 textStyle="head" fontWeight="strong">
            {date.format(new Date(`${day.date}T00:00:00Z`))}
          </chakra.h1>
          <TextLink to="/hour">Run several lifters at once</TextLink>
        </Flex>
        {day.sessions.length === 0 ? (
          <Box color="quiet">No sessions today. The client list shows when the next ones are.</Box>
        ) : (
          <Box borderTop="1px solid" borderColor="hair" onKeyDown={onSessions}>
            {day.sessions.map((session) => (
              <SessionRow key={session.clientId} session={session} date={day.date} />
            ))}
          </Box>
        )}
      </Box>
      <Box bg="panel" color="panel.ink" px={6} py={5} as="section" aria-label="Decisions that wait" onKeyDown={onDecisions}>
        <chakra.h2 textStyle="title" fontWeight="strong" mb={3}>
          Waiting for you
        </chakra.h2>
        {day.decisions.length === 0 && <Box color="panel.quiet">Nothing waits.</Box>}
        {day.decisions.map((decision) => (
          <DecisionRow key={decision.clientId + decision.question} decision={decision} />
        ))}
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
        align="center"
        gap={4}
        _hover={{ bg: 'plate' }}
      >
        <Box>
          <Box fontWeight="semibold" textStyle="lead">
            {session.client}
          </Box>
          <Box color="quiet">{session.lifts.join(', ')}</Box>
        </Box>
        <Flex gap={6} align="baseline" flexShrink={0}>
          <Numeral value={String(session.minutes)} unit="min" size="title" />
          <Box w="96px" textAlign="right">
            {done ? 'done' : <Numeral value={`${session.setsDone} of ${session.setsPlanned}`} unit="sets" size="title" />}
          </Box>
        </Flex>
      </Flex>
    </BlockLink>
  )
}

function DecisionRow({ decision }: { decision: Decision }) {
  return (
    <BlockLink to={`/clients/${decision.clientId}/${decision.station}`}>
      <Box py={3} borderTop="1px solid" borderColor="panel.hair" _hover={{ bg: 'panel.lifted' }}>
        <Box color="panel.quiet" textStyle="note">
          {decision.client}
        </Box>
        <Box textStyle="lead" fontWeight="semibold">
          {decision.question}
        </Box>
        <Box color="panel.quiet" textStyle="note" mt={1}>
          {decision.evidence}
        </Box>
      </Box>
    </BlockLink>
  )
}
