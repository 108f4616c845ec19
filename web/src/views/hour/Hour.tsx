import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { HourAnswer } from '../../api/model'
import type { FloorView, HealthFlag } from '../../api/schema'
import { useFloorLog } from '../../hooks/useFloor'
import { type LifterSession, useAllWaiting, useSecond, useSessionsOf } from '../../hooks/useHour'
import { useModel } from '../../hooks/useModel'
import { usePageTitle } from '../../hooks/usePageTitle'
import { useWindowKeys } from '../../keys/useKeys'
import { dayName, today } from '../../text/dates'
import { Caution, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import { BigKey } from '../../parts/floor/BigKey'
import { type FloorColors, floorColors, useFloorTheme } from '../../parts/floor/floor-theme'
import { FloorSession } from '../../parts/floor/FloorSession'
import { stopOf } from '../../parts/floor/session'
import { Bars } from './Bars'
import { type Glance, glanceAt } from './glance'
import { Lifters, mostLifters } from './Lifters'
import { Queue } from './Queue'

/** Several lifters at once: who is next, one open, the others in passing. */
export function Hour() {
  const [search, setSearch] = useSearchParams()
  const [choosing, setChoosing] = useState(false)
  const theme = useFloorTheme()
  const colors = floorColors(theme.bright)
  usePageTitle(null, 'Several lifters')
  const ids = useMemo(() => (search.get('with') ?? '').split(',').filter(Boolean).slice(0, mostLifters), [search])
  const pick = choosing || ids.length === 0
  return (
    <Flex direction="column" minH="100%" bg={colors.bg} color={colors.ink} textStyle="title">
      <Flex
        as="header"
        align="center"
        justify="space-between"
        px={4}
        minH="hand"
        borderBottom="1px solid"
        borderColor={colors.hair}
        gap={3}
      >
        <TextLink to="/" minH="target" display="flex" alignItems="center">
          Day
        </TextLink>
        <chakra.h1 fontWeight="strong" truncate>
          {ids.length > 0 ? `${ids.length} ${ids.length === 1 ? 'lifter' : 'lifters'}` : 'Several lifters'}
        </chakra.h1>
        <Flex gap={3}>
          {!pick && (
            <chakra.button
              type="button"
              onClick={() => setChoosing(true)}
              minH="target"
              px={2}
              textDecoration="underline"
              whiteSpace="nowrap"
            >
              Who lifts
            </chakra.button>
          )}
          <chakra.button type="button" onClick={theme.toggle} minH="target" px={2} aria-pressed={theme.bright}>
            {theme.bright ? 'Dark' : 'Bright'}
          </chakra.button>
        </Flex>
      </Flex>
      <Flex as="main" direction="column" flex="1">
        {pick ? (
          <Lifters
            chosen={ids}
            onStart={(chosen) => {
              setChoosing(false)
              setSearch({ with: chosen.join(',') })
            }}
            colors={colors}
          />
        ) : (
          <Running ids={ids} colors={colors} bright={theme.bright} />
        )}
      </Flex>
    </Flex>
  )
}

function Running({ ids, colors, bright }: { ids: readonly string[]; colors: FloorColors; bright: boolean }) {
  const [search, setSearch] = useSearchParams()
  const sessions = useSessionsOf(ids)
  const { glances, hour } = useGlances(sessions)
  const queue = hour.order.flatMap((at) => glances[at] ?? [])
  const asked = ids.find((id) => id === search.get('open'))
  const open = asked ?? queue[0]?.id ?? ''
  const onOpen = (id: string) => setSearch({ with: ids.join(','), open: id }, { replace: true })
  // Who is open stays open while the queue moves on.
  useEffect(() => {
    if (!asked && open) setSearch({ with: ids.join(','), open }, { replace: true })
  }, [asked, open, ids, setSearch])
  const next = queue.find((glance) => glance.id !== open && glance.lifter.state !== 'Done')
  useWindowKeys({ nextLifter: () => next && onOpen(next.id) })
  const session = sessions.find((one) => one.id === open)
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: '340px minmax(0, 1fr)' }}
      gap={{ base: 3, lg: 5 }}
      px={{ base: 0, lg: 4 }}
      pt={3}
      maxW="1400px"
      w="100%"
      mx="auto"
    >
      <Box>
        <Queue glances={queue} open={open} onOpen={onOpen} colors={colors} />
        <Box display={{ base: 'none', lg: 'block' }}>
          <Bars bars={hour.bars} glances={glances} colors={colors} />
        </Box>
      </Box>
      <Box minW={0}>
        {next && (
          <Grid px={{ base: 4, lg: 0 }}>
            <BigKey onPress={() => onOpen(next.id)} colors={colors} keyId="nextLifter">
              Next: {next.name}
              {next.rest ? `, ${next.rest}` : ''}
            </BigKey>
          </Grid>
        )}
        {session && <Open key={`${session.id}.${session.date}`} session={session} colors={colors} bright={bright} />}
        <Box display={{ base: 'block', lg: 'none' }} px={4} pb={5}>
          <Bars bars={hour.bars} glances={glances} colors={colors} />
        </Box>
      </Box>
    </Grid>
  )
}

function useGlances(sessions: readonly LifterSession[]): { glances: readonly Glance[]; hour: HourAnswer } {
  const now = useSecond()
  const waiting = useAllWaiting()
  const { model } = useModel()
  const glances = sessions.map((session) => glanceAt(session, waiting, model, now))
  const lifters = glances.map((glance) => glance.lifter)
  // Who is next is asked when something else than the seconds has changed, and every few seconds.
  const asked = useRef<{ by: string; hour: HourAnswer } | null>(null)
  const by = JSON.stringify([
    model !== null,
    Math.floor(now / askedEveryMs),
    lifters.map((one) => ({ ...one, restLeft: one.restLeft > 0 })),
  ])
  if (asked.current?.by !== by) asked.current = { by, hour: model?.hour({ lifters }) ?? { order: glances.map((_, at) => at), bars: [] } }
  return { glances, hour: asked.current.hour }
}

const askedEveryMs = 5_000

function Open({ session, colors, bright }: { session: LifterSession; colors: FloorColors; bright: boolean }) {
  const log = useFloorLog(session.id)
  const [seen, setSeen] = useState<HealthFlag | null>(null)
  const { view } = session
  if (!view) return session.loading ? <Loading label="Fetching the session" /> : <Missing id={session.id} failed={session.failed} />
  const stop = stopOf(view, log.waiting, seen)
  return (
    <Box>
      <Title view={view} id={session.id} />
      {stop ? (
        <Box py={3}>
          <Caution word="Stop" onPanel={!bright}>
            {stop}
          </Caution>
          <TextLink to={`/clients/${session.id}/health`} minH="target" display="inline-flex" alignItems="center" mt={3}>
            Open the health answers
          </TextLink>
        </Box>
      ) : view.items.length === 0 ? (
        <Missing id={session.id} failed={false} />
      ) : (
        <FloorSession
          view={view}
          log={log}
          onWarn={(sign) => {
            setSeen(sign)
            void log.warn(sign, today())
          }}
          colors={colors}
        />
      )}
    </Box>
  )
}

function Title({ view, id }: { view: FloorView; id: string }) {
  return (
    <Flex align="baseline" gap={3} mt={3} px={4} wrap="wrap">
      <chakra.h2 textStyle="head" fontWeight="strong">
        {view.client}
      </chakra.h2>
      <TextLink to={`/clients/${id}/floor?date=${view.date}`} minH="target" display="flex" alignItems="center">
        {dayName(view.date)}
      </TextLink>
    </Flex>
  )
}

function Missing({ id, failed }: { id: string; failed: boolean }) {
  return (
    <Box py={4}>
      <Box mb={3}>{failed ? 'The session cannot be fetched now; it is tried again.' : 'No session is planned.'}</Box>
      <TextLink to={`/clients/${id}/block`}>See the block</TextLink>
    </Box>
  )
}
