import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useUnsent } from '../hooks/useOutbox'
import { useSignOut } from '../hooks/useSession'
import type { Frame } from './frame'
import { HeadButton } from './HeadButton'
import { SignOutAnyway, UnsentList } from './Unsent'

/** What every frame has in its head: units, light, what is not sent, the account, the way out. */
export function HeadWords({ account, theme, onTheme, units, onUnits, takeNewVersion }: Frame) {
  const navigate = useNavigate()
  const signOut = useSignOut()
  const unsent = useUnsent(account)
  const [unsentOpen, setUnsentOpen] = useState(false)
  const [leaving, setLeaving] = useState(false)
  return (
    <>
      <HeadButton onClick={() => onUnits(units === 'kg' ? 'lb' : 'kg')} label={units === 'kg' ? 'Pounds' : 'Kilograms'} />
      <HeadButton onClick={() => onTheme(theme === 'dark' ? 'light' : 'dark')} label={theme === 'dark' ? 'Light' : 'Dark'} />
      {takeNewVersion && <HeadButton onClick={takeNewVersion} label="Reload for the new version" />}
      {unsent.length > 0 && <HeadButton onClick={() => setUnsentOpen(true)} label={`${unsent.length} not sent`} />}
      <HeadButton onClick={() => navigate('/account')} label="Account" />
      <HeadButton onClick={() => (unsent.length > 0 ? setLeaving(true) : signOut.mutate())} label="Sign out" />
      <UnsentList account={account} open={unsentOpen} onClose={() => setUnsentOpen(false)} />
      <SignOutAnyway count={unsent.length} open={leaving} onStay={() => setLeaving(false)} onLeave={() => signOut.mutate()} />
    </>
  )
}
