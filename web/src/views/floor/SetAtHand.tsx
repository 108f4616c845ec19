import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { FloorItem, FloorSet, FloorView } from '../../api/schema'
import type { FloorLog } from '../../hooks/useFloor'
import { weekKinds } from '../../text/codes'
import { effort, clock, mass, massWord, plain } from '../../text/numbers'
import { Plates, platesInWords } from '../../ui/Plates'
import { SetBars } from '../../ui/SetBars'
import type { FloorColors } from './floor-theme'
import { doneFor, floorBars, platesFor, type Turn } from './session'
import { useRest } from './useRest'

interface Props {
  view: FloorView
  item: FloorItem
  turn: Turn
  set: FloorSet
  kg: number
  log: FloorLog
  rest: ReturnType<typeof useRest>
  colors: FloorColors
}

/** The set at hand, large: its load and plates, what is asked, how it is set up, and the sets around it. */
export function SetAtHand({ view, item, turn, set, kg, log, rest, colors }: Props) {
  const lastDone = item.sets
    .slice(0, turn.place)
    .map((earlier) => doneFor(item, earlier, view.date, log.waiting))
    .findLast((done) => done !== null)
  const before = lastDone ? platesFor(item, set, lastDone.kg) : (item.warmUp.at(-1)?.perSide ?? null)
  const perSide = platesFor(item, set, kg)
  return (
    <Box>
      <Flex justify="space-between" align="baseline" mt={2} gap={3} wrap="wrap">
        <Box color={colors.quiet}>
          Set {turn.place + 1} of {item.sets.length}
          {set.side && (
            <chakra.span color={colors.ink} fontWeight="bold" textStyle="head" ml={3}>
              {set.side === 'left' ? 'Left side' : 'Right side'}
            </chakra.span>
          )}
          {view.session && view.session.weekKind !== 'load' ? `, ${weekKinds[view.session.weekKind].toLowerCase()}` : ''}
        </Box>
        <Box
          color={rest.tooSoon ? colors.ink : colors.quiet}
          role="timer"
          aria-live="off"
          fontWeight="semibold"
          fontStretch="75%"
          textStyle="figure"
        >
          {rest.running ? `Rest ${clock(rest.left)}${rest.tooSoon ? `, at least ${clock(set.leastRestSeconds)}` : ''}` : ''}
        </Box>
      </Flex>
      <Grid templateColumns="auto minmax(0, 1fr)" alignItems="center" columnGap={4}>
        <Box
          textStyle="weight"
          lineHeight={0.95}
          fontWeight="strong"
          fontStretch="70%"
          aria-label={set.kg === null ? effort(set.rpe) : `${mass(kg)} ${massWord()}`}
        >
          {set.kg === null ? (set.rpe === null ? 'easy' : `@${plain(set.rpe)}`) : mass(kg)}
        </Box>
        {perSide && (
          <Box bg="plates.ground" py={1}>
            <Plates perSide={perSide} before={before} height={92} />
          </Box>
        )}
      </Grid>
      <Box color={colors.quiet} mt={1}>
        {set.kg === null ? 'By effort: choose what gives it' : kg === 0 ? 'No load: body weight' : massWord()}
        {perSide ? `, ${platesInWords(perSide, before)}` : ''}
        {set.each && set.count && set.count > 1 ? `, ${set.count} of ${mass(set.each)}` : ''}
      </Box>
      <Flex wrap="wrap" columnGap={6} rowGap={2} py={2} my={2} borderY="1px solid" borderColor={colors.hair}>
        {set.metres !== null ? (
          <Asked label="Metres" value={String(set.metres)} colors={colors} />
        ) : set.seconds !== null ? (
          <Asked label="Seconds" value={String(set.seconds)} colors={colors} />
        ) : (
          <Asked label="Reps" value={set.amrap ? `${set.reps}+` : String(set.reps)} colors={colors} />
        )}
        <Asked label="Effort" value={set.rpe === null ? 'easy' : plain(set.rpe)} colors={colors} />
        <Asked label="Tempo" value={set.tempo} colors={colors} />
        <Asked label="Rest" value={clock(set.restSeconds)} colors={colors} />
      </Flex>
      {set.amrap && <Box fontWeight="semibold">At {set.reps} say how many are left, then go on to as many as possible in good form.</Box>}
      {item.superset && <Box>Superset {item.superset}: in turn with its partner, then rest.</Box>}
      {item.setUp !== '' && <Box>{item.setUp}</Box>}
      {item.cues[0] && <Box fontWeight="semibold">{item.cues[0]}</Box>}
      <Box mt={2}>
        <SetBars
          sets={floorBars(item, view.date, log.waiting, turn.place)}
          label="Warm-up, done and coming sets"
          height={52}
          repWidth={5}
          onPanel
        />
        {turn.place === 0 && item.warmUp.length > 0 && (
          <Box color={colors.quiet} mt={1}>
            Warm up: {item.warmUp.map((warm) => `${warm.reps} × ${mass(warm.kg)}`).join(', ')}
          </Box>
        )}
      </Box>
    </Box>
  )
}

function Asked({ label, value, colors }: { label: string; value: string; colors: FloorColors }) {
  return (
    <Box flex="1 0 auto" whiteSpace="nowrap">
      <Box color={colors.quiet}>{label}</Box>
      <Box textStyle="figure" fontWeight="strong" fontStretch="75%" lineHeight={1.1}>
        {value}
      </Box>
    </Box>
  )
}
