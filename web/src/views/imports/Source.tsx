import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { Plain } from '../../ui/form'
import { base64 } from './file'

/** Rows from a file, or pasted from a spreadsheet. */
export function Source({ label, onTable }: { label: string; onTable: (name: string, content: string) => void }) {
  const [pasted, setPasted] = useState('')
  return (
    <Box>
      <chakra.input
        type="file"
        accept=".csv,.tsv,.txt,.xlsx"
        aria-label={label}
        maxW="100%"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file) void base64(file).then((content) => onTable(file.name, content))
        }}
      />
      <chakra.label display="block" mt={4} mb={1} fontWeight="semibold" htmlFor="pasted-rows">
        Or paste rows, with their headings, from a spreadsheet
      </chakra.label>
      <chakra.textarea
        id="pasted-rows"
        value={pasted}
        rows={4}
        w="100%"
        maxW="62ch"
        p={2}
        bg="field"
        border="1px solid"
        borderColor="edge"
        fontFamily="mono"
        textStyle="note"
        onChange={(event) => setPasted(event.target.value)}
      />
      <Box mt={2}>
        <Plain
          disabled={pasted.trim() === ''}
          onClick={() => void base64(new Blob([pasted])).then((content) => onTable('pasted rows', content))}
        >
          Read what is pasted
        </Plain>
      </Box>
    </Box>
  )
}
