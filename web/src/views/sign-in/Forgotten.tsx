import { Box } from '@chakra-ui/react'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { ApiProblem } from '../../api/client'
import type { Me } from '../../api/schema'
import { useForgotten, useResetPassword } from '../../hooks/useAccountPage'
import { fieldErrors } from '../../parts/SaveBar'
import { ProblemLine } from '../../parts/ProblemLine'
import { Primary, TextField } from '../../ui/form'
import { NewPassword } from '../../ui/PasswordField'
import { TextLink } from '../../ui/TextLink'
import { Entrance } from './Entrance'

/** A forgotten password: a letter where mail is set up, else the way to the owner. */
export function Forgotten({ me }: { me: Me }) {
  const ask = useForgotten()
  const [email, setEmail] = useState('')
  if (!me.hasMail)
    return (
      <Entrance title="Forgotten password">
        <Box>
          This machine sends no mail. Ask an owner of your practice for a link to a new password: they find it under Practice, beside your
          name.
        </Box>
        <TextLink to="/">To the sign-in</TextLink>
      </Entrance>
    )
  return (
    <Entrance title="Forgotten password" onSubmit={() => ask.mutate(email)}>
      {ask.isSuccess ? (
        <Box role="status">If there is an account with this address, a letter with a link is on its way. It is good for a day.</Box>
      ) : (
        <>
          <TextField
            label="E-mail"
            type="email"
            autoComplete="username"
            required
            value={email}
            onChange={(e) => setEmail(e.target.value)}
          />
          <ProblemLine problem={ask.error} of={email} />
          <Primary type="submit" loading={ask.isPending}>
            Send the link
          </Primary>
        </>
      )}
      {me.hasMailBox && <TextLink to="/mail-box">Mail box of this machine</TextLink>}
      <TextLink to="/">To the sign-in</TextLink>
    </Entrance>
  )
}

/** Gone: the link was used, or is too old. */
const deadLink = 410

/** A new password by a link. */
export function PasswordByLink() {
  const [search] = useSearchParams()
  const reset = useResetPassword()
  const [password, setPassword] = useState('')
  const error = fieldErrors(reset.error, '')
  if (reset.isSuccess)
    return (
      <Entrance title="The new password stands">
        <Box role="status">Every device is signed out. Sign in with it.</Box>
        <TextLink to="/">To the sign-in</TextLink>
      </Entrance>
    )
  return (
    <Entrance
      title="A new password"
      onSubmit={() => reset.mutate({ user: search.get('user') ?? '', token: search.get('token') ?? '', password })}
    >
      <NewPassword label="New password" value={password} error={error('password')} onValue={setPassword} />
      <ProblemLine problem={reset.error} of={password} />
      <Primary type="submit" loading={reset.isPending}>
        Set it
      </Primary>
      {reset.error instanceof ApiProblem && reset.error.status === deadLink && <TextLink to="/forgotten">Ask for a new link</TextLink>}
    </Entrance>
  )
}
