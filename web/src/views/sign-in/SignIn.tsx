import { Box, chakra, Flex, Stack } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { useUnsentCount } from '../../hooks/useOutbox'
import { useSignIn } from '../../hooks/useSession'
import { Primary, TextField } from '../../ui/form'

export function SignIn() {
  const signIn = useSignIn()
  const unsent = useUnsentCount()
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  // Also where a sign-in ended in the middle of something.
  const first = useRef<HTMLInputElement>(null)
  useEffect(() => first.current?.focus(), [])
  return (
    <Flex as="main" h="100%" align="stretch">
      <Flex direction="column" justify="flex-end" bg="panel" color="panel.ink" p={10} w="42%" display={{ base: 'none', md: 'flex' }}>
        <Box textStyle="mark" fontWeight="bold" fontStretch="115%" lineHeight={1}>
          Nerezza
        </Box>
        <Box mt={4} color="panel.quiet" maxW="34ch">
          Measure, find out why, choose, prescribe, run the session, learn from the log.
        </Box>
      </Flex>
      <Flex flex="1" align="center" justify="flex-start" px={{ base: 5, md: 14 }}>
        <chakra.form
          w="100%"
          maxW="340px"
          onSubmit={(event) => {
            event.preventDefault()
            signIn.mutate({ email, password })
          }}
        >
          <Stack gap={4}>
            <chakra.h1 textStyle="head" fontWeight="strong">
              Sign in
            </chakra.h1>
            {unsent > 0 && (
              <Box role="status">
                {unsent === 1
                  ? '1 entry is kept on this device. Sign in, and it is sent.'
                  : `${unsent} entries are kept on this device. Sign in, and they are sent.`}
              </Box>
            )}
            <TextField
              ref={first}
              label="E-mail"
              type="email"
              autoComplete="username"
              required
              value={email}
              onChange={(e) => setEmail(e.target.value)}
            />
            <TextField
              label="Password"
              type="password"
              autoComplete="current-password"
              required
              value={password}
              onChange={(e) => setPassword(e.target.value)}
            />
            {signIn.error && (
              <Box role="alert" color="stop" fontWeight="semibold">
                {signIn.error.message}
              </Box>
            )}
            <Primary type="submit" loading={signIn.isPending} loadingText="Signing in">
              Sign in
            </Primary>
          </Stack>
        </chakra.form>
      </Flex>
    </Flex>
  )
}
