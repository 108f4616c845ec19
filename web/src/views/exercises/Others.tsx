import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { ChosenLine, RankedLine } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { words } from '../../text/codes'
import { plain } from '../../text/numbers'
import { Plain, TextField, Toggle } from '../../ui/form'
import { ScoreBar } from '../../ui/ScoreBar'

interface Props {
  slot: ChosenLine
  others: readonly RankedLine[]
  against: string | null
  onAgainst: (other: RankedLine) => void
  onAdd: (other: RankedLine) => void
}

/** What else could stand in the place of the exercise in focus, ranked; all of the rest with one touch. */
export function Others({ slot, others, against, onAgainst, onAdd }: Props) {
  const onKey = useListKeys('[data-other]')
  const [all, setAll] = useState(false)
  const [text, setText] = useState('')
  const found = others.filter(
    (other) => (all || slot.rivals.some((rival) => rival.exercise === other.face.exercise)) && matches(other, text),
  )
  return (
    <Box
      as="section"
      aria-label="Could serve"
      w={{ base: '100%', lg: '300px' }}
      flexShrink={0}
      borderLeft={{ lg: '1px solid' }}
      borderColor={{ lg: 'hair' }}
      overflow={{ lg: 'auto' }}
    >
      <Box px={3} py={2} borderBottom="1px solid" borderColor="hair">
        <Box textStyle="note" color="quiet" mb={1.5}>
          In place of {slot.face.name.toLowerCase()}
        </Box>
        <TextField
          label="Name, pattern, muscle, kit or finding"
          value={text}
          maxLength={60}
          onChange={(event) => setText(event.target.value)}
        />
        <Flex gap={1.5} mt={2}>
          <Toggle size="sm" on={!all} onClick={() => setAll(false)}>
            Same job
          </Toggle>
          <Toggle size="sm" on={all} onClick={() => setAll(true)}>
            Everything
          </Toggle>
        </Flex>
      </Box>
      <Box onKeyDown={onKey}>
        {found.length === 0 && <Box p={3}>Nothing else can serve here. Look under Everything.</Box>}
        {found.slice(0, 60).map((other) => (
          <Box
            key={other.face.exercise}
            px={3}
            py={2}
            borderBottom="1px solid"
            borderColor="hair"
            bg={other.face.exercise === against ? 'lifted' : undefined}
          >
            <chakra.button
              type="button"
              data-other={other.face.exercise}
              textAlign="left"
              w="100%"
              minH="chip"
              fontWeight="medium"
              aria-pressed={other.face.exercise === against}
              onClick={() => onAgainst(other)}
            >
              {other.face.name}
            </chakra.button>
            <Box textStyle="fine" color="quiet">
              {[words(other.face.pattern ?? ''), ...other.answers.map((one) => `for: ${one.toLowerCase()}`)].join(' · ')}
            </Box>
            <Flex align="center" gap={2} mt={1}>
              <ScoreBar parts={other.parts} score={other.score} height={8} />
              <Box textStyle="fine" fontStretch="75%">
                {plain(other.score, 2)}
              </Box>
            </Flex>
            {other.face.exercise === against && (
              <Plain size="sm" mt={2} onClick={() => onAdd(other)}>
                Add beside it
              </Plain>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  )
}

function matches(other: RankedLine, text: string): boolean {
  const wanted = text.trim().toLowerCase()
  if (wanted === '') return true
  const { face } = other
  return [
    face.name,
    words(face.pattern ?? ''),
    face.kit,
    face.ladder ?? '',
    ...face.muscles.map((one) => words(one.muscle ?? '')),
    ...other.answers,
  ]
    .join(' ')
    .toLowerCase()
    .includes(wanted)
}
