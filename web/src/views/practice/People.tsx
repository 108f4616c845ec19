import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { PersonLine, PracticeView } from '../../api/schema'
import { useChangeRole, useInviteColleague, usePasswordLink, useRemovePerson, useRevokeInvitation } from '../../hooks/usePractice'
import { NewLink } from '../../parts/NewLink'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { dayName } from '../../text/dates'
import { Plain, Section, SelectField, TextField } from '../../ui/form'

interface Props {
  practice: PracticeView
  isOwner: boolean
  reachesPhones: boolean
}

/** Who is in the practice, who is asked in, and asking somebody. */
export function People({ practice, isOwner, reachesPhones }: Props) {
  return (
    <Section title="People">
      <Box as="ul" listStyleType="none">
        {practice.people.map((person) => (
          <Row key={person.userId} person={person} isOwner={isOwner} reachesPhones={reachesPhones} />
        ))}
      </Box>
      {isOwner && <Invitations practice={practice} />}
      {isOwner && <Invite reachesPhones={reachesPhones} />}
    </Section>
  )
}

const clients = (count: number) => (count === 0 ? '' : count === 1 ? ', 1 client' : `, ${count} clients`)

function Row({ person, isOwner, reachesPhones }: { person: PersonLine; isOwner: boolean; reachesPhones: boolean }) {
  const change = useChangeRole()
  const remove = useRemovePerson()
  const link = usePasswordLink()
  const [sure, setSure] = useState(false)
  const canChange = isOwner && !person.isYou
  return (
    <Box as="li" borderBottom="1px solid" borderColor="hair" py={2}>
      <Flex align="center" gap={3} wrap="wrap" minH="target">
        <Box flex="1" minW="200px">
          <Box fontWeight="semibold">
            {person.name}
            {person.isYou ? ' (you)' : ''}
          </Box>
          <Box textStyle="note" color="quiet">
            {[person.role + clients(person.clients), person.email].filter(Boolean).join(', ')}
          </Box>
        </Box>
        {canChange && person.role !== 'lifter' && (
          <Plain
            size="sm"
            onClick={() => change.mutate({ userId: person.userId, role: person.role === 'owner' ? 'coach' : 'owner' })}
            aria-label={`Make ${person.role === 'owner' ? 'a coach' : 'an owner'}: ${person.name}`}
          >
            Make {person.role === 'owner' ? 'a coach' : 'an owner'}
          </Plain>
        )}
        {canChange && (
          <Plain
            size="sm"
            onClick={() => link.mutate(person.userId)}
            loading={link.isPending}
            aria-label={`New password for ${person.name}`}
          >
            New password
          </Plain>
        )}
        {canChange && !sure && (
          <Plain size="sm" onClick={() => setSure(true)} aria-label={`Take out: ${person.name}`}>
            Take out
          </Plain>
        )}
      </Flex>
      {sure && (
        <Flex role="group" aria-label={`Take ${person.name} out of the practice?`} align="center" gap={3} wrap="wrap" mt={2}>
          <Box>
            {person.name} is out at once, on every device.
            {person.clients > 0 ? ' Their clients go to the owners.' : ''}
          </Box>
          <Plain size="sm" onClick={() => remove.mutate(person.userId)} loading={remove.isPending}>
            Take out now
          </Plain>
          <Plain size="sm" onClick={() => setSure(false)}>
            Leave
          </Plain>
        </Flex>
      )}
      <ProblemLine problem={change.error ?? remove.error ?? link.error} of={person} />
      {link.data && (
        <NewLink
          link={link.data.link}
          good={`A link for ${person.name} to a new password, good for a day and once.`}
          reachesPhones={reachesPhones}
        />
      )}
    </Box>
  )
}

function Invitations({ practice }: { practice: PracticeView }) {
  const revoke = useRevokeInvitation()
  if (practice.invitations.length === 0) return null
  return (
    <Box mt={5}>
      <chakra.h3 fontWeight="semibold">Asked in</chakra.h3>
      <Box as="ul" listStyleType="none">
        {practice.invitations.map((one) => (
          <Flex key={one.id} as="li" align="center" gap={3} wrap="wrap" minH="target" borderBottom="1px solid" borderColor="hair">
            <Box flex="1" minW="200px">
              {one.name}, {one.role}, good until {dayName(one.expiresAt.slice(0, 10))}
            </Box>
            <Plain size="sm" onClick={() => revoke.mutate(one.id)} aria-label={`Take back: invitation of ${one.name}`}>
              Take back
            </Plain>
          </Flex>
        ))}
      </Box>
      <ProblemLine problem={revoke.error} of={practice.invitations} />
    </Box>
  )
}

const nobody = { name: '', role: 'coach' as 'coach' | 'owner' }

function Invite({ reachesPhones }: { reachesPhones: boolean }) {
  const invite = useInviteColleague()
  const [asked, setAsked] = useState(nobody)
  const error = fieldErrors(invite.error, '')
  return (
    <Box mt={5}>
      <chakra.h3 fontWeight="semibold" mb={2}>
        Ask a colleague in
      </chakra.h3>
      <chakra.form
        display="flex"
        flexWrap="wrap"
        gap={3}
        alignItems="end"
        onSubmit={(event) => {
          event.preventDefault()
          invite.mutate(asked, { onSuccess: () => setAsked(nobody) })
        }}
      >
        <Box flex="1 1 220px" maxW="320px">
          <TextField
            label="Name"
            required
            value={asked.name}
            error={error('name')}
            onChange={(e) => setAsked({ ...asked, name: e.target.value })}
          />
        </Box>
        <Box flex="0 1 160px">
          <SelectField
            label="As"
            value={asked.role}
            options={[
              { value: 'coach', label: 'coach' },
              { value: 'owner', label: 'owner' },
            ]}
            onValue={(role) => setAsked({ ...asked, role: role as typeof asked.role })}
          />
        </Box>
        <Plain type="submit" loading={invite.isPending}>
          Make the link
        </Plain>
      </chakra.form>
      <ProblemLine problem={invite.error} of={asked} />
      {invite.data && <NewLink link={invite.data.link} good="A link to join, good for a week and once." reachesPhones={reachesPhones} />}
      <Box mt={2} textStyle="note" color="quiet">
        A coach works on their own clients and on those shared with them. An owner sees everybody. Lifters are let in at the client, under
        People.
      </Box>
    </Box>
  )
}
