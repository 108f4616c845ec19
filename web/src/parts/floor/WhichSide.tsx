import { Box, chakra, Grid } from '@chakra-ui/react'
import type { FloorSet } from '../../api/schema'
import type { FloorColors } from './floor-theme'
import { setInShort } from '../../text/sets'
import type { DoneSet } from './session'

const Svg = chakra('svg')

interface Props {
  set: FloorSet
  other: { set: FloorSet; done: DoneSet | null } | null
  colors: FloorColors
}

/** Both sides of a one-sided set, each in its own place; the one that works is filled and has an arrow. */
export function WhichSide({ set, other, colors }: Props) {
  if (!set.side) return null
  return (
    <Grid templateColumns="minmax(0, 1fr) minmax(0, 1fr)" gap={2} mt={2} role="group" aria-label="Side">
      {(['left', 'right'] as const).map((side) => {
        const works = side === set.side
        return (
          <Box
            key={side}
            aria-current={works ? 'step' : undefined}
            minH="hand"
            px={3}
            py={1}
            border="1px solid"
            borderColor={works ? colors.ink : colors.hair}
            bg={works ? colors.ink : 'transparent'}
            color={works ? colors.bg : colors.quiet}
            textAlign={side}
          >
            <Box textStyle="head" fontWeight="strong" lineHeight={1.1}>
              {works && side === 'left' && <Arrow towards="left" />}
              {side === 'left' ? 'Left' : 'Right'}
              {works && side === 'right' && <Arrow towards="right" />}
            </Box>
            <Box>{works ? 'now' : other?.done ? `done: ${setInShort(other.done)}` : 'after this'}</Box>
          </Box>
        )
      })}
    </Grid>
  )
}

function Arrow({ towards }: { towards: 'left' | 'right' }) {
  return (
    <Svg viewBox="0 0 12 16" h="0.8em" w="0.6em" display="inline-block" mx={2} aria-hidden fill="currentColor">
      <path d={towards === 'left' ? 'M12 0 L0 8 L12 16 Z' : 'M0 0 L12 8 L0 16 Z'} />
    </Svg>
  )
}
