import { Box, Table } from '@chakra-ui/react'
import type { LogReadingView } from '../../api/schema'
import { RefusedRows } from '../../parts/RefusedRows'
import { withYear } from '../../text/dates'
import { Section } from '../../ui/form'

/** What was understood, row by row, and the rows that were not, each with its cell and why. */
export function Understood({ view }: { view: LogReadingView }) {
  return (
    <Section title="What was understood">
      <RefusedRows
        title={`${view.refusedRows} of ${view.rows} rows cannot be read`}
        lines={view.refused.map((row) => row.why)}
        count={view.refusedRows}
      />
      {view.shown.length > 0 && (
        <Box overflowX="auto">
          <Table.Root size="sm">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Row</Table.ColumnHeader>
                <Table.ColumnHeader>Day</Table.ColumnHeader>
                <Table.ColumnHeader>Exercise</Table.ColumnHeader>
                <Table.ColumnHeader>Sets</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {view.shown.map((row) => (
                <Table.Row key={row.row}>
                  <Table.Cell>{row.row}</Table.Cell>
                  <Table.Cell whiteSpace="nowrap">{withYear(row.date)}</Table.Cell>
                  <Table.Cell>{row.exercise}</Table.Cell>
                  <Table.Cell>{row.sets}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
    </Section>
  )
}
