import { Box, chakra } from '@chakra-ui/react'
import { useParams } from 'react-router'
import { useSharing } from '../../hooks/useSharing'
import { Section } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import { CalendarPart } from '../../parts/CalendarPart'
import { Changes } from './Changes'
import { FilePart } from './FilePart'
import { LifterPart } from './LifterPart'
import { Notes } from './Notes'
import { WithWhom } from './WithWhom'

/** Who a client is with, who else sees them, the lifter's own way in, and what changed. */
export function ClientPeople() {
  const { id = '' } = useParams()
  const sharing = useSharing(id)
  if (sharing.state === 'loading') return <Loading label="Fetching who sees this client" />
  if (sharing.state === 'failed') return <Failed message={sharing.message} retry={sharing.retry} />
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>People of {sharing.data.client}</chakra.h1>
      <Notes id={id} notes={sharing.data.notes} canMark={sharing.data.access !== 'read'} />
      <LifterPart id={id} sharing={sharing.data} />
      <WithWhom id={id} sharing={sharing.data} />
      {sharing.data.access !== 'read' && (
        <Section title="A log from elsewhere">
          <Box mb={3} maxW="60ch">
            What {sharing.data.client} did before, from a spreadsheet: the maxes and the next block rest on it as on sets that were logged
            here.
          </Box>
          <TextLink to={`/clients/${id}/import`}>Take a log in</TextLink>
        </Section>
      )}
      {sharing.data.access !== 'read' && <CalendarPart id={id} />}
      <Changes id={id} />
      {sharing.data.access === 'home' && <FilePart id={id} sharing={sharing.data} />}
    </Box>
  )
}
