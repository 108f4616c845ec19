import { Box, chakra } from '@chakra-ui/react'
import type { FloorLog } from '../../hooks/useFloor'
import { mass } from '../../text/numbers'
import type { FloorColors } from './floor-theme'

/** Sets that the server would not take: shown with the reason until someone decides. */
export function Refused({ log, colors }: { log: FloorLog; colors: FloorColors }) {
  const refused = log.waiting.filter((entry) => entry.refused)
  if (refused.length === 0) return null
  return (
    <Box mt={3} role="alert">
      {refused.map((entry) => (
        <Box key={entry.id} borderLeft="6px solid" borderColor={colors.stop} pl={3} mb={2}>
          Not taken: {entry.set ? `${entry.set.reps} × ${mass(entry.set.kg)}` : 'an undo'}. {entry.refused}
          <chakra.button type="button" onClick={() => void log.discard(entry.id)} minH="56px" px={3} ml={2} textDecoration="underline">
            Drop it
          </chakra.button>
        </Box>
      ))}
    </Box>
  )
}
