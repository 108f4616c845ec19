import { Box } from '@chakra-ui/react'
import type { NoteLine } from '../../api/schema'
import { useReadNotes } from '../../hooks/useSharing'
import { atTime } from '../../text/dates'
import { Plain, Section } from '../../ui/form'

/** What the lifter wrote. */
export function Notes({ id, notes, canMark }: { id: string; notes: readonly NoteLine[]; canMark: boolean }) {
  const read = useReadNotes(id)
  if (notes.length === 0) return null
  const unread = notes.filter((note) => !note.isRead)
  return (
    <Section
      title={unread.length > 0 ? `Notes from the lifter, ${unread.length} new` : 'Notes from the lifter'}
      aside={
        canMark &&
        unread.length > 0 && (
          <Plain size="sm" onClick={() => read.mutate(undefined)} loading={read.isPending}>
            Mark as read
          </Plain>
        )
      }
    >
      <Box as="ul" listStyleType="none">
        {notes.map((note) => (
          <Box as="li" key={note.id} py={2} borderBottom="1px solid" borderColor="hair" maxW="reading">
            <Box textStyle="note" color="quiet">
              {atTime(note.at)}
              {note.isRead ? '' : ', new'}
            </Box>
            <Box whiteSpace="pre-wrap" overflowWrap="anywhere" fontWeight={note.isRead ? 'normal' : 'semibold'}>
              {note.text}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  )
}
