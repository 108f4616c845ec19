import { Box, CloseButton, Dialog, Input, Portal } from '@chakra-ui/react'
import { useId, useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { useCatalogue, useClients } from '../hooks/useClients'
import { found } from '../text/find'
import { stations } from './StationLine'

interface Hit {
  kind: 'Client' | 'Station' | 'Exercise' | 'Page'
  name: string
  to: string
}

const most = 10
const pages: readonly Hit[] = [
  { kind: 'Page', name: 'The day', to: '/' },
  { kind: 'Page', name: 'All clients', to: '/clients' },
  { kind: 'Page', name: 'Catalogue', to: '/catalogue' },
  { kind: 'Page', name: 'Practice', to: '/practice' },
  { kind: 'Page', name: 'Account', to: '/account' },
  { kind: 'Page', name: 'Add a client', to: '/clients/new' },
  { kind: 'Page', name: 'Clients from a list', to: '/clients/from-list' },
  { kind: 'Page', name: 'Clients put away', to: '/clients/put-away' },
]

/** Everything that can be gone to: clients, the stations of the one at hand, exercises, pages. */
function usePlaces(clientId: string | undefined): readonly Hit[] {
  const clients = useClients()
  const catalogue = useCatalogue()
  return [
    ...(clients.state === 'ready'
      ? clients.data.map((client): Hit => ({ kind: 'Client', name: client.name, to: `/clients/${client.id}/block` }))
      : []),
    ...(clientId
      ? [...stations, { path: 'health', name: 'Health and pain' }, { path: 'people', name: 'People' }].map((station): Hit => ({
          kind: 'Station',
          name: station.name,
          to: `/clients/${clientId}/${station.path}`,
        }))
      : []),
    ...pages,
    ...(catalogue.state === 'ready'
      ? catalogue.data.map((line): Hit => ({ kind: 'Exercise', name: line.name, to: `/catalogue?find=${line.id}` }))
      : []),
  ]
}

/** Finds clients, stations and exercises by a few letters, from anywhere. */
export function Search({ open, onClose, clientId }: { open: boolean; onClose: () => void; clientId: string | undefined }) {
  const field = useRef<HTMLInputElement>(null)
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(change) => !change.open && onClose()}
      lazyMount
      unmountOnExit
      placement="top"
      initialFocusEl={() => field.current}
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="lifted" color="ink" borderRadius="2px" boxShadow="none" border="1px solid" borderColor="edge">
            <Dialog.Header pb={2}>
              <Dialog.Title>Find a client, a station or an exercise</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={4}>
              <Finder clientId={clientId} onGone={onClose} field={field} />
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton aria-label="Close the search" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  )
}

interface FinderProps {
  clientId: string | undefined
  onGone: () => void
  field: React.RefObject<HTMLInputElement | null>
}

function Finder({ clientId, onGone, field }: FinderProps) {
  const places = usePlaces(clientId)
  const navigate = useNavigate()
  const [asked, setAsked] = useState('')
  const [at, setAt] = useState(0)
  const list = useId()
  const hits = found(places, asked, most)
  const chosen = hits[Math.min(at, hits.length - 1)]
  const go = (hit: Hit | undefined) => {
    if (!hit) return
    void navigate(hit.to)
    onGone()
  }
  const onKeyDown = (event: React.KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
    if (step) setAt((before) => Math.min(hits.length - 1, Math.max(0, before + step)))
    else if (event.key === 'Enter') go(chosen)
    else return
    event.preventDefault()
  }
  return (
    <>
      <Input
        ref={field}
        role="combobox"
        aria-label="Find"
        aria-expanded={hits.length > 0}
        aria-controls={list}
        aria-activedescendant={chosen ? `${list}-${hits.indexOf(chosen)}` : undefined}
        value={asked}
        maxLength={60}
        onChange={(event) => {
          setAsked(event.target.value)
          setAt(0)
        }}
        onKeyDown={onKeyDown}
        bg="ground"
        borderColor="edge"
      />
      <Box role="status" textStyle="note" color="quiet" mt={2}>
        {asked.trim() === ''
          ? 'Type a few letters; arrows choose, Enter opens.'
          : hits.length === 0
            ? `Nothing is called “${asked.trim()}”. Try another part of the name; clients put away are under Clients put away.`
            : ''}
      </Box>
      <Box id={list} role="listbox" aria-label="Found">
        {hits.map((hit, i) => (
          <Box
            key={hit.to}
            id={`${list}-${i}`}
            role="option"
            aria-selected={hit === chosen}
            onClick={() => go(hit)}
            onMouseMove={() => setAt(i)}
            px={3}
            minH="target"
            display="flex"
            alignItems="center"
            justifyContent="space-between"
            gap={3}
            cursor="pointer"
            bg={hit === chosen ? 'ink' : undefined}
            color={hit === chosen ? 'ground' : undefined}
          >
            {hit.name}
            <Box as="span" textStyle="note" color={hit === chosen ? 'ground' : 'quiet'}>
              {hit.kind}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  )
}
