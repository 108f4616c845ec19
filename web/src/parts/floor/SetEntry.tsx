import { Box, Grid } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { plain } from '../../text/numbers'
import { BigKey } from './BigKey'
import { Clock } from './Clock'
import { Count, DoneKey, type EntryProps, LoadStepper, Pair } from './entryParts'
import { BodyWeightEntry, LiftEntry } from './LiftEntry'

/** What is asked of the set at hand, by what it is. */
export function SetEntry(props: EntryProps) {
  switch (props.set.kind) {
    case 'lift':
      return <LiftEntry {...props} />
    case 'body-weight':
      return <BodyWeightEntry {...props} />
    case 'hold':
      return <HoldEntry {...props} />
    case 'carry':
    case 'medley':
      return <WayEntry {...props} />
    case 'throw':
    case 'jump':
      return <ThrowEntry {...props} />
    case 'priming':
      return <PrimingEntry {...props} />
    case 'drill':
      return <DrillEntry {...props} />
  }
}

function HoldEntry(props: EntryProps) {
  const { set, entry, onEntry, onLog, onTarget, colors } = props
  return (
    <>
      <Clock entry={entry} onEntry={onEntry} target={set.seconds} onTarget={onTarget} colors={colors} />
      <Pair>
        <Count {...props} of="seconds" by={5} label="Seconds held" />
        {set.kg !== null && <LoadStepper {...props} />}
      </Pair>
      <DoneKey onPress={() => onLog({})} colors={colors}>
        {entry.startedAt === null ? `Held, ${plain(entry.seconds ?? 0)} seconds` : 'Held until now'}
      </DoneKey>
    </>
  )
}

function WayEntry(props: EntryProps) {
  const { set, entry, onEntry, onLog, onTarget, colors } = props
  return (
    <>
      <Clock entry={entry} onEntry={onEntry} target={null} onTarget={onTarget} colors={colors} />
      <Pair>
        {set.kind === 'carry' && <LoadStepper {...props} />}
        <Count {...props} of="metres" by={5} label="Metres" />
        <Box style={{ flexBasis: '100%' }}>
          <Count {...props} of="seconds" label="Seconds, if timed" />
        </Box>
      </Pair>
      <DoneKey onPress={() => onLog({})} colors={colors}>
        Done, {plain(entry.metres ?? 0)} m{entry.startedAt !== null ? ' until now' : entry.seconds ? ` in ${plain(entry.seconds)} s` : ''}
      </DoneKey>
    </>
  )
}

function ThrowEntry(props: EntryProps) {
  const { set, onLog, colors } = props
  return (
    <>
      <Pair>
        {set.kind === 'throw' && <LoadStepper {...props} />}
        <Count {...props} of="reps" label={set.kind === 'throw' ? 'Throws' : 'Jumps'} />
        <Count {...props} of="heightCm" label="Best height, cm" />
        <Count {...props} of="metres" by={0.5} label="or distance, m" />
      </Pair>
      <Box mt={3}>Was the last as fast as the first? A tap logs the set.</Box>
      <Two>
        <BigKey filled="filled" onPress={() => onLog({ word: 'fast' })} colors={colors} keyId="logUnrated">
          Fast
        </BigKey>
        <BigKey onPress={() => onLog({ word: 'slowing' })} colors={colors} keyId="floorNo">
          Slowing
        </BigKey>
      </Two>
    </>
  )
}

function PrimingEntry({ onLog, colors }: EntryProps) {
  return (
    <>
      <Box mt={3}>Do they feel it work? A tap logs the set; felt is enough, then on to the lift.</Box>
      <Two>
        <BigKey filled="filled" onPress={() => onLog({ word: 'felt' })} colors={colors} keyId="logUnrated">
          Felt
        </BigKey>
        <BigKey onPress={() => onLog({ word: 'not-yet' })} colors={colors} keyId="floorNo">
          Not yet
        </BigKey>
      </Two>
    </>
  )
}

function DrillEntry(props: EntryProps) {
  const { set, onLog, colors } = props
  return (
    <>
      {set.kg !== null && (
        <Pair>
          <LoadStepper {...props} />
        </Pair>
      )}
      <Box mt={3}>How many of {set.reps} were clean? A tap logs the set.</Box>
      <Grid templateColumns="repeat(auto-fill, minmax(64px, 1fr))" gap={2} mt={2} role="group" aria-label="Clean repetitions">
        {Array.from({ length: set.reps + 1 }, (_, clean) => (
          <BigKey
            key={clean}
            filled={clean === set.reps ? 'filled' : undefined}
            onPress={() => onLog({ cleanReps: clean })}
            colors={colors}
          >
            {clean === set.reps ? `all ${clean}` : clean}
          </BigKey>
        ))}
      </Grid>
    </>
  )
}

function Two({ children }: { children: ReactNode }) {
  return (
    <Grid templateColumns="minmax(0, 3fr) minmax(0, 2fr)" gap={2} mt={2}>
      {children}
    </Grid>
  )
}
