import { Box, chakra, Flex } from '@chakra-ui/react'
import { clock } from '../../text/numbers'
import type { FloorColors } from './floor-theme'
import type { RestClock } from './useRest'

interface Props {
  clock: RestClock
  colors: FloorColors
}

/** Rest, large enough for across the room: what is left, as a number and as a bar that runs down, the least marked on it. */
export function RestBand({ clock: { rest, left, tooSoon, stop }, colors }: Props) {
  if (!rest) return null
  const whole = (rest.endsAt - rest.startedAt) / 1000
  const least = (rest.leastAt - rest.startedAt) / 1000
  const over = left <= 0
  return (
    <Box borderY="1px solid" borderColor={colors.hair} py={2} mt={2}>
      <Flex align="center" gap={4} wrap="wrap">
        <Box role="timer" aria-live="off" textStyle="rest" fontWeight="strong" fontStretch="70%" lineHeight={0.9}>
          {over ? `+${clock(-left)}` : clock(left)}
        </Box>
        <Box flex="1" minW="120px">
          <Box fontWeight="semibold" role="status">
            {over ? 'Rest is over' : tooSoon ? `Rest: at least ${clock(least)}` : 'Rest: may go on'}
          </Box>
          <chakra.button type="button" onClick={stop} minH="target" px={3} mt={1} border="1px solid" borderColor={colors.hair}>
            Hide
          </chakra.button>
        </Box>
      </Flex>
      <Box position="relative" h="14px" mt={2} border="1px solid" borderColor={colors.hair} aria-hidden>
        <Box h="100%" bg={colors.ink} w={`${over ? 0 : Math.min(100, (left / whole) * 100)}%`} />
        {least < whole && (
          <Box
            position="absolute"
            top="-6px"
            bottom="-6px"
            left={`${(1 - least / whole) * 100}%`}
            borderLeft="4px solid"
            borderColor={colors.ink}
            boxShadow={`0 0 0 2px ${colors.bg}`}
          />
        )}
      </Box>
    </Box>
  )
}
