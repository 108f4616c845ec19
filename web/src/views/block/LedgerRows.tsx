import { memo } from 'react'
import type { BlockView } from '../../api/schema'
import { words } from '../../text/codes'
import { mass, massUnit, plain } from '../../text/numbers'
import { Band, bandInWords } from '../../ui/Band'
import { Numeral } from '../../ui/Numeral'

/** Hard sets of each muscle under its weeks, over the band that is wanted; below them what the weeks cost. */
export const LedgerRows = memo(function LedgerRows({ sets, totals: weeks }: { sets: BlockView['sets']; totals: BlockView['totals'] }) {
  const most = Math.max(1, ...sets.flatMap((row) => row.weeks.map((week) => Math.max(week.sets, week.high))))
  const rows = sets.filter((row) => row.weeks.some((week) => week.low > 0 || week.sets >= 2))
  return (
    <>
      <tbody data-ledger className="grid-ledger">
        <tr className="grid-plate">
          <th scope="rowgroup">Hard sets a week</th>
          {weeks.map((week) => (
            <td key={week.week} className="grid-aside">
              bar: sets, box: target
            </td>
          ))}
        </tr>
        {rows.map((row) => (
          <MuscleRow key={row.muscle} row={row} most={most} />
        ))}
      </tbody>
      <tbody>
        {totals.map((total) => (
          <tr key={total.name}>
            <th scope="row" className="grid-muscle">
              {total.name}
            </th>
            {weeks.map((week) => (
              <td key={week.week} className="grid-total">
                <Numeral value={total.of(week)} size="note" weight={500} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </>
  )
})

const MuscleRow = memo(function MuscleRow({ row, most }: { row: BlockView['sets'][number]; most: number }) {
  return (
    <tr>
      <th scope="row" className="grid-muscle">
        {words(row.muscle ?? '')}
        <span className="grid-aside">{target(row.weeks[0])}</span>
      </th>
      {row.weeks.map((week) => (
        <td key={week.week} title={`${plain(week.direct, 1)} counted by prime movers alone; ${week.sessions} sessions`}>
          <div className="grid-count">
            <Band sets={week.sets} low={week.low} high={week.high} most={most} />
            <Numeral value={plain(week.sets, 1)} size="note" weight={week.sets > week.high || week.sets < week.low ? 750 : 500} hidden />
          </div>
          <span className="spoken">{bandInWords(week.sets, week.low, week.high)}</span>
        </td>
      ))}
    </tr>
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
