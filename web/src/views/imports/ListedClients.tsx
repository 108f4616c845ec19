import { Box, Table } from '@chakra-ui/react'
import type { ClientListView } from '../../api/schema'
import { RefusedRows } from '../../parts/RefusedRows'
import { Section } from '../../ui/form'

/** Each client as the list was understood, and what was not, with its cell. */
export function ListedClients({ view }: { view: ClientListView }) {
  return (
    <Section title="What was understood">
      <RefusedRows
        title={view.refusedCount === 1 ? 'One client cannot be read' : `${view.refusedCount} clients cannot be read`}
        lines={view.refused}
        count={view.refusedCount}
      />
      {view.shown.length > 0 && (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Clients as they were understood">
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Client</Table.ColumnHeader>
                <Table.ColumnHeader>Facts</Table.ColumnHeader>
                <Table.ColumnHeader>Tests</Table.ColumnHeader>
                <Table.ColumnHeader>Maxes</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {view.shown.map((client) => (
                <Table.Row key={client.name} verticalAlign="top">
                  <Table.Cell minW="140px">
                    <Box fontWeight="semibold">{client.name}</Box>
                    <Box textStyle="note" color="quiet">
                      {client.client ? 'on file' : 'new'}
                    </Box>
                  </Table.Cell>
                  <Table.Cell minW="160px">
                    {client.facts.join(', ') || none}
                    {client.differs.length > 0 && (
                      <Box textStyle="note" color="quiet">
                        otherwise on file: {client.differs.join(', ')}
                      </Box>
                    )}
                  </Table.Cell>
                  <Table.Cell minW="160px">{client.measured.join('; ') || none}</Table.Cell>
                  <Table.Cell minW="160px">{client.lifted.join('; ') || none}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
    </Section>
  )
}

const none = 'none'
