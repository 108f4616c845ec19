import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { codes } from '../../api/codes'
import { limits } from '../../api/limits'
import { words } from '../../text/codes'
import { BigKey } from './BigKey'
import type { Entry } from './entry'
import type { FloorColors } from './floor-theme'
import { Stepper } from './Stepper'

interface Props {
  entry: Entry
  onEntry: (change: Partial<Entry>) => void
  colors: FloorColors
  /** What stands beside every pain entry. */
  caution: string
}

/** What else is worth writing down for this set: where form changed, pain and where, a note. Set before the set is logged. */
export function More({ entry, onEntry, colors, caution }: Props) {
  const begun = entry.heldTo !== null || entry.pain !== null || entry.note !== ''
  const [open, setOpen] = useState(begun)
  const most = entry.reps ?? 10
  return (
    <Box mt={3}>
      <chakra.button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        minH="hand"
        w="100%"
        border="1px solid"
        borderColor={colors.hair}
        _hover={{ bg: colors.press }}
      >
        {open ? 'Less' : `Form, pain, note${begun ? ' (begun)' : ''}`}
      </chakra.button>
      {open && (
        <Grid gap={2} mt={2}>
          {entry.reps !== null && (
            <Stepper
              label="Form held to rep"
              value={entry.heldTo === null ? 'all' : String(entry.heldTo)}
              onLess={() => onEntry({ heldTo: Math.max(0, (entry.heldTo ?? most) - 1) })}
              onMore={() => onEntry({ heldTo: entry.heldTo === null || entry.heldTo + 1 >= most ? null : entry.heldTo + 1 })}
              colors={colors}
            />
          )}
          <Stepper
            label="Pain, 0 to 10"
            value={entry.pain === null ? 'none' : String(entry.pain)}
            onLess={() => onEntry({ pain: !entry.pain ? null : entry.pain - 1 })}
            onMore={() => onEntry({ pain: Math.min(10, (entry.pain ?? 0) + 1) })}
            colors={colors}
          />
          {entry.pain !== null && (
            <Flex gap={2} wrap="wrap" role="group" aria-label="Where it hurts">
              {codes.painRegion.map((region) => (
                <BigKey
                  key={region}
                  pressed={entry.painAt === region}
                  onPress={() => onEntry({ painAt: entry.painAt === region ? null : region })}
                  colors={colors}
                >
                  {words(region)}
                </BigKey>
              ))}
            </Flex>
          )}
          <Box color={colors.quiet}>{caution}</Box>
          <chakra.label>
            Note
            <chakra.textarea
              value={entry.note}
              maxLength={limits.logSet.note.length}
              rows={2}
              onChange={(event) => onEntry({ note: event.target.value })}
              w="100%"
              bg="transparent"
              border="1px solid"
              borderColor={colors.hair}
              p={2}
            />
          </chakra.label>
        </Grid>
      )}
    </Box>
  )
}
