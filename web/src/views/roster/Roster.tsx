import { Box, chakra, Flex } from '@chakra-ui/react'
import { useSearchParams } from 'react-router'
import type { ClientLine } from '../../api/schema'
import { useClients } from '../../hooks/useClients'
import { useListKeys } from '../../keys/useKeys'
import { dayName, shortDate, today } from '../../text/dates'
import { SelectField, TextField } from '../../ui/form'
import { Failed, Loading } from '../../ui/states'
import { TextLink } from '../../ui/TextLink'
import { Waits } from '../../ui/Waits'
import { blockText, type Column, columns, type Filter, filters, listed } from './roster'

const heads: Record<Column, string> = {
  name: 'Client',
  next: 'Next session',
  block: 'Block',
  weakPoint: 'Weak point',
  seen: 'Last seen',
  waiting: 'Waiting',
}

/** What a phone has no room for: it stands under the name there. */
const wide: ReadonlySet<Column> = new Set(['block', 'weakPoint', 'seen'])

const filterNames: Record<Filter, string> = {
  all: 'All clients',
  waiting: 'A decision waits',
  today: 'Training today',
  unplanned: 'Nothing planned',
  unseen: 'Not seen for two weeks',
}

const isOne = <T extends string>(all: readonly T[], value: string | null): value is T => all.some((one) => one === value)

/** All clients at a glance; what is asked for stands in the address, so that going back finds it again. */
export function Roster() {
  const clients = useClients()
  if (clients.state === 'failed') return <Failed message={clients.message} retry={clients.retry} />
  if (clients.state === 'loading') return <Loading label="Fetching the clients" rows={10} />
  return <RosterPage clients={clients.data} />
}

function useAsked() {
  const [params, setParams] = useSearchParams()
  const filter = params.get('show')
  const column = params.get('by')
  // In one step: two changes of the address in a row would not know of each other.
  const set = (changes: Record<string, string>) =>
    setParams(
      (before) => {
        const next = new URLSearchParams(before)
        for (const [name, value] of Object.entries(changes)) {
          if (value) next.set(name, value)
          else next.delete(name)
        }
        return next
      },
      { replace: true },
    )
  return {
    asked: {
      find: params.get('find') ?? '',
      filter: isOne(filters, filter) ? filter : 'all',
      column: isOne(columns, column) ? column : 'name',
      descending: params.get('from') === 'end',
    } as const,
    set,
  }
}

function RosterPage({ clients }: { clients: readonly ClientLine[] }) {
  const { asked, set } = useAsked()
  const rows = listed(clients, asked, today())
  const onKey = useListKeys('a[data-client]')
  const by = (column: Column) =>
    set({ from: asked.column === column && !asked.descending ? 'end' : '', by: column === 'name' ? '' : column })
  return (
    <Box px={{ base: 4, md: 6 }} py={5}>
      <Flex gap={4} align="flex-end" wrap="wrap" mb={4}>
        <chakra.h1 textStyle="head" fontWeight="strong" flex="1" minW="160px">
          {clients.length === 1 ? 'One client' : `${clients.length} clients`}
        </chakra.h1>
        <Box w={{ base: '100%', sm: '240px' }}>
          <TextField
            label="Find by any word (/)"
            type="search"
            data-find=""
            value={asked.find}
            maxLength={60}
            onChange={(event) => set({ find: event.target.value })}
          />
        </Box>
        <Box w={{ base: '100%', sm: '220px' }}>
          <SelectField
            label="Show"
            value={asked.filter}
            options={filters.map((value) => ({ value, label: filterNames[value] }))}
            onValue={(value) => set({ show: value === 'all' ? '' : value })}
          />
        </Box>
      </Flex>
      <Flex gap={5} mb={4} wrap="wrap">
        <TextLink to="/clients/new">Add a client</TextLink>
        <TextLink to="/clients/from-list">Clients from a list</TextLink>
        <TextLink to="/clients/put-away">Clients put away</TextLink>
        <TextLink to="/practice">Practice</TextLink>
      </Flex>
      {rows.length === 0 ? (
        <Box color="quiet" role="status">
          {clients.length === 0 ? 'No clients yet.' : 'Nobody is like this. Take a word away, or show all clients.'}
        </Box>
      ) : (
        <Table rows={rows} asked={asked} by={by} onKey={onKey} />
      )}
    </Box>
  )
}

interface TableProps {
  rows: readonly ClientLine[]
  asked: { column: Column; descending: boolean }
  by: (column: Column) => void
  onKey: React.KeyboardEventHandler<HTMLElement>
}

function Table({ rows, asked, by, onKey }: TableProps) {
  return (
    <Box overflowX="auto" tabIndex={0} role="region" aria-label="Clients at a glance">
      <chakra.table w="100%" minW={{ md: '720px' }} borderCollapse="collapse" onKeyDown={onKey}>
        <thead>
          <tr>
            {columns.map((column) => (
              <chakra.th
                key={column}
                scope="col"
                display={wide.has(column) ? { base: 'none', md: 'table-cell' } : undefined}
                textAlign="left"
                borderBottom="2px solid"
                borderColor="edge"
                aria-sort={asked.column === column ? (asked.descending ? 'descending' : 'ascending') : undefined}
              >
                <chakra.button type="button" onClick={() => by(column)} py={2} pr={3} minH="target" fontWeight="semibold" textAlign="left">
                  {heads[column]}
                  {asked.column === column && <span aria-hidden>{asked.descending ? ' ↓' : ' ↑'}</span>}
                </chakra.button>
              </chakra.th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((client) => (
            <Row key={client.id} client={client} />
          ))}
        </tbody>
      </chakra.table>
    </Box>
  )
}

function Row({ client }: { client: ClientLine }) {
  return (
    <chakra.tr borderBottom="1px solid" borderColor="hair" _hover={{ bg: 'plate' }}>
      <Cell>
        <TextLink to={`/clients/${client.id}/block`} data-client fontWeight="semibold">
          {client.name}
        </TextLink>
        <Box display={{ base: 'block', md: 'none' }} textStyle="note" color="quiet">
          {[blockText(client), client.weakPoint && `${client.weakPoint.title}, ${client.weakPoint.courseName}`].filter(Boolean).join('; ')}
        </Box>
      </Cell>
      <Cell>{client.nextSession ? dayName(client.nextSession) : <Quiet>nothing planned</Quiet>}</Cell>
      <Cell isWide>{blockText(client) || <Quiet>none</Quiet>}</Cell>
      <Cell isWide>
        {client.weakPoint ? (
          <>
            {client.weakPoint.title}, <Course of={client.weakPoint} />
          </>
        ) : (
          <Quiet>none open</Quiet>
        )}
      </Cell>
      <Cell isWide>{client.lastSeen ? client.lastSeen === today() ? 'today' : shortDate(client.lastSeen) : <Quiet>not yet</Quiet>}</Cell>
      <Cell>
        {client.waiting > 0 && (
          <TextLink to={`/clients/${client.id}/review`} display="inline-flex" alignItems="center" gap={2}>
            <Waits label={client.waiting === 1 ? 'a decision waits' : `${client.waiting} decisions wait`} />
            <span aria-hidden>{client.waiting}</span>
          </TextLink>
        )}
      </Cell>
    </chakra.tr>
  )
}

/** What moved stands out; what nobody measured does not. */
function Course({ of }: { of: NonNullable<ClientLine['weakPoint']> }) {
  const moved = of.course === 'closing' || of.course === 'worse' || of.course === 'closed'
  return moved ? <b>{of.courseName}</b> : <Quiet>{of.courseName}</Quiet>
}

function Cell({ isWide = false, children }: { isWide?: boolean; children: React.ReactNode }) {
  return (
    <chakra.td display={isWide ? { base: 'none', md: 'table-cell' } : undefined} py={1.5} pr={3} verticalAlign="baseline">
      {children}
    </chakra.td>
  )
}

function Quiet({ children }: { children: React.ReactNode }) {
  return (
    <Box as="span" color="quiet">
      {children}
    </Box>
  )
}
