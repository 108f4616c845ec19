import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ArchivedClient } from '../../api/schema'
import { useArchive, usePutAway } from '../../hooks/useClients'
import { atTime, dayName } from '../../text/dates'
import { Plain } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'

/** The clients who are put away: on file, in no list, to be read and taken back. */
export function PutAway() {
  const away = usePutAway()
  if (away.state === 'loading') return <Loading label="Fetching who is put away" />
  if (away.state === 'failed') return <Failed message={away.message} retry={away.retry} />
  return (
    <Box p={5} maxW="column">
      <chakra.h1 textStyle="head" fontWeight="strong">
        Clients put away
      </chakra.h1>
      <Box color="quiet" mt={1} mb={4}>
        On file, and on no list. Nothing of theirs changes until they are taken back. A client is put away at the foot of Intake.
      </Box>
      {away.data.length === 0 && <Box>Nobody is put away.</Box>}
      <Box as="ul" listStyleType="none">
        {away.data.map((client) => (
          <Row key={client.id} client={client} />
        ))}
      </Box>
    </Box>
  )
}

function Row({ client }: { client: ArchivedClient }) {
  const archive = useArchive()
  return (
    <Flex as="li" align="center" gap={4} wrap="wrap" minH="hand" borderBottom="1px solid" borderColor="hair" py={2}>
      <Box flex="1" minW="180px">
        <Box fontWeight="semibold">
          <TextLink to={`/clients/${client.id}/intake`}>{client.name}</TextLink>
        </Box>
        <Box textStyle="note" color="quiet">
          since {dayName(client.at.slice(0, 10))}
          {client.eraseAt && <chakra.strong color="stop">, erased for good {atTime(client.eraseAt)} unless taken back</chakra.strong>}
        </Box>
        {archive.error && (
          <Box role="alert" color="stop" fontWeight="semibold">
            {archive.error.message}
          </Box>
        )}
      </Box>
      <Plain
        disabled={archive.isPending}
        onClick={() => archive.mutate({ id: client.id, away: false })}
        aria-label={`Take ${client.name} back`}
      >
        Take back
      </Plain>
    </Flex>
  )
}
