import { Box, chakra } from '@chakra-ui/react'
import type { ReturnRow } from '../../api/schema'
import { words } from '../../text/codes'
import { plain } from '../../text/numbers'

const names: Readonly<Record<ReturnRow['criterion'], string>> = {
  symmetry: 'Weaker of the stronger side, %',
  load: 'Max against before, %',
  pain: 'Pain while training',
  'morning-after': 'The morning after, above usual',
}

const told = (row: ReturnRow, value: number | null) =>
  value === null ? 'not known' : plain(row.criterion === 'load' ? value * 100 : value, 0)

/** What a return asks before it ends, with what is met and what is not. */
export function Returning({ rows }: { rows: readonly ReturnRow[] }) {
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Criteria of the return">
      <chakra.table w="100%" textStyle="note" css={{ borderCollapse: 'collapse' }}>
        <thead>
          <tr>
            {['Criterion', 'Of', 'Now', 'Wanted', 'Tests', ''].map((head) => (
              <chakra.th key={head} scope="col" textAlign="left" fontWeight="semibold" py={1} pr={3}>
                {head}
              </chakra.th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <chakra.tr key={`${row.criterion} ${row.exercise ?? ''} ${String(row.region)}`} borderTop="1px solid" borderColor="hair">
              <chakra.th scope="row" textAlign="left" fontWeight="normal" py={1} pr={3}>
                {names[row.criterion]}
              </chakra.th>
              <chakra.td pr={3}>{row.exercise ? words(row.exercise) : row.region ? words(row.region) : ''}</chakra.td>
              <chakra.td pr={3}>{told(row, row.value)}</chakra.td>
              <chakra.td pr={3}>
                {row.criterion === 'pain' || row.criterion === 'morning-after' ? 'at most' : 'at least'} {told(row, row.wanted)}
              </chakra.td>
              <chakra.td pr={3}>
                {row.testsMet} of {row.testsWanted}
              </chakra.td>
              <chakra.td fontWeight="semibold">{row.isMet ? 'met' : 'not met'}</chakra.td>
            </chakra.tr>
          ))}
        </tbody>
      </chakra.table>
    </Box>
  )
}
