import { Box, chakra } from '@chakra-ui/react'
import { memo } from 'react'
import type { PassedOverPart } from '../../api/schema'

/** What could not be chosen, and why. */
export const PassedOver = memo(function PassedOver({ rows, name }: { rows: readonly PassedOverPart[]; name: (id: string) => string }) {
  if (rows.length === 0) return null
  return (
    <chakra.details px={2.5} pb={4}>
      <chakra.summary cursor="pointer" fontWeight="strong" minH="chip">
        Passed over: {rows.length}
      </chakra.summary>
      {rows.map((row) => (
        <Box key={row.exercise} py={1.5} borderTop="1px solid" borderColor="hair">
          {name(row.exercise)}: {row.because}
        </Box>
      ))}
    </chakra.details>
  )
})
