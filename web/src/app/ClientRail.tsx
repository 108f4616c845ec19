import { Box, chakra, Flex } from '@chakra-ui/react'
import { useNavigate } from 'react-router'
import type { ClientLine } from '../api/schema'
import { useFetchAhead } from '../hooks/useBlock'
import { useClients } from '../hooks/useClients'
import { dayName } from '../text/dates'
import { WordMark } from './WordMark'
import { useListKeys } from '../keys/useKeys'
import { BlockLink, TextLink } from '../ui/TextLink'
import { Waits } from '../ui/Waits'

interface Props {
  current?: string
  folded: boolean
  onFold: () => void
}

/** All clients, always there: name, next session, and one mark where a decision waits. A phone gives the room to the work, and the list
 * is one tap away. */
export function ClientRail({ current, folded, onFold }: Props) {
  const onKey = useListKeys('a[data-client]')
  const clients = useClients()
  const navigate = useNavigate()
  const name = clients.state === 'ready' ? clients.data.find((client) => client.id === current)?.name : undefined
  return (
    <Flex
      as="nav"
      aria-label="Clients"
      direction="column"
      w={{ base: '100%', md: folded ? '48px' : '188px' }}
      maxH={{ base: '46px', md: 'none' }}
      flexShrink={0}
      bg="rail"
      borderRight={{ md: '1px solid' }}
      borderColor={{ md: 'hair' }}
      data-print="no"
    >
      <Flex
        h="46px"
        flexShrink={0}
        align="center"
        justify="space-between"
        px={folded ? 1 : 3.5}
        borderBottom="1px solid"
        borderColor="hair"
      >
        {!folded && <WordMark />}
        {name && (
          <Box display={{ base: 'block', md: 'none' }} ml={4} flex="1" fontWeight="semibold" truncate>
            {name}
          </Box>
        )}
        <TextLink to="/clients" display={{ base: 'block', md: 'none' }} ml={4} flexShrink={0}>
          Clients
        </TextLink>
        <chakra.button
          type="button"
          onClick={onFold}
          aria-label={folded ? 'Unfold the client list' : 'Fold the client list'}
          aria-expanded={!folded}
          w="cell"
          h="cell"
          display={{ base: 'none', md: 'block' }}
        >
          {folded ? '›' : '‹'}
        </chakra.button>
      </Flex>
      <Box overflow="auto" flex="1" onKeyDown={onKey} display={{ base: 'none', md: 'block' }}>
        {clients.state === 'failed' && (
          <chakra.button type="button" onClick={clients.retry} p={3} textAlign="left">
            The list could not be fetched. Try again.
          </chakra.button>
        )}
        {clients.state === 'ready' &&
          clients.data.map((client) => <Row key={client.id} client={client} current={client.id === current} folded={folded} />)}
        {clients.state === 'ready' && clients.data.length === 0 && !folded && (
          <Box p={3.5} color="quiet">
            No clients yet.
          </Box>
        )}
      </Box>
      <chakra.button
        type="button"
        display={{ base: 'none', md: 'block' }}
        onClick={() => navigate('/clients/new')}
        textAlign="left"
        px={3.5}
        minH="target"
        borderTop="1px solid"
        borderColor="hair"
        _hover={{ bg: 'plate' }}
        aria-label="Add a client"
      >
        {folded ? '+' : 'Add a client'}
      </chakra.button>
      {!folded && (
        <Box display={{ base: 'none', md: 'block' }} px={3.5} pb={2} textStyle="note" color="quiet">
          <TextLink to="/clients" display="block" py={2}>
            All clients
          </TextLink>
          <TextLink to="/clients/put-away" display="block" py={2}>
            Clients put away
          </TextLink>
          <TextLink to="/practice" display="block" py={2}>
            Practice
          </TextLink>
        </Box>
      )}
    </Flex>
  )
}

function Row({ client, current, folded }: { client: ClientLine; current: boolean; folded: boolean }) {
  const ahead = useFetchAhead(client.id)
  const next = client.nextSession ? dayName(client.nextSession) : 'nothing planned'
  const initials = client.name
    .split(/\s+/)
    .map((word) => word[0])
    .slice(0, 2)
    .join('')
  return (
    <BlockLink
      to={`/clients/${client.id}/block`}
      data-client
      {...ahead}
      aria-current={current ? 'page' : undefined}
      aria-label={folded ? client.name : undefined}
    >
      <Flex
        px={folded ? 2 : 3.5}
        py={2}
        minH="53px"
        align="center"
        justify="space-between"
        bg={current ? 'panel' : 'transparent'}
        color={current ? 'panel.ink' : 'ink'}
        borderBottom="1px solid"
        borderColor="hair"
        boxShadow={current ? 'inset 5px 0 0 var(--nz-colors-panel-ink)' : undefined}
        _hover={current ? undefined : { bg: 'plate' }}
      >
        {folded ? (
          <Box textStyle="note">{initials}</Box>
        ) : (
          <Box minW={0}>
            <Box fontWeight="semibold" truncate>
              {client.name}
            </Box>
            <Box textStyle="note" color={current ? 'panel.quiet' : 'quiet'}>
              {next}
            </Box>
          </Box>
        )}
        {client.waiting > 0 && <Waits onPanel={current} />}
      </Flex>
    </BlockLink>
  )
}
