import { Box, Flex } from '@chakra-ui/react'
import { ApiProblem } from '../api/client'
import type { Newer } from '../hooks/useDraft'
import { useFocusOnWrong } from '../hooks/useFocusOnWrong'
import { useStanding } from '../ui/useStanding'
import { isConflict, problemInWords } from '../api/problems'
import { Plain, Primary } from '../ui/form'
import { Conflict } from './Conflict'

interface Props<T> {
  draft: { value: T; dirty: boolean; newer: Newer<T> | null }
  save: { isPending: boolean; isSuccess: boolean; error: Error | null }
  onSave: () => void
  onReset: () => void
}

/** Nothing is saved before what somebody else left is settled: the focus goes where that is done. */
const toTheConflict = () => document.querySelector<HTMLElement>('[role=alertdialog] button')?.focus()

/** Save and take back, with what happened last; what someone else changed meanwhile is settled here first. */
export function SaveBar<T>({ draft, save, onSave, onReset }: Props<T>) {
  // That someone else was faster is settled above, once what they saved is here.
  const lost = isConflict(save.error)
  const refused = lost ? null : save.error
  useFocusOnWrong(refused)
  const problem = useStanding(refused, draft.value)
  return (
    <>
      {!save.isPending && draft.newer && <Conflict newer={draft.newer} onLeave={onReset} />}
      <Flex mt={4} gap={3} align="center" wrap="wrap" minH="40px">
        <Primary onClick={draft.newer ? toTheConflict : onSave} disabled={!draft.dirty} loading={save.isPending} loadingText="Saving">
          Save
        </Primary>
        {draft.dirty && !draft.newer && <Plain onClick={onReset}>Take back</Plain>}
        <Box role="status" color={problem ? 'stop' : 'quiet'} fontWeight={problem ? 'semibold' : 'normal'}>
          {problem
            ? problemInWords(problem)
            : draft.dirty
              ? lost && !draft.newer
                ? 'Not saved yet: save again.'
                : 'Not saved yet.'
              : save.isSuccess
                ? 'Saved.'
                : ''}
        </Box>
      </Flex>
    </>
  )
}

/** What the server said of a field below a prefix; of a list that is one field, what it said of the first entry that is wrong. */
export function fieldErrors(problem: Error | null, prefix: string): (path: string) => string | undefined {
  const fields = problem instanceof ApiProblem ? problem.fields : {}
  return (path) => {
    const whole = prefix === '' ? path : `${prefix}.${path}`
    if (fields[whole]) return fields[whole]
    const entry = Object.keys(fields).find((field) => field.startsWith(`${whole}[`) && field.endsWith(']'))
    return entry && `Entry ${Number(entry.slice(whole.length + 1, -1)) + 1}: ${fields[entry]}`
  }
}
