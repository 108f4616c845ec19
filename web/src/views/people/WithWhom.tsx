import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { ClientAccess, SharingView } from '../../api/schema'
import { useHandOver, useShare } from '../../hooks/useSharing'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { dayName } from '../../text/dates'
import { Plain, Section, SelectField, TextField } from '../../ui/form'

const owners = ''
const may: Readonly<Record<string, string>> = { read: 'may read', work: 'may work on everything' }

/** The coach whom a client is with, and colleagues who see them for a while. */
export function WithWhom({ id, sharing }: { id: string; sharing: SharingView }) {
  const handOver = useHandOver(id)
  const isHome = sharing.access === 'home'
  const home = sharing.colleagues.find((one) => one.userId === sharing.homeCoach)?.name ?? 'the owners'
  return (
    <Section title="With whom">
      {isHome ? (
        <Box maxW="340px">
          <SelectField
            label="The coach whom they are with"
            value={sharing.homeCoach ?? owners}
            options={[{ value: owners, label: 'the owners' }, ...sharing.colleagues.map((one) => ({ value: one.userId, label: one.name }))]}
            onValue={(to) => handOver.mutate(to === owners ? null : to)}
          />
          <ProblemLine problem={handOver.error} of={sharing.homeCoach} />
        </Box>
      ) : (
        <Box>
          With {home}. You {may[sharing.access] ?? 'see them'}.
        </Box>
      )}
      <Shares id={id} sharing={sharing} isHome={isHome} />
      {isHome && sharing.colleagues.length > 1 && <Share id={id} sharing={sharing} />}
    </Section>
  )
}

function Shares({ id, sharing, isHome }: { id: string; sharing: SharingView; isHome: boolean }) {
  const share = useShare(id)
  if (sharing.shares.length === 0) return null
  return (
    <Box as="ul" listStyleType="none" mt={4}>
      {sharing.shares.map((one) => (
        <Flex key={one.userId} as="li" align="center" gap={3} wrap="wrap" minH="target" borderBottom="1px solid" borderColor="hair">
          <Box flex="1" minW="200px">
            {one.name} {may[one.access] ?? ''}, {one.until ? `until ${dayName(one.until)}` : 'until it is taken back'}
          </Box>
          {isHome && (
            <Plain
              size="sm"
              onClick={() => share.mutate({ userId: one.userId, share: null })}
              aria-label={`Take back: share with ${one.name}`}
            >
              Take back
            </Plain>
          )}
        </Flex>
      ))}
      <ProblemLine problem={share.error} of={sharing.shares} />
    </Box>
  )
}

function Share({ id, sharing }: { id: string; sharing: SharingView }) {
  const share = useShare(id)
  const others = sharing.colleagues.filter((one) => one.userId !== sharing.homeCoach)
  const [userId, setUser] = useState('')
  const [access, setAccess] = useState<ClientAccess>('work')
  const [until, setUntil] = useState('')
  const to = userId || (others[0]?.userId ?? '')
  const error = fieldErrors(share.error, '')
  return (
    <Box mt={5}>
      <chakra.h3 fontWeight="semibold" mb={2}>
        Share for a while
      </chakra.h3>
      <chakra.form
        display="flex"
        flexWrap="wrap"
        gap={3}
        alignItems="end"
        onSubmit={(event) => {
          event.preventDefault()
          share.mutate({ userId: to, share: { access, until: until || null } })
        }}
      >
        <Box flex="1 1 200px" maxW="280px">
          <SelectField label="With" value={to} options={others.map((one) => ({ value: one.userId, label: one.name }))} onValue={setUser} />
        </Box>
        <Box flex="0 1 220px">
          <SelectField
            label="What they may do"
            value={access}
            options={[
              { value: 'work', label: 'may work on everything' },
              { value: 'read', label: 'may read' },
            ]}
            onValue={(value) => setAccess(value as ClientAccess)}
          />
        </Box>
        <Box flex="0 1 180px">
          <TextField
            label="Last day, or empty"
            type="date"
            value={until}
            error={error('until')}
            onChange={(e) => setUntil(e.target.value)}
          />
        </Box>
        <Plain type="submit" loading={share.isPending}>
          Share
        </Plain>
      </chakra.form>
      <ProblemLine problem={share.error} of={[to, access, until]} />
    </Box>
  )
}
