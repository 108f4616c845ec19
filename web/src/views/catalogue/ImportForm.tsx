import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useImportExercises, useImportPreview } from '../../hooks/useExercises'
import { useSettled } from '../../hooks/useSettled'
import { LinesField, Plain, Primary } from '../../ui/form'

/** Brings in a list of exercises, YAML or JSON: what it would do is shown first, and nothing is taken while a row is wrong. */
export function ImportForm({ onDone }: { onDone: () => void }) {
  const [text, setText] = useState('')
  const preview = useImportPreview(useSettled(text, 400))
  const bring = useImportExercises()
  const ready = text.trim() !== '' && preview.state === 'ready' && preview.data.faults.length === 0
  const read = (file: File | undefined) => {
    if (file) void file.text().then(setText)
  }
  return (
    <Box as="section" aria-label="Bring in exercises" px={4} py={3} borderBottom="1px solid" borderColor="hair" bg="plate">
      <LinesField label="A list as YAML or JSON: paste it, or choose a file" value={text} rows={6} onValue={setText} />
      <chakra.input
        type="file"
        accept=".yaml,.yml,.json"
        aria-label="File with exercises"
        mt={2}
        onChange={(event) => read(event.target.files?.[0])}
      />
      <Box role="status" textStyle="note" mt={2}>
        {text.trim() !== '' && preview.state === 'loading' && 'Reading.'}
        {preview.state === 'failed' && preview.message}
        {preview.state === 'ready' && (
          <>
            {preview.data.new.length > 0 && <Box>New: {preview.data.new.join(', ')}.</Box>}
            {preview.data.changed.length > 0 && <Box>Changed: {preview.data.changed.join(', ')}.</Box>}
            {preview.data.faults.map((fault) => (
              <Box key={fault} color="stop" fontWeight="semibold">
                {fault}
              </Box>
            ))}
          </>
        )}
        {bring.error && (
          <Box color="stop" fontWeight="semibold">
            {bring.error.message}
          </Box>
        )}
      </Box>
      <Flex gap={2} mt={3}>
        <Primary disabled={!ready || bring.isPending} onClick={() => bring.mutate(text, { onSuccess: onDone })}>
          Bring in
        </Primary>
        <Plain onClick={onDone}>Leave it</Plain>
      </Flex>
    </Box>
  )
}
