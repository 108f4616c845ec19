import { Box, Flex, Grid } from '@chakra-ui/react'
import { useEffect, useRef } from 'react'
import type { FloorItem, FloorProposal, FloorSet, FloorView } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import type { FloorLog } from '../../hooks/useFloor'
import { isTyping } from '../../keys/useKeys'
import { mass } from '../../text/numbers'
import { BigKey } from './BigKey'
import { DoneSets } from './DoneSets'
import { clockPressed, type Entry, entryFor, loggedAs, type Said } from './entry'
import type { FloorColors } from './floor-theme'
import { More } from './More'
import { RestBand } from './RestBand'
import { SetAtHand } from './SetAtHand'
import { SetEntry } from './SetEntry'
import { otherSideOf, restsAfter, stepLoad, type Turn } from './session'
import { signal } from './signal'
import { TempoCount } from './TempoCount'
import { UndoBar } from './UndoBar'
import { useFloorKeys } from './useFloorKeys'
import type { RestClock } from './useRest'
import { WarmUp } from './WarmUp'

interface Props {
  view: FloorView
  item: FloorItem
  turn: Turn
  log: FloorLog
  /** What the next set should be; null where the plan stands. */
  advice: FloorProposal | null
  rest: RestClock
  sound: boolean
  /** Warm-up sets that are ticked. */
  warmed: number
  onWarmed: (count: number) => void
  /** The exercise is over for today. */
  onEnd: () => void
  colors: FloorColors
}

const doubleTapGuardMs = 600
let lastTap = 0

/** One set at hand: a warm-up, or load and plates large, what is asked, and the keys that log it. */
export function Station(props: Props) {
  const { item, turn, warmed, onWarmed } = props
  const hand = useRef<HTMLDivElement>(null)
  const warming = turn.place === 0 && warmed < item.warmUp.length
  // The next set has the focus, so that its keys are at hand; what is typed into elsewhere keeps it.
  useEffect(() => {
    if (!isTyping(document.activeElement)) hand.current?.focus({ preventScroll: true })
  }, [warming])
  if (warming) return <WarmingUp {...props} hand={hand} onTick={() => onWarmed(warmed + 1)} onSkip={() => onWarmed(item.warmUp.length)} />
  return <WorkSet {...props} hand={hand} />
}

/** Kinds of sets that go by a tempo. */
const counted: readonly FloorSet['kind'][] = ['lift', 'body-weight', 'priming', 'drill']

type Hand = { hand: React.RefObject<HTMLDivElement | null> }

function WarmingUp({
  item,
  warmed,
  onWarmed,
  onTick,
  onSkip,
  hand,
  view,
  log,
  rest,
  colors,
}: Props & Hand & { onTick: () => void; onSkip: () => void }) {
  const onKey = useFloorKeys({ yes: onTick })
  return (
    <Box
      ref={hand}
      role="group"
      aria-label={`${item.name}, warm-up ${warmed + 1} of ${item.warmUp.length}`}
      data-set={`${item.exercise} warm-up ${warmed}`}
      tabIndex={-1}
      outline="none"
      onKeyDown={onKey}
      px={4}
      pb={5}
    >
      <UndoBar view={view} log={log} colors={colors} onUndone={rest.stop} />
      <RestBand clock={rest} colors={colors} />
      <WarmUp item={item} done={warmed} onTick={onTick} onBack={() => onWarmed(warmed - 1)} onSkip={onSkip} colors={colors} />
    </Box>
  )
}

function WorkSet({ view, item, turn, log, advice, rest, sound, onEnd, colors, hand }: Props & Hand) {
  const set = item.sets[turn.place] ?? item.sets[0]
  if (!set) throw new Error('An exercise without sets is on the floor.')
  const other = otherSideOf(item, set, view.date, log.waiting)
  const draft = useDraft<Entry>(
    `floor.set.${view.clientId}.${view.date}.${item.exercise}.${set.place}`,
    entryFor(item, set, other?.done ?? null),
  )
  const entry = draft.value
  const logSet = (said: Said) => {
    if (Date.now() - lastTap < doubleTapGuardMs) return
    lastTap = Date.now()
    // Both sides of a set are done before the rest.
    const otherFirst = other !== null && !other.done
    void log.log(loggedAs(entry, item, set, view.date, said)).then((kept) => {
      if (kept === 'no room') return
      if (!otherFirst && restsAfter(view, turn)) rest.start(set.restSeconds, set.leastRestSeconds)
      draft.reset()
    })
  }
  const onKey = useSetKeys(item, set, entry, draft.set, logSet)
  return (
    <Grid
      ref={hand}
      role="group"
      aria-label={`${item.name}, set ${turn.place + 1} of ${item.sets.length}`}
      data-set={`${item.exercise} ${turn.place}`}
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
      <Box minW={0}>
        <UndoBar view={view} log={log} colors={colors} onUndone={rest.stop} />
        <RestBand clock={rest} colors={colors} />
        <SetAtHand view={view} item={item} turn={turn} set={set} kg={entry.kg} other={other} log={log} colors={colors} />
      </Box>
      <Flex direction="column" minW={0}>
        <Proposal advice={advice} turn={turn} entry={entry} onEntry={draft.set} onEnd={onEnd} colors={colors} />
        <SetEntry
          item={item}
          set={set}
          entry={entry}
          onEntry={draft.set}
          onLog={logSet}
          onTarget={() => sound && signal(880, 0.4, 300)}
          colors={colors}
        />
        {counted.includes(set.kind) && <TempoCount tempo={set.tempo} sound={sound} colors={colors} />}
        <More entry={entry} onEntry={draft.set} colors={colors} caution={view.caution} />
        <DoneSets view={view} item={item} log={log} colors={colors} />
      </Flex>
    </Grid>
  )
}

/** The keys of a set, by what it is. */
function useSetKeys(
  item: FloorItem,
  set: FloorItem['sets'][number],
  entry: Entry,
  onEntry: (change: Partial<Entry>) => void,
  onLog: (said: Said) => void,
) {
  const yes: Said =
    set.kind === 'priming'
      ? { word: 'felt' }
      : set.kind === 'drill'
        ? { cleanReps: set.reps }
        : set.asks.includes('word')
          ? { word: 'fast' }
          : {}
  const counts = set.seconds !== null ? 'seconds' : set.way !== null ? 'metres' : 'reps'
  return useFloorKeys({
    digit: (digit) => {
      if (set.asks.includes('rpe') && (digit === 0 || digit >= 5)) onLog({ rpe: digit === 0 ? 10 : digit })
      else if (set.kind === 'drill' && digit <= set.reps) onLog({ cleanReps: digit })
    },
    yes: () => onLog(yes),
    no: () => {
      if (set.asks.includes('word')) onLog({ word: set.kind === 'priming' ? 'not-yet' : 'slowing' })
    },
    clock: () => {
      if (set.asks.includes('seconds')) onEntry(clockPressed(entry, Date.now()))
    },
    step: (direction) => {
      if (entry.kg !== null) onEntry({ kg: stepLoad(item.loads, entry.kg, direction) })
    },
    count: (direction) => {
      const by = counts === 'reps' ? 1 : 5
      if (entry[counts] !== null) onEntry({ [counts]: Math.max(0, entry[counts] + by * direction) })
    },
  })
}

interface ProposalProps {
  advice: FloorProposal | null
  turn: Turn
  entry: Entry
  onEntry: (change: Partial<Entry>) => void
  onEnd: () => void
  colors: FloorColors
}

/** What the last set suggests, with its reason, to be taken with one key or left. */
function Proposal({ advice, turn, entry, onEntry, onEnd, colors }: ProposalProps) {
  const proposal = advice?.place === turn.place ? advice : null
  if (!proposal) return null
  const next = proposal.next
  const differs =
    next && (next.kg !== entry.kg || (entry.reps !== null && next.reps !== entry.reps) || (next.seconds ?? null) !== entry.seconds)
  const take = () =>
    next &&
    onEntry({
      kg: next.kg,
      ...(entry.reps === null ? {} : { reps: next.reps }),
      ...(next.seconds === null ? {} : { seconds: next.seconds }),
      ...(next.metres === null ? {} : { metres: next.metres }),
    })
  return (
    <Flex mt={3} gap={3} align="center" wrap="wrap" borderLeft="6px solid" borderColor={colors.ink} pl={3} role="status">
      <Box flex="1" minW="200px">
        {proposal.text}
      </Box>
      {differs && (
        <BigKey onPress={take} colors={colors}>
          Take{' '}
          {next.seconds !== null
            ? `${next.seconds} s`
            : next.metres !== null
              ? `${next.metres} m`
              : next.kg === null
                ? next.reps
                : `${next.reps} × ${mass(next.kg)}`}
        </BigKey>
      )}
      {proposal.ends && (
        <BigKey filled="filled" onPress={onEnd} colors={colors}>
          End it here
        </BigKey>
      )}
    </Flex>
  )
}
