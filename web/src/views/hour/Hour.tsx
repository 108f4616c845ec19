import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { HourAnswer, HourQuestion, Model } from '../../api/model'
import type { FloorView } from '../../api/schema'
import { type LifterSession, useAllWaiting, useSecond, useSessionsOf } from '../../hooks/useHour'
import { useModel } from '../../hooks/useModel'
import { usePageTitle } from '../../hooks/usePageTitle'
import { useWindowKeys } from '../../keys/useKeys'
import { BigKey } from '../../parts/floor/BigKey'
import { type FloorLight, FloorPage } from '../../parts/floor/FloorPage'
import { SessionOrStop } from '../../parts/floor/SessionOrStop'
import { dayName } from '../../text/dates'
import { Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import { Bars } from './Bars'
import { type Glance, glanceAt } from './glance'
import { Lifters, mostLifters } from './Lifters'
import { Queue } from './Queue'

/** Several lifters at once: who is next, one open, the others in passing. */
export function Hour() {
  const [search, setSearch] = useSearchParams()
  const [choosing, setChoosing] = useState(false)
  usePageTitle(null, 'Several lifters')
  const ids = useMemo(() => (search.get('with') ?? '').split(',').filter(Boolean).slice(0, mostLifters), [search])
  const pick = choosing || ids.length === 0
  return (
    <FloorPage
      back={{ to: '/', label: 'Day' }}
      title={ids.length > 0 ? `${ids.length} ${ids.length === 1 ? 'lifter' : 'lifters'}` : 'Several lifters'}
      actions={
        !pick && (
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
        )
      }
    >
      {(light) =>
        pick ? (
          <Lifters
            chosen={ids}
            onStart={(chosen) => {
              setChoosing(false)
              setSearch({ with: chosen.join(',') })
            }}
            colors={light.colors}
          />
        ) : (
          <Running ids={ids} {...light} />
        )
      }
    </FloorPage>
  )
}

function Running({ ids, colors, bright }: FloorLight & { ids: readonly string[] }) {
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
  const next = queue.find((glance) => glance.id !== open && glance.lifter.state !== 'done')
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
  // Who is next does not change with every second that a rest runs.
  const lifters = glances.map(({ lifter }) => ({ ...lifter, restLeft: restStep * Math.ceil(lifter.restLeft / restStep) }))
  const hour = useHourAnswer(model, JSON.stringify({ lifters }))
  return { glances, hour: hour ?? { order: glances.map((_, at) => at), bars: [] } }
}

/** Core's answer, asked for anew only where the question is another. */
function useHourAnswer(model: Model | null, question: string): HourAnswer | undefined {
  return useMemo(() => model?.hour(JSON.parse(question) as HourQuestion), [model, question])
}

/** Seconds. */
const restStep = 5

function Open({ session: { id, view, loading, failed }, ...light }: FloorLight & { session: LifterSession }) {
  if (!view) return loading ? <Loading label="Fetching the session" /> : <Missing id={id} failed={failed} />
  return (
    <Box>
      <Title view={view} id={id} />
      <SessionOrStop view={view} none={<Missing id={id} failed={false} />} {...light} />
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
    <Box p={4}>
      <Box mb={3}>{failed ? 'The session cannot be fetched now; it is tried again.' : 'No session is planned.'}</Box>
      <TextLink to={`/clients/${id}/block`}>See the block</TextLink>
    </Box>
  )
}
