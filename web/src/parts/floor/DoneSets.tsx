import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import type { FloorItem, FloorSet, FloorView } from '../../api/schema'
import type { FloorLog } from '../../hooks/useFloor'
import { setInShort } from '../../text/sets'
import { BigKey } from './BigKey'
import { type Entry, entryOf, loggedAs, type Said } from './entry'
import type { FloorColors } from './floor-theme'
import { More } from './More'
import { SetEntry } from './SetEntry'
import { doneFor, type DoneSet } from './session'

interface Props {
  view: FloorView
  item: FloorItem
  log: FloorLog
  colors: FloorColors
}

/** What was done of an exercise; any of it can be put right later. */
export function DoneSets({ view, item, log, colors }: Props) {
  const [search] = useSearchParams()
  // The block opens a set that is to be put right.
  const [exercise, place] = (search.get('correct') ?? '').split('.')
  const [opened, setOpened] = useState<number | null>(place !== undefined && exercise === item.exercise ? Number(place) : null)
  const done = item.sets.flatMap((set) => {
    const one = doneFor(item, set, view.date, log.waiting)
    return one ? [{ set, one }] : []
  })
  if (done.length === 0) return null
  return (
    <Box as="section" aria-label="Sets done" mt={3}>
      <Flex gap={2} wrap="wrap">
        {done.map(({ set, one }) => (
          <chakra.button
            key={set.place}
            type="button"
            aria-expanded={opened === set.place}
            aria-label={`Set ${set.place + 1}${set.side ? `, ${set.side}` : ''}: ${setInShort(one)}. Correct it`}
            onClick={() => setOpened(opened === set.place ? null : set.place)}
            minH="target"
            px={3}
            border="1px solid"
            borderColor={opened === set.place ? colors.ink : colors.hair}
          >
            {set.side ? `${set.side === 'left' ? 'L' : 'R'} ` : ''}
            {setInShort(one)}
            {one.unsent ? ' (not sent)' : ''}
          </chakra.button>
        ))}
      </Flex>
      {done
        .filter(({ set }) => set.place === opened)
        .map(({ set, one }) => (
          <Correction key={one.id} view={view} item={item} set={set} done={one} log={log} onClose={() => setOpened(null)} colors={colors} />
        ))}
    </Box>
  )
}

function Correction({ view, item, set, done, log, onClose, colors }: Props & { set: FloorSet; done: DoneSet; onClose: () => void }) {
  const [entry, setEntry] = useState<Entry>(() => entryOf(done))
  const change = (part: Partial<Entry>) => setEntry((before) => ({ ...before, ...part }))
  const save = (said: Said) => {
    void log.correct(done.id, loggedAs(entry, item, set, view.date, said))
    onClose()
  }
  return (
    <Box borderLeft="6px solid" borderColor={colors.ink} pl={3} mt={2}>
      <Box fontWeight="semibold">
        Set {set.place + 1} stands as {setInShort(done)}. Put it right; the key that logs it saves it.
      </Box>
      <SetEntry item={item} set={set} entry={entry} onEntry={change} onLog={save} onTarget={() => undefined} colors={colors} />
      <More entry={entry} onEntry={change} colors={colors} caution={view.caution} />
      <Grid templateColumns="1fr 1fr" gap={2} mt={2}>
        <BigKey
          onPress={() => {
            void log.takeBack(done.id)
            onClose()
          }}
          colors={colors}
        >
          Take the set back
        </BigKey>
        <BigKey onPress={onClose} colors={colors}>
          Leave it as it is
        </BigKey>
      </Grid>
    </Box>
  )
}
