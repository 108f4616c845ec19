import { Box, chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { BlockView } from '../../api/schema'
import { mass, massUnit } from '../../text/numbers'

interface Props {
  attempts: BlockView['attempts']
  daily: BlockView['daily']
  name: (exercise: string) => string
}

/** What belongs to the block and stands in no session: attempts on the day, and work for every day. */
export const Beside = memo(function Beside({ attempts, daily, name }: Props) {
  if (attempts.length === 0 && daily.length === 0) return null
  return (
    <Flex
      as="section"
      aria-label="Beside the sessions"
      px={2.5}
      py={3}
      gap={8}
      wrap="wrap"
      textStyle="note"
      borderTop="1px solid"
      borderColor="hair"
    >
      {attempts.length > 0 && (
        <Box>
          <chakra.h2 fontWeight="strong" mb={1}>
            Attempts on the day
          </chakra.h2>
          {attempts.map((row) => (
            <Box key={row.exercise}>
              {name(row.exercise)}: {row.kg.map((kg) => mass(kg)).join(', ')} {massUnit()}
              <Box as="span" color="quiet">
                {' '}
                of a max of {mass(row.forecastKg, 1)} today; safer {row.saferKg.map((kg) => mass(kg)).join(', ')}, bolder{' '}
                {row.bolderKg.map((kg) => mass(kg)).join(', ')}
              </Box>
            </Box>
          ))}
        </Box>
      )}
      {daily.length > 0 && (
        <Box>
          <chakra.h2 fontWeight="strong" mb={1}>
            Every day
          </chakra.h2>
          {daily.map((row) => (
            <Box key={row.exercise}>{row.because}</Box>
          ))}
        </Box>
      )}
    </Flex>
  )
})
