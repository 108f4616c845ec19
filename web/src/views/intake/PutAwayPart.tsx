import { Box } from '@chakra-ui/react'
import { useNavigate } from 'react-router'
import { useArchive } from '../../hooks/useClients'
import { Plain, Section } from '../../ui/form'

/** Takes a client off every list; nothing is lost, and Put away takes them back. */
export function PutAwayPart({ clientId, name }: { clientId: string; name: string }) {
  const archive = useArchive()
  const navigate = useNavigate()
  return (
    <Section title="Put away">
      <Box mb={3} maxW="60ch">
        For a client who no longer trains here. The file stays as it is, on no list; it can be read and taken back at any time.
      </Box>
      <Plain
        disabled={archive.isPending}
        onClick={() => archive.mutate({ id: clientId, away: true }, { onSuccess: () => navigate('/clients/put-away') })}
      >
        Put {name} away
      </Plain>
      {archive.error && (
        <Box role="alert" color="stop" fontWeight="semibold" mt={2}>
          {archive.error.message}
        </Box>
      )}
    </Section>
  )
}
