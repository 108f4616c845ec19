import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ChosenLine } from '../../api/schema'
import { purposeNames, weekdayNames } from '../../text/codes'
import { plain } from '../../text/numbers'
import { keyHint } from '../../keys/registry'
import { Plain } from '../../ui/form'
import { ScoreBar } from '../../ui/ScoreBar'
import { Thumb } from './Thumb'

interface Props {
  line: ChosenLine
  focused: boolean
  onFocus: () => void
  onPin: () => void
  onOut: () => void
}

/** One chosen exercise: figure, purpose, what it answers, its score as a bar, the days it stands on. */
export function ChosenRow({ line, focused, onFocus, onPin, onOut }: Props) {
  const days = line.days.map((day) => (weekdayNames[day ?? ''] ?? '').slice(0, 3)).join(', ')
  return (
    <Flex
      gap={3}
      px={3}
      py={2.5}
      borderBottom="1px solid"
      borderColor="hair"
      borderLeft="4px solid"
      borderLeftColor={focused ? 'ink' : 'transparent'}
      bg={focused ? 'lifted' : undefined}
      onClick={onFocus}
    >
      <Thumb face={line.face} />
      <Box flex="1" minW={0}>
        <chakra.button
          type="button"
          data-chosen={line.face.exercise}
          onFocus={onFocus}
          aria-current={focused ? 'true' : undefined}
          textAlign="left"
          fontWeight="strong"
          minH="chip"
        >
          {line.face.name}
        </chakra.button>
        <Box textStyle="fine" color="quiet">
          {[purposeNames[line.purpose], line.role === 'capacity' ? 'daily' : days, line.isPicked ? 'your choice' : '']
            .filter(Boolean)
            .join(' · ')}
        </Box>
        {line.answers.length > 0 && <Box textStyle="note">For: {line.answers.map((one) => one.toLowerCase()).join(', ')}</Box>}
        <Flex align="center" gap={2} mt={1}>
          <ScoreBar parts={line.parts} score={line.score} />
          <Box textStyle="note" fontWeight="semibold" fontStretch="75%" w="cell" textAlign="right">
            {plain(line.score, 2)}
          </Box>
        </Flex>
        {focused && (
          <Flex gap={2} mt={2}>
            <Plain size="sm" {...keyHint('pin')} onClick={onPin} aria-pressed={line.isPicked}>
              {line.isPicked ? 'Unpin' : 'Pin'}
            </Plain>
            <Plain size="sm" {...keyHint('takeOut')} onClick={onOut}>
              Take out
            </Plain>
          </Flex>
        )}
      </Box>
    </Flex>
  )
}
