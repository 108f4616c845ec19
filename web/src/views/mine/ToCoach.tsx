import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { v7 as newId } from 'uuid'
import type { NoteLine } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useWriteNote } from '../../hooks/useSharing'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { atTime } from '../../text/dates'
import { LinesField, Primary, Section } from '../../ui/form'

/** A note to the coach, and those before. */
export function ToCoach({ id, notes }: { id: string; notes: readonly NoteLine[] }) {
  const write = useWriteNote(id)
  const draft = useDraft(`${id}.note`, { text: '' })
  // One id for one note, however often it is sent.
  const [noteId, setNoteId] = useState(() => newId())
  return (
    <Section title="Note to your coach">
      <chakra.form
        onSubmit={(event) => {
          event.preventDefault()
          write.mutate(
            { id: noteId, text: draft.value.text },
            {
              onSuccess: () => {
                draft.reset()
                setNoteId(newId())
              },
            },
          )
        }}
      >
        <LinesField
          label="What they should know"
          rows={4}
          value={draft.value.text}
          error={fieldErrors(write.error, '')('text')}
          onValue={(text) => draft.set({ text })}
        />
        <ProblemLine problem={write.error} of={draft.value.text} />
        <Primary mt={3} type="submit" disabled={draft.value.text.trim() === ''} loading={write.isPending} loadingText="Sending">
          Send
        </Primary>
        <Box role="status" mt={2}>
          {write.isSuccess && draft.value.text === '' ? 'Sent.' : ''}
        </Box>
      </chakra.form>
      <Box as="ul" listStyleType="none" mt={4}>
        {notes.map((note) => (
          <Box as="li" key={note.id} py={2} borderTop="1px solid" borderColor="hair">
            <Box textStyle="note" color="quiet">
              {atTime(note.at)}
              {note.isRead ? ', read' : ''}
            </Box>
            <Box whiteSpace="pre-wrap" overflowWrap="anywhere">
              {note.text}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  )
}
