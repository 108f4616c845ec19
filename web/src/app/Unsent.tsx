import { Box, chakra, CloseButton, Dialog, Flex, Portal } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { useClients } from '../hooks/useClients'
import { useUnsent } from '../hooks/useOutbox'
import { remove, sendAgain, type Waiting } from '../offline/outbox'
import { dayName } from '../text/dates'
import { setInShort } from '../text/sets'
import { RefusedEntry } from '../ui/RefusedEntry'

/** What was logged on this device and the server does not have yet, whoever it is of. */
export function UnsentList({ account, open, onClose }: { account: string; open: boolean; onClose: () => void }) {
  const waiting = useUnsent(account)
  const clients = useClients()
  const nameOf = (id: string) => (clients.state === 'ready' && clients.data.find((client) => client.id === id)?.name) || 'A client put away'
  return (
    <Plate title="Not sent yet" open={open} onClose={onClose}>
      {waiting.length === 0 && <Box>Everything is saved.</Box>}
      {waiting.map((entry) => (
        <Box key={entry.id} py={2} borderBottom="1px solid" borderColor="hair">
          <Box fontWeight="semibold">{nameOf(entry.clientId)}</Box>
          {entry.refused ? (
            <RefusedEntry entry={entry} edge="stop" onAgain={() => void sendAgain(entry.id)} onDrop={() => void remove(entry.id)} />
          ) : (
            <Box>{inWords(entry)}. It is sent as soon as the server answers.</Box>
          )}
        </Box>
      ))}
    </Plate>
  )
}

/** Signing out while something waits: it stays on the device, and nobody else's sign-in sends it. */
export function SignOutAnyway({ count, open, onStay, onLeave }: { count: number; open: boolean; onStay: () => void; onLeave: () => void }) {
  return (
    <Plate title="Sign out?" open={open} onClose={onStay}>
      <Box>
        {count === 1 ? '1 entry is' : `${count} entries are`} not sent yet. {count === 1 ? 'It stays' : 'They stay'} on this device and{' '}
        {count === 1 ? 'goes' : 'go'} out when you sign in here again; nobody else sees {count === 1 ? 'it' : 'them'} until then.
      </Box>
      <Flex gap={2} mt={4} wrap="wrap">
        <Act onClick={onStay}>Stay signed in</Act>
        <Act onClick={onLeave}>Sign out</Act>
      </Flex>
    </Plate>
  )
}

function inWords({ set, warning, readiness }: Waiting): string {
  if (readiness) return `${dayName(readiness.date)}: how the client came in`
  if (warning) return `${dayName(warning.date)}: a warning sign that ended the session`
  return set ? `${dayName(set.date)}: ${setInShort(set)}` : 'A set taken back'
}

function Plate({ title, open, onClose, children }: { title: string; open: boolean; onClose: () => void; children: ReactNode }) {
  return (
    <Dialog.Root open={open} onOpenChange={(change) => !change.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="lifted" color="ink" borderRadius="2px" boxShadow="none" border="1px solid" borderColor="edge">
            <Dialog.Header>
              <Dialog.Title>{title}</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pb={5}>{children}</Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  )
}

function Act({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <chakra.button type="button" onClick={onClick} minH="target" px={4} border="1px solid" borderColor="edge" fontWeight="semibold">
      {children}
    </chakra.button>
  )
}
