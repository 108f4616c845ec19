import { Box, chakra, Flex } from '@chakra-ui/react'
import { Suspense, useEffect, useState } from 'react'
import { Outlet, useLocation, useMatch } from 'react-router'
import { fetchModelAhead } from '../api/model'
import { useClients } from '../hooks/useClients'
import { useSaid } from '../hooks/said'
import { useKeepSessions } from '../hooks/useKeptSessions'
import { useUnsent } from '../hooks/useOutbox'
import { usePageTitle } from '../hooks/usePageTitle'
import { useSignOut } from '../hooks/useSession'
import { Loading } from '../ui/states'
import { Boundary } from './Boundary'
import { ClientRail } from './ClientRail'
import { Search } from './Search'
import { ShortcutList } from './ShortcutList'
import { StationLine } from './StationLine'
import { useShortcuts } from './shortcuts'
import { SignOutAnyway, UnsentList } from './Unsent'
import type { Theme } from './theme-choice'
import { words } from '../text/codes'
import { type Units } from '../text/numbers'

interface Props {
  account: string
  practice: string
  theme: Theme
  onTheme: (theme: Theme) => void
  units: Units
  onUnits: (units: Units) => void
  /** Takes the newer version that waits; null while there is none. */
  takeNewVersion: (() => void) | null
}

/** The frame of every desk view: clients on the left, the stations above, the work in the middle. */
export function Shell({ account, practice, theme, onTheme, units, onUnits, takeNewVersion }: Props) {
  const match = useMatch('/clients/:id/:station')
  const clientId = match?.params.id
  const onClient = useMatch('/clients/*') !== null
  const onCatalogue = useMatch('/catalogue') !== null
  const away = onClient || onCatalogue
  const [folded, setFolded] = useState(false)
  const [listOpen, setListOpen] = useState(false)
  const [searching, setSearching] = useState(false)
  const place = useLocation().pathname
  const signOut = useSignOut()
  useEffect(() => {
    // The service worker fetches it with everything else.
    if (!('serviceWorker' in navigator)) fetchModelAhead()
  }, [])
  useKeepSessions(clientId)
  const said = useSaid()
  const unsent = useUnsent(account)
  const [unsentOpen, setUnsentOpen] = useState(false)
  const [leaving, setLeaving] = useState(false)
  useShortcuts(
    clientId,
    () => setListOpen(true),
    () => setSearching(true),
  )
  const clients = useClients()
  const client = clients.state === 'ready' ? clients.data.find((one) => one.id === clientId)?.name : null
  usePageTitle(client, clientId ? words(match?.params.station ?? '') : practice)
  return (
    <Flex h="100%" direction={{ base: 'column', md: 'row' }}>
      <chakra.a
        href="#work"
        position="absolute"
        left="-999px"
        _focus={{ left: '8px', top: '8px', bg: 'lifted', color: 'ink', p: 2, zIndex: 10 }}
      >
        Skip to the work
      </chakra.a>
      <ClientRail current={clientId} away={away} folded={folded} onFold={() => setFolded(!folded)} />
      <Flex direction="column" flex="1" minW={0} minH={0}>
        <Flex
          as="header"
          position="relative"
          minH="46px"
          borderBottom="1px solid"
          borderColor="hair"
          bg="plate"
          align="stretch"
          justify="space-between"
          data-print="no"
          overflowX="auto"
        >
          {clientId ? (
            <StationLine clientId={clientId} />
          ) : (
            <Box px={5} alignSelf="center" fontWeight="semibold" as="span">
              {practice}
            </Box>
          )}
          <Flex align="center" gap={1} px={2} flexShrink={0}>
            <HeadButton onClick={() => setSearching(true)} label="Find" hint="/" />
            <Box display={{ base: 'none', md: 'block' }}>
              <HeadButton onClick={() => setListOpen(true)} label="Keys" hint="?" />
            </Box>
            <HeadButton onClick={() => onUnits(units === 'kg' ? 'lb' : 'kg')} label={units === 'kg' ? 'Pounds' : 'Kilograms'} />
            <HeadButton onClick={() => onTheme(theme === 'dark' ? 'light' : 'dark')} label={theme === 'dark' ? 'Light' : 'Dark'} />
            {takeNewVersion && <HeadButton onClick={takeNewVersion} label="Reload for the new version" />}
            {unsent.length > 0 && <HeadButton onClick={() => setUnsentOpen(true)} label={`${unsent.length} not sent`} />}
            <HeadButton onClick={() => (unsent.length > 0 ? setLeaving(true) : signOut.mutate())} label="Sign out" />
          </Flex>
        </Flex>
        <Box as="main" id="work" position="relative" flex="1" minH={0} overflow="auto" tabIndex={-1}>
          <Boundary place={place}>
            <Suspense fallback={<Loading label="Opening" />}>
              <Outlet />
            </Suspense>
          </Boundary>
        </Box>
      </Flex>
      <Box role="status" srOnly>
        {said}
      </Box>
      <Search open={searching} onClose={() => setSearching(false)} clientId={clientId} />
      <ShortcutList open={listOpen} onClose={() => setListOpen(false)} />
      <UnsentList account={account} open={unsentOpen} onClose={() => setUnsentOpen(false)} />
      <SignOutAnyway count={unsent.length} open={leaving} onStay={() => setLeaving(false)} onLeave={() => signOut.mutate()} />
    </Flex>
  )
}

function HeadButton({ label, hint, onClick }: { label: string; hint?: string; onClick: () => void }) {
  return (
    <chakra.button
      type="button"
      onClick={onClick}
      px={2.5}
      minH="cell"
      textStyle="note"
      color="ink"
      whiteSpace="nowrap"
      _hover={{ bg: 'lifted' }}
    >
      {label}
      {hint && (
        <chakra.kbd ml={1.5} px={1.5} border="1px solid" borderColor="edge" textStyle="fine" fontFamily="body" aria-hidden>
          {hint}
        </chakra.kbd>
      )}
    </chakra.button>
  )
}
