import { Box, chakra, Grid } from '@chakra-ui/react'
import { useState } from 'react'
import { useChangeEmail, useChangePassword } from '../../hooks/useAccountPage'
import { ProblemLine } from '../../parts/ProblemLine'
import { fieldErrors } from '../../parts/SaveBar'
import { Primary, Section, TextField } from '../../ui/form'
import { NewPassword, OwnPassword } from '../../ui/PasswordField'

/** A small form of its own with what came of it. */
function Form({
  title,
  save,
  of,
  done,
  label,
  onSubmit,
  children,
}: {
  title: string
  save: { error: Error | null; isPending: boolean; isSuccess: boolean }
  of: unknown
  done: string
  label: string
  onSubmit: () => void
  children: React.ReactNode
}) {
  return (
    <Section title={title}>
      <chakra.form
        onSubmit={(event) => {
          event.preventDefault()
          onSubmit()
        }}
      >
        <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap={4} maxW="column">
          {children}
        </Grid>
        <ProblemLine problem={save.error} of={of} />
        <Primary mt={4} type="submit" loading={save.isPending} loadingText="Saving">
          {label}
        </Primary>
        <Box role="status" mt={2}>
          {save.isSuccess ? done : ''}
        </Box>
      </chakra.form>
    </Section>
  )
}

export function EmailPart({ email: saved }: { email: string }) {
  const change = useChangeEmail()
  const [email, setEmail] = useState(saved)
  const [password, setPassword] = useState('')
  const error = fieldErrors(change.error, '')
  return (
    <Form
      title="E-mail"
      save={change}
      of={email + password}
      done="You sign in with the new address from now on."
      label="Change the address"
      onSubmit={() => change.mutate({ email, password }, { onSuccess: () => setPassword('') })}
    >
      <TextField
        label="E-mail"
        type="email"
        autoComplete="email"
        required
        value={email}
        error={error('email')}
        onChange={(e) => setEmail(e.target.value)}
      />
      <OwnPassword label="Your password" value={password} error={error('password')} onValue={setPassword} />
    </Form>
  )
}

export function PasswordPart() {
  const change = useChangePassword()
  const [password, setPassword] = useState('')
  const [newPassword, setNew] = useState('')
  const error = fieldErrors(change.error, '')
  return (
    <Form
      title="Password"
      save={change}
      of={password + newPassword}
      done="The new password stands. Every other device is signed out."
      label="Change the password"
      onSubmit={() =>
        change.mutate(
          { password, newPassword },
          {
            onSuccess: () => {
              setPassword('')
              setNew('')
            },
          },
        )
      }
    >
      <OwnPassword label="Your password now" value={password} error={error('password')} onValue={setPassword} />
      <NewPassword label="New password" value={newPassword} error={error('newPassword')} onValue={setNew} />
    </Form>
  )
}
