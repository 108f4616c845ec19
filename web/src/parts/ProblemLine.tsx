import { Box } from '@chakra-ui/react'
import { useFocusOnWrong } from '../hooks/useFocusOnWrong'
import { useStanding } from '../ui/useStanding'
import { problemInWords } from '../api/problems'

/** What went wrong with a form, under it, until the form is changed; the focus goes to the first field that is wrong. */
export function ProblemLine({ problem: said, of }: { problem: Error | null; of: unknown }) {
  useFocusOnWrong(said)
  const problem = useStanding(said, of)
  return (
    problem && (
      <Box role="alert" color="stop" fontWeight="semibold" mt={3}>
        {problemInWords(problem)}
      </Box>
    )
  )
}
