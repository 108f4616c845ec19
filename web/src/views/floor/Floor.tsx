import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import type { FloorItem, FloorView, HealthFlag } from '../../api/schema'
import { type FloorLog, useFloor, useFloorLog } from '../../hooks/useFloor'
import { useKeepSessions, useKeptDays } from '../../hooks/useKeptSessions'
import { dayName, onDay, today } from '../../text/dates'
import { Caution, Failed, Loading } from '../../ui/states'
import { type FloorColors, floorColors, useFloorTheme } from './floor-theme'
import { Station } from './Station'
import { Instead } from './Instead'
import { nextTurn, setsLeft, standing, type Turn } from './session'
import { signal, useSound } from './signal'
import { Summary } from './Summary'
import { Refused } from './Refused'
import { TimeShort } from './TimeShort'
import { WarningSigns } from './WarningSigns'
import { useAdvice } from './useAdvice'
import { useAwake } from './useAwake'
import { useRest } from './useRest'
import { DoneSets } from './DoneSets'
import { useDraft } from '../../hooks/useDraft'
import { useInSight } from '../../hooks/useInSight'
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

/** What ends the session: by the server's word, or a sign that was noted here and is on its way. */
function stopOf(view: FloorView, waiting: FloorLog['waiting'], seen: HealthFlag | null): string | null {
  const sign = seen ?? waiting.findLast((entry) => entry.warning)?.warning?.sign
  return view.stop ?? view.warnings.find((one) => one.sign === sign)?.stop ?? null
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

interface SessionProps {
  view: FloorView
  log: FloorLog
  /** A sign that ends the session. */
  onWarn: (sign: HealthFlag) => void
  colors: FloorColors
}

function FloorSession({ view: asked, log, onWarn, colors }: SessionProps) {
  const place = `${asked.clientId}.${asked.date}`
  const instead = useDraft<Record<string, string>>(`floor.instead.${place}`, {})
  const warmed = useDraft<Record<string, number>>(`floor.warmed.${place}`, {})
  const ended = useDraft<Record<string, boolean>>(`floor.ended.${place}`, {})
  const sound = useSound()
  const rest = useRest(asked.clientId, () => sound.on && signal(880, 0.6, 400))
  useAwake()
  const view = standing(asked, instead.value, log.waiting)
  const [chosen, setChosen] = useState<number | null>(null)
  const over = Object.keys(ended.value).filter((exercise) => ended.value[exercise])
  const left = setsLeft(view, log.waiting, over)
  const turn: Turn | null = nextTurn(view, log.waiting, chosen, over)
  const item = turn ? view.items[turn.item] : undefined
  const advice = useAdvice(view, item, log.waiting)
  const line = useRef<HTMLDivElement>(null)
  useInSight(line, `${turn?.item}-${turn?.place}`)
  return (
    <Flex direction="column" flex="1" maxW="1180px" w="100%" mx="auto">
      <Flex as="nav" ref={line} aria-label="Exercises" gap={2} px={4} pt={3} overflowX="auto" flexShrink={0}>
        {view.items.map((one, i) => (
          <ExerciseKey
            key={asked.items[i]?.exercise}
            item={one}
            isNow={turn?.item === i}
            left={left.filter((set) => set.item === i).length}
            onChoose={() => {
              setChosen(i)
              if (over.includes(one.exercise)) ended.set({ [one.exercise]: false })
            }}
            colors={colors}
          />
        ))}
      </Flex>
      <Flex px={4} mt={2} wrap="wrap" align="start" gap={3} color={colors.quiet}>
        <TimeShort
          view={view}
          left={left}
          onLeaveOut={(exercises) => {
            setChosen(null)
            ended.set(Object.fromEntries(exercises.map((exercise) => [exercise, true])))
          }}
          colors={colors}
        />
      </Flex>
      <Box px={4}>
        <Refused log={log} colors={colors} />
        {log.noRoom && (
          <Box mt={3} role="alert" borderLeft="6px solid" borderColor={colors.stop} pl={3}>
            Not logged: this device has no room left to keep a set. What you entered still stands. Free some space and log it again; until
            then write it down.
          </Box>
        )}
      </Box>
      {turn && item ? (
        <>
          <Station
            key={`${item.exercise}-${turn.place}`}
            view={view}
            item={item}
            turn={turn}
            log={log}
            advice={advice}
            rest={rest}
            sound={sound.on}
            warmed={warmed.value[item.exercise] ?? 0}
            onWarmed={(done) => warmed.set({ [item.exercise]: done })}
            onEnd={() => {
              setChosen(null)
              ended.set({ [item.exercise]: true })
            }}
            colors={colors}
          />
          <Instead
            planned={asked.items[turn.item] ?? item}
            standing={item}
            onInstead={(exercise) => instead.set({ [asked.items[turn.item]?.exercise ?? '']: exercise })}
            colors={colors}
          />
          <WarningSigns view={view} onWarn={onWarn} colors={colors} />
          <Box px={4} pb={5}>
            <chakra.button type="button" onClick={sound.toggle} minH="target" color={colors.quiet} textDecoration="underline">
              {sound.on ? 'Turn sound off' : 'Turn sound on'}
            </chakra.button>
          </Box>
        </>
      ) : (
        <Finished view={view} log={log} ended={over} colors={colors} />
      )}
    </Flex>
  )
}

interface ExerciseKeyProps {
  item: FloorItem
  isNow: boolean
  left: number
  onChoose: () => void
  colors: FloorColors
}

function ExerciseKey({ item, isNow, left, onChoose, colors }: ExerciseKeyProps) {
  return (
    <chakra.button
      type="button"
      aria-current={isNow ? 'step' : undefined}
      onClick={onChoose}
      minH="48px"
      px={4}
      border="1px solid"
      borderColor={isNow ? colors.ink : colors.hair}
      borderBottomWidth={isNow ? '4px' : '1px'}
      fontWeight={isNow ? 'strong' : 'normal'}
      color={left === 0 ? colors.quiet : undefined}
      whiteSpace="nowrap"
    >
      {item.superset ? `${item.superset} ` : ''}
      {item.name}
      {left === 0 ? ', done' : ''}
    </chakra.button>
  )
}

function Finished({ view, log, ended, colors }: { view: FloorView; log: FloorLog; ended: readonly string[]; colors: FloorColors }) {
  const next = view.dates.find((day) => day > view.date)
  const unsent = log.waiting.filter((entry) => !entry.sent).length
  return (
    <Box p={5}>
      <Box textStyle="figure" fontWeight="strong">
        {ended.length > 0 ? 'The session is over.' : 'All sets are done.'}
      </Box>
      <Box mt={2} color={colors.quiet}>
        {unsent > 0 ? `${unsent} not sent yet; they are kept here and sent as soon as the server answers.` : 'Everything is saved.'}
      </Box>
      {unsent === 0 && <Summary clientId={view.clientId} date={view.date} colors={colors} />}
      {view.items.map((item) => (
        <Box key={item.exercise} mt={4}>
          <Box fontWeight="semibold">
            {item.name}
            {ended.includes(item.exercise) ? ', ended early' : ''}
          </Box>
          <DoneSets view={view} item={item} log={log} colors={colors} />
        </Box>
      ))}
      {next && (
        <Box mt={5}>
          <TextLink to={`?date=${next}`}>See the next session, {dayName(next)}: its loads follow from what was logged.</TextLink>
        </Box>
      )}
    </Box>
  )
}
