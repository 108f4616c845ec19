import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import type { FloorItem, FloorView } from '../../api/schema'
import { useWindowKeys } from '../../keys/useKeys'
import type { FloorLog } from '../../hooks/useFloor'
import { clock, kgOf, mass, massWord, plain } from '../../text/numbers'
import { Plates, platesInWords } from '../../ui/Plates'
import { SetBars } from '../../ui/SetBars'
import type { FloorColors } from './floor-theme'
import { More, type MoreValues, noMore } from './More'
import { Refused } from './Refused'
import { RpeKeys } from './RpeKeys'
import { Stepper } from './Stepper'
import { doneFor, floorBars, platesFor, stepLoad, type Turn } from './session'
import { UndoBar } from './UndoBar'
import { useRest } from './useRest'

interface Props {
  view: FloorView
  item: FloorItem
  turn: Turn
  log: FloorLog
  colors: FloorColors
}

const doubleTapGuardMs = 600
let lastTap = 0

/** One set at hand: load and plates large, what is asked, and the keys that log it. */
export function Station({ view, item, turn, log, colors }: Props) {
  const set = item.sets[turn.place] ?? item.sets[0]
  if (!set) throw new Error('An exercise without sets is on the floor.')
  const [kg, setKg] = useState<number>(set.kg ?? 0)
  const [reps, setReps] = useState(set.reps)
  const [more, setMore] = useState<MoreValues>(noMore)
  const rest = useRest()
  const proposal = item.proposal?.place === turn.place ? item.proposal : null
  const next = proposal?.next
  const lastDone = item.sets
    .slice(0, turn.place)
    .map((earlier) => doneFor(item, earlier, view.date, log.waiting))
    .findLast((done) => done !== null)
  const before = lastDone ? platesFor(item, set, lastDone.kg) : (item.warmUp.at(-1)?.perSide ?? null)
  const perSide = platesFor(item, set, kg)

  const logSet = async (rpe: number | null) => {
    if (Date.now() - lastTap < doubleTapGuardMs) return
    lastTap = Date.now()
    rest.start(set.restSeconds, set.leastRestSeconds)
    await log.log({
      date: view.date,
      exercise: item.exercise,
      place: set.place,
      side: set.side,
      kg,
      reps,
      rpe,
      techniqueHeldTo: more.heldTo,
      pain: more.pain,
      note: more.note.trim() === '' ? null : more.note,
    })
  }
  const step = (direction: 1 | -1) => setKg(stepLoad(item.loads, kg, direction))
  useFloorKeys({ log: logSet, step, reps: (by) => setReps(Math.max(0, reps + by)) })

  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 440px' }}
      columnGap={10}
      flex="1"
      px={4}
      pb={5}
      alignContent="start"
    >
      <Box>
        <Flex justify="space-between" align="baseline" mt={2} gap={3} wrap="wrap">
          <Box color={colors.quiet}>
            Set {turn.place + 1} of {item.sets.length}
            {set.side && (
              <chakra.span color={colors.ink} fontWeight="700" fontSize="22px" ml={3}>
                {set.side === 'left' ? 'Left side' : 'Right side'}
              </chakra.span>
            )}
            {view.session?.weekKind === 'deload' ? ', deload' : ''}
          </Box>
          <Box
            color={rest.tooSoon ? colors.ink : colors.quiet}
            role="timer"
            aria-live="off"
            fontWeight="600"
            fontStretch="75%"
            fontSize="26px"
          >
            {rest.running ? `Rest ${clock(rest.left)}${rest.tooSoon ? `, at least ${clock(set.leastRestSeconds)}` : ''}` : ''}
          </Box>
        </Flex>
        <Grid templateColumns="auto minmax(0, 1fr)" alignItems="center" columnGap={4}>
          <Box
            fontSize="clamp(104px, 28vw, 200px)"
            lineHeight={0.95}
            fontWeight="650"
            fontStretch="70%"
            aria-label={set.kg === null ? `RPE ${set.rpe}` : `${mass(kg)} ${massWord()}`}
          >
            {set.kg === null ? `@${plain(set.rpe)}` : mass(kg)}
          </Box>
          {perSide && (
            <Box bg="#0c1013" py={1}>
              <Plates perSide={perSide} before={before} height={92} />
            </Box>
          )}
        </Grid>
        <Box color={colors.quiet} mt={1}>
          {set.kg === null ? 'By effort: choose what gives it' : kg === 0 ? 'No load: body weight' : massWord()}
          {perSide ? `, ${platesInWords(perSide, before)}` : ''}
          {set.each && set.count && set.count > 1 ? `, ${set.count} of ${mass(set.each)}` : ''}
        </Box>
        <Grid templateColumns="repeat(4, 1fr)" gap={2} py={2} my={2} borderY="1px solid" borderColor={colors.hair}>
          {set.metres !== null ? (
            <Asked label="Metres" value={String(set.metres)} colors={colors} />
          ) : set.seconds !== null ? (
            <Asked label="Seconds" value={String(set.seconds)} colors={colors} />
          ) : (
            <Asked label="Reps" value={set.amrap ? `${set.reps}+` : String(set.reps)} colors={colors} />
          )}
          <Asked label="Effort" value={plain(set.rpe)} colors={colors} />
          <Asked label="Tempo" value={set.tempo} colors={colors} />
          <Asked label="Rest" value={clock(set.restSeconds)} colors={colors} />
        </Grid>
        {set.amrap && <Box fontWeight="600">At {set.reps} say how many are left, then go on to as many as possible in good form.</Box>}
        {item.superset && <Box>Superset {item.superset}: in turn with its partner, then rest.</Box>}
        {item.setUp !== '' && <Box>{item.setUp}</Box>}
        {item.cues[0] && <Box fontWeight="600">{item.cues[0]}</Box>}
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
      <Flex direction="column" minW={0}>
        {proposal && (
          <Flex mt={3} gap={3} align="center" wrap="wrap" borderLeft="6px solid" borderColor={colors.ink} pl={3} role="status">
            <Box flex="1" minW="200px">
              {proposal.text}
            </Box>
            {next && (next.kg !== kg || next.reps !== reps) && (
              <chakra.button
                type="button"
                minH="56px"
                px={4}
                border="1px solid"
                borderColor={colors.ink}
                fontWeight="650"
                onClick={() => {
                  setKg(next.kg)
                  setReps(next.reps)
                }}
              >
                Take {next.reps} × {mass(next.kg)}
              </chakra.button>
            )}
          </Flex>
        )}
        <Grid templateColumns="1fr 1fr" gap={2} mt={3}>
          <Stepper
            label="Load"
            value={mass(kg)}
            onLess={() => step(-1)}
            onMore={() => step(1)}
            colors={colors}
            onTyped={set.kg === null ? (typed) => setKg(kgOf(typed)) : undefined}
          />
          <Stepper
            label="Reps"
            value={String(reps)}
            onLess={() => setReps(Math.max(0, reps - 1))}
            onMore={() => setReps(reps + 1)}
            colors={colors}
          />
        </Grid>
        <RpeKeys onRpe={(rpe) => void logSet(rpe)} colors={colors} />
        <chakra.button
          type="button"
          onClick={() => void logSet(null)}
          mt={2}
          minH="64px"
          bg={colors.ink}
          color={colors.bg}
          fontSize="20px"
          fontWeight="700"
          _active={{ opacity: 0.8 }}
        >
          Done, {reps} × {mass(kg)}, no rating
        </chakra.button>
        <More values={more} onValues={setMore} colors={colors} caution={view.caution} />
        <UndoBar view={view} log={log} colors={colors} onUndone={rest.stop} />
        <Refused log={log} colors={colors} />
      </Flex>
    </Grid>
  )
}

function Asked({ label, value, colors }: { label: string; value: string; colors: FloorColors }) {
  return (
    <Box>
      <Box color={colors.quiet}>{label}</Box>
      <Box fontSize="28px" fontWeight="650" fontStretch="75%" lineHeight={1.1}>
        {value}
      </Box>
    </Box>
  )
}

/** Digits log at that RPE; Enter without a rating; arrows change load and repetitions. */
function useFloorKeys(keys: {
  log: (rpe: number | null) => Promise<void>
  step: (direction: 1 | -1) => void
  reps: (by: number) => void
}): void {
  // A key that is held down logs one set.
  const once = (act: (event: KeyboardEvent) => void) => (event: KeyboardEvent) => (event.repeat ? false : act(event))
  useWindowKeys({
    logAtRpe: once((event) => void keys.log(event.key === '0' ? 10 : Number(event.key))),
    logUnrated: (event) => {
      const pressed = event.target instanceof HTMLElement && ['BUTTON', 'A'].includes(event.target.tagName)
      if (pressed || event.repeat) return false
      void keys.log(null)
    },
    heavier: once(() => keys.step(1)),
    lighter: once(() => keys.step(-1)),
    moreReps: once(() => keys.reps(1)),
    fewerReps: once(() => keys.reps(-1)),
  })
}
