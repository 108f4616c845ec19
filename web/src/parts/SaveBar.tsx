import { Box, Flex } from '@chakra-ui/react'
import { ApiProblem } from '../api/client'
import { useFocusOnWrong } from '../hooks/useFocusOnWrong'
import { Plain, Primary } from '../ui/form'

interface Props {
  dirty: boolean
  saving: boolean
  saved: boolean
  problem: Error | null
  onSave: () => void
  onReset: () => void
}

/** Save and take back, with what happened last; stands only where there is something to say. */
export function SaveBar({ dirty, saving, saved, problem, onSave, onReset }: Props) {
  useFocusOnWrong(problem)
  return (
    <Flex mt={4} gap={3} align="center" wrap="wrap" minH="40px">
      <Primary onClick={onSave} disabled={!dirty} loading={saving} loadingText="Saving">
        Save
      </Primary>
      {dirty && <Plain onClick={onReset}>Take back</Plain>}
      <Box role="status" color={problem ? 'stop' : 'quiet'} fontWeight={problem ? 'semibold' : 'normal'}>
        {problem
          ? `${problem.message} ${problem instanceof ApiProblem ? problem.detail : ''}`
          : dirty
            ? 'Not saved yet.'
            : saved
              ? 'Saved.'
              : ''}
      </Box>
    </Flex>
  )
}

/** What the server said of a field below a prefix. */
export function fieldErrors(problem: Error | null, prefix: string): (path: string) => string | undefined {
  const fields = problem instanceof ApiProblem ? problem.fields : {}
  return (path) => fields[prefix === '' ? path : `${prefix}.${path}`]
}
