import { Box, chakra } from '@chakra-ui/react'
import { memo } from 'react'
import type { BlockView } from '../../api/schema'
import { words } from '../../text/codes'
import { mass, massUnit, plain } from '../../text/numbers'
import { Band, bandInWords } from '../../ui/Band'
import { Numeral } from '../../ui/Numeral'

const Row = chakra('tr')
const Head = chakra('th', {
  base: {
    textAlign: 'left',
    fontWeight: 400,
    px: 2.5,
    py: 0.5,
    position: 'sticky',
    left: 0,
    bg: 'ground',
    zIndex: 1,
    whiteSpace: 'nowrap',
    fontSize: '14px',
  },
})
const Cell = chakra('td', { base: { px: 2.5, py: 0.5, borderLeft: '1px solid', borderColor: 'hair' } })

/** Hard sets of each muscle under its weeks, over the band that is wanted; below them what the weeks cost. */
export const LedgerRows = memo(function LedgerRows({ sets, totals: weeks }: { sets: BlockView['sets']; totals: BlockView['totals'] }) {
  const most = Math.max(1, ...sets.flatMap((row) => row.weeks.map((week) => Math.max(week.sets, week.high))))
  const rows = sets.filter((row) => row.weeks.some((week) => week.low > 0 || week.sets >= 2))
  return (
    <>
      <tbody data-ledger>
        <Row bg="plate">
          <Head scope="rowgroup" bg="plate" fontWeight="650" py={1}>
            Hard sets a week
          </Head>
          {weeks.map((week) => (
            <Cell key={week.week} bg="plate" fontSize="13px" color="quiet">
              bar: sets, box: target
            </Cell>
          ))}
        </Row>
        {rows.map((row) => (
          <MuscleRow key={row.muscle} row={row} most={most} />
        ))}
      </tbody>
      <tbody>
        {totals.map((total) => (
          <Row key={total.name} borderTop="1px solid" borderColor="hair">
            <Head scope="row">{total.name}</Head>
            {weeks.map((week) => (
              <Cell key={week.week} textAlign="right">
                <Numeral value={total.of(week)} size="14px" fontWeight="500" />
              </Cell>
            ))}
          </Row>
        ))}
      </tbody>
    </>
  )
})

const MuscleRow = memo(function MuscleRow({ row, most }: { row: BlockView['sets'][number]; most: number }) {
  return (
    <Row>
      <Head scope="row">
        {words(row.muscle ?? '')}
        <Box as="span" color="quiet" fontSize="13px" ml={1}>
          {target(row.weeks[0])}
        </Box>
      </Head>
      {row.weeks.map((week) => (
        <Cell key={week.week} title={`${plain(week.direct, 1)} counted by prime movers alone; ${week.sessions} sessions`}>
          <Box display="grid" gridTemplateColumns="1fr 34px" alignItems="center" gap={2}>
            <Band sets={week.sets} low={week.low} high={week.high} most={most} />
            <Numeral
              value={plain(week.sets, 1)}
              size="14px"
              fontWeight={week.sets > week.high || week.sets < week.low ? '750' : '500'}
              aria-hidden
            />
          </Box>
          <chakra.span srOnly>{bandInWords(week.sets, week.low, week.high)}</chakra.span>
        </Cell>
      ))}
    </Row>
  )
})

type Total = BlockView['totals'][number]

const totals: readonly { name: string; of: (week: Total) => string }[] = [
  { name: 'Minutes', of: (week) => plain(week.minutes, 0) },
  { name: 'Tonnage', of: (week) => `${mass(week.tonnage, 0)} ${massUnit()}` },
  { name: 'Mean percent', of: (week) => (week.meanPercent === null ? 'by effort' : `${plain(week.meanPercent, 0)} %`) },
  { name: 'Load on the spine', of: (week) => plain(week.axial, 0) },
  { name: 'Soreness', of: (week) => plain(week.soreness, 0) },
]

const target = (week: BlockView['sets'][number]['weeks'][number] | undefined) =>
  week ? (week.low > 0 ? `${plain(week.low, 0)}–${plain(week.high, 0)}` : `to ${plain(week.high, 0)}`) : ''
