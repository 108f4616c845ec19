import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { HealthFlag } from '../../api/schema'
import { useFloor, useFloorLog } from '../../hooks/useFloor'
import { useKeepSessions, useKeptDays } from '../../hooks/useKeptSessions'
import { dayName, onDay, today } from '../../text/dates'
import { Caution, Failed, Loading } from '../../ui/states'
import { floorColors, useFloorTheme } from '../../parts/floor/floor-theme'
import { stopOf } from '../../parts/floor/session'
import { FloorSession } from '../../parts/floor/FloorSession'
import { usePageTitle } from '../../hooks/usePageTitle'
import { TextLink } from '../../ui/TextLink'

/** The floor: the set at hand, large; everything else out of the way. */
export function Floor() {
  const { id = '' } = useParams()
  const [search, setSearch] = useSearchParams()
  const date = search.get('date') ?? today()
  const floor = useFloor(id, date)
  const log = useFloorLog(id)
  useKeepSessions(id)
  usePageTitle(floor.state === 'ready' ? floor.data?.client : null, 'Floor')
  const theme = useFloorTheme()
  const colors = floorColors(theme.bright)
  const asked = search.has('date')
  // Also where this device has no room to keep it.
  const [seen, setSeen] = useState<HealthFlag | null>(null)
  const warn = (sign: HealthFlag) => {
    setSeen(sign)
    // The day it is seen, whatever day the session is planned for: a clearance is held against it.
    void log.warn(sign, today())
  }
  const stop = floor.state === 'ready' && floor.data ? stopOf(floor.data, log.waiting, seen) : null
  const view = floor.state === 'ready' ? floor.data : null
  useEffect(() => {
    // Without a session today the next one is opened.
    const next = view?.dates.find((day) => day >= today())
    if (!asked && view && view.items.length === 0 && next) setSearch({ date: next }, { replace: true })
  }, [asked, view, setSearch])
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
        <TextLink to={`/clients/${id}/block`} minH="target" display="flex" alignItems="center">
          Block
        </TextLink>
        <chakra.h1 fontWeight="strong" truncate>
          {view ? `${view.client}, ${dayName(date)}` : 'Floor'}
        </chakra.h1>
        <chakra.button type="button" onClick={theme.toggle} minH="target" px={2} aria-pressed={theme.bright}>
          {theme.bright ? 'Dark' : 'Bright'}
        </chakra.button>
      </Flex>
      <Flex as="main" direction="column" flex="1">
        {floor.state === 'loading' && <Loading label="Fetching the session" />}
        {floor.state === 'failed' && (
          <>
            <Failed message={floor.message} retry={floor.retry} />
            <KeptDays id={id} />
          </>
        )}
        {floor.state === 'ready' && !floor.data && (
          <Nothing text="No block is planned yet." to={`/clients/${id}/block`} link="Plan a block" />
        )}
        {stop && (
          <Box p={4}>
            <Caution word="Stop" onPanel={!theme.bright}>
              {stop}
            </Caution>
            <TextLink to={`/clients/${id}/health`} minH="target" display="inline-flex" alignItems="center" mt={3}>
              Open the health answers
            </TextLink>
          </Box>
        )}
        {view && !stop && view.items.length === 0 && (
          <Nothing text={`No session ${onDay(date)}.`} to={`/clients/${id}/block`} link="See the block" />
        )}
        {view && !stop && view.items.length > 0 && <FloorSession key={view.date} view={view} log={log} onWarn={warn} colors={colors} />}
      </Flex>
    </Flex>
  )
}

function Nothing({ text, to, link }: { text: string; to: string; link: string }) {
  return (
    <Box p={5}>
      <Box mb={3}>{text}</Box>
      <TextLink to={to}>{link}</TextLink>
    </Box>
  )
}

/** Without a network: the sessions that are on this device. */
function KeptDays({ id }: { id: string }) {
  const days = useKeptDays(id)
  if (days.length === 0) return null
  return (
    <Box px={5}>
      <Box mb={2}>These sessions are kept on this device:</Box>
      {days.map((day) => (
        <TextLink key={day} to={`?date=${day}`} minH="target" display="flex" alignItems="center">
          {dayName(day)}
        </TextLink>
      ))}
    </Box>
  )
}
