import { Box, chakra, Flex } from '@chakra-ui/react'
import type { AccountView } from '../../api/schema'
import { useAccountPage, useEndDevices } from '../../hooks/useAccountPage'
import { useMe, useOpenPractice } from '../../hooks/useSession'
import { dayName } from '../../text/dates'
import { Plain, Section } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { EmailPart, PasswordPart } from './Credentials'
import { Practices } from './Practices'
import { Tokens } from './Tokens'
import { TwoFactorPart } from './TwoFactor'

/** One's own account: address, password, second factor, and where one is signed in. */
export function Account() {
  const account = useAccountPage()
  const me = useMe()
  const open = useOpenPractice()
  if (account.state === 'loading') return <Loading label="Fetching the account" />
  if (account.state === 'failed') return <Failed message={account.message} retry={account.retry} />
  return (
    <Box maxW="page">
      <chakra.h1 srOnly>Account</chakra.h1>
      {me && me.practices.length > 1 && <Practices me={me} />}
      <EmailPart email={account.data.email} />
      <PasswordPart />
      <TwoFactorPart account={account.data} />
      <Devices account={account.data} />
      {open && open.role !== 'lifter' && <Tokens />}
    </Box>
  )
}

function Devices({ account }: { account: AccountView }) {
  const end = useEndDevices()
  const others = account.devices.filter((device) => !device.isThis)
  return (
    <Section title="Signed in on">
      <Box as="ul" listStyleType="none">
        {account.devices.map((device) => (
          <Flex key={device.id} as="li" align="center" gap={4} wrap="wrap" minH="hand" borderBottom="1px solid" borderColor="hair" py={1}>
            <Box flex="1" minW="180px">
              <Box fontWeight="semibold">{device.device || 'A browser'}</Box>
              <Box textStyle="note" color="quiet">
                since {dayName(device.since.slice(0, 10))}
                {device.isThis ? ', this device' : `, last used ${dayName(device.usedAt.slice(0, 10))}`}
              </Box>
            </Box>
            {!device.isThis && (
              <Plain onClick={() => end.mutate(device.id)} aria-label={`Sign out ${device.device}`}>
                Sign out
              </Plain>
            )}
          </Flex>
        ))}
      </Box>
      {others.length > 0 && (
        <Plain mt={4} onClick={() => end.mutate(null)} loading={end.isPending}>
          Sign out every other device
        </Plain>
      )}
      {end.error && (
        <Box role="alert" color="stop" fontWeight="semibold" mt={2}>
          {end.error.message}
        </Box>
      )}
    </Section>
  )
}
