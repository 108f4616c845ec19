import { Box, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import type { SharingView } from '../../api/schema'
import { useErase } from '../../hooks/useSharing'
import { ProblemLine } from '../../parts/ProblemLine'
import { atTime } from '../../text/dates'
import { Plain, Section } from '../../ui/form'
import { TextLink } from '../../ui/TextLink'

/** Everything of a client as one file, and erasing them. */
export function FilePart({ id, sharing }: { id: string; sharing: SharingView }) {
  const erase = useErase(id)
  const navigate = useNavigate()
  const [sure, setSure] = useState(false)
  return (
    <Section title="The file">
      <Box mb={3} maxW="60ch">
        Everything that is kept of {sharing.client}, as one file: facts, screens, plans, every set, notes, what changed.
      </Box>
      <Flex gap={3} wrap="wrap">
        <a href={`/api/clients/${id}/file`} download={`${sharing.client}.json`}>
          <Plain as="span">Take the file out</Plain>
        </a>
        <a href={`/api/clients/${id}/log.csv`} download>
          <Plain as="span">Log as CSV</Plain>
        </a>
        <a href={`/api/clients/${id}/log.xlsx`} download>
          <Plain as="span">Log as workbook</Plain>
        </a>
        <a href={`/api/clients/${id}/file.zip`} download>
          <Plain as="span">The file as a zip, with schemas</Plain>
        </a>
        {!sure && !sharing.eraseAt && <Plain onClick={() => setSure(true)}>Erase {sharing.client}</Plain>}
      </Flex>
      {sharing.eraseAt && (
        <Box role="status" mt={3}>
          Erased for good {atTime(sharing.eraseAt)}, unless taken back under <TextLink to="/clients/put-away">Clients put away</TextLink>.
        </Box>
      )}
      {sure && !sharing.eraseAt && (
        <Box
          role="group"
          aria-label={`Erase ${sharing.client}?`}
          borderLeft="6px solid"
          borderColor="stop"
          px={4}
          py={3}
          mt={4}
          maxW="column"
        >
          <Box mb={3}>
            {sharing.client} is on no list any more, and in a day everything of theirs is gone, for good. Until then they can be taken back
            under Clients put away.
          </Box>
          <Flex gap={3} wrap="wrap">
            <Plain onClick={() => erase.mutate(undefined, { onSuccess: () => navigate('/clients/put-away') })} loading={erase.isPending}>
              Erase in a day
            </Plain>
            <Plain onClick={() => setSure(false)}>Leave</Plain>
          </Flex>
          <ProblemLine problem={erase.error} of={sharing} />
        </Box>
      )}
    </Section>
  )
}
