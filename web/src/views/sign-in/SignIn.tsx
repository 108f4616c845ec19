import { Box, Stack } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import { ApiProblem } from '../../api/client'
import type { Me } from '../../api/schema'
import { useUnsentCount } from '../../hooks/useOutbox'
import { useSignIn } from '../../hooks/useSession'
import { Primary, TextField } from '../../ui/form'
import { OwnPassword } from '../../ui/PasswordField'
import { TextLink } from '../../ui/TextLink'
import { Entrance } from './Entrance'

export function SignIn({ me }: { me: Me }) {
  const signIn = useSignIn()
  const unsent = useUnsentCount()
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  // Once asked for, the code stays on the page.
  const wantsCode = signIn.error instanceof ApiProblem && signIn.error.type === 'nerezza:code'
  const [withCode, setWithCode] = useState(false)
  if (wantsCode && !withCode) setWithCode(true)
  // Also where a sign-in ended in the middle of something.
  const first = useRef<HTMLInputElement>(null)
  const second = useRef<HTMLInputElement>(null)
  useEffect(() => (withCode ? second.current : first.current)?.focus(), [withCode])
  return (
    <Entrance title="Sign in" onSubmit={() => signIn.mutate({ email, password, code: withCode ? code : null })}>
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
      <OwnPassword label="Password" value={password} onValue={setPassword} />
      {withCode && (
        <TextField
          ref={second}
          label="Code"
          hint="Six digits of your authenticator, or a recovery code."
          autoComplete="one-time-code"
          required
          value={code}
          onChange={(e) => setCode(e.target.value)}
        />
      )}
      {signIn.error && (
        <Box role="alert" color="stop" fontWeight="semibold">
          {signIn.error.message}
        </Box>
      )}
      <Primary type="submit" loading={signIn.isPending} loadingText="Signing in">
        Sign in
      </Primary>
      <Stack gap={1} textStyle="note">
        <TextLink to="/forgotten">Forgotten the password?</TextLink>
        {me.canBegin && <TextLink to="/begin">Begin a practice of your own</TextLink>}
        {me.hasMailBox && <TextLink to="/mail-box">Mail box of this machine</TextLink>}
      </Stack>
    </Entrance>
  )
}
