import { Box } from '@chakra-ui/react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useDraft } from '../../hooks/useDraft'
import { useInvitation } from '../../hooks/useAccountPage'
import { useSignOut, useTakeInvitation } from '../../hooks/useSession'
import { fieldErrors } from '../../parts/SaveBar'
import { ProblemLine } from '../../parts/ProblemLine'
import { Plain, Primary, TextField } from '../../ui/form'
import { Loading } from '../../ui/states'
import { NewPassword } from '../../ui/PasswordField'
import { TextLink } from '../../ui/TextLink'
import { Entrance } from './Entrance'

const as = { owner: 'an owner', coach: 'a coach', lifter: '' } as const

/** Takes an invitation by its link: a password, and one is in. */
export function Join({ signedIn }: { signedIn: string | null }) {
  const token = window.location.hash.slice(1)
  const invitation = useInvitation(token)
  const signOut = useSignOut()
  if (invitation.isPending) return <Loading label="Looking the invitation up" />
  if (invitation.error)
    return (
      <Entrance title="This link is not good any more">
        <Box>It was used, taken back or is older than a week. Ask for a new one.</Box>
        <TextLink to="/">To the sign-in</TextLink>
      </Entrance>
    )
  if (signedIn)
    return (
      <Entrance title={`Join ${invitation.data.practice}`}>
        <Box>{signedIn} is signed in on this device. Sign out first; this page stays open.</Box>
        <Plain onClick={() => signOut.mutate(undefined, { onSuccess: () => window.location.reload() })} loading={signOut.isPending}>
          Sign out
        </Plain>
      </Entrance>
    )
  return <Form token={token} {...invitation.data} />
}

function Form({ token, practice, name, role }: { token: string; practice: string; name: string; role: keyof typeof as }) {
  const take = useTakeInvitation()
  const navigate = useNavigate()
  const draft = useDraft('join', { name, email: '' })
  const [password, setPassword] = useState('')
  const error = fieldErrors(take.error, '')
  // The page before anybody is signed in is gone by then: what follows cannot wait on it.
  const enter = () =>
    take.mutateAsync({ token, ...draft.value, password }).then(
      () => {
        draft.reset()
        navigate('/', { replace: true })
      },
      () => undefined,
    )
  return (
    <Entrance title={`Join ${practice}`} onSubmit={() => void enter()}>
      <Box>
        {role === 'lifter'
          ? 'Your sessions, what you did, and notes to your coach. Choose a password; you stay signed in on this device.'
          : `You are asked in as ${as[role]}. Choose a password, or enter the one you have if you know this place already.`}
      </Box>
      <TextField
        label="Your name"
        autoComplete="name"
        required
        value={draft.value.name}
        error={error('name')}
        onChange={(e) => draft.set({ name: e.target.value })}
      />
      <TextField
        label="Your e-mail"
        type="email"
        autoComplete="username"
        required
        value={draft.value.email}
        error={error('email')}
        onChange={(e) => draft.set({ email: e.target.value })}
      />
      <NewPassword label="Password" value={password} error={error('password')} onValue={setPassword} />
      <ProblemLine problem={take.error} of={draft.value} />
      <Primary type="submit" loading={take.isPending} loadingText="Joining">
        Join
      </Primary>
    </Entrance>
  )
}
