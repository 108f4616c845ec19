import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useClients } from '../../hooks/useClients'
import { dayName, today } from '../../text/dates'
import { Failed, Loading } from '../../ui/states'
import { BigKey } from '../../parts/floor/BigKey'
import type { FloorColors } from '../../parts/floor/floor-theme'

/** The most lifters that one coach runs at once. */
export const mostLifters = 8

interface Props {
  chosen: readonly string[]
  onStart: (ids: readonly string[]) => void
  colors: FloorColors
}

/** Who lifts in this hour: those with a session today stand first and are chosen. */
export function Lifters({ chosen, onStart, colors }: Props) {
  const clients = useClients()
  const [marked, setMarked] = useState<readonly string[] | null>(chosen.length > 0 ? chosen : null)
  if (clients.state === 'loading') return <Loading label="Fetching your clients" />
  if (clients.state === 'failed') return <Failed message={clients.message} retry={clients.retry} />
  const now = today()
  const withSession = clients.data.filter((client) => client.nextSession)
  const sorted = [...withSession].sort((a, b) => (a.nextSession ?? '').localeCompare(b.nextSession ?? ''))
  const ids =
    marked ??
    sorted
      .filter((client) => client.nextSession === now)
      .slice(0, mostLifters)
      .map((client) => client.id)
  const full = ids.length >= mostLifters
  return (
    <Box as="section" aria-label="Who lifts" maxW="820px" w="100%" mx="auto" px={4} pt={3} pb={5}>
      <chakra.h2 textStyle="head" fontWeight="strong">
        Who lifts in this hour?
      </chakra.h2>
      <Box color={colors.quiet} mb={3}>
        Up to {mostLifters}.{' '}
        {sorted.length === 0 ? 'Nobody has a session ahead: plan a block first.' : 'Each comes with the session that is next.'}
      </Box>
      <Flex direction="column" gap={2} mb={4}>
        {sorted.map((client) => {
          const on = ids.includes(client.id)
          return (
            <chakra.label
              key={client.id}
              display="flex"
              alignItems="center"
              gap={3}
              minH="hand"
              px={3}
              border="1px solid"
              borderColor={on ? colors.ink : colors.hair}
              color={!on && full ? colors.quiet : undefined}
            >
              <chakra.input
                type="checkbox"
                boxSize="24px"
                accentColor="currentColor"
                checked={on}
                disabled={!on && full}
                onChange={() => setMarked(on ? ids.filter((id) => id !== client.id) : [...ids, client.id])}
              />
              <chakra.span fontWeight="semibold">{client.name}</chakra.span>
              <chakra.span color={colors.quiet}>{client.nextSession === now ? 'today' : dayName(client.nextSession ?? '')}</chakra.span>
            </chakra.label>
          )
        })}
      </Flex>
      {ids.length > 0 && (
        <Flex direction="column">
          <BigKey filled="filled" onPress={() => onStart(ids)} colors={colors}>
            Start with {ids.length} {ids.length === 1 ? 'lifter' : 'lifters'}
          </BigKey>
        </Flex>
      )}
    </Box>
  )
}
