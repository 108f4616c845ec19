import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import type { FloorItem, FloorView, HealthFlag } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import type { FloorLog } from '../../hooks/useFloor'
import { useInSight } from '../../hooks/useInSight'
import { ComingIn } from './ComingIn'
import { DoneSets } from './DoneSets'
import { Finished } from './Finished'
import type { FloorColors } from './floor-theme'
import { Instead } from './Instead'
import { Refused } from './Refused'
import { draftsOf, isBegun, nextTurn, readinessOf, setsLeft, standing, type Turn, overOf } from './session'
import { signal, useSound } from './signal'
import { Station } from './Station'
import { TimeShort } from './TimeShort'
import { useAdvice } from './useAdvice'
import { useAwake } from './useAwake'
import { useComingIn } from './useComingIn'
import { useRest } from './useRest'
import { WarningSigns } from './WarningSigns'

interface SessionProps {
  view: FloorView
  log: FloorLog
  /** A sign that ends the session. */
  onWarn: (sign: HealthFlag) => void
  colors: FloorColors
}

/** A session as it is done: how the client comes in, then set after set. */
export function FloorSession({ view: asked, log, onWarn, colors }: SessionProps) {
  const drafts = draftsOf(asked)
  const instead = useDraft<Record<string, string>>(drafts.instead, {})
  const warmed = useDraft<Record<string, number>>(drafts.warmed, {})
  const ended = useDraft<Record<string, boolean>>(drafts.ended, {})
  const sound = useSound()
  const rest = useRest(asked.clientId, () => sound.on && signal(880, 0.6, 400))
  useAwake()
  const said = readinessOf(asked, log.waiting)
  const stands = useMemo(() => standing(asked, instead.value, log.waiting), [asked, instead.value, log.waiting])
  const { view, out, preview, failed } = useComingIn(stands, said)
  const [search] = useSearchParams()
  const asksFor = search.get('correct')?.split('.')[0]
  const [chosen, setChosen] = useState<number | null>(() => {
    const at = asksFor ? asked.items.findIndex((one) => one.exercise === asksFor) : -1
    return at < 0 ? null : at
  })
  // Also where this device has no room to keep the answers.
  const [coming, setComing] = useState<'asked' | 'going' | null>(null)
  const begun = isBegun(asked, warmed.value, log.waiting)
  const over = overOf(view, ended.value, out)
  const left = setsLeft(view, log.waiting, over)
  const turn: Turn | null = nextTurn(view, log.waiting, chosen, over)
  const item = turn ? view.items[turn.item] : undefined
  const advice = useAdvice(view, item, log.waiting)
  // An exercise that is asked for and has nothing left shows what was done of it, to be put right.
  const looked = chosen !== null && left.every((one) => one.item !== chosen) ? view.items[chosen] : undefined
  const line = useRef<HTMLDivElement>(null)
  useInSight(line, `${turn?.item}-${turn?.place}`)
  if (coming === 'asked' || (coming === null && !said && !begun))
    return (
      <ComingIn
        view={asked}
        said={said?.answers}
        preview={preview}
        failed={failed}
        onStart={(answers, taken) => {
          setComing('going')
          void log.comeIn({ date: asked.date, answers, taken })
        }}
        onLook={() => setComing('going')}
        colors={colors}
      />
    )
  return (
    <Flex direction="column" flex="1" maxW="1180px" w="100%" mx="auto">
      <Flex as="nav" ref={line} aria-label="Exercises" gap={2} px={4} pt={3} overflowX="auto" flexShrink={0}>
        {view.items.map((one, i) => (
          <ExerciseKey
            key={asked.items[i]?.exercise}
            item={one}
            isNow={turn?.item === i}
            left={left.filter((set) => set.item === i).length}
            over={over.includes(one.exercise)}
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
      {looked && turn && (
        <Box px={4} mt={3}>
          <Box fontWeight="semibold">{looked.name}: nothing is left to do.</Box>
          <DoneSets key={looked.exercise} view={view} item={looked} log={log} colors={colors} />
        </Box>
      )}
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
          <Flex px={4} pb={5} gap={5} wrap="wrap" color={colors.quiet}>
            {!begun && (
              <chakra.button type="button" onClick={() => setComing('asked')} minH="target" textDecoration="underline">
                Before the first set
              </chakra.button>
            )}
            <chakra.button type="button" onClick={sound.toggle} minH="target" textDecoration="underline">
              {sound.on ? 'Turn sound off' : 'Turn sound on'}
            </chakra.button>
          </Flex>
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
  /** Ended or left out. */
  over: boolean
  onChoose: () => void
  colors: FloorColors
}

function ExerciseKey({ item, isNow, left, over, onChoose, colors }: ExerciseKeyProps) {
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
      {over ? ', left out' : left === 0 ? ', done' : ''}
    </chakra.button>
  )
}
