import { Box, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { useMatch } from 'react-router'
import { fetchModelAhead } from '../api/model'
import { useClients } from '../hooks/useClients'
import { useKeepSessions } from '../hooks/useKeptSessions'
import { usePageTitle } from '../hooks/usePageTitle'
import { ClientRail } from './ClientRail'
import { DemoBand } from './DemoBand'
import type { Frame } from './frame'
import { HeadButton } from './HeadButton'
import { HeadWords } from './HeadWords'
import { Search } from './Search'
import { ShortcutList } from './ShortcutList'
import { StationLine } from './StationLine'
import { useShortcuts } from './shortcuts'
import { Said, SkipToWork, Work } from './Work'
import { words } from '../text/codes'

/** The frame of every desk view: clients on the left, the stations above, the work in the middle. */
export function Shell(frame: Frame) {
  const { practice } = frame.open
  const match = useMatch('/clients/:id/:station')
  const clientId = match?.params.id
  const [folded, setFolded] = useState(false)
  const [listOpen, setListOpen] = useState(false)
  const [searching, setSearching] = useState(false)
  useEffect(() => {
    // The service worker fetches it with everything else.
    if (!('serviceWorker' in navigator)) fetchModelAhead()
  }, [])
  useKeepSessions(clientId)
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
      <SkipToWork />
      <ClientRail current={clientId} folded={folded} onFold={() => setFolded(!folded)} />
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
            <Box px={{ base: 3, md: 5 }} alignSelf="center" fontWeight="semibold" as="span" whiteSpace="nowrap">
              {practice}
            </Box>
          )}
          <Flex align="center" gap={0} px={1} flexShrink={0}>
            <HeadButton onClick={() => setSearching(true)} label="Find" hint="/" />
            <Box display={{ base: 'none', md: 'block' }}>
              <HeadButton onClick={() => setListOpen(true)} label="Keys" hint="?" />
            </Box>
            <HeadWords {...frame} />
          </Flex>
        </Flex>
        <DemoBand me={frame.me} />
        <Work />
      </Flex>
      <Said />
      <Search open={searching} onClose={() => setSearching(false)} clientId={clientId} />
      <ShortcutList open={listOpen} onClose={() => setListOpen(false)} />
    </Flex>
  )
}
