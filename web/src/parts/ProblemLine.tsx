import { Box } from '@chakra-ui/react'
import { useFocusOnWrong } from '../hooks/useFocusOnWrong'
import { problemInWords } from '../api/problems'

/** What went wrong with a form, under it; the focus goes to the first field that is wrong. */
export function ProblemLine({ problem }: { problem: Error | null }) {
  useFocusOnWrong(problem)
  return (
    problem && (
      <Box role="alert" color="stop" fontWeight="semibold" mt={3}>
        {problemInWords(problem)}
      </Box>
    )
  )
}
