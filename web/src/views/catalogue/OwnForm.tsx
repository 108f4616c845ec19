import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { ApiProblem } from '../../api/client'
import type { ExerciseFileView } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useExerciseFile, useSaveExercise } from '../../hooks/useExercises'
import { Conflict } from '../../parts/Conflict'
import { ProblemLine } from '../../parts/ProblemLine'
import { isConflict } from '../../api/problems'
import { Plain, Primary } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { BodyPart, CostPart, LoadPart, NamePart, WordsPart } from './OwnFields'
import { type OwnDraft, ownDraftOf, ownOf } from './own'

interface Props {
  exercise: string
  as: 'change' | 'copy'
  names: readonly { value: string; label: string }[]
  onDone: (exercise: string | null) => void
}

/** An exercise of the coach's own: a copy of one that is there, or one of their own to change. */
export function OwnForm(props: Props) {
  const file = useExerciseFile(props.exercise)
  if (file.state === 'failed') return <Failed message={file.message} retry={file.retry} />
  if (file.state === 'loading') return <Loading label="Fetching the exercise" rows={8} />
  return <Form key={props.exercise + props.as} file={file.data} {...props} />
}

function Form({ file, exercise, as, names, onDone }: Props & { file: ExerciseFileView }) {
  const draft = useDraft(`exercise.${as}.${exercise}`, ownDraftOf(file.exercise, as), as === 'change' ? file.version : null)
  const save = useSaveExercise()
  const errors = save.error instanceof ApiProblem ? save.error.fields : {}
  const parts = {
    draft: draft.value,
    onChange: draft.set as (change: Partial<OwnDraft>) => void,
    error: (field: string) => errorAt(errors, field),
    names,
  }
  const keep = () => {
    const document = ownOf(draft.value)
    save.mutate(
      { version: as === 'change' ? draft.version : null, exercise: document },
      {
        onSuccess: () => {
          draft.reset()
          onDone(document.id)
        },
      },
    )
  }
  return (
    <Box as="section" aria-label="Your own exercise" px={4} py={3} maxW="900px">
      <chakra.h2 textStyle="title" fontWeight="strong" mb={1}>
        {as === 'copy' ? `Your own, after ${file.exercise.name.toLowerCase()}` : `Change ${file.exercise.name.toLowerCase()}`}
      </chakra.h2>
      <Box color="quiet" textStyle="note" mb={3}>
        {as === 'copy'
          ? 'Name it and change what differs. It is held to the same checks as every other exercise.'
          : 'Old plans keep the name it had.'}
      </Box>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          keep()
        }}
      >
        <Grid gap={4}>
          <NamePart {...parts} isNew={as === 'copy'} />
          <WordsPart {...parts} />
          <LoadPart {...parts} />
          <BodyPart {...parts} />
          <CostPart {...parts} />
        </Grid>
        {draft.newer && <Conflict newer={draft.newer} onLeave={draft.reset} />}
        <ProblemLine problem={isConflict(save.error) ? null : save.error} of={draft.value} />
        <Flex gap={2} mt={4} position="sticky" bottom={0} bg="ground" py={2} wrap="wrap">
          <Primary type="submit" disabled={save.isPending || draft.newer !== null}>
            Keep
          </Primary>
          <Plain type="button" onClick={() => onDone(null)}>
            Leave; what is typed stays
          </Plain>
          {draft.dirty && (
            <Plain type="button" onClick={draft.reset}>
              Start over
            </Plain>
          )}
          {as === 'change' && (
            <Plain type="button" aria-pressed={draft.value.putAway} onClick={() => draft.set({ putAway: !draft.value.putAway })}>
              {draft.value.putAway ? 'Put away when kept' : 'Put away'}
            </Plain>
          )}
        </Flex>
      </form>
    </Box>
  )
}

const errorAt = (errors: Readonly<Record<string, string>>, field: string): string | undefined => {
  const path = `exercise.${field}`
  const at = Object.keys(errors).find((key) => key === path || key.startsWith(`${path}.`) || key.startsWith(`${path}[`))
  return at === undefined ? undefined : errors[at]
}
