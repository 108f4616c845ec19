import { memo } from 'react'
import type { WeekPart } from '../../api/schema'
import { weekKinds } from '../../text/codes'
import { shortDate } from '../../text/dates'

/** The weeks across: number, kind where it is no load week, and the date that it begins on. */
export const WeekHeads = memo(function WeekHeads({ weeks }: { weeks: readonly WeekPart[] }) {
  return (
    <thead>
      <tr className="grid-plate">
        <th scope="col">Lift</th>
        {weeks.map((week) => (
          <th key={week.number} scope="col">
            <div className="grid-pair">
              <span>
                {week.kind === 'load' ? 'Week ' : ''}
                {week.number}
              </span>
              <span className="grid-aside">
                {week.kind === 'load' ? '' : `${weekKinds[week.kind].toLowerCase()} `}
                {week.sessions[0] ? shortDate(week.sessions[0].date) : ''}
              </span>
            </div>
          </th>
        ))}
      </tr>
    </thead>
  )
})
