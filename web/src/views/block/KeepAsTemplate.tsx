import { Box, chakra } from '@chakra-ui/react'
import { useDraft } from '../../hooks/useDraft'
import { useKeepTemplate } from '../../hooks/useTemplates'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { LinesField, Primary, TextField } from '../../ui/form'

/** Keeps this block without the person: sessions in order, effort instead of loads. */
export function KeepAsTemplate({ clientId, number }: { clientId: string; number: number }) {
  const keep = useKeepTemplate(clientId)
  const draft = useDraft(`${clientId}.template`, { name: '', note: '' })
  const error = fieldErrors(keep.error, '')
  return (
    <chakra.form
      aria-label="Keep as a template"
      px={2.5}
      py={3}
      borderBottom="1px solid"
      borderColor="hair"
      bg="plate"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate({ name: draft.value.name, note: draft.value.note, number }, { onSuccess: () => draft.reset() })
      }}
    >
      <Box maxW="460px">
        <TextField
          label="Name"
          value={draft.value.name}
          maxLength={120}
          error={error('name')}
          onChange={(event) => draft.set({ name: event.target.value })}
        />
        <Box mt={3}>
          <LinesField
            label="What it is for, and whom it suits"
            value={draft.value.note}
            error={error('note')}
            onValue={(note) => draft.set({ note })}
          />
        </Box>
      </Box>
      <Primary mt={3} type="submit" disabled={draft.value.name.trim() === ''} loading={keep.isPending} loadingText="Keeping it">
        Keep it
      </Primary>
      <Box role="status" mt={2}>
        {keep.isSuccess && !draft.dirty ? 'Kept. "Plan the next block" of any client offers it under "Start from".' : ''}
      </Box>
      <ProblemLine problem={keep.error} of={draft.value} />
    </chakra.form>
  )
}
