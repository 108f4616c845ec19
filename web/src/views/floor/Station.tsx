import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { SetAtHand } from './SetAtHand'
import { isTyping } from '../../keys/useKeys'
import { useFloorKeys } from './useFloorKeys'
import { useEffect, useRef, useState } from 'react'
import type { FloorItem, FloorView } from '../../api/schema'
import type { FloorLog } from '../../hooks/useFloor'
import { kgOf, mass } from '../../text/numbers'
import type { FloorColors } from './floor-theme'
import { More, type MoreValues, noMore } from './More'
import { Refused } from './Refused'
import { RpeKeys } from './RpeKeys'
import { Stepper } from './Stepper'
import { stepLoad, type Turn } from './session'
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
  const hand = useRef<HTMLDivElement>(null)
  // The next set has the focus, so that its keys are at hand; what is typed into elsewhere keeps it.
  useEffect(() => {
    if (!isTyping(document.activeElement)) hand.current?.focus({ preventScroll: true })
  }, [])
  const proposal = item.proposal?.place === turn.place ? item.proposal : null
  const next = proposal?.next
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
  const onKey = useFloorKeys({ log: logSet, step, reps: (by) => setReps(Math.max(0, reps + by)) })

  return (
    <Grid
      ref={hand}
      role="group"
      aria-label={`${item.name}, set ${turn.place + 1} of ${item.sets.length}`}
      tabIndex={-1}
      outline="none"
      onKeyDown={onKey}
      templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 440px' }}
      columnGap={10}
      flex="1"
      px={4}
      pb={5}
      alignContent="start"
    >
      <SetAtHand view={view} item={item} turn={turn} set={set} kg={kg} log={log} rest={rest} colors={colors} />
      <Flex direction="column" minW={0}>
        {proposal && (
          <Flex mt={3} gap={3} align="center" wrap="wrap" borderLeft="6px solid" borderColor={colors.ink} pl={3} role="status">
            <Box flex="1" minW="200px">
              {proposal.text}
            </Box>
            {next && (next.kg !== kg || next.reps !== reps) && (
              <chakra.button
                type="button"
                minH="hand"
                px={4}
                border="1px solid"
                borderColor={colors.ink}
                fontWeight="strong"
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
        <Grid templateColumns="repeat(auto-fit, minmax(min(100%, 172px), 1fr))" gap={2} mt={3}>
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
          textStyle="title"
          fontWeight="bold"
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
