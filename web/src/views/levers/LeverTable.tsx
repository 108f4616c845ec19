import { Box, chakra } from '@chakra-ui/react'
import { memo, useState } from 'react'
import type { LeverRow } from '../../api/schema'
import { useListKeys } from '../../keys/useKeys'
import { mass, massUnit, plain } from '../../text/numbers'
import { Toggle } from '../../ui/form'
import { Figure } from '../../ui/Figure'

interface Props {
  rows: readonly LeverRow[]
  /** The rows as they are now, while an ankle that gained is tried; null when nothing is tried. */
  before: readonly LeverRow[] | null
  chosen: string
  compared: string | null
  onChoose: (exercise: string) => void
  onCompare: (exercise: string | null) => void
}

interface Column {
  name: string
  unit: string
  of: (row: LeverRow) => number | null
  digits: number
}

const lean = (row: LeverRow) => (row.reply.figure && row.pose.family !== 'thrust' ? row.reply.figure.leanDeg : null)

const columns: readonly Column[] = [
  { name: 'Lean', unit: '°', of: lean, digits: 0 },
  { name: 'Hip', unit: 'N m', of: (row) => row.reply.figure?.hipNm ?? null, digits: 0 },
  { name: 'Knee', unit: 'N m', of: (row) => row.reply.figure?.kneeNm ?? null, digits: 0 },
  { name: 'Hip share', unit: '%', of: (row) => (row.reply.figure ? row.reply.figure.hipShare * 100 : null), digits: 0 },
  { name: 'Low back', unit: 'N m', of: (row) => row.reply.figure?.lowBackNm ?? null, digits: 0 },
  { name: 'Hardest', unit: '°', of: (row) => row.reply.hardestThighDeg, digits: 0 },
  { name: 'Box', unit: 'cm', of: (row) => row.boxCm, digits: 0 },
]

/** The variations of a family for this client, each at its own usual load; any column sorts. */
export const LeverTable = memo(function LeverTable({ rows, before, chosen, compared, onChoose, onCompare }: Props) {
  const onKey = useListKeys('button[data-row]')
  const [sort, setSort] = useState<{ column: number; down: boolean } | null>(null)
  const sorted = [...rows].sort((a, b) => {
    if (!sort) return 0
    const column = columns[sort.column]
    const one = column?.of(a) ?? Number.POSITIVE_INFINITY
    const other = column?.of(b) ?? Number.POSITIVE_INFINITY
    return (sort.down ? -1 : 1) * (one - other) || a.exercise.localeCompare(b.exercise)
  })
  const press = (column: number) => setSort(sort?.column === column ? { column, down: !sort.down } : { column, down: false })
  return (
    <Box position="relative" overflowX="auto">
      <chakra.table w="100%" textStyle="plain" borderCollapse="collapse" onKeyDown={onKey}>
        <chakra.caption srOnly>Variations at each one's own usual load</chakra.caption>
        <thead>
          <chakra.tr bg="plate" borderBottom="1px solid" borderColor="hair">
            <Head>Variation</Head>
            <Head>{massUnit()}</Head>
            {columns.map((column, i) => (
              <chakra.th
                key={column.name}
                scope="col"
                px={1.5}
                py={1.5}
                textAlign="right"
                fontWeight="medium"
                aria-sort={sort?.column === i ? (sort.down ? 'descending' : 'ascending') : undefined}
              >
                <chakra.button type="button" onClick={() => press(i)} minH="chip" minW="chip" whiteSpace="nowrap">
                  {column.name} {sort?.column === i ? (sort.down ? '↓' : '↑') : ''}
                </chakra.button>
              </chakra.th>
            ))}
            <Head>Over</Head>
          </chakra.tr>
        </thead>
        <tbody>
          {sorted.map((row) => (
            <Row
              key={row.exercise}
              row={row}
              opened={Boolean(before?.find((one) => one.exercise === row.exercise && !one.reply.figure) && row.reply.figure)}
              chosen={row.exercise === chosen}
              compared={row.exercise === compared}
              onChoose={() => onChoose(row.exercise)}
              onCompare={() => onCompare(row.exercise === compared ? null : row.exercise)}
            />
          ))}
        </tbody>
      </chakra.table>
    </Box>
  )
})

const Head = ({ children }: { children: string }) => (
  <chakra.th scope="col" px={2} py={1.5} textAlign="left" fontWeight="medium">
    {children}
  </chakra.th>
)

interface RowProps {
  row: LeverRow
  opened: boolean
  chosen: boolean
  compared: boolean
  onChoose: () => void
  onCompare: () => void
}

function Row({ row, opened, chosen, compared, onChoose, onCompare }: RowProps) {
  return (
    <chakra.tr borderBottom="1px solid" borderColor="hair" bg={chosen ? 'lifted' : undefined}>
      <chakra.th scope="row" px={2} py={1.5} textAlign="left" fontWeight="medium" minW="170px">
        <chakra.button
          type="button"
          data-row={row.exercise}
          aria-pressed={chosen}
          onClick={onChoose}
          display="flex"
          gap={3}
          alignItems="center"
          textAlign="left"
        >
          <Box w="52px" h="52px" bg="panel" flexShrink={0} aria-hidden>
            {row.reply.figure && <Figure figure={row.reply.figure} pose={row.pose} label="" detail="thumb" />}
          </Box>
          <Box>
            <Box fontWeight={chosen ? 'bold' : 'medium'}>{row.name}</Box>
            <Box textStyle="fine" color="quiet" fontWeight="normal">
              {opened ? 'Opens up with that ankle.' : row.reply.figure ? '' : row.reply.meaning}
            </Box>
          </Box>
        </chakra.button>
      </chakra.th>
      <Cell>{row.loadKg > 0 ? mass(row.loadKg, 0) : 'none'}</Cell>
      {row.reply.figure ? (
        columns.map((column) => {
          const value = column.of(row)
          return <Cell key={column.name}>{value === null ? '' : `${plain(value, column.digits)}${column.unit === '°' ? '°' : ''}`}</Cell>
        })
      ) : (
        <chakra.td colSpan={columns.length} px={2} color="quiet" textAlign="center">
          out of reach
        </chakra.td>
      )}
      <chakra.td px={2} textAlign="center">
        <Toggle on={compared} size="xs" onClick={onCompare} aria-label={`Lay ${row.name} over`}>
          Over
        </Toggle>
      </chakra.td>
    </chakra.tr>
  )
}

const Cell = ({ children }: { children: string }) => (
  <chakra.td px={1.5} textAlign="right" fontStretch="75%" textStyle="lead" fontWeight="medium" whiteSpace="nowrap">
    {children}
  </chakra.td>
)
