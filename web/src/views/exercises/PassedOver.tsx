import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ExercisesView } from '../../api/schema'
import { Plain } from '../../ui/form'

/** What could not be chosen, each with its reason; what the coach took out can come back. */
export function PassedOver({ view, onBack }: { view: ExercisesView; onBack: (exercise: string) => void }) {
  const banned = view.picks.filter((pick) => pick.kind === 'banned').map((pick) => pick.exercise)
  if (view.passed.length === 0) return null
  return (
    <chakra.details px={4} py={3} textStyle="note" open={banned.length > 0}>
      <chakra.summary cursor="pointer" minH="chip" fontWeight="semibold">
        Passed over: {view.passed.length}
      </chakra.summary>
      <Box as="ul" mt={1}>
        {view.passed.map((one) => (
          <Flex as="li" key={one.exercise} gap={3} align="center" py={1} borderBottom="1px solid" borderColor="hair">
            <Box flex="1">
              {one.name}: {one.because}
            </Box>
            {banned.includes(one.exercise) && (
              <Plain size="xs" onClick={() => onBack(one.exercise)}>
                Let it back
              </Plain>
            )}
          </Flex>
        ))}
      </Box>
    </chakra.details>
  )
}
