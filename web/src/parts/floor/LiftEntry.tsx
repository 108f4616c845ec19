import { Box, Flex, Grid } from '@chakra-ui/react'
import { mass, massUnit } from '../../text/numbers'
import { BigKey } from './BigKey'
import { Count, DoneKey, type EntryProps, LoadStepper, Pair } from './entryParts'
import { RpeKeys } from './RpeKeys'

const repsInWords = (reps: number | null) => (reps === 1 ? '1 repetition' : `${reps ?? 0} repetitions`)

/** Load and repetitions, with a rating. */
export function LiftEntry(props: EntryProps) {
  const { entry } = props
  const what = `${entry.reps ?? 0} × ${entry.kg === null ? 'no load' : mass(entry.kg)}`
  return (
    <>
      <Pair>
        <LoadStepper {...props} />
        <Count {...props} of="reps" label="Reps" />
      </Pair>
      <RatedKeys {...props} what={what} />
    </>
  )
}

/** Repetitions of the body or against a band, with a rating. */
export function BodyWeightEntry(props: EntryProps) {
  const { item, entry, onEntry, colors } = props
  const banded = item.bands.length > 0
  const extra = [entry.band ? `${entry.band} band` : '', entry.kg ? `${mass(entry.kg)} ${massUnit()} more` : '']
  const what = [repsInWords(entry.reps), ...extra].filter(Boolean).join(', ')
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
      <RatedKeys {...props} what={what} />
    </>
  )
}

/** The keys that log it: a rating, none, or of an AMRAP what was said and done. */
function RatedKeys(props: EntryProps & { what: string }) {
  const { set, onLog, colors, what } = props
  if (set.asks.includes('reserve')) return <AmrapKeys {...props} />
  return (
    <>
      <RpeKeys onRpe={(rpe) => onLog({ rpe })} colors={colors} />
      <DoneKey onPress={() => onLog({})} colors={colors}>
        Done, {what}, no rating
      </DoneKey>
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
      <DoneKey onPress={() => onLog({})} colors={colors}>
        Done, {what}
        {entry.left === null ? ', nothing said' : ''}
      </DoneKey>
    </>
  )
}
