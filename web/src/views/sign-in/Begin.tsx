import { Box, Checkbox } from '@chakra-ui/react'
import { useNavigate } from 'react-router'
import type { Me } from '../../api/schema'
import { useDraft } from '../../hooks/useDraft'
import { useBegin } from '../../hooks/useSession'
import { fieldErrors } from '../../parts/SaveBar'
import { ProblemLine } from '../../parts/ProblemLine'
import { Primary, TextField } from '../../ui/form'
import { NewPassword } from '../../ui/PasswordField'
import { TextLink } from '../../ui/TextLink'
import { useState } from 'react'
import { Entrance } from './Entrance'

const nothing = { code: '', practice: '', name: '', email: '', putDemoAside: true }

/** The first page of a new machine: the practice and its owner. */
export function Begin({ me }: { me: Me }) {
  const begin = useBegin()
  const navigate = useNavigate()
  // What is typed stays in this tab, but for the password.
  const draft = useDraft('begin', nothing)
  const [password, setPassword] = useState('')
  const { value, set } = draft
  const error = fieldErrors(begin.error, '')
  // The page before anybody is signed in is gone by then: what follows cannot wait on it.
  const enter = () =>
    begin.mutateAsync({ ...value, password }).then(
      () => {
        draft.reset()
        navigate('/practice')
      },
      () => undefined,
    )
  if (!me.canBegin)
    return (
      <Entrance title="A practice is here already">
        <Box>Ask its owner to invite you; they find it under Practice.</Box>
        <TextLink to="/">To the sign-in</TextLink>
      </Entrance>
    )
  return (
    <Entrance title="Begin your practice" onSubmit={() => void enter()}>
      <TextField
        label="Setup code"
        hint="The start of Nerezza prints it where it was started."
        autoComplete="off"
        required
        value={value.code}
        error={error('code')}
        onChange={(e) => set({ code: e.target.value })}
      />
      <TextField
        label="Name of the practice"
        required
        value={value.practice}
        error={error('practice')}
        onChange={(e) => set({ practice: e.target.value })}
      />
      <TextField
        label="Your name"
        autoComplete="name"
        required
        value={value.name}
        error={error('name')}
        onChange={(e) => set({ name: e.target.value })}
      />
      <TextField
        label="Your e-mail"
        type="email"
        autoComplete="username"
        required
        value={value.email}
        error={error('email')}
        onChange={(e) => set({ email: e.target.value })}
      />
      <NewPassword label="Password" value={password} error={error('password')} onValue={setPassword} />
      {me.hasDemo && (
        <Checkbox.Root checked={value.putDemoAside} onCheckedChange={(change) => set({ putDemoAside: change.checked === true })}>
          <Checkbox.HiddenInput />
          <Checkbox.Control borderColor="edge" />
          <Checkbox.Label fontWeight="normal">Put the demo practice aside: nobody gets into it any more</Checkbox.Label>
        </Checkbox.Root>
      )}
      <ProblemLine problem={begin.error} of={value} />
      <Primary type="submit" loading={begin.isPending} loadingText="Making it">
        Begin
      </Primary>
      {me.hasDemo && <TextLink to="/">Back to the demo</TextLink>}
    </Entrance>
  )
}
