import { Box, Flex } from '@chakra-ui/react'
import { atTime } from '../../text/dates'
import { Plain } from '../../ui/form'

interface Props {
  file: { name: string; by: string; keptAt: string; takenBackAt: string | null }
  /** What came of it. */
  what: string
  isTakingBack: boolean
  onTakeBack: () => void
}

/** A file that was taken in, and the way to take it back as one. */
export function TakenIn({ file, what, isTakingBack, onTakeBack }: Props) {
  return (
    <Flex gap={4} py={2} borderBottom="1px solid" borderColor="hair" align="center" wrap="wrap" justify="space-between">
      <Box minW={0} overflowWrap="anywhere">
        <Box fontWeight="semibold">{file.name}</Box>
        <Box textStyle="note" color="quiet">
          {what}; {file.by}, {atTime(file.keptAt)}
          {file.takenBackAt && `; taken back ${atTime(file.takenBackAt)}`}
        </Box>
      </Box>
      {!file.takenBackAt && (
        <Plain aria-label={`Take back ${file.name}`} loading={isTakingBack} onClick={onTakeBack}>
          Take back
        </Plain>
      )}
    </Flex>
  )
}
