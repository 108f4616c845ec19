import { Box, chakra, Flex } from '@chakra-ui/react'
import { type ReactNode, useState } from 'react'
import { setInShort } from '../text/sets'
import type { LogSet } from '../api/schema'

interface Props {
  entry: { set?: LogSet | null; warning?: object; refused?: string }
  /** The colour of its edge. */
  edge: string
  onAgain: () => void
  onDrop: () => void
}

/** Something logged that the server refused: it can be sent again, and is dropped only when that is said twice. */
export function RefusedEntry({ entry, edge, onAgain, onDrop }: Props) {
  const [asked, setAsked] = useState(false)
  const what = entry.set ? setInShort(entry.set) : entry.warning ? 'a warning sign' : 'an undo'
  return (
    <Box borderLeft="6px solid" borderColor={edge} pl={3} mb={2}>
      Not taken: {what}. {entry.refused}
      <Flex gap={2} wrap="wrap" mt={1}>
        {asked ? (
          <>
            <Act onClick={onDrop}>Yes, drop {what} for good</Act>
            <Act onClick={() => setAsked(false)}>Keep it here</Act>
          </>
        ) : (
          <>
            <Act onClick={onAgain}>Send again</Act>
            <Act onClick={() => setAsked(true)}>Drop it</Act>
          </>
        )}
      </Flex>
    </Box>
  )
}

function Act({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <chakra.button type="button" onClick={onClick} minH="hand" px={4} border="1px solid" borderColor="currentColor">
      {children}
    </chakra.button>
  )
}
