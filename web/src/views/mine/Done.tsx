import { Box, chakra, Flex } from '@chakra-ui/react'
import type { DoneDay } from '../../api/schema'
import { dayName } from '../../text/dates'
import { setInShort } from '../../text/sets'
import { capital } from '../../text/sentence'

/** What was done, the newest day first. */
export function Done({ days }: { days: readonly DoneDay[] }) {
  if (days.length === 0) return <Box p={4}>Nothing is logged yet.</Box>
  return days.map((day) => (
    <Box key={day.date} borderBottom="1px solid" borderColor="hair" p={4}>
      <chakra.h2 textStyle="entry" fontWeight="strong">
        {capital(dayName(day.date))}
      </chakra.h2>
      <Box as="ul" listStyleType="none" mt={1}>
        {day.lines.map((line) => (
          <Flex as="li" key={line.exercise} justify="space-between" columnGap={4} py={1} wrap="wrap">
            <Box>{line.name}</Box>
            <Box color="quiet">{line.sets.map(setInShort).join('; ')}</Box>
          </Flex>
        ))}
      </Box>
    </Box>
  ))
}
