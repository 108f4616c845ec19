import { Box, Flex } from '@chakra-ui/react'
import type { ScoreShare } from '../api/schema'
import { plain } from '../text/numbers'

/** A score as a bar: each part as wide as its weight, filled as far as it reaches. */
export function ScoreBar({ parts, score, height = 12 }: { parts: readonly ScoreShare[]; score: number; height?: number }) {
  const label = `Score ${plain(score, 2)}: ${parts.map((part) => `${part.name} ${plain(part.value, 2)}`).join(', ')}`
  return (
    <Flex role="img" aria-label={label} title={label} h={`${height}px`} border="1px solid" borderColor="currentcolor" w="100%">
      {parts
        .filter((part) => part.weight > 0)
        .map((part) => (
          <Box
            key={part.name}
            w={`${part.weight * 100}%`}
            borderRight="1px solid"
            borderColor="currentcolor"
            _last={{ borderRight: 'none' }}
          >
            <Box h="100%" w={`${Math.max(0, Math.min(1, part.value)) * 100}%`} bg="currentcolor" opacity={0.7} />
          </Box>
        ))}
    </Flex>
  )
}
