import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { limits } from '../../api/limits'
import type { FloorItem, FloorSet } from '../../api/schema'
import { kgOf, mass, massUnit, massWord, plain } from '../../text/numbers'
import { BigKey } from './BigKey'
import { Clock } from './Clock'
import type { Entry, Said } from './entry'
import type { FloorColors } from './floor-theme'
import { RpeKeys } from './RpeKeys'
import { stepLoad } from './session'
import { Stepper } from './Stepper'

export interface EntryProps {
  item: FloorItem
  set: FloorSet
  entry: Entry
  onEntry: (change: Partial<Entry>) => void
  onLog: (said: Said) => void
  onTarget: () => void
  colors: FloorColors
}

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

const between = (value: number, { least, most }: { least: number; most: number }) => Math.min(most, Math.max(least, value))

function Pair({ children }: { children: ReactNode }) {
  return (
    <Grid templateColumns="repeat(auto-fit, minmax(min(100%, 168px), 1fr))" gap={2} mt={3}>
      {children}
    </Grid>
  )
}

function LoadStepper({ item, entry, onEntry, colors, label = 'Load' }: EntryProps & { label?: string }) {
  const step = (direction: 1 | -1) => onEntry({ kg: stepLoad(item.loads, entry.kg ?? 0, direction) })
  return (
    <Stepper
      label={label}
      value={entry.kg === null ? '' : mass(entry.kg)}
      onLess={() => step(-1)}
      onMore={() => step(1)}
      onTyped={(typed) => onEntry({ kg: typed === null ? null : between(kgOf(typed), limits.logSet.kg) })}
      unit={massWord()}
      colors={colors}
    />
  )
}

/** A whole number of something: repetitions, seconds, metres. */
function Count({
  of,
  by = 1,
  label,
  entry,
  onEntry,
  colors,
}: EntryProps & { of: 'reps' | 'seconds' | 'metres' | 'heightCm'; by?: number; label: string }) {
  const step = (change: number) => onEntry({ [of]: between((entry[of] ?? 0) + change, limits.logSet[of]) })
  return (
    <Stepper
      label={label}
      value={entry[of] === null ? '' : plain(entry[of])}
      onLess={() => step(-by)}
      onMore={() => step(by)}
      onTyped={(typed) => onEntry({ [of]: typed === null ? null : between(typed, limits.logSet[of]) })}
      colors={colors}
    />
  )
}

const repsInWords = (reps: number | null) => (reps === 1 ? '1 repetition' : `${reps ?? 0} repetitions`)

function LiftEntry(props: EntryProps) {
  const { set, entry, onLog, colors } = props
  const what = `${entry.reps ?? 0} × ${entry.kg === null ? 'no load' : mass(entry.kg)}`
  return (
    <>
      <Pair>
        <LoadStepper {...props} />
        <Count {...props} of="reps" label="Reps" />
      </Pair>
      {set.amrap ? (
        <AmrapKeys {...props} what={what} />
      ) : (
        <>
          <RpeKeys onRpe={(rpe) => onLog({ rpe })} colors={colors} />
          <DoneKey onPress={() => onLog({ rpe: null })} colors={colors}>
            Done, {what}, no rating
          </DoneKey>
        </>
      )}
    </>
  )
}

function BodyWeightEntry(props: EntryProps) {
  const { item, set, entry, onEntry, onLog, colors } = props
  const banded = item.bands.length > 0
  const what = `${repsInWords(entry.reps)}${entry.band ? `, ${entry.band} band` : ''}${entry.kg ? `, ${mass(entry.kg)} ${massUnit()} more` : ''}`
  return (
    <>
      <Pair>
        <Count {...props} of="reps" label="Reps" />
        {!banded && <LoadStepper {...props} label="Load added" />}
      </Pair>
      {item.bands.length > 1 && (
        <Flex gap={2} mt={2} wrap="wrap" role="group" aria-label="Band">
          {item.bands.map((band) => (
            <BigKey
              key={band}
              pressed={entry.band === band}
              onPress={() => onEntry({ band: entry.band === band ? null : band })}
              colors={colors}
            >
              {band}
            </BigKey>
          ))}
        </Flex>
      )}
      {set.amrap ? (
        <AmrapKeys {...props} what={what} />
      ) : (
        <>
          <RpeKeys onRpe={(rpe) => onLog({ rpe })} colors={colors} />
          <DoneKey onPress={() => onLog({ rpe: null })} colors={colors}>
            Done, {what}, no rating
          </DoneKey>
        </>
      )}
    </>
  )
}

const leftChoices = [0, 1, 2, 3, 4, 5] as const

/** As many as possible: what the lifter says is left at the prescribed repetition, then how many there were. */
function AmrapKeys({ set, entry, onEntry, onLog, colors, what }: EntryProps & { what: string }) {
  return (
    <>
      <Box mt={3} role="group" aria-label={`Left at repetition ${set.reps}`}>
        <Box mb={1}>
          <b>At {set.reps}: how many are left?</b> Then go on to the last good one.
        </Box>
        <Grid templateColumns="repeat(6, 1fr)" gap={2}>
          {leftChoices.map((left) => (
            <BigKey
              key={left}
              pressed={entry.left === left}
              onPress={() => onEntry({ left: entry.left === left ? null : left })}
              colors={colors}
            >
              {left === 5 ? '5+' : left}
            </BigKey>
          ))}
        </Grid>
      </Box>
      <DoneKey onPress={() => onLog({ rpe: null })} colors={colors}>
        Done, {what}
        {entry.left === null ? ', nothing said' : ''}
      </DoneKey>
    </>
  )
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
        <Count {...props} of="seconds" label="Seconds, if timed" />
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

function DoneKey({ children, onPress, colors }: { children: ReactNode; onPress: () => void; colors: FloorColors }) {
  return (
    <chakra.div mt={2} display="grid">
      <BigKey filled="filled" onPress={onPress} colors={colors} keyId="logUnrated">
        {children}
      </BigKey>
    </chakra.div>
  )
}
