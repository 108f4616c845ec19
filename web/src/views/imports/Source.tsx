import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { LinesField, Plain } from '../../ui/form'
import { base64 } from './file'

/** Rows from a file, or pasted from a spreadsheet. */
export function Source({ label, onTable }: { label: string; onTable: (table: { name: string; content: string }) => void }) {
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
          if (file) void base64(file).then((content) => onTable({ name: file.name, content }))
        }}
      />
      <Box maxW="62ch" mt={4}>
        <LinesField label="Or paste rows, with their headings, from a spreadsheet" value={pasted} rows={4} onValue={setPasted} />
      </Box>
      <Box mt={2}>
        <Plain
          disabled={pasted.trim() === ''}
          onClick={() => void base64(new Blob([pasted])).then((content) => onTable({ name: 'pasted rows', content }))}
        >
          Read what is pasted
        </Plain>
      </Box>
    </Box>
  )
}
