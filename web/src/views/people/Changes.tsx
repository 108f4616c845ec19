import { Box, chakra } from '@chakra-ui/react'
import type { ChangeKind, ChangeLine } from '../../api/schema'
import { useChanges } from '../../hooks/useSharing'
import { atTime, dayName } from '../../text/dates'
import { words } from '../../text/codes'
import { Plain, Section } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'

const kinds: Readonly<Record<ChangeKind, string>> = {
  plan: 'Plan',
  findings: 'Word on a finding',
  health: 'Health answer',
  clearance: 'Clearance',
  pain: 'Pain',
  max: 'Max',
  screen: 'Screen',
  exercises: 'Word on exercises',
  kit: 'Kit',
  'home-coach': 'With whom',
  share: 'Sharing',
  invitation: 'Invitation',
  person: 'Way in',
  'put-away': 'Put away',
  erasure: 'Erasing',
}

/** Who changed what, when, from what to what; nothing of it can be changed. */
export function Changes({ id }: { id: string }) {
  const changes = useChanges(id)
  if (changes.isPending) return <Loading label="Fetching what changed" />
  if (changes.error) return <Failed message={changes.error.message} retry={() => void changes.refetch()} />
  const rows = changes.data.pages.flatMap((page) => page.changes)
  return (
    <Section title="What changed">
      {rows.length === 0 ? (
        <Box>Nothing yet since the client was made.</Box>
      ) : (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Table of what changed">
          <chakra.table w="100%" minW="620px" textStyle="note" css={{ borderCollapse: 'collapse' }}>
            <thead>
              <tr>
                {['When', 'Who', 'What', 'Before', 'After'].map((head) => (
                  <chakra.th key={head} scope="col" textAlign="left" fontWeight="semibold" py={1.5} pr={3}>
                    {head}
                  </chakra.th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <Row key={row.id} row={row} />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
      {changes.hasNextPage && (
        <Plain mt={3} onClick={() => void changes.fetchNextPage()} loading={changes.isFetchingNextPage}>
          Older
        </Plain>
      )}
    </Section>
  )
}

function Row({ row }: { row: ChangeLine }) {
  const cell = { py: 1.5, pr: 3, verticalAlign: 'top', borderTop: '1px solid', borderColor: 'hair', overflowWrap: 'anywhere' } as const
  return (
    <tr>
      <chakra.td {...cell} whiteSpace="nowrap">
        {atTime(row.at)}
      </chakra.td>
      <chakra.td {...cell} minW="92px">
        {row.who}
      </chakra.td>
      <chakra.td {...cell}>
        {kinds[row.kind]}
        {row.what && `, ${/^\d{4}-/.test(row.what) ? dayName(row.what) : words(row.what)}`}
      </chakra.td>
      <chakra.td {...cell}>{row.before}</chakra.td>
      <chakra.td {...cell}>{row.after}</chakra.td>
    </tr>
  )
}
