import { Box, chakra } from '@chakra-ui/react'
import { useState } from 'react'

interface Props {
  heads: readonly string[]
  /** A row: its name, then one cell for each further head. */
  rows: readonly (readonly string[])[]
  label?: string
}

/** What a picture shows, as a table: opened by who reads numbers or does not see the picture. */
export function TableBehind({ heads, rows, label = 'The same as a table' }: Props) {
  const [opened, setOpened] = useState(false)
  return (
    <chakra.details mt={1} textStyle="note" data-print="no" onToggle={(event) => setOpened(event.currentTarget.open)}>
      <chakra.summary cursor="pointer" minH="chip">
        {label}
      </chakra.summary>
      {opened && (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label={heads.join(', ')}>
          <chakra.table mt={2} css={{ borderCollapse: 'collapse' }}>
            <thead>
              <tr>
                {heads.map((head) => (
                  <chakra.th key={head} scope="col" textAlign="left" fontWeight="semibold" py={1} pr={4}>
                    {head}
                  </chakra.th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.join(' ')}>
                  <chakra.th scope="row" textAlign="left" fontWeight="normal" py={0.5} pr={4}>
                    {row[0]}
                  </chakra.th>
                  {row.slice(1).map((cell, i) => (
                    <chakra.td key={heads[i + 1]} pr={4}>
                      {cell}
                    </chakra.td>
                  ))}
                </tr>
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </chakra.details>
  )
}
