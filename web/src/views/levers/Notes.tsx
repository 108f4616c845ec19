import { Box, chakra } from '@chakra-ui/react'
import { memo } from 'react'
import type { ModelNote } from '../../api/schema'

/** What the model takes for granted and leaves out, once, in plain words. */
export const Notes = memo(function Notes({ notes }: { notes: readonly ModelNote[] }) {
  return (
    <Box px={4} py={4} borderTop="1px solid" borderColor="hair" maxW="90ch">
      <chakra.h2 fontWeight="strong" mb={1}>
        What this model leaves out
      </chakra.h2>
      <Box as="ul" pl={5} listStyleType="disc">
        {notes.map((note) => (
          <li key={note.text}>
            {note.text}{' '}
            <chakra.span color="quiet" textStyle="note">
              ({note.source === 'assumption' ? 'assumption' : `source ${note.source}`})
            </chakra.span>
          </li>
        ))}
      </Box>
    </Box>
  )
})
