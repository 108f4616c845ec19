import { Box, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { useCopyBlock } from '../../hooks/useBlock'
import { useClients } from '../../hooks/useClients'
import { ProblemLine } from '../../parts/ProblemLine'
import { Primary, SelectField, TextField } from '../../ui/form'
import { TextLink } from '../../ui/TextLink'

interface Props {
  clientId: string
  /** The version that is copied. */
  number: number
  start: string
  onDone: () => void
}

/** Gives this block to another client, with their maxes, kit and findings; what cannot come along is listed. */
export function CopyTo({ clientId, number, start, onDone }: Props) {
  const clients = useClients()
  const copy = useCopyBlock(clientId)
  const [to, setTo] = useState('')
  const [from, setFrom] = useState(start)
  const others = clients.state === 'ready' ? clients.data.filter((client) => client.id !== clientId) : []
  return (
    <Box as="section" aria-label="Copy to another client" px={2.5} py={3} borderBottom="1px solid" borderColor="hair" bg="plate">
      {copy.data ? (
        <Box role="status" textStyle="plain">
          It is a block of {others.find((client) => client.id === copy.data.clientId)?.name ?? 'that client'} now.{' '}
          {copy.data.left.length === 0 ? 'Everything came along.' : 'This could not come along:'}
          <ul>
            {copy.data.left.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <TextLink to={`/clients/${copy.data.clientId}/block?on=${from}`} onClick={onDone}>
            Open it
          </TextLink>
        </Box>
      ) : (
        <Grid templateColumns={{ base: '1fr', md: '240px 160px auto' }} gap={3} alignItems="end">
          <SelectField
            label="Client"
            value={to}
            options={[{ value: '', label: 'Choose a client' }, ...others.map((client) => ({ value: client.id, label: client.name }))]}
            onValue={setTo}
          />
          <TextField label="Starts" type="date" value={from} onChange={(event) => setFrom(event.target.value)} />
          <Box>
            <Primary disabled={to === '' || copy.isPending} onClick={() => copy.mutate({ toClient: to, number, start: from })}>
              Copy it
            </Primary>
          </Box>
          <ProblemLine problem={copy.error} of={`${to} ${from}`} />
        </Grid>
      )}
    </Box>
  )
}
