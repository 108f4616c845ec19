import { Box, Flex } from '@chakra-ui/react'
import type { SharingView } from '../../api/schema'
import { useCloseWayIn, useInviteLifter } from '../../hooks/useSharing'
import { NewLink } from '../../parts/NewLink'
import { ProblemLine } from '../../parts/ProblemLine'
import { dayName } from '../../text/dates'
import { Plain, Primary, Section } from '../../ui/form'
import { TextLink } from '../../ui/TextLink'

/** The lifter's own way in: asked in by a link, taken back at any time. */
export function LifterPart({ id, sharing }: { id: string; sharing: SharingView }) {
  const invite = useInviteLifter(id)
  const close = useCloseWayIn(id)
  const isHome = sharing.access === 'home'
  const problem = <ProblemLine problem={invite.error ?? close.error} of={sharing} />
  if (sharing.lifter)
    return (
      <Section title="The lifter's own phone">
        <Flex align="center" gap={3} wrap="wrap">
          <Box flex="1" minW="220px">
            {sharing.lifter.name} is in since {dayName(sharing.lifter.since.slice(0, 10))}: sees their sessions, logs, answers and writes
            notes.
          </Box>
          {isHome && (
            <Plain onClick={() => close.mutate(null)} loading={close.isPending}>
              Take their way in back
            </Plain>
          )}
        </Flex>
        {problem}
      </Section>
    )
  return (
    <Section title="The lifter's own phone">
      <Box mb={3} maxW="60ch">
        {sharing.client} can see today and the weeks ahead, log on the floor, say how they are and write you notes. They see nobody else,
        and no finding that you have not accepted.
      </Box>
      {sharing.wantsConsent ? (
        <Box role="alert">
          {sharing.client} is under 16: a guardian&apos;s consent comes first.{' '}
          <TextLink to={`/clients/${id}/intake`}>Record it in Intake</TextLink>
        </Box>
      ) : (
        isHome && (
          <Flex gap={3} wrap="wrap" align="center">
            <Primary onClick={() => invite.mutate()} loading={invite.isPending} loadingText="Making the link">
              {sharing.invitation ? 'Make a new link' : `Ask ${sharing.client} in`}
            </Primary>
            {sharing.invitation && !invite.data && (
              <>
                <Box>A link is out, good until {dayName(sharing.invitation.expiresAt.slice(0, 10))}.</Box>
                <Plain onClick={() => close.mutate(sharing.invitation?.id ?? null)} loading={close.isPending}>
                  Take it back
                </Plain>
              </>
            )}
          </Flex>
        )
      )}
      {problem}
      {invite.data && (
        <NewLink link={invite.data.link} good="A link to join, good for a week and once." reachesPhones={invite.data.reachesPhones} />
      )}
    </Section>
  )
}
