import { Box, chakra, Flex } from '@chakra-ui/react'
import type { DayOrder } from '../../api/schema'
import { Section, SelectField } from '../../ui/form'

const nothing = ''

/** Which column says what, with what stands in it; the coach puts right what was guessed wrong. */
export function Columns<T extends string>({ view, says, onColumn, onSay }: Props<T>) {
  return (
    <Section title="Columns">
      {view.sheets.length > 1 && (
        <Box maxW="340px" mb={4}>
          <SelectField
            label="Sheet"
            value={String(view.sheet)}
            options={view.sheets.map((name, at) => ({ value: String(at), label: name }))}
            onValue={(sheet) => onSay({ sheet: Number(sheet), columns: null })}
          />
        </Box>
      )}
      <Flex gap={4} wrap="wrap">
        {view.columns.map((column) => (
          <Box key={column.at} w={{ base: '100%', sm: '220px' }} borderTop="2px solid" borderColor={column.says ? 'ink' : 'hair'} pt={2}>
            <SelectField
              label={`${column.name}${column.heading ? `, ${column.heading}` : ''}`}
              value={column.says ?? nothing}
              options={[{ value: nothing, label: 'not read' }, ...says]}
              onValue={(said) => onColumn(column.at, said === nothing ? null : (said as T))}
            />
            <Box textStyle="note" color="quiet" mt={1} overflowWrap="anywhere">
              {column.samples.join(' · ') || 'empty'}
            </Box>
          </Box>
        ))}
      </Flex>
      {(view.orderUnclear || view.unitUnclear) && (
        <Flex gap={4} wrap="wrap" mt={5}>
          {view.orderUnclear && (
            <Box w="260px">
              <SelectField
                label="Days could be read both ways"
                value={view.order ?? 'day-first'}
                options={[
                  { value: 'day-first', label: 'the day stands first' },
                  { value: 'month-first', label: 'the month stands first' },
                ]}
                onValue={(order) => onSay({ order: order as DayOrder })}
              />
            </Box>
          )}
          {view.unitUnclear && (
            <Box w="260px">
              <SelectField
                label="Loads without a unit are"
                value={view.pounds ? 'lb' : 'kg'}
                options={[
                  { value: 'kg', label: 'kilograms' },
                  { value: 'lb', label: 'pounds' },
                ]}
                onValue={(unit) => onSay({ pounds: unit === 'lb' })}
              />
            </Box>
          )}
        </Flex>
      )}
      {view.heading > 0 && (
        <chakra.p textStyle="note" color="quiet" mt={4}>
          The headings stand in row {view.heading}.
        </chakra.p>
      )}
    </Section>
  )
}

/** A file as it was understood so far, whatever it holds. */
export interface TableRead<T extends string> {
  sheets: readonly string[]
  sheet: number
  heading: number
  columns: readonly { at: number; name: string; heading: string; samples: readonly string[]; says: T | null }[]
  order?: DayOrder
  orderUnclear: boolean
  pounds: boolean
  unitUnclear: boolean
}

interface Props<T extends string> {
  view: TableRead<T>
  /** What a column can say, in the order in which a coach thinks of it. */
  says: readonly { value: T; label: string }[]
  onColumn: (at: number, says: T | null) => void
  onSay: (part: { sheet?: number; columns?: null; order?: DayOrder; pounds?: boolean }) => void
}
