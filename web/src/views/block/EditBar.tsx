import { Box, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { BlockEdits } from '../../hooks/useBlockEdits'
import { keyHint } from '../../keys/registry'
import { Plain, Primary, Toggle } from '../../ui/form'
import { type FieldKey, fields } from './fields'

interface Props {
  edits: BlockEdits
  field: FieldKey
  onField: (field: FieldKey) => void
  /** What the last act in the grid did or did not take. */
  said: string
}

/** What a typed number changes. */
const Fields = memo(function Fields({ field, onField }: { field: FieldKey; onField: (field: FieldKey) => void }) {
  return (
    <>
      <Box textStyle="note" color="quiet" id="field-label">
        Type
      </Box>
      <Flex role="group" aria-labelledby="field-label" gap={1} wrap="wrap">
        {fields.map((one) => (
          <Toggle key={one.key} size="xs" on={one.key === field} onClick={() => onField(one.key)} px={2}>
            {one.label()}
          </Toggle>
        ))}
      </Flex>
    </>
  )
})

/** What a typed number changes, undo and redo, and the way to keep or leave what was changed. */
export function EditBar({ edits, field, onField, said }: Props) {
  return (
    <Box
      px={2.5}
      pb={2}
      data-print="no"
      position={{ base: 'static', md: 'sticky' }}
      top={0}
      bg="ground"
      zIndex={2}
      borderBottom="1px solid"
      borderColor="hair"
    >
      <Flex gap={1.5} align="center" wrap="wrap">
        <Fields field={field} onField={onField} />
        <Flex gap={1.5} ml="auto" align="center">
          <Box textStyle="note" color="quiet" role="status">
            {edits.working ? 'Working' : ''}
          </Box>
          <Plain size="xs" {...keyHint('undo')} onClick={edits.acts.undo} disabled={!edits.canUndo}>
            Undo
          </Plain>
          <Plain size="xs" {...keyHint('redo')} onClick={edits.acts.redo} disabled={!edits.canRedo}>
            Redo
          </Plain>
          <Plain size="xs" onClick={edits.acts.drop} disabled={!edits.dirty}>
            Take back
          </Plain>
          <Primary size="xs" minH="cell" onClick={edits.acts.keep} disabled={!edits.dirty}>
            Keep
          </Primary>
        </Flex>
      </Flex>
      <Box role="status" textStyle="note" mt={said ? 1 : 0}>
        {said}
      </Box>
      {edits.problem && (
        <Box role="alert" color="stop" fontWeight="semibold" textStyle="note" mt={1}>
          {edits.problem} What you changed is kept in this tab.
        </Box>
      )}
      {edits.view.refused.length > 0 && (
        <Box as="ul" role="alert" textStyle="note" mt={1}>
          {edits.view.refused.map((one) => (
            <li key={one}>Not changed: {one}</li>
          ))}
        </Box>
      )}
    </Box>
  )
}
