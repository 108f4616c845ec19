import { Box, chakra, Table } from '@chakra-ui/react'
import type { LogReadingView } from '../../api/schema'
import { withYear } from '../../text/dates'
import { Section } from '../../ui/form'

/** What was understood, row by row, and the rows that were not, each with its cell and why. */
export function Understood({ view }: { view: LogReadingView }) {
  return (
    <Section title="What was understood">
      {view.refusedRows > 0 && (
        <Box mb={5}>
          <chakra.h3 fontWeight="semibold" mb={1}>
            {view.refusedRows} of {view.rows} rows cannot be read
          </chakra.h3>
          <chakra.ul listStyleType="none">
            {view.refused.map((row) => (
              <chakra.li key={row.row} textStyle="note" color="stop" overflowWrap="anywhere">
                {row.why}
              </chakra.li>
            ))}
          </chakra.ul>
          {view.refusedRows > view.refused.length && (
            <Box textStyle="note" color="quiet">
              and {view.refusedRows - view.refused.length} more
            </Box>
          )}
        </Box>
      )}
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
