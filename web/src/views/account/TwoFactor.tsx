import { Box, chakra, Flex, Grid, Stack } from '@chakra-ui/react'
import { useState } from 'react'
import type { AccountView } from '../../api/schema'
import { useNewAuthenticator, useNewRecoveryCodes, useTurnOffTwoFactor, useTurnOnTwoFactor } from '../../hooks/useAccountPage'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { Plain, Primary, Section, TextField } from '../../ui/form'
import { OwnPassword } from '../../ui/PasswordField'
import { ScanCode } from '../../ui/ScanCode'

/** A second factor: an authenticator on the phone, and recovery codes for when it is lost. */
export function TwoFactorPart({ account }: { account: AccountView }) {
  const begin = useNewAuthenticator()
  const turnOn = useTurnOnTwoFactor()
  const turnOff = useTurnOffTwoFactor()
  const renew = useNewRecoveryCodes()
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const codes = renew.data?.codes ?? turnOn.data?.codes
  const problem = begin.error ?? turnOff.error ?? renew.error
  const key = !account.twoFactor ? begin.data : undefined
  const cleared = { onSuccess: () => setPassword('') }
  return (
    <Section title="Second factor">
      <Box mb={4} maxW="60ch">
        {account.twoFactor
          ? `On. Signing in asks for six digits of your authenticator. ${account.recoveryCodesLeft} recovery codes are left.`
          : 'Off. With it a password alone opens nothing: signing in also asks for six digits that an authenticator on your phone shows.'}
      </Box>
      {codes && <Codes codes={codes} />}
      {key ? (
        <Grid templateColumns={{ base: '1fr', md: 'auto 1fr' }} gap={6} alignItems="start">
          <ScanCode text={key.address} label="The key of the authenticator as a code to scan" />
          <Stack gap={3} maxW="340px">
            <Box>
              Scan it with an authenticator, or type the key: <chakra.code overflowWrap="anywhere">{key.key}</chakra.code>
            </Box>
            <chakra.form
              onSubmit={(event) => {
                event.preventDefault()
                turnOn.mutate(code, cleared)
              }}
            >
              <TextField
                label="The six digits that it shows now"
                autoComplete="one-time-code"
                required
                value={code}
                error={fieldErrors(turnOn.error, '')('code')}
                onChange={(e) => setCode(e.target.value)}
              />
              <Primary mt={3} type="submit" loading={turnOn.isPending}>
                Turn it on
              </Primary>
            </chakra.form>
          </Stack>
        </Grid>
      ) : (
        <Box maxW="340px">
          <OwnPassword label="Your password" value={password} error={fieldErrors(problem, '')('password')} onValue={setPassword} />
          <ProblemLine problem={problem} of={password} />
          <Flex gap={3} mt={3} wrap="wrap">
            {account.twoFactor ? (
              <>
                <Plain onClick={() => renew.mutate(password, cleared)} loading={renew.isPending}>
                  New recovery codes
                </Plain>
                <Plain onClick={() => turnOff.mutate(password, cleared)} loading={turnOff.isPending}>
                  Turn it off
                </Plain>
              </>
            ) : (
              <Plain onClick={() => begin.mutate(password, cleared)} loading={begin.isPending}>
                Set it up
              </Plain>
            )}
          </Flex>
        </Box>
      )}
    </Section>
  )
}

function Codes({ codes }: { codes: readonly string[] }) {
  return (
    <Box role="status" borderLeft="6px solid" borderColor="ink" bg="plate" px={4} py={3} mb={5} maxW="column">
      <Box fontWeight="semibold" mb={2}>
        Write these recovery codes down now: they are not shown again. Each gets you in once.
      </Box>
      <Grid templateColumns="repeat(auto-fill, minmax(130px, 1fr))" gap={1} fontFamily="monospace">
        {codes.map((code) => (
          <Box key={code}>{code}</Box>
        ))}
      </Grid>
    </Box>
  )
}
