import type { FloorLog } from '../../hooks/useFloor'
import { Box } from '@chakra-ui/react'
import { RefusedEntry } from '../../ui/RefusedEntry'
import { remove, sendAgain } from '../../offline/outbox'
import type { FloorColors } from './floor-theme'

/** Sets that the server would not take: shown with the reason until someone decides. */
export function Refused({ log, colors }: { log: FloorLog; colors: FloorColors }) {
  const refused = log.waiting.filter((entry) => entry.refused)
  if (refused.length === 0) return null
  return (
    <Box mt={3} role="alert">
      {refused.map((entry) => (
        <RefusedEntry
          key={entry.id}
          entry={entry}
          edge={colors.stop}
          onAgain={() => void sendAgain(entry.id)}
          onDrop={() => void remove(entry.id)}
        />
      ))}
    </Box>
  )
}
